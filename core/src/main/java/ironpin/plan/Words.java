package ironpin.plan;

import java.util.Locale;

/** Numbers in sentences. */
final class Words {
    private Words() {}

    static String grams(double grams) {
        return String.format(Locale.ROOT, "%,.0f g", grams);
    }

    static String fine(double grams) {
        return String.format(Locale.ROOT, "%,.1f g", grams);
    }

    static String one(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    static double toTenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    static double floorTenth(double value) {
        return Math.floor(value * 10 + 1e-9) / 10.0;
    }
}
