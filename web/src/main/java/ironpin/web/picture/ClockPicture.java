package ironpin.web.picture;

import ironpin.batch.Batch;
import ironpin.clock.DayPlan;
import ironpin.clock.Gap;
import ironpin.clock.Means;
import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Timetable;
import ironpin.clock.Wait;
import ironpin.clock.Work;
import ironpin.crew.Held;
import ironpin.crew.Person;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Lanes for each person, each vessel, what gets on by itself and the fridge, on one line of time with the line of now. */
public final class ClockPicture {
    private static final double WIDTH = 900;
    private static final double LEFT = 150;
    private static final double TOP = 24;
    private static final double LANE = 21;
    private static final double LETTER = 6.4;
    private static final int LONGEST_NAME = 20;

    /** A day that was begun the day before is drawn from here: what is before stands at the edge. */
    private static final Duration LONGEST = Duration.ofHours(9);

    /** What its colours mean: the class of a bar, and words for it. */
    public static final Map<String, String> LEGEND = legend();

    private final Batch batch;
    private final DayPlan day;
    private final Timetable table;
    private final ZonedDateTime from;
    private final ZonedDateTime until;
    private final double perMinute;
    private final Set<String> held;
    private final Set<String> done;

    private ClockPicture(BatchPlan plan, Timetable table, Set<String> done) {
        this.batch = plan.batch();
        this.day = plan.day();
        this.table = table;
        this.done = done;
        this.held = plan.day().held().stream().map(Held::task).collect(Collectors.toSet());
        // What the freezer's pieces still want hours later is listed with the steps; it would make the meal a sliver
        // here.
        this.until = table.lastPlates();
        ZonedDateTime start = table.latestStart();
        ZonedDateTime earliest = until.minus(LONGEST);
        ZonedDateTime first = start.isBefore(earliest) ? earliest : start;
        this.from = first.minusMinutes(first.getMinute() % 15).withSecond(0);
        double minutes = Math.max(60, Duration.between(from, until).toMinutes() + 4);
        this.perMinute = (WIDTH - LEFT) / minutes;
    }

    /**
     * The day of a plan.
     *
     * @param done keys of what is done
     * @param now kitchen time; its line is drawn only if it falls on the day
     */
    public static Sentence of(BatchPlan plan, Timetable table, Set<String> done, ZonedDateTime now) {
        return new ClockPicture(plan, table, done).draw(now);
    }

    private record Lane(String name, List<Bar> bars) {}

    /**
     * Something on a lane.
     *
     * @param task whose it is; absent for a wait in the fridge
     */
    private record Bar(
            ZonedDateTime start,
            ZonedDateTime end,
            String word,
            String tone,
            String title,
            Optional<Timetable.Slot> task) {}

    private Sentence draw(ZonedDateTime now) {
        List<Lane> lanes = lanes();
        double height = TOP + lanes.size() * LANE + 22;
        Svg svg = Svg.picture(
                "clock-picture max-md:min-w-340",
                WIDTH,
                height,
                Sentence.of("From " + TimeOfDay.of(table.latestStart()) + " to " + TimeOfDay.of(until)
                        + "; every step is listed below."));
        hours(svg, height);
        for (int i = 0; i < lanes.size(); i++) {
            lane(svg, lanes.get(i), TOP + i * LANE);
        }
        double served = x(day.serving());
        svg.add(
                "path",
                "d",
                "M" + Svg.number(served) + " 16 V" + Svg.number(height - 20),
                "class",
                "stroke-ink stroke-[1.2] [stroke-dasharray:3_3]");
        svg.text("table", "x", Math.min(served, WIDTH - 18), "y", 12, "text-anchor", "middle", "class", "measure");
        if (now.isAfter(from) && now.isBefore(until)) {
            double x = x(now);
            svg.add(
                    "path",
                    "d",
                    "M" + Svg.number(x) + " 16 V" + Svg.number(height - 20),
                    "class",
                    "stroke-stop stroke-2");
            svg.text("now", "x", x, "y", 12, "text-anchor", "middle", "class", "fill-stop font-semibold");
        }
        return svg.done();
    }

