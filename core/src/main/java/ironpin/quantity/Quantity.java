package ironpin.quantity;

/**
 * A number of a dimension in a {@link Sentence}, as it is kept: in which units it is read is chosen when it is read.
 *
 * @param dimension what kind of quantity it is
 * @param form how it stands in the text
 * @param value in the dimension's metric unit: g, °C, mm, ml or g/cm
 * @param decimals of it, 0 to 4
 */
public record Quantity(Dimension dimension, Form form, double value, int decimals) implements Sentence.Part {
    /** How a quantity stands in the text. */
    public enum Form {
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

    /** A mass with its unit. @param decimals of grams, 0 or 1 */
    public static Sentence mass(double grams, int decimals) {
        return one(Dimension.MASS, Form.FULL, grams, decimals);
    }

    /** A mass in whole grams, as in "1,091 g". */
    public static Sentence grams(double grams) {
        return mass(grams, 0);
    }

    /** A mass in tenths of a gram. */
    public static Sentence fineGrams(double grams) {
        return mass(grams, 1);
    }

    /** A mass as a kitchen scale is asked for it: below 50 g to a tenth of a gram, above to the gram. */
    public static Sentence weighed(Mass mass) {
        return mass(mass.grams(), mass.grams() < FINE_GRAMS ? 1 : 0);
    }

    /** A temperature with its unit, in whole degrees. @param celsius °C */
    public static Sentence celsius(double celsius) {
        return one(Dimension.TEMPERATURE, Form.SHORT, celsius, 0);
    }

    /** A temperature that was read, in tenths of a degree, cut off: what is not reached never looks as if it were. @param celsius °C */
    public static Sentence read(double celsius) {
        return one(Dimension.TEMPERATURE, Form.SHORT, Math.floor(10 * celsius) / 10, 1);
    }

    /** From one temperature to another, as in "15–30 °C". */
    public static Sentence celsius(Band<Temperature> band) {
        return Sentence.of(
                number(Dimension.TEMPERATURE, band.low().celsius(), 0),
                "–",
                celsius(band.high().celsius()));
    }

    /** A length in whole millimetres. */
    public static Sentence mm(double millimetres) {
        return length(millimetres, 0);
    }

    /** A length in tenths of a millimetre. */
    public static Sentence fineMm(double millimetres) {
        return length(millimetres, 1);
    }

    /** A length with its unit. @param decimals of millimetres, 0 or 1 */
    public static Sentence length(double millimetres, int decimals) {
        return one(Dimension.LENGTH, Form.SHORT, millimetres, decimals);
    }

    /** A volume with its unit, to the millilitre. */
    public static Sentence ml(double millilitres) {
        return one(Dimension.VOLUME, Form.FULL, millilitres, 0);
    }

    /** The mass of a length of rope with its unit, to a tenth. */
    public static Sentence massPerLength(double gramsPerCm) {
        return one(Dimension.MASS_PER_LENGTH, Form.FULL, gramsPerCm, 1);
    }

    /** A quantity with its unit, without zeros at the end. @param value in the metric unit @param decimals 0 to 4 */
    public static Sentence brief(Dimension dimension, double value, int decimals) {
        return one(dimension, Form.SHORT, value, decimals);
    }

    /** The bare number of a quantity. @param value in the metric unit @param decimals 0 to 4 */
    public static Sentence number(Dimension dimension, double value, int decimals) {
        return one(dimension, Form.NUMBER, value, decimals);
    }

    /** The unit of a quantity. */
    public static Sentence unit(Dimension dimension) {
        return one(dimension, Form.UNIT, 0, 0);
    }

    /** A sensible step in a field whose metric step this is. */
    public static Sentence step(Dimension dimension, double metricStep) {
        return one(dimension, Form.STEP, metricStep, 2);
    }

    private static Sentence one(Dimension dimension, Form form, double value, int decimals) {
        return Sentence.of(new Quantity(dimension, form, value, decimals));
    }
}
