package ironpin.batch.edit;

import ironpin.batch.Batch;

/**
 * One change of a plan that would help.
 *
 * @param label what it does, as on a button
 * @param number which number
 * @param value the new number, inside the field's range
 */
public record Fix(String label, PlanNumber<?> number, double value) {
    /** The batch with the change made. */
    public Batch applyTo(Batch batch) {
        return number.write(batch, value);
    }
}
