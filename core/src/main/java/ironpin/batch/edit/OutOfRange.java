package ironpin.batch.edit;

import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;

/** A number that a plan cannot hold; says which and what is allowed. */
public final class OutOfRange extends Refused {
    private static final long serialVersionUID = 1L;

    private final PlanField<?> field;
    private final transient Sentence allowed;

    OutOfRange(PlanField<?> field, double value) {
        this(field, value, allowed(field));
    }

    OutOfRange(PlanField<?> field, double value, Sentence allowed) {
        super(Sentence.of(field.label(), " must be ", allowed, ", not ", Trim.number(value))
                .render(UnitSystem.METRIC));
        this.field = field;
        this.allowed = allowed;
    }

    /** What is allowed here and now, in words; narrower than the field's own range where the plan makes it so. */
    public Sentence allowed() {
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
    public static Sentence allowed(PlanField<?> field) {
        String whole = field.whole() ? "a whole number from " : "";
        return Sentence.of(whole, between(field, field.low(), field.high()));
    }

    static Sentence between(PlanField<?> field, double low, double high) {
        return field.dimension()
                .map(dimension -> Sentence.of(
                        Quantity.number(dimension, low, 1),
                        " to ",
                        Quantity.number(dimension, high, 1),
                        " ",
                        Quantity.unit(dimension)))
                .orElseGet(() -> {
                    String unit = field.unit().isEmpty() ? "" : " " + field.unit();
                    return Sentence.of(Trim.number(low), " to ", Trim.number(high), unit);
                });
    }
}
