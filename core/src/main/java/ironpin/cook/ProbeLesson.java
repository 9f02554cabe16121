package ironpin.cook;

import ironpin.heat.HeatRun;
import ironpin.quantity.Belief;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * What one reading of a probe in the middle of a piece teaches: how long real rounds take against the model. The model has that
 * temperature at another moment; the ratio of the two moments is seen.
 */
public final class ProbeLesson {
    /** From one round to the next, the place of the probe and the size of the piece included. */
    private static final double SCATTER = 0.12;

    /** Sooner nobody has a probe where it belongs. */
    private static final Duration TOO_SOON = Duration.ofSeconds(30);

    /** Closer to the end the temperature says nothing about the time. */
    private static final double TOO_HOT = 93;

    /** Less than it has warmed by this, the reading may be of anything. */
    private static final double TOO_LITTLE = 8;

    private static final double LEAST = 0.5;
    private static final double MOST = 2;

    private ProbeLesson() {}

    /**
     * The ratio that is seen; absent where the reading teaches nothing.
     *
     * @param run of the round as it was expected, with what was known then
     * @param known how long rounds took against the model when it was expected
     * @param at after the pieces went in
     */
    public static Optional<Double> seen(HeatRun run, Belief known, Duration at, Temperature read) {
        boolean says = at.compareTo(TOO_SOON) >= 0
                && read.celsius() <= TOO_HOT
                && read.celsius() >= run.core()[0] + TOO_LITTLE;
        if (!says) {
            return Optional.empty();
        }
        return run.until(read)
                .filter(then -> !then.isZero())
                .map(then -> known.mean() * at.toMillis() / then.toMillis())
                .map(ratio -> Math.max(LEAST, Math.min(MOST, ratio)));
    }

    /** What is believed after it. */
    public static Belief after(Belief known, double seen) {
        Belief moved = known.after(seen, SCATTER, 1);
        return new Belief(Math.max(LEAST, Math.min(MOST, moved.mean())), moved.spread(), moved.lessons());
    }
}
