package ironpin.devices.hob;

import java.time.Instant;

/** The port behind which a hob stands. The caller's clock is the only one; it never goes back. */
public interface Hob {
    /** Turned to this power, W, 0 or more. */
    void set(double watts, Instant now);

    /** What reaches the vessel now, W. */
    double watts(Instant now);
}
