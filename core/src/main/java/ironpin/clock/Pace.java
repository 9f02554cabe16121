package ironpin.clock;

import ironpin.quantity.Mass;
import ironpin.wrapper.Fold;
import java.time.Duration;

/** Usual paces of one pair of hands (est.), until the log knows this cook's. */
public final class Pace {
    /** From lifting one round out to the next one in. */
    public static final Duration BETWEEN_ROUNDS = Duration.ofMinutes(1);

    private static final double OUT_OF_A_PACK = 0.6;

    private Pace() {}

    /** Rolling, filling and folding together. */
    static Duration shaping(Fold fold, int pieces) {
        double secondsEach =
                switch (fold) {
                    case HALF_MOON -> 35;
                    case TRIANGLE -> 40;
                    case PLEATED_CRESCENT -> 50;
                    case LEAF -> 65;
                    case PURSE -> 75;
                    case GATHERED_BALL -> 90;
                };
        return minutes(secondsEach * pieces / 60);
    }

    /** Filling and folding a wrapper out of a pack: no cutting, no rolling. */
    static Duration folding(Fold fold, int pieces) {
        return minutes(shaping(fold, pieces).toSeconds() * OUT_OF_A_PACK / 60);
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
