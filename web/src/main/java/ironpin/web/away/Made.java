package ironpin.web.away;

import ironpin.quantity.UnitSystem;
import java.time.Duration;
import java.time.Instant;

/**
 * A press that was made while the kitchen was not reached.
 *
 * @param press its own name
 * @param kind what sort of press it was
 * @param key of the step or of what was weighed for it
 * @param value what it was for, as it was sent
 * @param lot whose pieces it is about; 0 where it is about none
 * @param who number of the person, from 0; less than that where nobody said
 * @param at when it was made, by the kitchen's clock as the device knew it
 * @param units that masses were typed in
 */
record Made(String press, Kind kind, String key, String value, int lot, int who, Instant at, UnitSystem units) {
    /** A device whose clock says more is not believed. */
    private static final Duration LONGEST = Duration.ofHours(24);

    /** What can be pressed without the kitchen. */
    enum Kind {
        /** The next move in a step. */
        MOVE,
        /** Something weighed for a step, or not after all. */
        LINE,
        /** A minute more on a timer; the value is its spell. */
        MINUTE,
        /** One more piece shaped. */
        TAP,
        /** A spoonful of filling, weighed. */
        WEIGHED
    }

    /** When it was made, as far as that can be. */
    Instant when(Instant now) {
        return at.isAfter(now) || at.isBefore(now.minus(LONGEST)) ? now : at;
    }
}
