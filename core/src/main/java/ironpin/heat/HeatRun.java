package ironpin.heat;

import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * The temperatures of a piece over time (est.), sampled evenly.
 *
 * @param every seconds from one sample to the next, above 0
 * @param core in the middle, °C
 * @param mean by mass, °C
 * @param surface of the skin, °C
 * @param around what it stood in, °C
 * @param profiles temperatures from the middle outwards, for each sample
 */
public record HeatRun(
        double every, double[] core, double[] mean, double[] surface, double[] around, double[][] profiles) {
    /** How many samples there are. */
    public int samples() {
        return core.length;
    }

    /** When the middle first reaches a temperature, between the samples by a straight line; absent if it never does. */
    public Optional<Duration> until(Temperature wanted) {
        double celsius = wanted.celsius();
        for (int i = 0; i < core.length; i++) {
            if (core[i] >= celsius) {
                double back = i == 0 || core[i] == core[i - 1] ? 0 : (core[i] - celsius) / (core[i] - core[i - 1]);
                return Optional.of(Duration.ofMillis(Math.round(1_000 * every * (i - back))));
            }
        }
        return Optional.empty();
    }

    /** How long the surface was at a temperature or above. */
    public Duration skinOver(Temperature celsius) {
        int count = 0;
        for (double one : surface) {
            count += one >= celsius.celsius() ? 1 : 0;
        }
        return Duration.ofMillis(Math.round(1_000 * every * count));
    }
}
