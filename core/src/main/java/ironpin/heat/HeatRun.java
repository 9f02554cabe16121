package ironpin.heat;

import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * The temperatures of a piece over time (est.), sampled evenly.
 *
 * @param every seconds from one sample to the next, above 0
 * @param core where it is coldest while it warms, which is its middle unless it is heated from one side, °C
 * @param mean by mass, °C
 * @param surface of the skin, away from the seat, °C
 * @param around what it stood in, °C
 * @param profiles temperatures of its cells, for each sample; {@link #at} finds one
 * @param section how its cells lie
 */
public record HeatRun(
        double every,
        double[] core,
        double[] mean,
        double[] surface,
        double[] around,
        double[][] profiles,
        Section section) {
    /** Where a cell lies in a piece. */
    public static final class Section {
        private final Mesh mesh;

        Section(Mesh mesh) {
            this.mesh = mesh;
        }

        /** Rings from the middle outwards. */
        public int shells() {
            return mesh.shells;
        }

        /** Parts of a ring from the seat up and over; 1 where it is heated alike from all sides. */
        public int sectors() {
            return mesh.sectors;
        }
    }

    /** How many samples there are. */
    public int samples() {
        return core.length;
    }

    /**
     * The temperature of a place, °C.
     *
     * @param sample from 0
     * @param out share of the way from the middle to the surface, 0 to 1
     * @param up share of the way from the middle of the seat up and over to the top, 0 to 1
     */
    public double at(int sample, double out, double up) {
        return profiles[sample][section.mesh.cell(out, up)];
    }

    /** The sample at a time, or the last one. */
    public int sample(Duration time) {
        return (int) Math.max(0, Math.min(core.length - 1, Math.round(time.toMillis() / 1_000.0 / every)));
    }

    /** When the core first reaches a temperature, between the samples by a straight line; absent if it never does. */
    public Optional<Duration> until(Temperature wanted) {
        return until(wanted, core);
    }

    /** When the core is first as cold as this; absent if it never is. */
    public Optional<Duration> frozen(Temperature wanted) {
        for (int i = 0; i < core.length; i++) {
            if (core[i] <= wanted.celsius()) {
                return Optional.of(Duration.ofMillis(Math.round(1_000 * every * i)));
            }
        }
        return Optional.empty();
    }

    private Optional<Duration> until(Temperature wanted, double[] curve) {
        double celsius = wanted.celsius();
        for (int i = 0; i < curve.length; i++) {
            if (curve[i] >= celsius) {
                double back = i == 0 || curve[i] == curve[i - 1] ? 0 : (curve[i] - celsius) / (curve[i] - curve[i - 1]);
                return Optional.of(Duration.ofMillis(Math.round(1_000 * every * (i - back))));
            }
        }
        return Optional.empty();
    }

    /** How long the surface was at a temperature or above. */
    public Duration skinOver(Temperature celsius) {
        return skinOver(celsius, Duration.ofMillis(Math.round(1_000 * every * core.length)));
    }

    /** How long the surface was at a temperature or above until a moment. */
    public Duration skinOver(Temperature celsius, Duration until) {
        int count = 0;
        for (int i = 0; i < surface.length && every * i <= until.toMillis() / 1_000.0; i++) {
            count += surface[i] >= celsius.celsius() ? 1 : 0;
        }
        return Duration.ofMillis(Math.round(1_000 * every * count));
    }
}
