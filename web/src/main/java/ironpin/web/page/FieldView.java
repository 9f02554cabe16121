package ironpin.web.page;

import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import java.util.List;
import java.util.Optional;

/**
 * A number that can be edited where it stands.
 *
 * @param id of its input
 * @param key of the field
 * @param at where it stands
 * @param label what it is
 * @param unit its unit, may be empty
 * @param value as it is shown, or as it was typed if it was refused
 * @param step what an arrow key adds
 * @param low least allowed
 * @param high greatest allowed
 * @param width characters to make room for
 * @param error what is allowed, if what was typed is not
 * @param marked what was typed with the place of the trouble, if it has one; otherwise null
 * @param ways what else could be done with what was typed
 * @param reading how words were understood, just after they were typed; otherwise null
 */
public record FieldView(
        String id,
        String key,
        String at,
        String label,
        Sentence unit,
        Sentence value,
        Sentence step,
        Sentence low,
        Sentence high,
        int width,
        Sentence error,
        Marked marked,
        List<Fix> ways,
        ReadingNote reading) {

    /** Whether it is a bare number, which a number pad can type; what has a measure is said in words too: "2 1/4 cups". */
    public boolean plain() {
        return PlanField.ofKey(key).dimension().isEmpty();
    }

    /** In a cook's words, as a row begins. */
    public String name() {
        return Name.first(label);
    }

    /** What to know when choosing it; empty for most. */
    public String note() {
        return PlanField.ofKey(key).note();
    }

    static FieldView of(PlanNumber<?> number, double value, Answered answered) {
        PlanField<?> field = number.field();
        Optional<FieldError> mine = answered.refused().filter(error -> error.of(number));
        String plain = Decimal.trimmed(value, field.decimals());
        Optional<Dimension> kind = field.dimension();
        Sentence shown = mine.map(error -> Sentence.of(error.typed()))
                .orElseGet(() -> kind.map(one -> Quantity.number(one, value, field.decimals()))
                        .orElse(Sentence.of(plain)));
        return new FieldView(
                id(number),
                field.key(),
                number.at().text(),
                field.label(),
                kind.map(Quantity::unit).orElse(Sentence.of(field.unit())),
                shown,
                kind.map(one -> Quantity.step(one, field.step()))
                        .orElseGet(() -> Sentence.of(Decimal.trimmed(field.step(), 2))),
                bound(field, field.low()),
                bound(field, field.high()),
                Math.max(
                        kind.isPresent() ? 4 : 3,
                        Math.min(9, mine.map(FieldError::typed).orElse(plain).length() + 1)),
                mine.map(FieldError::message).orElse(Sentence.EMPTY),
                mine.map(FieldError::marked).orElse(null),
                mine.map(FieldError::ways)
                        .or(() ->
                                answered.read().filter(note -> note.of(number)).map(ReadingNote::ways))
                        .orElse(List.of()),
                answered.read().filter(note -> note.of(number)).orElse(null));
    }

    /** The key and the numbers of its place, as in "filling-grams-1-3". */
    private static String id(PlanNumber<?> number) {
        String nos = number.at().text().replaceAll("[a-z]+-?", "");
        return number.field().key() + "-" + (nos.isEmpty() ? "0" : nos);
    }

    private static Sentence bound(PlanField<?> field, double value) {
        return field.dimension()
                .map(one -> Quantity.number(one, value, 1))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(value, 2)));
    }
}