    private List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        List<Person> people = day.crew().people();
        for (int i = 0; i < people.size(); i++) {
            int who = i;
            List<Bar> bars = new ArrayList<>();
            for (Timetable.Slot slot : table.slots()) {
                if (slot.people().contains(who)) {
                    hands(slot, bars);
                }
            }
            lanes.add(new Lane(people.get(i).name(), bars));
        }
        Map<Means, List<Bar>> vessels = new LinkedHashMap<>();
        List<List<Bar>> alone = new ArrayList<>();
        for (Timetable.Slot slot : table.slots()) {
            boolean vessel = false;
            for (Means means : slot.task().means()) {
                if (means instanceof Means.ForFilling) {
                    continue;
                }
                vessel = true;
                vessels.computeIfAbsent(means, key -> new ArrayList<>())
                        .add(bar(slot, slot.task().spells().isEmpty() ? "heat" : round(slot), "fill-water"));
            }
            if (!vessel && !slot.task().busy() && !slot.task().waits()) {
                // A part of a filling on the fire: any pan of the kitchen, with nobody at it.
                Bar bar = bar(slot, "heat", "fill-water");
                row(alone, bar).add(bar);
            }
            if (slot.task().waits()) {
                Bar bar = bar(slot, slot.task().of() instanceof TaskKey.OfDough ? "rest" : "set", "fill-flour-strand");
                row(alone, bar).add(bar);
            }
        }
        vessels.forEach((means, bars) -> lanes.add(new Lane(name(means), bars)));
        for (int i = 0; i < alone.size(); i++) {
            lanes.add(new Lane(i == 0 ? "by itself" : "", alone.get(i)));
        }
        List<List<Bar>> away = new ArrayList<>();
        table.putAway().stream()
                .map(this::away)
                .sorted((a, b) -> a.start.compareTo(b.start))
                .forEach(bar -> row(away, bar).add(bar));
        // More than a few waits side by side say no more than that the fridge is full.
        for (int i = 0; i < Math.min(2, away.size()); i++) {
            lanes.add(new Lane(i == 0 ? "put away" : "", away.get(i)));
        }
        return lanes;
    }

    private Bar away(Wait wait) {
        Timetable.Slot first = table.slot(wait.from().text());
        Timetable.Slot then = table.slot(wait.to().text());
        String word =
                switch (wait.kind()) {
                    case DOUGH_RESTS -> "dough";
                    case FILLING_IS_OUT, GREENS_WEEP -> "filling";
                    case PIECES_WAIT -> "tray";
                    case PLATES_COOL, TABLE_WAITS -> "plates";
                };
        ZonedDateTime start = wait.fromEnd() ? first.end() : first.start();
        ZonedDateTime end = wait.toEnd() ? then.end() : then.start();
        String where = wait.kind() == Gap.Kind.PLATES_COOL ? "kept warm" : "in the fridge";
        return new Bar(
                start,
                end,
                word,
                "fill-water/60",
                word + " " + where + " until " + TimeOfDay.of(end),
                Optional.empty());
    }

    private static List<Bar> row(List<List<Bar>> rows, Bar bar) {
        for (List<Bar> row : rows) {
            if (!row.get(row.size() - 1).end.isAfter(bar.start)) {
                return row;
            }
        }
        List<Bar> row = new ArrayList<>();
        rows.add(row);
        return row;
    }

    private void hands(Timetable.Slot slot, List<Bar> bars) {
        if (slot.task().work() instanceof Work.Touched touched) {
            for (Work.Touch touch : touched.touches()) {
                ZonedDateTime start = slot.start().plus(touch.after());
                bars.add(new Bar(
                        start,
                        start.plus(touch.time()),
                        round(slot),
                        "fill-water",
                        TimeOfDay.of(start) + " " + slot.task().title(),
                        Optional.of(slot)));
            }
        } else {
            bars.add(bar(slot, word(slot.task()), tone(slot.task())));
        }
    }

    private static Bar bar(Timetable.Slot slot, String word, String tone) {
        String title = TimeOfDay.of(slot.start()) + "–" + TimeOfDay.of(slot.end()) + " "
                + slot.task().title();
        return new Bar(slot.start(), slot.end(), word, tone, title, Optional.of(slot));
    }

    private static Map<String, String> legend() {
        Map<String, String> legend = new LinkedHashMap<>();
        legend.put("fill-dough-warm", "dough");
        legend.put("fill-meat/55 dark:fill-meat/80", "filling");
        legend.put("fill-dough-brown", "cut, roll, fold");
        legend.put("fill-water", "at the fire");
        legend.put("fill-hair", "dips and plates");
        legend.put("fill-flour-strand", "by itself");
        legend.put("fill-water/60", "in the fridge or kept warm");
        legend.put("fill-none stroke-ink stroke-[1.6]", "no minute to spare");
        return Collections.unmodifiableMap(legend);
    }

    private String name(Means means) {
        if (!(means instanceof Means.OfVessel vessel)) {
            return "machine";
        }
        String name = vessel.kind().word() + ", "
                + Name.within(batch.lot(vessel.lot()).name());
        return Say.shortened(name, LONGEST_NAME);
    }

    private static String round(Timetable.Slot slot) {
        return slot.task().of() instanceof TaskKey.Cooked round ? "round " + round.round() : "cook";
    }

    private void lane(Svg svg, Lane lane, double top) {
        svg.text(lane.name, "x", LEFT - 8, "y", top + 14.5, "text-anchor", "end", "class", "measure");
        // A touch lies over the work it interrupts.
        List<Bar> order = new ArrayList<>(lane.bars);
        order.sort((a, b) -> Boolean.compare(touch(a), touch(b)));
        for (Bar bar : order) {
            if (bar.end.isAfter(from) && bar.start.isBefore(until)) {
                draw(svg, bar, top);
            }
        }
    }

    private static boolean touch(Bar bar) {
        return bar.task
                .filter(slot -> slot.task().work() instanceof Work.Touched)
                .isPresent();
    }

    private void draw(Svg svg, Bar bar, double top) {
        double x = Math.max(LEFT, x(bar.start));
        double width = Math.max(2, Math.min(WIDTH, x(bar.end)) - x - 1);
        List<Object> group = new ArrayList<>(List.of("class", "slot"));
        bar.task.ifPresent(slot -> group.addAll(List.of("data-task", slot.task().key())));
        svg.open("g", group.toArray()).title(bar.title);
        String state = bar.task
                .map(slot -> (slot.critical() ? " stroke-ink stroke-[1.6]" : "")
                        + (held.contains(slot.task().key())
                                ? " put stroke-ink stroke-[1.6] [stroke-dasharray:4_2]"
                                : "")
                        + (done.contains(slot.task().key()) ? " opacity-45" : ""))
                .orElse("");
        svg.add("rect", "x", x, "y", top + 3, "width", width, "height", LANE - 5, "rx", 3, "class", bar.tone + state);
        String word = done.contains(bar.task.map(slot -> slot.task().key()).orElse("")) ? "✓ " + bar.word : bar.word;
        if (width > word.length() * LETTER + 6) {
            svg.text(word, "x", x + 4, "y", top + 14.5, "class", "text-[12px] fill-on-tone dark:fill-ink");
        }
        if (state.contains("put")) {
            svg.add("circle", "cx", x + 5, "cy", top + 3, "r", 3.5, "class", "fill-stop");
        }
        svg.close("g");
    }

    private void hours(Svg svg, double height) {
        double minutes = (WIDTH - LEFT) / perMinute;
        int step = minutes > 480 ? 60 : 30;
        for (int minute = 0; minute <= minutes; minute += step) {
            double x = LEFT + minute * perMinute;
            svg.add("path", "d", "M" + Svg.number(x) + " 20 V" + Svg.number(height - 20), "class", "stroke-hair");
            svg.text(
                    TimeOfDay.of(from.plusMinutes(minute)),
                    "x",
                    x,
                    "y",
                    height - 5,
                    "text-anchor",
                    minute == 0 ? "start" : "middle",
                    "class",
                    "scale-tick");
        }
    }

    private double x(ZonedDateTime time) {
        return LEFT + Duration.between(from, time).toSeconds() / 60.0 * perMinute;
    }

    /** Minutes that a user unit of the picture stands for, for what is dragged. */
    public static double minutesPerUnit(BatchPlan plan, Timetable table) {
        return 1 / new ClockPicture(plan, table, Set.of()).perMinute;
    }

    private static String tone(Task task) {
        return switch (task.station()) {
            case DOUGH -> "fill-dough-warm";
            case FILLING -> "fill-meat/55 dark:fill-meat/80";
            case PORTION, ROLL, FOLD -> "fill-dough-brown";
            case COOK -> "fill-water";
            case TABLE, CLOCK, BOOK -> "fill-hair";
        };
    }

    private static String word(Task task) {
        TaskKey of = task.of();
        if (of instanceof TaskKey.Shaped tray) {
            return "tray " + tray.tray();
        }
        if (of instanceof TaskKey.OfDough dough) {
            return dough.step() == TaskKey.OfDough.Step.MIX ? "mix" : "knead";
        }
        if (of instanceof TaskKey.OfFilling) {
            return "filling";
        }
        if (of instanceof TaskKey.AtTable table) {
            return table.step() == TaskKey.AtTable.Step.DIP ? "dip" : "plates";
        }
        return "cook";
    }
}
