package ironpin.clock;

import ironpin.crew.Crew;
import ironpin.crew.Held;
import ironpin.crew.Person;
import ironpin.crew.Skill;
import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Hold;
import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Looseness;
import ironpin.schedule.Mode;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import ironpin.schedule.Room;
import ironpin.schedule.Shelters;
import ironpin.schedule.Solved;
import ironpin.schedule.Touch;
import ironpin.schedule.Worker;
import ironpin.worked.WorkedOut;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A day put to the scheduler, and its answer read back. Ticks are half minutes, and the serving time is the origin. */
public final class Layout {
    /** The finest that a plan is laid out in: longer than it takes to wipe hands, shorter than a step. */
    static final Duration TICK = Duration.ofSeconds(30);

    /** Of the time for rolling, filling and folding a piece, what rolling takes (est.): with two in step one has this part. */
    private static final double ROLLING = 0.45;

    private static final int FRIDGE = 0;
    private static final int BURNERS = 1;
    private static final int OVEN = 2;
    private static final int MACHINE = 3;
    private static final int WARM = 4;
    private static final int VESSELS = 5;

    /** Kept warm: an oven at its lowest, a lid and a cloth; there is always room. */
    private static final int ROOM_FOR_WARM = 100;

    /** Somebody who comes or goes does so on the day: at most this long after the table. */
    private static final Duration AFTER_TABLE = Duration.ofHours(6);

    private static final int KEPT = 64;

    /** Layings for a first answer: fewer where there are many tasks. */
    private static final int EFFORT = 600;

    private static final WorkedOut<Problem, Answer> FIRST =
            new WorkedOut<>(KEPT, problem -> Draft.backwards(problem, tries(problem)));

    private final DayPlan day;
    private final Map<TaskKey, Integer> number = new HashMap<>();

    private Layout(DayPlan day) {
        this.day = day;
        for (Task task : day.tasks()) {
            number.put(task.of(), number.size());
        }
    }

    static int tries(Problem problem) {
        return Math.max(6, Math.min(24, EFFORT / problem.jobs().size()));
    }

    /** The day as a problem. */
    public static Problem problem(DayPlan day) {
        return new Layout(day).problem();
    }

    /** A good answer at once. */
    public static Solved first(DayPlan day) {
        Problem problem = problem(day);
        return Solved.unproven(problem, FIRST.of(problem));
    }

    /** An answer as a timetable. */
    public static Timetable timetable(DayPlan day, Solved solved) {
        return new Layout(day).timetable(problem(day), solved);
    }

    /** An answer to the day as it stands in the middle of it, as a timetable. @param problem what was answered */
    static Timetable timetable(DayPlan day, Problem problem, Solved solved) {
        return new Layout(day).timetable(problem, solved);
    }

    /**
     * A task as it was kept.
     *
     * @param start from
     * @param end until
     * @param people numbers of those who do it, from 0
     */
    public record Kept(ZonedDateTime start, ZonedDateTime end, List<Integer> people) {}

