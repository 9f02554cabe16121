package ironpin.web.page;

import ironpin.clock.Lateness;
import ironpin.clock.LotProgress;
import ironpin.clock.Progress;
import ironpin.clock.Task;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.store.RunningTimer;
import ironpin.web.picture.LaneWork;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far the work has come, as it is shown.
 *
 * @param steps all, in the order they start
 * @param timers of the whole batch, the first to ring first
 * @param progress what is done and what may begin
 */
public record Run(List<RunStep> steps, List<Ringing> timers, Progress progress) {
    public static Run of(BatchPlan plan, Map<String, Instant> ticked, List<RunningTimer> timers, Instant now) {
        Map<String, Duration> left = new HashMap<>();
        for (RunningTimer timer : timers) {
            left.merge(timer.taskKey(), Duration.between(now, timer.endsAt()), (a, b) -> a.compareTo(b) > 0 ? a : b);
        }
        Progress progress = Progress.of(plan.timetable(), ticked.keySet(), left);
        List<RunStep> steps = plan.timetable().slots().stream()
                .map(slot -> {
                    List<Ringing> mine = timers.stream()
                            .filter(timer -> timer.taskKey().equals(slot.task().key()))
                            .map(timer -> Ringing.of(timer, slot.task()))
                            .toList();
                    return new RunStep(slot, progress, ticked.keySet(), mine);
                })
                .toList();
        // A timer of a step that the plan no longer has rings for nobody.
        List<Ringing> ringing = steps.stream()
                .flatMap(step -> step.timers().stream())
                .sorted(Comparator.comparing(Ringing::endsAt))
                .toList();
        return new Run(steps, ringing, progress);
    }

    /** The one thing to do now. */
    public Optional<RunStep> now() {
        return progress.now().map(this::step);
    }

    /** What comes after it. */
    public Optional<RunStep> then() {
        return progress.then().map(this::step);
    }

    private RunStep step(Task task) {
        return steps.stream()
                .filter(step -> step.key().equals(task.key()))
                .findFirst()
                .orElseThrow();
    }

    /** How many are done. */
    public long doneCount() {
        return steps.stream().filter(RunStep::done).count();
    }

    /** How late it is at this time of the kitchen. */
    Lateness lateness(LocalDateTime now) {
        return progress.lateness(now);
    }

    /** How far each lot has come, by its number. */
    Map<Integer, LaneWork> work(BatchPlan plan) {
        Map<Integer, LaneWork> all = new HashMap<>();
        for (LotPlan lane : plan.lots()) {
            int no = lane.lot().no();
            LotProgress lot = LotProgress.of(plan.timetable(), progress, no);
            all.put(no, new LaneWork(lot.shaped(), lot.cooked()));
        }
        return all;
    }
}
