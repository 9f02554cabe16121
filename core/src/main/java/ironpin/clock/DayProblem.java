package ironpin.clock;

import ironpin.batch.Filling;
import ironpin.crew.Crew;
import ironpin.crew.Held;
import ironpin.crew.Person;
import ironpin.filling.MadeHot;
import ironpin.schedule.Hold;
import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import ironpin.schedule.Room;
import ironpin.schedule.Touch;
import ironpin.schedule.Worker;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/** A day in the scheduler's terms: a job for each task, in their order, and after the other lags one for each wait, in theirs. */
final class DayProblem {
    private static final int FRIDGE = 0;
    private static final int BURNERS = 1;
    private static final int OVEN = 2;
    private static final int MACHINE = 3;
    private static final int WARM = 4;
    private static final int VESSELS = 5;

    /** Key of the lag of what begins by itself: no wait of the kitchen's. */
    static final String AT_ONCE = "at once";

    /** It weighs more than any wait: a plan that breaks it is not what happens. */
    private static final int BY_ITSELF = 12;

    /** Kept warm: an oven at its lowest, a lid and a cloth; there is always room. */
    private static final int ROOM_FOR_WARM = 100;

    /** Somebody who comes or goes does so on the day: at most this long after the table. */
    private static final Duration AFTER_TABLE = Duration.ofHours(6);

    private final DayPlan day;
    private final Manning manning;
    private final Map<TaskKey, Integer> number = new HashMap<>();

    DayProblem(DayPlan day) {
        this.day = day;
        this.manning = new Manning(day.crew().people());
        for (Task task : day.tasks()) {
            number.put(task.of(), number.size());
        }
    }

    Problem problem() {
        List<Job> jobs = new ArrayList<>();
        Map<String, Held> held = day.held().stream().collect(Collectors.toMap(Held::task, one -> one, (a, b) -> a));
        for (Task task : day.tasks()) {
            Job job = job(task);
            Held put = held.get(task.key());
            jobs.add(
                    put == null
                            ? job
                            : job.at(Layout.tick(
                                    day, put.at().atZone(day.serving().getZone()))));
        }
        return new Problem(jobs, lags(), holds(), rooms(), workers(), number.get(DayPlan.SERVED), 0);
    }

    private Job job(Task task) {
        int time = Layout.ticks(task.time());
        Work work = task.work();
        if (work instanceof Work.Throughout whole) {
            return Job.manned(task.key(), trade(task), whole.yields(), manning.modes(whole.craft(), task.time()));
        }
        if (work instanceof Work.Touched touched) {
            List<Touch> touches = new ArrayList<>();
            int free = 0;
            for (Work.Touch touch : touched.touches()) {
                int offset = Math.max(free, (int) (touch.after().toMillis() / Layout.TICK.toMillis()));
                int length = Math.min(Layout.ticks(touch.time()), time - offset);
                if (length > 0) {
                    touches.add(new Touch(offset, length));
                    free = offset + length;
                }
            }
            return Job.touched(task.key(), trade(task), time, manning.able(touched.craft()), touches);
        }
        return Job.alone(task.key(), time);
    }

    /** What counts as going on with the same: the same craft on the same dough, filling or lot. */
    private static String trade(Task task) {
        TaskKey of = task.of();
        if (of instanceof TaskKey.OfDough dough) {
            return "dough " + dough.no();
        }
        if (of instanceof TaskKey.OfFilling filling) {
            return "filling " + filling.no();
        }
        if (of instanceof TaskKey.Shaped tray) {
            return "shaping " + tray.lot();
        }
        return of instanceof TaskKey.Cooked round ? "cooking " + round.lot() : "table";
    }

    private List<Lag> lags() {
        List<Lag> lags = new ArrayList<>();
        for (Task task : day.tasks()) {
            for (TaskKey before : task.prior()) {
                lags.add(Lag.after("", number.get(before), number.get(task.of())));
            }
            if (task.beginsByItself() && task.prior().size() == 1) {
                lags.add(atOnce(number.get(task.prior().get(0)), number.get(task.of())));
            }
        }
        trays().forEach((lot, trays) -> {
            for (int i = 1; i < trays.size(); i++) {
                lags.add(new Lag(
                        "",
                        Moment.start(trays.get(i - 1)),
                        Moment.start(trays.get(i)),
                        0,
                        OptionalInt.empty(),
                        Optional.empty(),
                        1));
            }
        });
        day.waits().forEach(wait -> lags.add(lag(wait)));
        return lags;
    }

    /** Nobody has to begin it, so it cannot be put off; as in the kitchen, so in the plan. */
    private static Lag atOnce(int before, int then) {
        return new Lag(
                AT_ONCE, Moment.end(before), Moment.start(then), 0, OptionalInt.of(0), Optional.empty(), BY_ITSELF);
    }

    /** The trays of each lot, which are filled in their order. */
    private Map<Integer, List<Integer>> trays() {
        Map<Integer, List<Integer>> trays = new LinkedHashMap<>();
        for (Task task : day.tasks()) {
            if (task.of() instanceof TaskKey.Shaped tray) {
                trays.computeIfAbsent(tray.lot(), lot -> new ArrayList<>()).add(number.get(tray));
            }
        }
        return trays;
    }

