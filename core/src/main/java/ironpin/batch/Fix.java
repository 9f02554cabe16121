package ironpin.batch;

/**
 * One change of a plan that would help.
 *
 * @param label what it does, as on a button
 * @param field which number
 * @param no of which dough, filling or lot
 * @param value the new number, inside the field's range
 */
public record Fix(String label, PlanField field, int no, double value) {
    /** The batch with the change made. */
    public Batch applyTo(Batch batch) {
        return field.write(batch, no, value);
    }
}
