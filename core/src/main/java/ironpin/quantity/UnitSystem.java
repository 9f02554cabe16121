package ironpin.quantity;

import java.util.Optional;

/** The units somebody likes to read; nothing that is worked out or kept depends on them. */
public enum UnitSystem {
    METRIC("g · °C", "Show metric units"),
    /** Cups and spoons, weights beside what fills more than a few of them. */
    US("oz · °F", "Show US units: cups, spoons, ounces"),
    /** Grams, with spoons and metric cups beside them. */
    SPOONS("g · spoons", "Show grams with spoons and cups");

    /** Below two ounces a spoon says it better than a scale. */
    private static final double LEAST_OUNCE = 56;

    private static final double OUNCES_PER_POUND = 16;
    private static final double FEW_OUNCES = 10;
    private static final double US_TSP_ML = 4.92892159375;
    private static final double US_TBSP_ML = 3 * US_TSP_ML;
    private static final double US_CUP_ML = 48 * US_TSP_ML;
    private static final String[] QUARTERS = {"", "¼", "½", "¾"};

    private final String sign;
    private final String offered;

    UnitSystem(String sign, String offered) {
        this.sign = sign;
        this.offered = offered;
    }

    /** By two of its units, as a key says it. */
    public String sign() {
        return sign;
    }

    /** The one that comes after it, round and round. */
    public UnitSystem next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** Whether it has the metric units. */
    boolean metric() {
        return this != US;
    }

    /** What a key that turns to it says. */
    public String offered() {
        return offered;
    }

    /** A number read in this system's unit, in the metric one. */
    public double toMetric(Dimension dimension, double shown) {
        return dimension.metric(shown, this);
    }

    /** What the unit is called in this system. */
    public String unit(Dimension dimension) {
        return dimension.unit(this);
    }

    /** A quantity in these units. */
    String say(Quantity quantity) {
        Dimension dimension = quantity.dimension();
        int decimals = quantity.decimals();
        double value =
                quantity.form() == Quantity.Form.STEP ? quantity.value() : Decimal.rounded(quantity.value(), decimals);
        return switch (quantity.form()) {
            case UNIT -> dimension.unit(this);
            case STEP -> Decimal.trimmed(step(dimension, value), decimals);
            case NUMBER -> Decimal.trimmed(dimension.shown(value, this), decimals(dimension, decimals, value));
            case FULL -> said(dimension, value, decimals, false);
            case SHORT -> said(dimension, value, decimals, true);
        };
    }

    /** A mass of a food in its measures; nothing where its mass stands beside and it fills none. */
    String say(Measured measured) {
        String filled = filled(measured).map(Measured.Spooned::said).orElse("");
        if (measured.mass().isEmpty()) {
            return filled;
        }
        Quantity mass = measured.mass().get();
        if (filled.isEmpty()) {
            return say(mass);
        }
        if (this != US) {
            return say(mass) + " (" + filled + ")";
        }
        String ounces = Decimal.grouped(Dimension.MASS.shown(mass.value(), this), 1) + " oz";
        return mass.value() < LEAST_OUNCE ? filled : filled + " (" + ounces + ")";
    }

    private Optional<Measured.Spooned> filled(Measured measured) {
        return switch (this) {
            case METRIC -> Optional.empty();
            case US -> measured.us();
            case SPOONS -> measured.metric();
        };
    }

    private String said(Dimension dimension, double value, int decimals, boolean trim) {
        double shown = dimension.shown(value, this);
        int places = decimals(dimension, decimals, value);
        if (this == US && dimension == Dimension.VOLUME) {
            return spooned(value);
        }
        if (this == US && dimension == Dimension.MASS && Math.abs(shown) >= 2 * OUNCES_PER_POUND) {
            return Decimal.grouped(shown / OUNCES_PER_POUND, 2) + " lb";
        }
        String number = trim ? Decimal.trimmed(shown, places) : Decimal.grouped(shown, places);
        return number + " " + dimension.unit(this);
    }

    /**
     * An ounce is as much as twenty-eight grams and an inch as twenty-five millimetres: they want more digits, so many that what
     * is written differently in metric units is not written alike in these.
     */
    private int decimals(Dimension dimension, int metric, double value) {
        if (metric() || dimension == Dimension.TEMPERATURE) {
            return metric;
        }
        return switch (dimension) {
            case MASS -> metric + (Math.abs(dimension.shown(value, this)) < FEW_OUNCES ? 2 : 1);
            case VOLUME -> metric + 1;
            case LENGTH -> metric + 2;
            case MASS_PER_LENGTH -> 2;
            case TEMPERATURE -> metric;
        };
    }

    private double step(Dimension dimension, double metric) {
        if (metric()) {
            return metric;
        }
        return switch (dimension) {
            case MASS -> metric >= 10 ? 0.5 : metric >= 1 ? 0.1 : 0.02;
            case LENGTH -> 0.05;
            case TEMPERATURE, VOLUME, MASS_PER_LENGTH -> metric;
        };
    }

    /** To the quarter of a spoon or cup. */
    private static String spooned(double ml) {
        if (ml < US_TBSP_ML - US_TSP_ML / 8) {
            return quarters(ml / US_TSP_ML) + " tsp";
        }
        if (ml < US_CUP_ML / 4) {
            return quarters(ml / US_TBSP_ML) + " tbsp";
        }
        double cups = Math.round(ml / US_CUP_ML * 4) / 4.0;
        return quarters(cups) + (cups <= 1 ? " cup" : " cups");
    }

    /** As in "2¼", at least a quarter. */
    static String quarters(double value) {
        long count = Math.max(1, Math.round(value * 4));
        String whole = count >= 4 ? String.valueOf(count / 4) : "";
        return whole + QUARTERS[(int) (count % 4)];
    }
}
