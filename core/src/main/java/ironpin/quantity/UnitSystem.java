package ironpin.quantity;

/** The units somebody likes to read; nothing that is worked out or kept depends on them. */
public enum UnitSystem {
    METRIC("metric"),
    US("US");

    private static final double OUNCES_PER_POUND = 16;
    private static final double FEW_OUNCES = 10;
    private static final double LARGEST_ROUNDED = 1e12;
    private static final double US_TSP_ML = 4.92892159375;
    private static final double US_TBSP_ML = 3 * US_TSP_ML;
    private static final double US_CUP_ML = 48 * US_TSP_ML;
    private static final String[] QUARTERS = {"", "¼", "½", "¾"};

    private final String label;

    UnitSystem(String label) {
        this.label = label;
    }

    /** In a word. */
    public String label() {
        return label;
    }

    /** A number read in this system's unit, in the metric one. */
    public double toMetric(Dimension dimension, double shown) {
        return dimension.metric(shown, this);
    }

    /** What the unit is called in this system. */
    public String unit(Dimension dimension) {
        return dimension.unit(this);
    }

    /** The text with every quoted quantity said in these units. */
    public String say(String text) {
        int open = text.indexOf(Quoted.OPEN);
        if (open < 0) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length());
        int from = 0;
        while (open >= 0) {
            int close = text.indexOf(Quoted.CLOSE, open);
            int end = close < 0 ? text.length() : close;
            out.append(text, from, open).append(said(text.substring(open + 1, end)));
            from = Math.min(text.length(), end + 1);
            open = text.indexOf(Quoted.OPEN, from);
        }
        return out.append(text, from, text.length()).toString();
    }

    /** A mark that nobody here has written is no quantity, and no reason to show nothing at all. */
    private String said(String mark) {
        try {
            return one(mark);
        } catch (IllegalArgumentException | IndexOutOfBoundsException notOurs) {
            return mark.replace(String.valueOf(Quoted.OPEN), "");
        }
    }

    private String one(String mark) {
        Dimension dimension = Dimension.ofMark(mark.charAt(0));
        Quoted.Form form = Quoted.Form.values()[mark.charAt(1) - '0'];
        int decimals = mark.charAt(2) - '0';
        double value = form == Quoted.Form.STEP
                ? Double.parseDouble(mark.substring(3))
                : rounded(Double.parseDouble(mark.substring(3)), decimals);
        return switch (form) {
            case UNIT -> dimension.unit(this);
            case STEP -> Decimal.trimmed(step(dimension, value), decimals);
            case NUMBER -> Decimal.trimmed(dimension.shown(value, this), decimals(dimension, decimals, value));
            case FULL -> said(dimension, value, decimals, false);
            case SHORT -> said(dimension, value, decimals, true);
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

    /** To the metric digits that are written: what is written alike in one system is written alike in the other. */
    private static double rounded(double metric, int decimals) {
        double power = Math.pow(10, decimals);
        double scaled = Math.floor(Math.abs(metric) * power + 0.5) / power;
        return Math.abs(metric) < LARGEST_ROUNDED ? Math.copySign(scaled, metric) : metric;
    }

    /**
     * An ounce is as much as twenty-eight grams and an inch as twenty-five millimetres: they want more digits, so many that what
     * is written differently in metric units is not written alike in these.
     */
    private int decimals(Dimension dimension, int metric, double value) {
        if (this == METRIC || dimension == Dimension.TEMPERATURE) {
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
        if (this == METRIC) {
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
