package ironpin.devices.hob;

import ironpin.refusal.Refused;
import java.time.Duration;
import java.time.Instant;

/** A stand-in for a hob: what reaches the vessel follows the knob with a lag, as a plate does. */
public final class SimulatedHob implements Hob {
    /** Time constant of an ordinary plate. */
    public static final Duration PLATE = Duration.ofSeconds(18);

    private final double lag;
    private double wanted;
    private double before;
    private Instant turned;

    /** @param lag time constant, 0 s (gas, induction) or more */
    public SimulatedHob(Duration lag, Instant now) {
        if (lag.isNegative()) {
            throw new Refused("a hob follows in no negative time");
        }
        this.lag = lag.toMillis() / 1_000.0;
        turned = now;
    }

    @Override
    public void set(double watts, Instant now) {
        if (!(watts >= 0 && watts <= 20_000)) {
            throw new Refused("a hob gives 0 to 20,000 W, not " + watts);
        }
        before = watts(now);
        wanted = watts;
        turned = now;
    }

    @Override
    public double watts(Instant now) {
        double seconds = Duration.between(turned, now).toMillis() / 1_000.0;
        return lag == 0 ? wanted : wanted + (before - wanted) * Math.exp(-seconds / lag);
    }
}
