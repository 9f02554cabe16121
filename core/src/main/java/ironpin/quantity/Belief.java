package ironpin.quantity;

/**
 * A number that is learned from what was seen (est.): a normal belief, moved by each thing seen after the usual rule for a
 * normal mean of known scatter, {@code 1/s² = 1/s₀² + w²/σ²}, {@code m = s²·(m₀/s₀² + w²·y/σ²)}.
 *
 * @param mean what to expect
 * @param spread one standard deviation of it, above 0
 * @param lessons how often something was seen
 */
public record Belief(double mean, double spread, int lessons) {
    /** Standard deviations that hold nine tenths of a normal belief. */
    private static final double NINE_TENTHS = 1.6449;

    public Belief {
        if (!Double.isFinite(mean) || !(spread > 0) || lessons < 0) {
            throw new IllegalArgumentException("a belief needs a number and a spread above 0");
        }
    }

    /** What is thought before anything was seen: this band holds it nine times in ten. */
    public static Belief within(double low, double high) {
        return new Belief((low + high) / 2, (high - low) / 2 / NINE_TENTHS, 0);
    }

    /**
     * The belief after one thing more was seen.
     *
     * @param scatter one standard deviation from one time to the next, above 0
     * @param weight how much of what was seen is about this number, above 0 and at most 1
     */
    public Belief after(double seen, double scatter, double weight) {
        double before = 1 / (spread * spread);
        double lesson = weight * weight / (scatter * scatter);
        double moved = (before * mean + lesson * seen) / (before + lesson);
        return new Belief(moved, 1 / Math.sqrt(before + lesson), lessons + 1);
    }

    /** Lower end of where it lies nine times in ten. */
    public double low() {
        return mean - NINE_TENTHS * spread;
    }

    /** Upper end of where it lies nine times in ten. */
    public double high() {
        return mean + NINE_TENTHS * spread;
    }
}
