package ironpin.batch.edit;

import ironpin.quantity.Quoted;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;

/** A number that a plan cannot hold; says which and what is allowed. */
public final class OutOfRange extends Refused {
    private static final long serialVersionUID = 1L;

    private final PlanField<?> field;
    private final String allowed;

    OutOfRange(PlanField<?> field, double value) {
        this(field, value, allowed(field));
    }

    OutOfRange(PlanField<?> field, double value, String allowed) {
        super(UnitSystem.METRIC.say(field.label() + " must be " + allowed + ", not " + Trim.number(value)));
        this.field = field;
        this.allowed = allowed;
    }

    /** What is allowed here and now, in words; narrower than the field's own range where the plan makes it so. */
    public String allowed() {
        return allowed;
    }

    /** Which number. */
    public PlanField<?> field() {
        return field;
    }

    /** Grams that a plan cannot hold, with what it can. */
    static OutOfRange grams(PlanField<?> field, double value, double low, double high) {
        return new OutOfRange(field, value, between(field, low, high));
    }

    /** The allowed range in words, as in "20 to 220 %"; quantities are quoted. */
    public static String allowed(PlanField<?> field) {
        String whole = field.whole() ? "a whole number from " : "";
        return whole + between(field, field.low(), field.high());
    }

    static String between(PlanField<?> field, double low, double high) {
        return field.dimension()
                .map(dimension -> Quoted.number(dimension, low, 1) + " to " + Quoted.number(dimension, high, 1) + " "
                        + Quoted.unit(dimension))
                .orElseGet(() -> {
                    String unit = field.unit().isEmpty() ? "" : " " + field.unit();
                    return Trim.number(low) + " to " + Trim.number(high) + unit;
                });
    }
}
