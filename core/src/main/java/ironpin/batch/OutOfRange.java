package ironpin.batch;

/** A number that a plan cannot hold; says which and what is allowed. */
public final class OutOfRange extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final PlanField field;

    OutOfRange(PlanField field, double value) {
        super(field.label() + " must be " + allowed(field) + ", not " + Trim.number(value));
        this.field = field;
    }

    /** Which number. */
    public PlanField field() {
        return field;
    }

    /** The allowed range in words, as in "20 to 220 %". */
    public static String allowed(PlanField field) {
        String unit = field.unit().isEmpty() ? "" : " " + field.unit();
        String whole = field.whole() ? "a whole number from " : "";
        return whole + Trim.number(field.low()) + " to " + Trim.number(field.high()) + unit;
    }
}
