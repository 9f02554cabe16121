package ironpin.batch;

/** A number that a plan cannot hold; says which and what is allowed. */
public final class OutOfRange extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final PlanField field;
    private final String allowed;

    OutOfRange(PlanField field, double value) {
        this(field, value, allowed(field));
    }

    OutOfRange(PlanField field, double value, String allowed) {
        super(field.label() + " must be " + allowed + ", not " + Trim.number(value));
        this.field = field;
        this.allowed = allowed;
    }

    /** What is allowed here and now, in words; narrower than the field's own range where the plan makes it so. */
    public String allowed() {
        return allowed;
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
