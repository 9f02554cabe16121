package ironpin.pantry;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;

/**
 * What a kilogram costs, in the cook's own money.
 *
 * @param thousandths of one unit of money, 0 to 10⁶
 */
public record Price(long thousandths) {
    private static final double PER_UNIT = 1_000;
    private static final double MOST = 1_000;

    public Price {
        if (thousandths < 0 || thousandths > MOST * PER_UNIT) {
            throw new Refused("a kilogram costs 0 to 1,000, not " + thousandths / PER_UNIT);
        }
    }

    /** @param each for a kilogram, 0 to 1,000 */
    public static Price perKilogram(double each) {
        return new Price(Math.round(each * PER_UNIT));
    }

    /** For a kilogram. */
    public double perKilogram() {
        return thousandths / PER_UNIT;
    }

    /** For this much. */
    public double of(Mass mass) {
        return perKilogram() * mass.grams() / 1_000;
    }
}
