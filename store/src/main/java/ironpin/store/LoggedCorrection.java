package ironpin.store;

import ironpin.dough.Correction;
import ironpin.quantity.Percentage;
import java.time.Instant;

/**
 * A correction as it was made at the bench.
 *
 * @param doughNo of which dough
 * @param correction what was felt and added
 * @param before hydration of the dough's poured water before it
 * @param hydration of the dough's poured water after it
 * @param madeAt when
 */
public record LoggedCorrection(
        int doughNo, Correction correction, Percentage before, Percentage hydration, Instant madeAt) {
    /** Points of hydration it added; negative for flour. */
    public double points() {
        return hydration.minus(before).percent();
    }
}
