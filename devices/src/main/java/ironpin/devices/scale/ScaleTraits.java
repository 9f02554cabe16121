package ironpin.devices.scale;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * How a scale behaves.
 *
 * @param resolution smallest step it shows, 0.01 to 50 g
 * @param most it can carry, above the resolution, up to 50 kg
 * @param settling time constant with which it follows what is put on it, 0 to 10 s
 * @param noise standard deviation of what it reads at rest, 0 to 100 g
 * @param driftPerMinute what its zero wanders, -100 to 100 g a minute
 * @param off after how long without a change it switches itself off, up to a day
 */
public record ScaleTraits(
        Mass resolution, Mass most, Duration settling, double noise, double driftPerMinute, Duration off) {
    /** An ordinary flat scale for a kitchen. */
    public static final ScaleTraits USUAL = new ScaleTraits(
            Mass.ofGrams(0.1), Mass.ofGrams(3_000), Duration.ofMillis(180), 0.03, 0.01, Duration.ofMinutes(3));

    public ScaleTraits {
        if (resolution.compareTo(Mass.ofGrams(0.01)) < 0 || resolution.compareTo(Mass.ofGrams(50)) > 0) {
            throw new Refused("a scale shows steps of 0.01 to 50 g");
        }
        if (most.compareTo(resolution) <= 0 || most.compareTo(Mass.ofGrams(50_000)) > 0) {
            throw new Refused("a scale carries more than one of its steps, and up to 50 kg");
        }
        if (!(noise >= 0 && noise <= 100) || !(Math.abs(driftPerMinute) <= 100)) {
            throw new Refused("a scale trembles by 0 to 100 g, and wanders by up to 100 g a minute");
        }
        if (settling.isNegative()
                || settling.toMillis() > 10_000
                || off.isNegative()
                || off.isZero()
                || off.toDays() > 1) {
            throw new Refused("a scale settles within 10 s, and switches itself off within a day");
        }
    }
}
