package ironpin.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How far a day has come by now.
 *
 * @param done when each finished task was finished, by its key
 * @param timed how long the timers that were started still take, by the keys of their tasks; zero or less where one has rung
 * @param now kitchen time
 * @param begun when the tasks that are in hand were begun (est.), by their keys
 */
public record Standing(
        Map<String, Instant> done, Map<String, Duration> timed, ZonedDateTime now, Map<String, ZonedDateTime> begun) {
    public Standing {
        done = Map.copyOf(done);
        timed = Map.copyOf(timed);
        begun = Map.copyOf(begun);
    }

    /**
     * What is in hand follows from the plan: with everybody the first thing of theirs that may begin and whose time has come,
     * begun when it could.
     */
    public static Standing of(
            Timetable plan, Map<String, Instant> done, Map<String, Duration> timed, ZonedDateTime now) {
        Map<String, ZonedDateTime> begun = new HashMap<>();
        if (!done.isEmpty() || !timed.isEmpty()) {
            Set<Integer> taken = new HashSet<>();
            for (Timetable.Slot slot : plan.slots()) {
                Task task = slot.task();
                boolean open = !done.containsKey(task.key()) && done.keySet().containsAll(task.after());
                boolean free = slot.people().stream().noneMatch(taken::contains);
                if (open
                        && free
                        && !timed.containsKey(task.key())
                        && !slot.start().isAfter(now)) {
                    begun.put(task.key(), since(plan, slot, done, now));
                    if (task.work() instanceof Work.Throughout) {
                        taken.addAll(slot.people());
                    }
                }
            }
        }
        return new Standing(done, timed, now, begun);
    }

    /** Begun when it was to begin, or when what it waited for and what its people did before was done. */
    private static ZonedDateTime since(
            Timetable plan, Timetable.Slot slot, Map<String, Instant> done, ZonedDateTime now) {
        ZonedDateTime since = slot.start();
        for (Timetable.Slot other : plan.slots()) {
            Instant at = done.get(other.task().key());
            boolean before = at != null
                    && (slot.task().after().contains(other.task().key())
                            || other.people().stream().anyMatch(slot.people()::contains));
            if (before && at.isAfter(since.toInstant())) {
                since = at.atZone(now.getZone());
            }
        }
        return since.isAfter(now) ? now : since;
    }

    /** When it was finished. */
    Optional<ZonedDateTime> done(Task task) {
        return Optional.ofNullable(done.get(task.key())).map(at -> at.atZone(now.getZone()));
    }

    /** How long its timer still takes. */
    Optional<Duration> left(Task task) {
        return Optional.ofNullable(timed.get(task.key()));
    }

    /** When it was begun (est.), if it is in hand. */
    public Optional<ZonedDateTime> begun(Task task) {
        return Optional.ofNullable(begun.get(task.key()));
    }
}
