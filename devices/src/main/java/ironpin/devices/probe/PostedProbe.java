package ironpin.devices.probe;

import ironpin.quantity.Temperature;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** A real probe whose readings somebody's page or script posts. It shows nothing as soon as nothing comes for a while. */
public final class PostedProbe implements CoreProbe {
    /** Nothing for so long: the probe is gone. Thermometers of the open standards say something every few seconds. */
    public static final Duration SILENCE = Duration.ofSeconds(20);

    private Temperature shown = Temperature.ofCelsius(0);
    private Instant came = Instant.EPOCH;

    /** A reading came. */
    public synchronized void post(Temperature temperature, Instant now) {
        shown = temperature;
        came = now;
    }

    @Override
    public synchronized Optional<Temperature> read(Instant now) {
        return Duration.between(came, now).compareTo(SILENCE) < 0 ? Optional.of(shown) : Optional.empty();
    }
}
