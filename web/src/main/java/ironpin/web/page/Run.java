package ironpin.web.page;

import ironpin.clock.Forecast;
import ironpin.clock.LotProgress;
import ironpin.clock.Progress;
import ironpin.clock.Standing;
import ironpin.clock.Task;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.store.RunningTimer;
import ironpin.web.picture.LaneWork;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How far the work has come, as it is shown.
 *
 * @param steps all, in the order they start
 * @param timers of the whole batch, the first to ring first
 * @param progress what is done and what may begin
 * @param forecast where it goes from here
 */
public record Run(List<RunStep> steps, List<Ringing> timers, Progress progress, Forecast forecast) {
    /** @param started when work began; absent where it has not */
    public static Run of(
            BatchPlan plan,
            Optional<Instant> started,
            Map<String, Instant> ticked,
            List<RunningTimer> timers,
            ZonedDateTime now) {
        Map<String, List<Duration>> left = Plans.left(timers, now.toInstant());
        Set<String> tasks = plan.day().tasks().stream().map(Task::key).collect(Collectors.toSet());
        Map<String, Instant> done = new HashMap<>(ticked);
        done.keySet().retainAll(tasks);
        Standing standing = Standing.of(plan.timetable(), started, done, left, now);
        Forecast forecast = Forecast.of(plan.day(), plan.timetable(), standing);
        Progress progress = Progress.of(forecast.table(), standing);
        List<RunStep> steps = forecast.table().slots().stream()
                .map(slot -> {
                    List<Ringing> mine = timers.stream()
                            .filter(timer -> timer.taskKey().equals(slot.task().key()))
                            .map(timer -> Ringing.of(timer, slot.task()))
                            .toList();
                    return new RunStep(slot, progress, ticked.keySet(), mine, standing, now.toInstant());
                })
                .toList();
        // A timer of a step that the plan no longer has rings for nobody.
        List<Ringing> ringing = steps.stream()
                .flatMap(step -> step.timers().stream())
                .sorted(Comparator.comparing(Ringing::endsAt))
                .toList();
        return new Run(steps, ringing, progress, forecast);
    }

    /** The one thing to do now. */
    public Optional<RunStep> now() {
        return progress.now().map(this::step);
    }

    /** What comes after it. */
    public Optional<RunStep> then() {
        return progress.then().map(this::step);
    }

    RunStep step(Task task) {
        return steps.stream()
                .filter(step -> step.slot().task().of().equals(task.of()))
                .findFirst()
                .orElseThrow();
    }

    /** A step by its key. */
    public Optional<RunStep> step(String key) {
        return steps.stream().filter(step -> step.key().equals(key)).findFirst();
    }

    /** Whether this is the key of something that is weighed for a step. */
    public boolean weighs(String key) {
        return steps.stream().flatMap(step -> step.weighed().stream()).anyMatch(one -> one.key()
                .equals(key));
    }

    /** How many are done. */
    public long doneCount() {
        return steps.stream().filter(RunStep::done).count();
    }

    /** The one thing for somebody to do now. @param who number of the person, from 0; less than that for everybody */
    public Optional<RunStep> now(int who) {
        return progress.now(who).map(this::step);
    }

    /** What comes after it for somebody. @param who number of the person, from 0; less than that for everybody */
    public Optional<RunStep> then(int who) {
        return progress.then(who).map(this::step);
    }

    /** Everything somebody does, in the order of the day. @param who number of the person, from 0; less than that for everybody */
    public List<RunStep> line(int who) {
        return progress.line(who).map(this::step).toList();
    }

    /** How far each lot has come, by its number. */
    Map<Integer, LaneWork> work(BatchPlan plan) {
        Map<Integer, LaneWork> all = new HashMap<>();
        for (LotPlan lane : plan.lots()) {
            int no = lane.lot().no();
            LotProgress lot = LotProgress.of(forecast.table(), progress, no);
            all.put(no, new LaneWork(lot.shaped(), lot.cooked()));
        }
        return all;
    }
}
