package ironpin.devices.scale;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * How a scale behaves.
 *
 * @param resolution smallest step it shows, above 0
 * @param most it can carry, above the resolution
 * @param settling time constant with which it follows what is put on it
 * @param noise standard deviation of what it reads at rest, g, 0 or more
 * @param driftPerMinute what its zero wanders, g a minute
 * @param off after how long without a change it switches itself off
 */
public record ScaleTraits(
        Mass resolution, Mass most, Duration settling, double noise, double driftPerMinute, Duration off) {
    /** An ordinary flat scale for a kitchen. */
    public static final ScaleTraits USUAL = new ScaleTraits(
            Mass.ofGrams(0.1), Mass.ofGrams(3_000), Duration.ofMillis(180), 0.03, 0.01, Duration.ofMinutes(3));

    public ScaleTraits {
        if (resolution.micrograms() <= 0 || most.compareTo(resolution) <= 0) {
            throw new Refused("a scale shows steps of more than nothing, and carries more than one of them");
        }
        if (settling.isNegative() || off.isNegative() || off.isZero() || !(noise >= 0)) {
            throw new Refused("a scale settles in no negative time, with no negative noise, and stays on for a while");
        }
    }
}
