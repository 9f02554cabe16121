package ironpin.devices.probe;

import ironpin.quantity.Temperature;
import java.time.Instant;
import java.util.Optional;

/** The port behind which a probe stands. The caller's clock is the only one. */
public interface CoreProbe {
    /** Nothing in the middle of a piece is colder. */
    Temperature COLDEST = Temperature.ofCelsius(-30);

    /** Nor hotter. */
    Temperature HOTTEST = Temperature.ofCelsius(150);

    /** What it shows; nothing while it is in no piece, or not connected. */
    Optional<Temperature> read(Instant now);
}
