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

    /** What a text that matches {@link #NUMBER} stands for. */
    static double value(String number) {
        boolean grouped = THOUSANDS.matcher(number).matches();
        return Double.parseDouble(grouped ? number.replace(",", "") : number.replace(',', '.'));
    }
}
