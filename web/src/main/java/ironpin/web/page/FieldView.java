package ironpin.web.page;

import ironpin.batch.OutOfRange;
import ironpin.batch.PlanField;
import ironpin.web.picture.Say;
import java.util.Optional;

/**
 * A number that can be edited where it stands.
 *
 * @param id of its input
 * @param key of the field
 * @param no which dough, filling or lot
 * @param label what it is
 * @param unit its unit, may be empty
 * @param value as it is shown, or as it was typed if it was refused
 * @param step what an arrow key adds
 * @param low least allowed
 * @param high greatest allowed
 * @param width characters to make room for
 * @param error what is allowed, if what was typed is not
 */
public record FieldView(
        String id,
        String key,
        int no,
        String label,
        String unit,
        String value,
        String step,
        String low,
        String high,
        int width,
        String error) {

    static FieldView of(PlanField field, int no, double value, Optional<FieldError> refused) {
        Optional<FieldError> mine = refused.filter(error -> error.field().equals(field.key()) && error.no() == no);
        String shown = mine.map(FieldError::typed).orElseGet(() -> Say.plain(value, field.decimals()));
        return new FieldView(
                field.key() + "-" + no,
                field.key(),
                no,
                field.label(),
                field.unit(),
                shown,
                Say.plain(field.step(), 2),
                Say.plain(field.low(), 2),
                Say.plain(field.high(), 2),
                Math.max(3, Math.min(9, shown.length() + 1)),
                mine.map(FieldError::message).orElse(""));
    }

    /** The allowed range in words. */
    static String allowed(PlanField field) {
        return between(OutOfRange.allowed(field));
    }

    static String allowed(OutOfRange refused) {
        return between(refused.allowed());
    }

    private static String between(String range) {
        return "Between " + range.replace(" to ", " and ") + ".";
    }
}
