package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;
import java.util.Optional;

/**
 * One change of a plan that would help.
 *
 * @param label what it does, as on a button
 * @param number which number
 * @param value the new number, inside the field's range
 */
public record Fix(Sentence label, PlanNumber<?> number, double value) {
    /**
     * A press that says what it does: some words, the new number, and some more words.
     *
     * @param before words before it, which may be none
     * @param after what follows at once, as in " in each piece"
     * @param number which number
     * @param value the new number, in the field's unit; nothing comes of one outside the field's range
     */
    public static Optional<Fix> saying(String before, String after, PlanNumber<?> number, double value) {
        PlanField<?> field = number.field();
        if (value < field.low() || value > field.high()) {
            return Optional.empty();
        }
        Sentence label = Sentence.of(before, before.isEmpty() ? "" : " ", field.said(value), after);
        return Optional.of(new Fix(label, number, value));
    }

    /** The new number as a cook would type it whatever units are shown: a measure says its own. */
    public String typed() {
        PlanField<?> field = number.field();
        return Decimal.trimmed(value, 4) + (field.dimension().isPresent() ? " " + field.unit() : "");
    }

    /** The batch with the change made. */
    public Batch applyTo(Batch batch) {
        return number.write(batch, value);
    }

    /** Whether it can be made in this batch. */
    public boolean possible(Batch batch) {
        try {
            applyTo(batch);
            return true;
        } catch (Refused notHere) {
            return false;
        }
    }
}
