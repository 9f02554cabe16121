package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.pantry.Food;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/**
 * A number of a plan that a cook may change where it stands: its name, unit, allowed range and the step an arrow key takes.
 * Reading gives the solved number; writing gives the changed batch. They are listed by what they belong to: {@link TableField},
 * {@link CountField}, {@link DoughField}, {@link FillingField}, {@link RollField}, {@link HandField}, {@link VesselField}, {@link SpellField} and {@link PackField}.
 *
 * @param <A> where such a number stands
 */
public final class PlanField<A extends Address> {
    /** How the number stands in a solved plan. */
    interface Read<A> {
        double of(Batch batch, Balance balance, A at);
    }

    /** The batch with the number changed; the value is inside the field's range. */
    interface Write<A> {
        Batch to(Batch batch, A at, double value);
    }

    private final String key;
    private final String label;
    private final Address.Kind<A> kind;
    private final Station station;
    private final Range range;
    private final Read<A> read;
    private final Write<A> write;
    private final BiFunction<Batch, A, Optional<Food>> food;
    private final BiPredicate<Batch, A> when;
    private final String note;

    /** What a number may be. */
    private record Range(String unit, double low, double high, double step, int decimals) {}

    private PlanField(Draft<A> draft, Write<A> write) {
        key = draft.key;
        label = draft.label;
        kind = draft.kind;
        station = draft.station;
        range = draft.range;
        read = draft.read;
        food = draft.food;
        when = draft.when;
        note = draft.note;
        this.write = write;
    }

    private static final class All {
        // In the order in which several at once are written: those that pin the count come before what follows from it.
        static final List<PlanField<?>> FIELDS = Stream.of(
                        TableField.ALL,
                        CountField.ALL,
                        DoughField.ALL,
                        FillingField.ALL,
                        RollField.ALL,
                        HandField.ALL,
                        VesselField.ALL,
                        CrewField.ALL,
                        SpellField.ALL,
                        PackField.ALL)
                .<PlanField<?>>flatMap(List::stream)
                .toList();
    }

    /** Every number, in the order of the work. */
    public static List<PlanField<?>> all() {
        return All.FIELDS;
    }

    /** The number with this {@link #key()}. @throws NotThere if none has it */
    public static PlanField<?> ofKey(String key) {
        return all().stream()
                .filter(field -> field.key.equals(key))
                .findFirst()
                .orElseThrow(() -> NotThere.called("number", key));
    }

