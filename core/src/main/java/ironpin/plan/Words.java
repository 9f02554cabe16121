package ironpin.plan;

import ironpin.quantity.Decimal;

/** Numbers in sentences. */
final class Words {
    private Words() {}

    /** Points with their sign. */
    static String signed(double points) {
        return (points < 0 ? "−" : "+") + one(Math.abs(points));
    }

    static String one(double value) {
        return Decimal.fixed(value, 1);
    }

    static String two(double value) {
        return Decimal.fixed(value, 2);
    }

    static String trimmed(double value) {
        return Decimal.trimmed(value, 1);
    }

    static double toTenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    static double floorTenth(double value) {
        return Math.floor(value * 10 + 1e-9) / 10.0;
    }
}
