package ironpin.wrapper;

import ironpin.quantity.Belief;
import java.util.List;

/**
 * How full a cook's fold may be, learned from pieces that held and pieces that burst or gaped (est.). A piece filled to the
 * comfortable share fails one time in twenty; fuller ones fail more often along a logistic curve,
 * {@code p(x) = 1/(1 + 19·e^((c−x)/s))} with a steepness s of 5 points of the room. What was seen moves the usual belief of c by
 * Bayes' rule, on a grid.
 */
public final class Comfort {
    /** Fewer failed pieces than this teach nothing yet: any one may have been a slip. */
    public static final int FEWEST_FAILED = 3;

    /** Fewer pieces in all than this neither. */
    public static final int FEWEST_PIECES = 20;

    private static final double STEEPNESS = 5;
    private static final double ODDS_AT_EASE = 19;
    private static final double LEAST = 30;
    private static final double MOST = 95;
    private static final double STEP = 0.25;

    private Comfort() {}

    /**
     * A piece that was closed and cooked.
     *
     * @param share filling in percent of the geometric room
     * @param failed whether it burst or gaped
     */
    public record Trial(double share, boolean failed) {}

    /** Whether this many pieces teach anything. */
    public static boolean enough(List<Trial> trials) {
        return trials.size() >= FEWEST_PIECES
                && trials.stream().filter(Trial::failed).count() >= FEWEST_FAILED;
    }

    /** The comfortable share, %: the belief as it was while there is not enough to learn from. */
    public static Belief learned(Belief before, List<Trial> trials) {
        if (!enough(trials)) {
            return before;
        }
        int count = (int) Math.round((MOST - LEAST) / STEP) + 1;
        double[] log = new double[count];
        double best = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < count; i++) {
            double comfort = LEAST + i * STEP;
            double off = (comfort - before.mean()) / before.spread();
            log[i] = -off * off / 2;
            for (Trial one : trials) {
                double fails = fails(one.share(), comfort);
                log[i] += Math.log(one.failed() ? fails : 1 - fails);
            }
            best = Math.max(best, log[i]);
        }
        double all = 0;
        double mean = 0;
        double squares = 0;
        for (int i = 0; i < count; i++) {
            double weight = Math.exp(log[i] - best);
            double comfort = LEAST + i * STEP;
            all += weight;
            mean += weight * comfort;
            squares += weight * comfort * comfort;
        }
        mean /= all;
        return new Belief(mean, Math.max(STEP, Math.sqrt(Math.max(0, squares / all - mean * mean))), trials.size());
    }

    /** Chance that a piece filled so far fails. @param comfort percent that closes with ease */
    public static double fails(double share, double comfort) {
        return 1 / (1 + ODDS_AT_EASE * Math.exp((comfort - share) / STEEPNESS));
    }
}
