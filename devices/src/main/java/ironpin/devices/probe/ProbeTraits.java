package ironpin.devices.probe;

import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * How a probe behaves.
 *
 * @param lag time constant with which it follows, 0 to 120 s
 * @param noise standard deviation of a reading, 0 to 20 °C
 * @param offCentre share of the way from the middle to the surface at which its tip is, 0 to 1
 * @param resolution smallest step it shows, 0.01 to 5 °C
 */
public record ProbeTraits(Duration lag, double noise, double offCentre, double resolution) {
    /** An ordinary kitchen probe in a careful hand. */
    public static final ProbeTraits USUAL = new ProbeTraits(Duration.ofSeconds(4), 0.2, 0.15, 0.1);

    public ProbeTraits {
        if (lag.isNegative() || lag.toSeconds() > 120) {
            throw new Refused("a probe follows within 0 to 120 s");
        }
        if (!(noise >= 0 && noise <= 20) || !(resolution >= 0.01 && resolution <= 5)) {
            throw new Refused("a probe trembles by 0 to 20 °C, and shows steps of 0.01 to 5 °C");
        }
        if (!(offCentre >= 0 && offCentre <= 1)) {
            throw new Refused("a probe's tip is 0 to 100 % of the way from the middle to the surface");
        }
    }
}
