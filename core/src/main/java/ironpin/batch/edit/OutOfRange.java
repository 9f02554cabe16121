package ironpin.batch.edit;

import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;

/** A number that a plan cannot hold; says which and what is allowed. */
public final class OutOfRange extends Refused {
    private static final long serialVersionUID = 1L;

    private final PlanField<?> field;
    private final transient Sentence allowed;
    private final transient Sentence demand;

    OutOfRange(PlanField<?> field, double value) {
        this(field, value, allowed(field), demand(field));
    }

    /** Where the plan makes the field's own range narrower. */
    OutOfRange(PlanField<?> field, double value, double low, double high) {
        this(
                field,
                value,
                range(field, low, " to ", high),
                Sentence.of("Between ", range(field, low, " and ", high), "."));
    }

    private OutOfRange(PlanField<?> field, double value, Sentence allowed, Sentence demand) {
        super(Sentence.of(field.label(), " must be ", allowed, ", not ", Decimal.typed(value))
                .render(UnitSystem.METRIC));
        this.field = field;
        this.allowed = allowed;
        this.demand = demand;
    }

    /** What is allowed here and now, in words, as in "20 to 220 %"; narrower than the field's own range where the plan makes it so. */
    public Sentence allowed() {
        return allowed;
    }

    /** The same as a sentence, as in "Between 20 and 220 %." */
    public Sentence demand() {
        return demand;
    }

    /** Which number. */
    public PlanField<?> field() {
        return field;
    }

    /** The allowed range in words, as in "20 to 220 %" or "a whole number from 1 to 9". */
    public static Sentence allowed(PlanField<?> field) {
        return Sentence.of(
                field.whole() ? "a whole number from " : "", range(field, field.low(), " to ", field.high()));
    }

    /** The allowed range as a sentence, as in "Between 20 and 220 %." */
    public static Sentence demand(PlanField<?> field) {
        return field.whole()
                ? Sentence.of("A whole number from ", range(field, field.low(), " to ", field.high()), ".")
                : Sentence.of("Between ", range(field, field.low(), " and ", field.high()), ".");
    }

    private static Sentence range(PlanField<?> field, double low, String and, double high) {
        return field.dimension()
                .map(dimension -> Sentence.of(
                        Quantity.number(dimension, low, 1),
                        and,
                        Quantity.number(dimension, high, 1),
                        " ",
                        Quantity.unit(dimension)))
                .orElseGet(() -> Sentence.of(
                        Decimal.typed(low),
                        and,
                        Decimal.typed(high),
                        field.unit().isEmpty() ? "" : " " + field.unit()));
    }
}
