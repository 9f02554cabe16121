package ironpin.rehearsal;

import ironpin.refusal.Refused;
import java.util.SplittableRandom;

/**
 * What a rehearsed kitchen hides. The same seed hides the same.
 *
 * @param thirst points of hydration by which this flour drinks more than its book; below 0 it drinks less
 * @param hob power it gives, as a share of what stands on it
 * @param cutsLong by how much this hand cuts too long, as a share
 * @param helperLate minutes by which the helper comes late
 */
public record Truth(double thirst, double hob, double cutsLong, int helperLate) {
    /** Nothing is other than the book says. */
    public static final Truth PLAIN = new Truth(0, 1, 0, 0);

    /** One hidden thing, then three, then four. */
    public static final int LEVELS = 3;

    private static final double LEAST_THIRST = 1.6;
    private static final double MOST_THIRST = 3.2;
    private static final double WEAKEST = 0.35;
    private static final double STRONGEST = 0.7;
    private static final double LEAST_LONG = 0.06;
    private static final double MOST_LONG = 0.16;
    private static final int LEAST_LATE = 10;
    private static final int MOST_LATE = 25;

    /**
     * Drawn from a seed.
     *
     * @param level 1: the flour; 2: the hob and the hand with it; 3: the helper as well
     */
    static Truth drawn(long seed, int level) {
        if (level < 1 || level > LEVELS) {
            throw new Refused("a rehearsal has the levels 1 to " + LEVELS + ", not " + level);
        }
        SplittableRandom random = new SplittableRandom(seed);
        double thirst = (random.nextInt(3) == 0 ? -1 : 1) * between(random, LEAST_THIRST, MOST_THIRST);
        double hob = between(random, WEAKEST, STRONGEST);
        double cutsLong = between(random, LEAST_LONG, MOST_LONG);
        int late = LEAST_LATE + random.nextInt(MOST_LATE - LEAST_LATE + 1);
        return new Truth(thirst, level > 1 ? hob : 1, level > 1 ? cutsLong : 0, level > 2 ? late : 0);
    }

    private static double between(SplittableRandom random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
