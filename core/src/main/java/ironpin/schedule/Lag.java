package ironpin.schedule;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * How far two moments must and may lie apart.
 *
 * @param key name of the gap, for whoever asked
 * @param from the earlier
 * @param to the later
 * @param least ticks at least, 0 or more; {@link #EITHER} where the later may as well come first
 * @param most ticks at most, if there is a limit
 * @param shelter where whatever waits may wait longer, if it may
 * @param weight what a tick too long counts, against others, at least 1
 */
public record Lag(
        String key, Moment from, Moment to, int least, OptionalInt most, Optional<Shelter> shelter, int weight) {
    /** Neither has to come before the other. */
    public static final int EITHER = -1_000_000;

    /**
     * Somewhere to wait longer.
     *
     * @param room number of the room
     * @param units it takes up there, from one moment to the other
     * @param most ticks at most in there, if there is a limit
     */
    public record Shelter(int room, int units, OptionalInt most) {}

    public Lag {
        if (weight < 1 || (least < 0 && least != EITHER) || (most.isPresent() && most.getAsInt() < least)) {
            throw new IllegalArgumentException("the gap " + key + " lasts from " + least + " to " + most);
        }
    }

    /** One job after another, whenever. */
    public static Lag after(String key, int first, int then) {
        return new Lag(key, Moment.end(first), Moment.start(then), 0, OptionalInt.empty(), Optional.empty(), 1);
    }

    /** One job after another, at least and at most this much later. */
    public static Lag between(String key, int first, int then, int least, int most) {
        return new Lag(key, Moment.end(first), Moment.start(then), least, OptionalInt.of(most), Optional.empty(), 1);
    }

    /** The same with somewhere to wait longer. */
    public Lag sheltered(Shelter where) {
        return new Lag(key, from, to, least, most, Optional.of(where), weight);
    }
}
