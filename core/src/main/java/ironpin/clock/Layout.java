package ironpin.clock;

import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Job;
import ironpin.schedule.Looseness;
import ironpin.schedule.Problem;
import ironpin.schedule.Shelters;
import ironpin.schedule.Solved;
import ironpin.worked.WorkedOut;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** A day put to the scheduler, and its answer read back. Ticks are half minutes, and the serving time is the origin. */
public final class Layout {
    /** The finest that a plan is laid out in: longer than it takes to wipe hands, shorter than a step. */
    static final Duration TICK = Duration.ofSeconds(30);

    /** Days whose first answer is remembered. */
    private static final int KEPT = 64;

    /** Layings for a first answer times its tasks: a page waits for it. */
    private static final int EFFORT = 600;

    private static final int FEWEST_LAYINGS = 6;
    private static final int MOST_LAYINGS = 24;

    private static final WorkedOut<Problem, Answer> FIRST =
            new WorkedOut<>(KEPT, problem -> Draft.backwards(problem, layings(problem)));

    private Layout() {}

    private static int layings(Problem problem) {
        return Math.max(
                FEWEST_LAYINGS, Math.min(MOST_LAYINGS, EFFORT / problem.jobs().size()));
    }

    /** The day as a problem. */
    public static Problem problem(DayPlan day) {
        return new DayProblem(day).problem();
    }

    /** A good answer at once. */
    public static Solved first(DayPlan day) {
        Problem problem = problem(day);
        return Solved.unproven(problem, FIRST.of(problem));
    }

    /** An answer as a timetable. */
    public static Timetable timetable(DayPlan day, Solved solved) {
        return timetable(day, problem(day), solved);
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
        Answer answer = asKept(day, problem, kept);
        Answer put = new Answer(answer.slots(), Shelters.of(problem, answer));
        return timetable(day, problem, Solved.unproven(problem, put)).asItWas(task -> true);
    }

    /** A timetable as an answer to a problem of the same day. */
    static Answer like(DayPlan day, Problem problem, Timetable plan) {
        Answer same = asKept(
                day, problem, key -> plan.find(key).map(slot -> new Kept(slot.start(), slot.end(), slot.people())));
        int base = problem.lags().size() - day.waits().size();
        Set<Integer> away = new HashSet<>();
        for (int i = 0; i < day.waits().size(); i++) {
            if (plan.putAway().contains(day.waits().get(i))) {
                away.add(base + i);
            }
        }
        return new Answer(same.slots(), away);
    }

    private static Answer asKept(DayPlan day, Problem problem, Function<String, Optional<Kept>> kept) {
        Answer first = FIRST.of(problem(day));
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < problem.jobs().size(); i++) {
            Job job = problem.jobs().get(i);
            Answer.Slot other = first.slots().get(i);
            boolean alone = job.modes().isEmpty();
            slots.add(kept.apply(job.key())
                    .map(one -> new Answer.Slot(
                            tick(day, one.start()), tick(day, one.end()), alone ? -1 : mode(job, one.people())))
                    // What is in hand has fewer ways to be manned than it had.
                    .orElse(new Answer.Slot(
                            other.start(),
                            other.end(),
                            alone ? -1 : Math.min(other.mode(), job.modes().size() - 1))));
        }
        return new Answer(slots, Set.of());
    }

    /** Ticks that a time takes, up. */
    static int ticks(Duration time) {
        return (int) ((time.toMillis() + TICK.toMillis() - 1) / TICK.toMillis());
    }

    /** Tick of a moment. */
    static int tick(DayPlan day, ZonedDateTime moment) {
        return (int) Math.round((double) Duration.between(day.serving(), moment).toMillis() / TICK.toMillis());
    }

    /** The mode of a job in which these people do it; its first where there is none. */
    static int mode(Job job, List<Integer> people) {
        for (int m = 0; m < job.modes().size(); m++) {
            if (job.modes().get(m).workers().equals(people)) {
                return m;
            }
        }
        return 0;
    }

    /** An answer to the day as it stands in the middle of it, as a timetable. @param problem what was answered */
    static Timetable timetable(DayPlan day, Problem problem, Solved solved) {
        Answer answer = solved.answer();
        Looseness looseness = Looseness.of(problem, answer);
        int[] slack = looseness.slack();
        List<Timetable.Slot> slots = new ArrayList<>();
        Map<TaskKey, Integer> ends = new HashMap<>();
        for (int i = 0; i < day.tasks().size(); i++) {
            Answer.Slot slot = atOnce(
                    day.tasks().get(i), problem.jobs().get(i), answer.slots().get(i), ends);
            ends.put(day.tasks().get(i).of(), slot.end());
            List<Integer> people = slot.mode() < 0
                    ? List.of()
                    : problem.jobs().get(i).modes().get(slot.mode()).workers();
            slots.add(new Timetable.Slot(
                    day.tasks().get(i),
                    at(day, slot.start()),
                    at(day, slot.end()),
                    people,
                    TICK.multipliedBy(slack[i])));
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
        List<Clash> clashes = solved.checked().wrong().stream()
                .map(wrong -> Clash.of(day, problem, wrong))
                .toList();
        return new Timetable(day.serving(), slots, away, chain, solved.proof(), clashes);
    }

    /** What begins by itself does so when the work before it ends, however late it is wanted: what follows it only waits longer. */
    private static Answer.Slot atOnce(Task task, Job job, Answer.Slot slot, Map<TaskKey, Integer> ends) {
        if (!task.beginsByItself() || job.held().isPresent() || !ends.keySet().containsAll(task.prior())) {
            return slot;
        }
        int begins = task.prior().stream().mapToInt(ends::get).max().orElse(slot.start());
        return begins >= slot.start() ? slot : new Answer.Slot(begins, begins + slot.end() - slot.start(), slot.mode());
    }

    private static ZonedDateTime at(DayPlan day, int tick) {
        return day.serving().plus(TICK.multipliedBy(tick));
    }
}
