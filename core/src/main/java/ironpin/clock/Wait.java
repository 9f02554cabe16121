package ironpin.clock;

import java.time.Duration;

/**
 * Something that waits between two tasks and must not wait too long.
 *
 * @param kind what waits
 * @param no of the dough, filling or lot
 * @param from the task it begins with
 * @param fromEnd whether it begins when that task is over, not when it begins
 * @param to the task it ends with
 * @param toEnd whether it ends when that task is over, not when it begins
 * @param before how long it has waited before it begins
 * @param most how long it may in all
 * @param longer where it may wait longer
 * @param either whether the second task may as well come first: then nothing waits
 */
public record Wait(
        Gap.Kind kind,
        int no,
        TaskKey from,
        boolean fromEnd,
        TaskKey to,
        boolean toEnd,
        Duration before,
        Duration most,
        Place longer,
        boolean either) {
    /** Where something may wait longer than it may where it is. */
    public enum Place {
        NOWHERE,
        FRIDGE,
        KEPT_WARM
    }

    /** From the end of one task to the start of another, nowhere to wait longer. */
    static Wait between(Gap.Kind kind, int no, TaskKey from, TaskKey to, Duration most) {
        return new Wait(kind, no, from, true, to, false, Duration.ZERO, most, Place.NOWHERE, false);
    }

    /** The same, counted from the start of the first task. */
    Wait fromStart() {
        return new Wait(kind, no, from, false, to, toEnd, before, most, longer, either);
    }

    /** The same, counted to the end of the second task. */
    Wait toItsEnd() {
        return new Wait(kind, no, from, fromEnd, to, true, before, most, longer, either);
    }

    /** The same, having waited before. */
    Wait waited(Duration already) {
        return new Wait(kind, no, from, fromEnd, to, toEnd, already, most, longer, either);
    }

    /** The same with somewhere to wait longer. */
    Wait or(Place place) {
        return new Wait(kind, no, from, fromEnd, to, toEnd, before, most, place, either);
    }

    /** The same, of two that may come in either order. */
    Wait inEitherOrder() {
        return new Wait(kind, no, from, fromEnd, to, toEnd, before, most, longer, true);
    }
}
