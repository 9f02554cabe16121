package ironpin.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** A day worked through by the clock, half a minute after the other: everybody does what is said to be theirs, as long as it takes. */
final class WorkedDay {
    /** What everybody sees at one moment. */
    record Moment(Forecast forecast, Progress progress) {
        Optional<Task> now(int who) {
            return progress.now(who);
        }
    }

    private final DayPlan day;
    private final Timetable plan;
    private final Map<String, Instant> done = new HashMap<>();
    private final Map<String, ZonedDateTime> rings = new HashMap<>();
    private ZonedDateTime now;

    WorkedDay(DayPlan day, Timetable plan) {
        this.day = day;
        this.plan = plan;
        this.now = plan.latestStart();
    }

    /** @param seen told what everybody sees, before anybody does anything */
    void until(ZonedDateTime time, Consumer<Moment> seen) {
        for (; now.isBefore(time); now = now.plus(Layout.TICK)) {
            Moment moment = moment();
            if (moment.progress().now().isEmpty()) {
                return;
            }
            seen.accept(moment);
            for (int who = 0; who < day.crew().people().size(); who++) {
                if (moment().now(who).equals(moment.now(who))) {
                    moment.now(who).ifPresent(task -> act(moment, task));
                }
            }
        }
    }

    /** Nobody presses anything. */
    void idle(Duration time, Consumer<Moment> seen) {
        for (ZonedDateTime end = now.plus(time); now.isBefore(end); now = now.plus(Layout.TICK)) {
            seen.accept(moment());
        }
    }

    /** What was not done. */
    List<String> open() {
        return day.tasks().stream()
                .map(Task::key)
                .filter(key -> !done.containsKey(key) && !rings.containsKey(key))
                .toList();
    }

    private Moment moment() {
        Map<String, List<Duration>> left = new HashMap<>();
        rings.forEach((key, at) -> left.put(key, List.of(Duration.between(now, at))));
        Standing standing = Standing.of(plan, Optional.of(plan.latestStart().toInstant()), done, left, now);
        Forecast forecast = Forecast.of(day, plan, standing);
        return new Moment(forecast, Progress.of(forecast.table(), standing));
    }

    private void act(Moment moment, Task task) {
        Timetable.Slot slot = moment.forecast().table().slot(task.key());
        if (task.work() instanceof Work.Throughout) {
            Timetable.Slot planned = plan.slot(task.key());
            Duration takes = Duration.between(planned.start(), planned.end());
            moment.forecast()
                    .standing()
                    .begun(task)
                    .filter(begun -> !begun.plus(takes).isAfter(now))
                    .ifPresent(begun -> over(task));
        } else if (!rings.containsKey(task.key())) {
            if (!slot.start().isAfter(now)) {
                rings.put(task.key(), now.plus(task.time()));
            }
        } else if (!rings.get(task.key()).isAfter(now)) {
            over(task);
        }
    }

    /** What only waited for it gets on by itself from now. */
    private void over(Task task) {
        done.put(task.key(), now.toInstant());
        rings.remove(task.key());
        List<Task> free = new ArrayList<>(day.tasks());
        free.removeIf(one -> !one.waits() || !one.after().contains(task.key()) || rings.containsKey(one.key()));
        free.stream()
                .filter(one -> done.keySet().containsAll(one.after()))
                .forEach(one -> rings.put(one.key(), now.plus(one.time())));
    }
}
