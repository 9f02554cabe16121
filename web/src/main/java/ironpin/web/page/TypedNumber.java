package ironpin.web.page;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as a cook types it: a point or a comma for decimals, a unit behind it if they like. A comma before three digits parts
 * thousands, as these pages print them: "1,200" is twelve hundred, "0,125" an eighth.
 */
public final class TypedNumber {
    /** A number, as a part of a pattern. */
    static final String NUMBER = "[+-]?(?:[1-9]\\d{0,2}(?:,\\d{3})+(?:\\.\\d{1,6})?|\\d{1,12}(?:[.,]\\d{1,6})?)";

    private static final Pattern THOUSANDS = Pattern.compile("[+-]?[1-9]\\d{0,2}(?:,\\d{3})+(?:\\.\\d+)?");
    private static final double THOUSAND = 1000;
    private static final Pattern AMBIGUOUS = Pattern.compile("[1-9]\\d{0,2}(?:,\\d{3}|\\.\\d{3}0?)\\D{0,12}");
    private static final Pattern WITH_UNIT = Pattern.compile("\\s*(" + NUMBER + ")\\s*(\\D{0,12})");

    private TypedNumber() {}

    /** The number, if the text is one in this unit. */
    public static OptionalDouble read(String text, String unit) {
        Matcher matcher = WITH_UNIT.matcher(text);
        if (!matcher.matches()) {
            return OptionalDouble.empty();
        }
        String typedUnit = matcher.group(2).strip();
        if (!typedUnit.isEmpty() && !typedUnit.equals(unit)) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(value(matcher.group(1)));
    }

    /**
     * What else it may have been meant for: a mark with three digits behind it parts thousands for one cook and decimals for another. A
     * page whose cook writes commas sends "1,200" as "1.2000" (local.js).
     */
    static OptionalDouble otherwise(String text, double value) {
        Matcher matcher = AMBIGUOUS.matcher(text.strip());
        return matcher.matches()
                ? OptionalDouble.of(text.contains(",") ? value / THOUSAND : value * THOUSAND)
                : OptionalDouble.empty();
    }

    /** What a text that matches {@link #NUMBER} stands for. */
    static double value(String number) {
        boolean grouped = THOUSANDS.matcher(number).matches();
        return Double.parseDouble(grouped ? number.replace(",", "") : number.replace(',', '.'));
    }
}