    /** A short stable name, lower case with hyphens. */
    public String key() {
        return key;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Where the cook changes it. */
    public Station station() {
        return station;
    }

    /** Unit of the number; empty for a plain count. */
    public String unit() {
        return range.unit();
    }

    /** What kind of quantity it is, if the unit depends on who reads it. */
    public Optional<Dimension> dimension() {
        return switch (range.unit()) {
            case "g" -> Optional.of(Dimension.MASS);
            case "°C" -> Optional.of(Dimension.TEMPERATURE);
            case "mm" -> Optional.of(Dimension.LENGTH);
            default -> Optional.empty();
        };
    }

    /** Least value allowed. */
    public double low() {
        return range.low();
    }

    /** Greatest value allowed. */
    public double high() {
        return range.high();
    }

    /** What an arrow key adds. */
    public double step() {
        return range.step();
    }

    /** Digits after the point that are worth showing. */
    public int decimals() {
        return range.decimals();
    }

    /** Such a number as it is said: its digits and its unit, as in "44.5 %". @param value in the field's unit, inside its range */
    public Sentence said(double value) {
        double scale = Math.pow(10, decimals());
        double rounded = Math.round(value * scale) / scale;
        return dimension()
                .map(dimension -> Quantity.brief(dimension, rounded, decimals()))
                .orElseGet(() ->
                        Sentence.of(Decimal.trimmed(rounded, decimals()) + (unit().isEmpty() ? "" : " " + unit())));
    }

    /** Whether only whole numbers make sense. */
    public boolean whole() {
        return step() >= 1 && unit().isEmpty();
    }

    /** Whether a batch holds it several times for one lot, once for each line. */
    public boolean ofALine() {
        return kind == Address.Kind.FLOUR
                || kind == Address.Kind.ADDITION
                || kind == Address.Kind.LINE
                || kind == Address.Kind.SPELL;
    }

    /** The number that stands here. */
    public PlanNumber<A> at(A address) {
        return new PlanNumber<>(this, address);
    }

    /** The number at an address in its text form. @throws NotThere if the text says no address of such a number */
    public PlanNumber<A> at(String address) {
        return at(kind.read(address));
    }

    /** The number of a lot, or of its dough or filling, or of the table it is for. @throws NotThere if it belongs to a line */
    public PlanNumber<A> of(Batch batch, int lotNo) {
        return at(kind.ofLot(batch.lot(lotNo)));
    }

    /** The number as it stands in the solved plan. @throws NotThere if nothing stands there */
    public double read(Batch batch, Balance balance, A at) {
        return read.of(batch, balance, at);
    }

    /**
     * The batch with this number changed.
     *
     * @throws OutOfRange if the value is not allowed, or not whole where it must be
     * @throws NotThere if nothing stands there
     */
    public Batch write(Batch batch, A at, double value) {
        if (!(value >= low() && value <= high()) || whole() && value != Math.rint(value)) {
            throw new OutOfRange(this, value);
        }
        return write.to(batch, at, value);
    }

    /** Whether it means anything here: a lot in bought wrappers is cut from no rope. */
    public boolean applies(Batch batch, int lotNo) {
        return !ofALine() && when.test(batch, of(batch, lotNo).at());
    }

    /** What to know when choosing it; empty for most. */
    public String note() {
        return note;
    }

    /** What its grams are grams of, so that "two cups" needs no more words where it is typed; absent if that is not known. */
    Optional<Food> food(Batch batch, A at) {
        return food.apply(batch, at);
    }

    @Override
    public String toString() {
        return key;
    }

    /** A number of the whole batch. */
    static Draft<Address.Table> table(String key, String label, Station station) {
        return new Draft<>(key, label, Address.Kind.TABLE, station);
    }

    /** A number of a dough. */
    static Draft<Address.OfDough> dough(String key, String label) {
        return new Draft<>(key, label, Address.Kind.DOUGH, Station.DOUGH);
    }

    /** A number of one of a dough's flours. */
    static Draft<Address.FlourOf> flour(String key, String label) {
        return new Draft<>(key, label, Address.Kind.FLOUR, Station.DOUGH);
    }

    /** A number of what a dough has besides flour. */
    static Draft<Address.AdditionOf> addition(String key, String label) {
        return new Draft<>(key, label, Address.Kind.ADDITION, Station.DOUGH);
    }

    /** A number of a filling. */
    static Draft<Address.OfFilling> filling(String key, String label, Station station) {
        return new Draft<>(key, label, Address.Kind.FILLING, station);
    }

    /** A number of a line of a filling. */
    static Draft<Address.LineOf> line(String key, String label) {
        return new Draft<>(key, label, Address.Kind.LINE, Station.FILLING);
    }

    /** A number of a spell of cooking. */
    static Draft<Address.SpellOf> spell(String key, String label) {
        return new Draft<>(key, label, Address.Kind.SPELL, Station.COOK);
    }

    /** A number of a lot. */
    static Draft<Address.OfLot> lot(String key, String label, Station station) {
        return new Draft<>(key, label, Address.Kind.LOT, station);
    }

    /** A field on its way; it is one once it can be written. */
    static final class Draft<A extends Address> {
        private final String key;
        private final String label;
        private final Address.Kind<A> kind;
        private final Station station;
        private Range range;
        private Read<A> read;
        private BiFunction<Batch, A, Optional<Food>> food = (batch, at) -> Optional.empty();
        private BiPredicate<Batch, A> when = (batch, at) -> true;
        private String note = "";

        private Draft(String key, String label, Address.Kind<A> kind, Station station) {
            this.key = key;
            this.label = label;
            this.kind = kind;
            this.station = station;
        }

        /** @param unit "g", "°C", "mm", another, or none for a count */
        Draft<A> range(double low, double high, String unit, double step, int decimals) {
            range = new Range(unit, low, high, step, decimals);
            return this;
        }

        Draft<A> food(BiFunction<Batch, A, Optional<Food>> of) {
            food = of;
            return this;
        }

        Draft<A> when(BiPredicate<Batch, A> applies) {
            when = applies;
            return this;
        }

        Draft<A> note(String said) {
            note = said;
            return this;
        }

        Draft<A> reads(Read<A> from) {
            read = from;
            return this;
        }

        PlanField<A> writes(Write<A> to) {
            return new PlanField<>(this, to);
        }
    }
}
