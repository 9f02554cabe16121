package ironpin.web.page;

import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanNumber;
import ironpin.quantity.Sentence;
import java.util.List;

/**
 * A value that was refused.
 *
 * @param field key of the field
 * @param at where it stands: an address of the plan, or the place in a list
 * @param typed what was typed, to be kept
 * @param message what is allowed
 * @param marked the place of the trouble in what was typed, or null
 * @param ways what could be done to have it so all the same
 */
public record FieldError(String field, String at, String typed, Sentence message, Marked marked, List<Fix> ways) {
    public FieldError {
        ways = List.copyOf(ways);
    }

    public FieldError(String field, int place, String typed, Sentence message) {
        this(field, String.valueOf(place), typed, message, null, List.of());
    }

    public FieldError(PlanNumber<?> number, String typed, Sentence message) {
        this(number, typed, message, null);
    }

    public FieldError(PlanNumber<?> number, String typed, Sentence message, Marked marked) {
        this(number.field().key(), number.at().text(), typed, message, marked, List.of());
    }

    /** The same with what could be done instead. */
    FieldError with(List<Fix> others) {
        return new FieldError(field, at, typed, message, marked, others);
    }

    public boolean of(PlanNumber<?> number) {
        return field.equals(number.field().key()) && at.equals(number.at().text());
    }

    public boolean of(String otherField, int place) {
        return field.equals(otherField) && at.equals(String.valueOf(place));
    }
}
