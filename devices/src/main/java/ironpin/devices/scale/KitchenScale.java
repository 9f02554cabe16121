package ironpin.devices.scale;

import java.time.Instant;

/** The port behind which a kitchen scale stands. The caller's clock is the only one; it never goes back. */
public interface KitchenScale {
    /** What it shows now. */
    ScaleReading read(Instant now);

    /** What lies on it counts as nothing from now on; without effect while it is off, overloaded or not connected. */
    void tare(Instant now);
}
