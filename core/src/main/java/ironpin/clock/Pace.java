package ironpin.clock;

import ironpin.quantity.Mass;
import ironpin.wrapper.Handiwork;
import java.time.Duration;

/** How long the hands are at work (est.). */
public final class Pace {
    /** From lifting one round out to the next one in. */
    public static final Duration BETWEEN_ROUNDS = Duration.ofMinutes(1);

    private static final double OUT_OF_A_PACK = 0.6;

    private Pace() {}

    /**
     * Rolling, filling and folding together.
     *
     * @param bought whether the wrappers come out of a pack: then there is nothing to cut and to roll
     */
    static Duration shaping(Handiwork hands, int pieces, boolean bought) {
        double part = bought ? OUT_OF_A_PACK : 1;
        return minutes(part * hands.seconds().mean() * pieces / 60);
    }

    /** Weighing and mixing, without kneading. */
    static Duration mixing(Mass dough) {
        return minutes(5 + 3 * dough.grams() / 1_000);
    }

    /** Rounded up to the minute, at least one. */
    static Duration minutes(double minutes) {
        return Duration.ofMinutes(Math.max(1, (long) Math.ceil(minutes)));
    }
}