    private Lag lag(Wait wait) {
        Moment from = moment(wait.from(), wait.fromEnd());
        Moment to = moment(wait.to(), wait.toEnd());
        int most = Math.max(0, (int) (wait.most().minus(wait.before()).toMillis() / Layout.TICK.toMillis()));
        if (wait.kind() == Gap.Kind.TABLE_WAITS) {
            most = Math.max(most, roundsAfterTheFirst());
        }
        OptionalInt limit = OptionalInt.of(most);
        Lag lag = new Lag(
                wait.kind().name(),
                from,
                to,
                wait.either() ? Lag.EITHER : 0,
                limit,
                Optional.empty(),
                weight(wait.kind()));
        return switch (wait.longer()) {
            case NOWHERE -> lag;
            case FRIDGE -> lag.sheltered(new Lag.Shelter(FRIDGE, 1, OptionalInt.empty()));
            case KEPT_WARM -> {
                int warm = Layout.ticks(day.crew().plates().warm());
                yield lag.sheltered(new Lag.Shelter(WARM, 1, OptionalInt.of(Math.max(limit.getAsInt(), warm))));
            }
        };
    }

    /** What may make somebody ill weighs most, then what spoils pieces, then what spoils a supper. */
    private static int weight(Gap.Kind kind) {
        return switch (kind) {
            case FILLING_IS_OUT -> 8;
            case PIECES_WAIT -> 6;
            case GREENS_WEEP, DOUGH_RESTS -> 4;
            case PLATES_COOL -> 3;
            case TABLE_WAITS -> 1;
        };
    }

    /** However short a table wants to wait: the rounds of one vessel come one after another. */
    private int roundsAfterTheFirst() {
        Map<Integer, Integer> all = new HashMap<>();
        int plates = 0;
        for (Task task : day.tasks()) {
            if (task.of() instanceof TaskKey.Cooked round && round.round() > 1) {
                all.merge(round.lot(), Layout.ticks(task.time()), Integer::sum);
            }
            plates = task.of().equals(DayPlan.LAST) ? Layout.ticks(task.time()) : plates;
        }
        return plates + all.values().stream().max(Integer::compareTo).orElse(0);
    }

    private Moment moment(TaskKey key, boolean end) {
        return end ? Moment.end(number.get(key)) : Moment.start(number.get(key));
    }

    private List<Hold> holds() {
        List<Hold> holds = new ArrayList<>();
        Map<Means, List<Integer>> uses = new LinkedHashMap<>();
        for (Task task : day.tasks()) {
            for (Means means : task.means()) {
                uses.computeIfAbsent(means, key -> new ArrayList<>()).add(number.get(task.of()));
            }
        }
        uses.forEach((means, tasks) -> {
            if (means instanceof Means.OfVessel vessel) {
                Moment from = Moment.start(tasks.get(0));
                Moment to = Moment.end(tasks.get(tasks.size() - 1));
                holds.add(new Hold(VESSELS + vessel.kind().ordinal(), 1, from, to));
                holds.add(new Hold(vessel.kind().inOven() ? OVEN : BURNERS, 1, from, to));
            } else if (means instanceof Means.ForFilling hot) {
                tasks.forEach(task -> rooms(hot.where()).forEach(room -> holds.add(Hold.during(room, 1, task))));
            } else {
                tasks.forEach(task -> holds.add(Hold.during(MACHINE, 1, task)));
            }
        });
        return holds;
    }

    private static List<Integer> rooms(MadeHot.Where where) {
        return Filling.vessel(where)
                .map(kind -> List.of(VESSELS + kind.ordinal(), BURNERS))
                .orElse(List.of(OVEN));
    }

    private List<Room> rooms() {
        Crew crew = day.crew();
        List<Room> rooms = new ArrayList<>(List.of(
                new Room("fridge", crew.trays()),
                new Room("burners", crew.burners()),
                new Room("oven", 1),
                new Room("machine", 1),
                new Room("warm", ROOM_FOR_WARM)));
        crew.vessels().forEach((kind, count) -> rooms.add(new Room(kind.label(), count)));
        return rooms;
    }

    private List<Worker> workers() {
        List<Worker> workers = new ArrayList<>();
        for (Person person : day.crew().people()) {
            int from = person.comes().map(this::tick).orElse(Job.ANY_TIME);
            int until = person.goes().map(this::tick).orElse(-Job.ANY_TIME);
            if (until <= from) {
                until += Layout.ticks(Duration.ofDays(1));
            }
            workers.add(new Worker(person.name(), from, until));
        }
        return workers;
    }

    /** The time of day nearest to the table that is not long after it. */
    private int tick(LocalTime time) {
        ZonedDateTime at = day.serving()
                .toLocalDate()
                .plusDays(1)
                .atTime(time)
                .atZone(day.serving().getZone());
        while (at.isAfter(day.serving().plus(AFTER_TABLE))) {
            at = at.minusDays(1);
        }
        return Layout.tick(day, at);
    }
}
