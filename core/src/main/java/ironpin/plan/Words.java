package ironpin.plan;

import ironpin.quantity.Decimal;

/** Numbers in sentences. */
final class Words {
    private Words() {}

    static String grams(double grams) {
        return Decimal.grouped(grams, 0) + " g";
    }

    static String fine(double grams) {
        return Decimal.grouped(grams, 1) + " g";
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
