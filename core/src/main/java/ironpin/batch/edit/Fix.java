package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;

/**
 * One change of a plan that would help.
 *
 * @param label what it does, as on a button
 * @param number which number
 * @param value the new number, inside the field's range
 */
public record Fix(Sentence label, PlanNumber<?> number, double value) {
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
