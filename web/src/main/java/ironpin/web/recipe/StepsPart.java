package ironpin.web.recipe;

import ironpin.amount.UnreadableAmount;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.RecipeHints;
import ironpin.web.page.TypedValue;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was understood of a recipe's steps, as it stands in the form beside them. A field that still says what was read corrects
 * nothing; an emptied one says that the recipe does not say it.
 */
final class StepsPart {
    private final Map<StepField, String> typed;
    private final Map<StepField, String> errors = new EnumMap<>(StepField.class);
    private final Map<StepField, String> shown = new EnumMap<>(StepField.class);
    private final UnitSystem units;

    private StepsPart(Map<StepField, String> typed, UnitSystem units) {
        this.typed = typed;
        this.units = units;
    }

    /** Nothing typed yet. */
    static StepsPart untouched(UnitSystem units) {
        return new StepsPart(Map.of(), units);
    }

    /** What was sent, by the names of the fields. */
    static StepsPart of(Map<String, String[]> sent, UnitSystem units) {
        Map<StepField, String> typed = new EnumMap<>(StepField.class);
        for (StepField field : StepField.values()) {
            String[] values = sent.get(field.key());
            if (values != null && values.length > 0) {
                typed.put(field, values[0].strip());
            }
        }
        return new StepsPart(typed, units);
    }

    /**
     * One of them on the page.
     *
     * @param key of its field
     * @param label before it
     * @param value as it stands
     * @param unit behind it
     * @param choices by the value that is sent; empty for a number
     * @param error what is allowed, if what was typed is not
     */
    public record View(
            String key, String label, String value, Sentence unit, Map<String, String> choices, String error) {}

    /** What was read, with what was put right. */
    RecipeHints correct(RecipeHints read) {
        RecipeHints hints = read;
        for (StepField field : StepField.values()) {
            String was = field.shown(read, units);
            String now = typed.getOrDefault(field, was);
            shown.put(field, now);
            if (!now.equals(was)) {
                hints = corrected(hints, field, now);
            }
        }
        return hints;
    }

    private RecipeHints corrected(RecipeHints hints, StepField field, String now) {
        if (!field.choices().isEmpty()) {
            return field.choose(hints, now.isEmpty() ? Optional.empty() : Optional.of(now));
        }
        if (now.isEmpty()) {
            return field.write(hints, Optional.empty());
        }
        Optional<Double> value = number(field, now).filter(field::allows);
        if (value.isEmpty()) {
            errors.put(field, field.range().render(units));
            return hints;
        }
        return field.write(hints, value);
    }

    private Optional<Double> number(StepField field, String text) {
        try {
            return TypedValue.read(
                            text,
                            field.unit().render(units),
                            field.dimension(),
                            units,
                            Optional.empty(),
                            CupStandard.US)
                    .map(TypedValue::metric);
        } catch (UnreadableAmount refused) {
            return Optional.empty();
        }
    }

    /** All of them, once {@link #correct} has been asked. */
    List<View> views() {
        return Arrays.stream(StepField.values())
                .map(field -> new View(
                        field.key(),
                        field.label(),
                        shown.getOrDefault(field, ""),
                        field.unit(),
                        field.choices(),
                        errors.getOrDefault(field, "")))
                .toList();
    }
}
