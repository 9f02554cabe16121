package ironpin.devices.probe;

import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * How a probe behaves.
 *
 * @param lag time constant with which it follows, 0 s or more
 * @param noise standard deviation of a reading, °C, 0 or more
 * @param offCentre share of the way from the middle to the surface at which its tip is, 0 to 1
 * @param resolution smallest step it shows, °C, above 0
 */
public record ProbeTraits(Duration lag, double noise, double offCentre, double resolution) {
    /** An ordinary kitchen probe in a careful hand. */
    public static final ProbeTraits USUAL = new ProbeTraits(Duration.ofSeconds(4), 0.2, 0.15, 0.1);

    public ProbeTraits {
        boolean real = !lag.isNegative() && noise >= 0 && offCentre >= 0 && offCentre <= 1 && resolution > 0;
        if (!real) {
            throw new Refused("a probe follows in no negative time, with its tip inside the piece");
        }
    }
}
