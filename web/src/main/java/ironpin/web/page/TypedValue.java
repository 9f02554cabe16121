package ironpin.web.page;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.Food;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Dimension;
import ironpin.quantity.UnitSystem;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a cook typed into a number's field: a number in the units on the page, a number with a unit of its own, or an amount
 * in words.
 *
 * @param metric in grams, degrees Celsius or millimetres; the number itself where it has no dimension
 * @param reading how words were understood
 */
public record TypedValue(double metric, Optional<Reading> reading) {
    private static final Pattern WITH_UNIT = Pattern.compile("\\s*(" + TypedNumber.NUMBER + ")\\s*(\\D{1,12})");
    private static final double MM_PER_INCH = 25.4;

    private static final Map<String, Double> LENGTHS = Map.of(
            "mm", 1.0, "cm", 10.0, "in", MM_PER_INCH, "inch", MM_PER_INCH, "inches", MM_PER_INCH, "\"", MM_PER_INCH);

    /**
     * Reads what was typed.
     *
     * @param unit of a number without a dimension, which may stand behind it
     * @return nothing if it is no number where only a number makes sense
     * @throws UnreadableAmount if it is neither a number nor an amount
     */
    public static Optional<TypedValue> read(
            String text,
            String unit,
            Optional<Dimension> dimension,
            UnitSystem units,
            Optional<Food> of,
            CupStandard cups) {
        return read(text, unit, dimension, units, of, new AmountReader(cups));
    }

    /**
     * Reads what was typed, amounts in somebody's own measures.
     *
     * @return nothing if it is no number where only a number makes sense
     * @throws UnreadableAmount if it is neither a number nor an amount
     */
    public static Optional<TypedValue> read(
            String text,
            String unit,
            Optional<Dimension> dimension,
            UnitSystem units,
            Optional<Food> of,
            AmountReader amounts) {
        OptionalDouble plain = TypedNumber.read(text, dimension.isPresent() ? "" : unit);
        if (plain.isPresent()) {
            double shown = plain.getAsDouble();
            return number(dimension.map(one -> units.toMetric(one, shown)).orElse(shown));
        }
        if (dimension.isEmpty()) {
            return Optional.empty();
        }
        return switch (dimension.get()) {
            case TEMPERATURE -> withUnit(text).flatMap(TypedValue::celsius);
            case LENGTH -> withUnit(text).flatMap(TypedValue::millimetres);
            case MASS -> amount(text, of, amounts);
            case VOLUME, MASS_PER_LENGTH -> Optional.empty();
        };
    }

    private static Optional<TypedValue> amount(String text, Optional<Food> of, AmountReader amounts) {
        Optional<Matcher> found = withUnit(text);
        if (found.isPresent() && found.get().group(2).strip().equals("g")) {
            return number(value(found.get()));
        }
        Reading reading = amounts.read(text, of);
        return Optional.of(new TypedValue(reading.mass().grams(), Optional.of(reading)));
    }

    private static Optional<TypedValue> number(double metric) {
        return Optional.of(new TypedValue(metric, Optional.empty()));
    }

    private static Optional<Matcher> withUnit(String text) {
        Matcher matcher = WITH_UNIT.matcher(text);
        return matcher.matches() ? Optional.of(matcher) : Optional.empty();
    }

    private static double value(Matcher found) {
        return TypedNumber.value(found.group(1));
    }

    private static Optional<TypedValue> celsius(Matcher found) {
        return switch (found.group(2).strip().toLowerCase(Locale.ROOT)) {
            case "°c", "c" -> number(value(found));
            case "°f", "f" -> number(UnitSystem.US.toMetric(Dimension.TEMPERATURE, value(found)));
            default -> Optional.empty();
        };
    }

    private static Optional<TypedValue> millimetres(Matcher found) {
        Double mm = LENGTHS.get(found.group(2).strip().toLowerCase(Locale.ROOT));
        return mm == null ? Optional.empty() : number(value(found) * mm);
    }
}
