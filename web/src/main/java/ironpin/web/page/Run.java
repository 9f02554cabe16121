package ironpin.web.page;

import ironpin.plan.BatchPlan;
import ironpin.store.RunningTimer;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far the work has come.
 *
 * @param steps all, in the order they start
 * @param timers of the whole batch, the first to ring first
 */
public record Run(List<RunStep> steps, List<RunningTimer> timers) {
    static Run of(BatchPlan plan, Map<String, Instant> done, List<RunningTimer> timers) {
        List<RunStep> steps = plan.timetable().slots().stream()
                .map(slot -> {
                    String key = slot.task().key();
                    List<RunningTimer> mine = timers.stream()
                            .filter(timer -> timer.taskKey().equals(key))
                            .toList();
                    return new RunStep(slot, done.containsKey(key), mine);
                })
                .toList();
        return new Run(steps, timers);
    }

    /** The one thing to do now: the first step not ticked off. */
    public Optional<RunStep> now() {
        return steps.stream().filter(step -> !step.done()).findFirst();
    }

    /** What comes after it. */
    public Optional<RunStep> then() {
        return steps.stream().filter(step -> !step.done()).skip(1).findFirst();
    }

    /** How many are ticked off. */
    public long doneCount() {
        return steps.stream().filter(RunStep::done).count();
    }
}
