package ironpin.quantity;

/**
 * Puts a quantity into a sentence without choosing its units yet: the number stays in the text as a mark, and
 * {@link UnitSystem#say} turns every mark into words when the text is shown. So what is worked out and kept never depends
 * on the units somebody likes to read.
 */
public final class Quoted {
    static final char OPEN = '\uE000';
    static final char CLOSE = '\uE001';

    /** How a quantity stands in the text. */
    enum Form {
        /** With its unit, fixed decimals, thousands apart. */
        FULL,
        /** With its unit, no zeros at the end. */
        SHORT,
        /** The bare number, as a field takes it. */
        NUMBER,
        /** The unit alone. */
        UNIT,
        /** What an arrow key adds in a field, a bare number. */
        STEP
    }

    private static final double FINE_GRAMS = 50;

    private Quoted() {}

    /** A mass with its unit. @param decimals of grams, 0 or 1 */
    public static String mass(double grams, int decimals) {
        return mark(Dimension.MASS, Form.FULL, grams, decimals);
    }

    /** A mass as a kitchen scale is asked for it: below 50 g to a tenth of a gram, above to the gram. */
    public static String weighed(Mass mass) {
        return mass(mass.grams(), mass.grams() < FINE_GRAMS ? 1 : 0);
    }

    /** A temperature with its unit, in whole degrees. */
    public static String temperature(double celsius) {
        return mark(Dimension.TEMPERATURE, Form.SHORT, celsius, 0);
    }

    /** A length with its unit. @param decimals of millimetres, 0 or 1 */
    public static String length(double millimetres, int decimals) {
        return mark(Dimension.LENGTH, Form.SHORT, millimetres, decimals);
    }

    /** A volume with its unit. */
    public static String volume(double millilitres) {
        return mark(Dimension.VOLUME, Form.FULL, millilitres, 0);
    }

    /** The mass of a length of rope with its unit. */
    public static String massPerLength(double gramsPerCm) {
        return mark(Dimension.MASS_PER_LENGTH, Form.FULL, gramsPerCm, 1);
    }

    /** A quantity with its unit, without zeros at the end. */
    public static String brief(Dimension dimension, double value, int decimals) {
        return mark(dimension, Form.SHORT, value, decimals);
    }

    /** The bare number of a quantity. */
    public static String number(Dimension dimension, double value, int decimals) {
        return mark(dimension, Form.NUMBER, value, decimals);
    }

    /** The unit of a quantity. */
    public static String unit(Dimension dimension) {
        return mark(dimension, Form.UNIT, 0, 0);
    }

    /** A sensible step in a field whose metric step this is. */
    public static String step(Dimension dimension, double metricStep) {
        return mark(dimension, Form.STEP, metricStep, 2);
    }

    private static String mark(Dimension dimension, Form form, double value, int decimals) {
        return new StringBuilder(24)
                .append(OPEN)
                .append(dimension.mark())
                .append(form.ordinal())
                .append(decimals)
                .append(value)
                .append(CLOSE)
                .toString();
    }
}
