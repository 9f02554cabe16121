package ironpin.devices.scale;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.time.Instant;

/**
 * A real scale whose readings somebody's script posts. It is lost as soon as nothing comes for a while, and it settles when
 * the script says so or the same mass has been posted for a moment. Tare is kept here: such a scale cannot be told to.
 */
public final class PostedScale implements KitchenScale {
    /** Nothing for so long: the script or the scale is gone. */
    public static final Duration SILENCE = Duration.ofSeconds(5);

    private static final Duration STILL = Duration.ofMillis(800);

    private Mass gross = Mass.ZERO;
    private Mass tare = Mass.ZERO;
    private Instant came = Instant.EPOCH;
    private Instant since = Instant.EPOCH;
    private boolean said;

    /** A reading came. @param settled whether the scale itself calls it so */
    public void post(Mass mass, boolean settled, Instant now) {
        if (!mass.equals(gross) || !alive(now)) {
            since = now;
        }
        gross = mass;
        said = settled;
        came = now;
    }

    /** Whether something came lately. */
    public boolean alive(Instant now) {
        return Duration.between(came, now).compareTo(SILENCE) < 0;
    }

    @Override
    public ScaleReading read(Instant now) {
        if (!alive(now)) {
            return new ScaleReading(ScaleReading.State.LOST, Mass.ZERO, false, now);
        }
        boolean still = Duration.between(since, now).compareTo(STILL) >= 0;
        return new ScaleReading(ScaleReading.State.READY, gross.minus(tare), said || still, now);
    }

    @Override
    public void tare(Instant now) {
        if (alive(now)) {
            tare = gross;
        }
    }
}
