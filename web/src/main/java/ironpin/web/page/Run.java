package ironpin.web.page;

import ironpin.plan.BatchPlan;
import ironpin.store.RunningTimer;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How far the work has come.
 *
 * @param steps all, in the order they start
 * @param timers of the whole batch, the first to ring first
 */
public record Run(List<RunStep> steps, List<RunningTimer> timers) {
    static Run of(BatchPlan plan, Map<String, Instant> done, List<RunningTimer> timers, Instant now) {
        List<RunStep> steps = plan.timetable().slots().stream()
                .map(slot -> {
                    String key = slot.task().key();
                    List<RunningTimer> mine = timers.stream()
                            .filter(timer -> timer.taskKey().equals(key))
                            .toList();
                    return new RunStep(slot, done.containsKey(key), mine, now);
                })
                .toList();
        return new Run(steps, timers);
    }

    /** The one thing hands should do now: the first step that is neither ticked off nor getting on by itself. */
    public Optional<RunStep> now() {
        return inOrder().findFirst();
    }

    /** What comes after it. */
    public Optional<RunStep> then() {
        return inOrder().skip(1).findFirst();
    }

    private Stream<RunStep> inOrder() {
        return Stream.concat(
                steps.stream().filter(step -> !step.done() && !step.underWay()),
                steps.stream().filter(step -> !step.done() && step.underWay()));
    }

    /** How many are ticked off. */
    public long doneCount() {
        return steps.stream().filter(RunStep::done).count();
    }
}
