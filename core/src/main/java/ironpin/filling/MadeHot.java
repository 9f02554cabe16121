package ironpin.filling;

import java.time.Duration;

/**
 * What a preparation wants of the stove.
 *
 * @param where it is made hot
 * @param alone how long it then gets on there by itself, after the hands; none where hands stay with it to the end
 * @param doing what happens meanwhile, in a word; empty if hands stay with it
 */
public record MadeHot(Where where, Duration alone, String doing) {
    /** Where something is made hot. */
    public enum Where {
        PAN,
        POT,
        OVEN
    }

    /** Hands stay with it to the end. */
    static MadeHot watched(Where where) {
        return new MadeHot(where, Duration.ZERO, "");
    }

    static MadeHot alone(Where where, int minutes, String doing) {
        return new MadeHot(where, Duration.ofMinutes(minutes), doing);
    }
}
