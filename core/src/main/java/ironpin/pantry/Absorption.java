package ironpin.pantry;

import ironpin.quantity.Band;
import ironpin.quantity.Belief;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;

/**
 * How much more water than its label says a flour has wanted in this kitchen, in points of hydration (est.), and how sure
 * that is. Every batch that was made with the flour shows what it wanted, scattered by about 1.5 points for weather, scale
 * and hands, and moves the {@link Belief}.
 *
 * @param offset what to expect, −30 to 30 points
 * @param spread one standard deviation of it, above 0
 * @param batches how many taught it
 */
public record Absorption(Percentage offset, Percentage spread, int batches) {
    /** Points between one batch and the next of the same flour: a step of a correction, and the day. */
    public static final double SCATTER = 1.5;

    /** Points that bags of the same label differ by, before the first batch. */
    public static final double BAGS_DIFFER = 2.5;

    private static final double MOST = 30;

    /** Nothing is known beyond the label. */
    public static final Absorption UNKNOWN = typed(Percentage.ZERO);

    public Absorption {
        if (Math.abs(offset.percent()) > MOST || spread.millionths() <= 0 || batches < 0) {
            throw new Refused("a flour's offset lies between -30 and 30 points, not " + offset);
        }
    }

    /** What the cook says of a bag, before any batch was made with it. */
    public static Absorption typed(Percentage offset) {
        return new Absorption(offset, Percentage.of(BAGS_DIFFER), 0);
    }

    /**
     * The belief after one more batch.
     *
     * @param seen the offset this batch wanted
     * @param share of the batch's flour, above 0 and at most 1: the smaller, the less it says
     */
    public Absorption after(Percentage seen, double share) {
        if (!(share > 0 && share <= 1)) {
            throw new Refused("a flour's share is above 0 and at most 1, not " + share);
        }
        Belief after = belief().after(seen.percent(), SCATTER, share);
        double clamped = Math.max(-MOST, Math.min(MOST, after.mean()));
        return new Absorption(Percentage.of(clamped), Percentage.of(after.spread()), after.lessons());
    }

    /** Where it lies nine times in ten. */
    public Band<Percentage> likely() {
        return Band.percent(belief().low(), belief().high());
    }

    /** The same as any number that is learned. */
    public Belief belief() {
        return new Belief(offset.percent(), spread.percent(), batches);
    }
}
