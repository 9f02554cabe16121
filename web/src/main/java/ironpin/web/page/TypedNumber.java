package ironpin.web.page;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A number as a cook types it: a point or a comma for decimals, a unit behind it if they like. */
final class TypedNumber {
    private static final Pattern NUMBER = Pattern.compile("\\s*([+-]?\\d{1,12}(?:[.,]\\d{1,6})?)\\s*(\\D{0,12})");

    private TypedNumber() {}

    /** The number, if the text is one in this unit. */
    static OptionalDouble read(String text, String unit) {
        Matcher matcher = NUMBER.matcher(text);
        if (!matcher.matches()) {
            return OptionalDouble.empty();
        }
        String typedUnit = matcher.group(2).strip();
        if (!typedUnit.isEmpty() && !typedUnit.equals(unit)) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Double.parseDouble(matcher.group(1).replace(',', '.')));
    }
}