    /** A day as it was laid out before; tasks of which nothing was kept lie where a first answer has them. */
    public static Timetable kept(DayPlan day, Function<String, Optional<Kept>> kept) {
        Problem problem = problem(day);
        Answer first = FIRST.of(problem);
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < day.tasks().size(); i++) {
            Job job = problem.jobs().get(i);
            Answer.Slot other = first.slots().get(i);
            slots.add(kept.apply(job.key())
                    .map(one -> new Answer.Slot(
                            tick(day, one.start()),
                            tick(day, one.end()),
                            job.modes().isEmpty() ? -1 : mode(job, one.people())))
                    .orElse(other));
        }
        Answer answer = new Answer(slots, Set.of());
        Answer put = new Answer(slots, Shelters.of(problem, answer));
        return timetable(day, Solved.unproven(problem, put));
    }

    /** Ticks that a time takes, up. */
    static int ticks(Duration time) {
        return (int) ((time.toMillis() + TICK.toMillis() - 1) / TICK.toMillis());
    }

    /** Tick of a moment. */
    static int tick(DayPlan day, ZonedDateTime moment) {
        return (int) Math.round((double) Duration.between(day.serving(), moment).toMillis() / TICK.toMillis());
    }

    /**
     * What is left of the day as a problem: what is done stays where it was, what is in hand goes on, and the rest begins no
     * earlier than it was planned, nor than now.
     *
     * @param plan as it was laid out
     */
    static Problem rest(DayPlan day, Timetable plan, Standing standing) {
        return new Layout(day).rest(plan, standing);
    }

    private Problem rest(Timetable plan, Standing standing) {
        Problem whole = problem();
        int now = Math.floorDiv(
                (int) Duration.between(day.serving(), standing.now()).toSeconds(), (int) TICK.toSeconds());
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < whole.jobs().size(); i++) {
            jobs.add(left(whole.jobs().get(i), day.tasks().get(i), plan, standing, now));
        }
        return whole.with(jobs);
    }

    private Job left(Job job, Task task, Timetable plan, Standing standing, int now) {
        Optional<ZonedDateTime> done = standing.done(task);
        int time = job.modes().isEmpty() || !job.touches().isEmpty()
                ? job.time()
                : job.modes().get(0).time();
        if (done.isPresent()) {
            return Job.alone(job.key(), time).at(tick(day, done.get()) - time);
        }
        Optional<Timetable.Slot> planned = plan.find(task.key());
        Optional<Duration> left = standing.left(task);
        if (left.isPresent() && !(task.work() instanceof Work.Throughout)) {
            int over = now + Math.max(1, ticks(left.get()));
            return Job.alone(job.key(), Math.max(1, over - Math.min(now, over - time)))
                    .at(Math.min(now, over - time));
        }
        Optional<ZonedDateTime> begun = standing.begun(task);
        if (begun.isPresent() && planned.isPresent()) {
            return inHand(job, planned.get(), tick(day, begun.get()), now);
        }
        int earliest =
                planned.map(slot -> Math.max(now, tick(day, slot.start()))).orElse(now);
        return job.held().isPresent() && job.held().getAsInt() >= now
                ? job
                : loose(job).from(earliest);
    }

    private static Job loose(Job job) {
        return new Job(
                job.key(),
                job.time(),
                job.modes(),
                job.yields(),
                job.touches(),
                job.trade(),
                job.notBefore(),
                OptionalInt.empty());
    }

    /** It goes on with whoever has it, and takes longer where it has taken longer. */
    private Job inHand(Job job, Timetable.Slot slot, int begun, int now) {
        if (job.modes().isEmpty() || !job.touches().isEmpty()) {
            return loose(job).at(begun + job.time() > now ? begun : now + 1 - job.time());
        }
        int mode = mode(job, slot.people());
        int time = Math.max(job.modes().get(mode).time(), now + 1 - begun);
        Job same = Job.manned(
                job.key(),
                job.trade(),
                job.yields(),
                List.of(new Mode(job.modes().get(mode).workers(), time)));
        return same.at(begun);
    }

    private static int mode(Job job, List<Integer> people) {
        for (int m = 0; m < job.modes().size(); m++) {
            if (job.modes().get(m).workers().equals(people)) {
                return m;
            }
        }
        return 0;
    }

    /** A timetable as an answer to a problem of the same day, for its order. */
    static Answer like(DayPlan day, Problem problem, Timetable plan) {
        Answer first = FIRST.of(problem(day));
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < day.tasks().size(); i++) {
            Optional<Timetable.Slot> slot = plan.find(day.tasks().get(i).key());
            Job job = problem.jobs().get(i);
            int of = i;
            slots.add(slot.map(at -> new Answer.Slot(
                            tick(day, at.start()),
                            tick(day, at.end()),
                            job.modes().isEmpty() ? -1 : mode(job, at.people())))
                    .orElse(new Answer.Slot(
                            first.slots().get(of).start(),
                            first.slots().get(of).end(),
                            job.modes().isEmpty() ? -1 : 0)));
        }
        return new Answer(slots, Set.of());
    }

    private Problem problem() {
        List<Job> jobs = new ArrayList<>();
        Map<String, Held> held = day.held().stream().collect(Collectors.toMap(Held::task, one -> one, (a, b) -> a));
        for (Task task : day.tasks()) {
            Job job = job(task);
            Held put = held.get(task.key());
            jobs.add(
                    put == null
                            ? job
                            : job.at(tick(day, put.at().atZone(day.serving().getZone()))));
        }
        return new Problem(jobs, lags(), holds(), rooms(), workers(), number.get(DayPlan.SERVED), 0);
    }

    private Job job(Task task) {
        int time = ticks(task.time());
        Work work = task.work();
        if (work instanceof Work.Throughout whole) {
            return Job.manned(task.key(), trade(task), whole.yields(), modes(whole.craft(), task.time()));
        }
        if (work instanceof Work.Touched touched) {
            List<Touch> touches = new ArrayList<>();
            int free = 0;
            for (Work.Touch touch : touched.touches()) {
                int offset = Math.max(free, (int) (touch.after().toMillis() / TICK.toMillis()));
                int length = Math.min(ticks(touch.time()), time - offset);
                if (length > 0) {
                    touches.add(new Touch(offset, length));
                    free = offset + length;
                }
            }
            return Job.touched(task.key(), trade(task), time, able(touched.craft()), touches);
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

    private List<Integer> alone(Craft craft) {
        List<Person> people = day.crew().people();
        List<Integer> able = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            if (people.get(i).does().containsAll(craft.skills())) {
                able.add(i);
            }
        }
        return able;
    }

    /** Who does it; everybody where nobody does. */
    private List<Integer> able(Craft craft) {
        List<Integer> able = alone(craft);
        return able.isEmpty()
                ? IntStream.range(0, day.crew().people().size()).boxed().toList()
                : able;
    }

    /** Whoever can do it alone, and any two who can in step; everybody where nobody can, and the page says so. */
    private List<Mode> modes(Craft craft, Duration time) {
        List<Person> people = day.crew().people();
        List<Mode> modes = new ArrayList<>();
        for (int one : alone(craft)) {
            modes.add(new Mode(List.of(one), ticks(paced(time, people.get(one)))));
        }
        for (int a = 0; craft.shared() && a < people.size(); a++) {
            for (int b = a + 1; b < people.size(); b++) {
                Optional<Duration> both = inStep(craft, time, people.get(a), people.get(b));
                if (both.isPresent()) {
                    modes.add(new Mode(List.of(a, b), ticks(both.get())));
                }
            }
        }
        if (modes.isEmpty()) {
            for (int one : able(craft)) {
                modes.add(new Mode(List.of(one), ticks(paced(time, people.get(one)))));
            }
        }
        return modes;
    }

    private static Duration paced(Duration time, Person person) {
        return Duration.ofMillis(Math.round(time.toMillis() * person.pace() / 100));
    }

    /** How long two take together: side by side where both do everything, else one rolls and the other fills and folds. */
    static Optional<Duration> inStep(Craft craft, Duration time, Person one, Person other) {
        boolean first = one.does().containsAll(craft.skills());
        boolean second = other.does().containsAll(craft.skills());
        double a = paced(time, one).toMillis();
        double b = paced(time, other).toMillis();
        if (first && second) {
            return Optional.of(Duration.ofMillis(Math.round(a * b / (a + b))));
        }
        if (craft != Craft.SHAPING) {
            return Optional.empty();
        }
        double best = Double.POSITIVE_INFINITY;
        if (one.does(Skill.ROLL) && other.does(Skill.FOLD)) {
            best = Math.max(ROLLING * a, (1 - ROLLING) * b);
        }
        if (other.does(Skill.ROLL) && one.does(Skill.FOLD)) {
            best = Math.min(best, Math.max(ROLLING * b, (1 - ROLLING) * a));
        }
        return best == Double.POSITIVE_INFINITY ? Optional.empty() : Optional.of(Duration.ofMillis(Math.round(best)));
    }

    private List<Lag> lags() {
        List<Lag> lags = new ArrayList<>();
        for (Task task : day.tasks()) {
            for (TaskKey before : task.prior()) {
                lags.add(Lag.after("", number.get(before), number.get(task.of())));
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
        int most = Math.max(0, (int) (wait.most().minus(wait.before()).toMillis() / TICK.toMillis()));
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
                int warm = ticks(day.crew().plates().warm());
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
                all.merge(round.lot(), ticks(task.time()), Integer::sum);
            }
            plates = task.of().equals(DayPlan.LAST) ? ticks(task.time()) : plates;
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
            } else {
                tasks.forEach(task -> holds.add(Hold.during(MACHINE, 1, task)));
            }
        });
        return holds;
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
                until += ticks(Duration.ofDays(1));
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
        return tick(day, at);
    }

    private Timetable timetable(Problem problem, Solved solved) {
        Answer answer = solved.answer();
        Looseness looseness = Looseness.of(problem, answer);
        int[] slack = looseness.slack();
        List<Timetable.Slot> slots = new ArrayList<>();
        for (int i = 0; i < day.tasks().size(); i++) {
            Answer.Slot slot = answer.slots().get(i);
            List<Integer> people = slot.mode() < 0
                    ? List.of()
                    : problem.jobs().get(i).modes().get(slot.mode()).workers();
            slots.add(new Timetable.Slot(
                    day.tasks().get(i), at(slot.start()), at(slot.end()), people, TICK.multipliedBy(slack[i])));
        }
        slots.sort(Comparator.comparing(Timetable.Slot::start));
        int base = problem.lags().size() - day.waits().size();
        Set<Wait> away = new HashSet<>();
        for (int lag : answer.sheltered()) {
            away.add(day.waits().get(lag - base));
        }
        List<String> chain = looseness.chain().stream()
                .map(task -> day.tasks().get(task).key())
                .toList();
        return new Timetable(day.serving(), slots, away, chain, solved.proof());
    }

    private ZonedDateTime at(int tick) {
        return day.serving().plus(TICK.multipliedBy(tick));
    }
}
