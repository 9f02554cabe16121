package ironpin.store;

import ironpin.filling.PattyVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.time.Instant;

/**
 * A tasting as it was written down.
 *
 * @param fillingNo which filling
 * @param verdict what the patty tasted like
 * @param salt of the filling it was of
 * @param added what was added to the rest; empty if nothing
 * @param mass of it
 * @param at when
 */
public record LoggedTasting(
        int fillingNo, PattyVerdict verdict, Percentage salt, String added, Mass mass, Instant at) {}
