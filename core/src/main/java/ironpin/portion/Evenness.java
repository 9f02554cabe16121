package ironpin.portion;

import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;

/**
 * How even a cook's pieces are, from what was weighed (est.).
 *
 * @param pieces that were weighed
 * @param meanShare their mean ÷ what was meant
 * @param spread standard deviation ÷ mean
 * @param driftShare how much heavier each is than the one before, as a share of the mean
 */
public record Evenness(int pieces, double meanShare, double spread, double driftShare) {
    /** Fewer say nothing about a hand. */
    public static final int FEWEST = 10;

    /**
     * The pieces of one sitting, in their order.
     *
     * @param meant what each was to weigh, above 0
     */
    public record Sitting(Mass meant, List<Mass> pieces) {}

    /** What several sittings say together, each by the number of its pieces; absent if there are too few pieces. */
    public static Optional<Evenness> of(List<Sitting> sittings) {
        int count = 0;
        double mean = 0;
        double squares = 0;
        double drift = 0;
        for (Sitting one : sittings) {
            if (one.pieces().size() < 2) {
                continue;
            }
            Mass all = one.pieces().stream().reduce(Mass.ZERO, Mass::plus);
            Tally tally = new Tally(all, one.pieces().size(), one.pieces());
            int n = one.pieces().size();
            double its = tally.mean().orElseThrow().grams();
            count += n;
            mean += n * its / one.meant().grams();
            squares += n * Math.pow(tally.spread().orElseThrow(), 2);
            drift += n * tally.driftGrams().orElseThrow() / its;
        }
        return count < FEWEST
                ? Optional.empty()
                : Optional.of(new Evenness(count, mean / count, Math.sqrt(squares / count), drift / count));
    }

    /** Share of pieces that lie outside ± a band round their mean, if they are spread normally. */
    public static double outside(double spread, double band) {
        return spread <= 0 ? 0 : 1 - erf(band / spread / Math.sqrt(2));
    }

    /** Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26; error below 1.5·10⁻⁷. */
    private static double erf(double x) {
        double t = 1 / (1 + 0.3275911 * x);
        double poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
        return 1 - poly * Math.exp(-x * x);
    }
}
