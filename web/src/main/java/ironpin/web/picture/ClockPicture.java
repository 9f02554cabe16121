package ironpin.web.picture;

import ironpin.clock.Task;
import ironpin.clock.Timetable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lanes for the hands, for what rests and for each vessel, with the line of now. */
public final class ClockPicture {
    private static final double WIDTH = 900;
    private static final double LEFT = 92;
    private static final double LANE = 34;

    private final Timetable table;
    private final LocalDateTime from;
    private final double perMinute;

    private ClockPicture(Timetable table) {
        this.table = table;
        this.from = table.latestStart().truncatedTo(ChronoUnit.HOURS);
        double minutes = Math.max(60, Duration.between(from, table.serving()).toMinutes() + 10);
        this.perMinute = (WIDTH - LEFT) / minutes;
    }

    /**
     * The day of a plan.
     *
     * @param now kitchen time; its line is drawn only if it falls on the day
     */
    public static String of(Timetable table, LocalDateTime now) {
        return new ClockPicture(table).draw(now);
    }

    private String draw(LocalDateTime now) {
        List<List<Timetable.Slot>> lanes = lanes();
        double height = 30 + lanes.size() * LANE + 30;
        Svg svg = Svg.picture(
                "clock-picture",
                WIDTH,
                height,
                "From " + Say.clock(table.latestStart()) + " to " + Say.clock(table.serving())
                        + "; every step is listed below.");
        hours(svg, height);
        for (int i = 0; i < lanes.size(); i++) {
            lane(svg, lanes.get(i), 30 + i * LANE);
        }
        if (now.isAfter(from) && now.isBefore(table.serving())) {
            double x = x(now);
            svg.add("path", "d", "M" + Svg.number(x) + " 20 V" + Svg.number(height - 22), "class", "line-now");
            svg.text("now", "x", x, "y", 14, "text-anchor", "middle", "class", "stop-text");
        }
        return svg.done();
    }

    private List<List<Timetable.Slot>> lanes() {
        List<Timetable.Slot> hands = new ArrayList<>();
        List<List<Timetable.Slot>> waiting = new ArrayList<>();
        for (Timetable.Slot slot : table.slots()) {
            if (slot.task().busy()) {
                hands.add(slot);
            } else {
                firstFree(waiting, slot).add(slot);
            }
        }
        List<List<Timetable.Slot>> lanes = new ArrayList<>();
        lanes.add(hands);
        lanes.addAll(waiting);
        return lanes;
    }

    private static List<Timetable.Slot> firstFree(List<List<Timetable.Slot>> lanes, Timetable.Slot slot) {
        Optional<List<Timetable.Slot>> free = lanes.stream()
                .filter(lane -> !lane.get(lane.size() - 1).end().isAfter(slot.start()))
                .findFirst();
        return free.orElseGet(() -> {
            List<Timetable.Slot> lane = new ArrayList<>();
            lanes.add(lane);
            return lane;
        });
    }

    private void lane(Svg svg, List<Timetable.Slot> slots, double top) {
        boolean hands = !slots.isEmpty() && slots.get(0).task().busy();
        svg.text(
                hands ? "hands" : "by itself", "x", LEFT - 10, "y", top + 20, "text-anchor", "end", "class", "measure");
        for (Timetable.Slot slot : slots) {
            double x = x(slot.start());
            double width = Math.max(2, x(slot.end()) - x - 1);
            Task task = slot.task();
            svg.open("g")
                    .title(Say.clock(slot.start()) + " " + task.title())
                    .add(
                            "rect",
                            "x",
                            x,
                            "y",
                            top + 4,
                            "width",
                            width,
                            "height",
                            LANE - 10,
                            "rx",
                            3,
                            "class",
                            tone(task));
            String word = word(task);
            if (width > word.length() * 6.6 + 8) {
                svg.text(word, "x", x + 5, "y", top + 20, "class", "on-slot");
            }
            svg.close("g");
        }
    }

    private void hours(Svg svg, double height) {
        double minutes = (WIDTH - LEFT) / perMinute;
        int step = minutes > 480 ? 60 : 30;
        for (int minute = 0; minute <= minutes; minute += step) {
            double x = LEFT + minute * perMinute;
            svg.add("path", "d", "M" + Svg.number(x) + " 26 V" + Svg.number(height - 24), "class", "line-hair");
            svg.text(
                    Say.clock(from.plusMinutes(minute)),
                    "x",
                    x,
                    "y",
                    height - 6,
                    "text-anchor",
                    "middle",
                    "class",
                    "tick");
        }
    }

    private double x(LocalDateTime time) {
        return LEFT + Duration.between(from, time).toSeconds() / 60.0 * perMinute;
    }

    private static String tone(Task task) {
        return switch (task.station()) {
            case DOUGH -> task.busy() ? "slot-dough" : "slot-rest";
            case FILLING -> "slot-filling";
            case PORTION, ROLL, FOLD -> "slot-shape";
            case COOK -> "slot-cook";
            case TABLE, CLOCK, BOOK -> "slot-table";
        };
    }

    private static String word(Task task) {
        return switch (task.station()) {
            case DOUGH -> task.busy() ? "dough" : "rest";
            case FILLING -> "filling";
            case PORTION, ROLL, FOLD -> "roll, fill, fold";
            case COOK -> task.spells().isEmpty() ? "heat" : "round";
            case TABLE, CLOCK, BOOK -> task.key().endsWith("dip") ? "dip" : "serve";
        };
    }
}
