package ironpin.batch;

import ironpin.cook.Vessel;
import ironpin.dough.DoughAddition;
import ironpin.dough.Scald;
import ironpin.filling.FillingLine;
import ironpin.quantity.Dimension;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.refusal.Place;
import ironpin.wrapper.BoughtWrapper;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Every number of a plan that a cook may change where it stands: its name, unit, allowed range and the step an arrow key
 * takes. Reading gives the solved number; writing gives the changed batch. Writing eaters, pieces, flour or filling makes
 * that number the pinned one.
 */
public enum PlanField {
    LATER(
            "later by",
            "min",
            0,
            2_880,
            5,
            0,
            (batch, balance, no) -> 0,
            (batch, no, value) -> batch.withServing(batch.serving().plusMinutes((long) value))),
    EATERS("eaters", "", 1, 200, 1, 0, (batch, balance, no) -> batch.eaters(), (batch, no, value) -> Pins.countPerEater(
                    Pins.release(batch))
            .withEaters((int) value)),
    EACH(
            "pieces each",
            "",
            1,
            60,
            1,
            1,
            (batch, balance, no) -> (double) balance.lot(no).toTable() / batch.eaters(),
            (batch, no, value) -> Pins.countBy(batch, no, new PieceRule.PerEater((int) value))),
    PIECES("pieces", "", 1, 5_000, 1, 0, (batch, balance, no) -> balance.lot(no).pieces(), Pins::countPieces),
    OF_THESE_TO_FREEZER(
            "of these, to the freezer",
            "",
            0,
            5_000,
            1,
            0,
            (batch, balance, no) -> balance.lot(no).toFreezer(),
            Pins::freezeOfThese),
    TO_FREEZER(
            "more, for the freezer",
            "",
            0,
            5_000,
            1,
            0,
            (batch, balance, no) -> balance.lot(no).toFreezer(),
            (batch, no, value) -> lot(batch, no, lot -> lot.withToFreezer((int) value))),
    DOUGH_EACH(
            "dough in a piece",
            "g",
            1,
            500,
            0.5,
            1,
            (batch, balance, no) -> balance.lot(no).doughEach().grams(),
            (batch, no, value) -> lot(batch, no, lot -> lot.withEach(Mass.ofGrams(value), lot.fillingEach()))),
    FILLING_EACH(
            "filling in a piece",
            "g",
            1,
            500,
            0.5,
            1,
            (batch, balance, no) -> balance.lot(no).fillingEach().grams(),
            (batch, no, value) -> lot(batch, no, lot -> lot.withEach(lot.doughEach(), Mass.ofGrams(value)))),
    FLOUR(
            "flour",
            "g",
            20,
            50_000,
            10,
            0,
            (batch, balance, no) -> balance.dough(no).made().flour().grams(),
            (batch, no, value) -> Pins.holdFlour(batch, no, Mass.ofGrams(value))),
    HYDRATION("water", "%", 20, 220, 0.5, 1, share(DoughAddition.WATER), sharing(DoughAddition.WATER)),
    SALT("salt", "%", 0, 5, 0.1, 1, share(DoughAddition.SALT), sharing(DoughAddition.SALT)),
    OIL("oil", "%", 0, 25, 0.5, 1, share(DoughAddition.OIL), sharing(DoughAddition.OIL)),
    WATER_TEMPERATURE(
            "water temperature",
            "°C",
            0,
            100,
            1,
            0,
            (batch, balance, no) -> batch.dough(no).water().celsius(),
            (batch, no, value) -> dough(batch, no, dough -> dough.withWater(Temperature.ofCelsius(value)))),
    MIXED(
            "mixing temperature",
            "°C",
            0,
            100,
            1,
            0,
            (batch, balance, no) -> DoughMixing.of(batch, balance, no)
                    .mixed(batch.dough(no).water())
                    .celsius(),
            DoughMixing::mixTo),
    SCALD(
            "scalded starch",
            "%",
            1,
            99,
            5,
            0,
            (batch, balance, no) -> 100
                    * Scald.share(DoughMixing.of(batch, balance, no)
                            .mixed(batch.dough(no).water())),
            DoughMixing::scaldTo),
    KETTLE_WATER("from the kettle", "g", 0, 50_000, 5, 0, DoughMixing::fromKettle, DoughMixing::pourFromKettle),
    FLOUR_SHARE(
            "share of the flour",
            "%",
            1,
            99,
            1,
            1,
            (batch, balance, no) -> flour(batch, no).share().percent(),
            (batch, no, value) -> Composing.flourShare(batch, no / PlanField.LINES, no % PlanField.LINES, value)),
    FLOUR_GRAMS(
            "flour",
            "g",
            1,
            50_000,
            5,
            0,
            (batch, balance, no) -> flour(batch, no)
                    .share()
                    .of(balance.dough(no / PlanField.LINES).made().flour())
                    .grams(),
            (batch, no, value) -> flourGrams(batch, no, value)),
    ADDITION(
            "share of the flour",
            "%",
            0,
            220,
            0.5,
            1,
            (batch, balance, no) -> batch.dough(no / PlanField.LINES)
                    .formula()
                    .share(addition(no))
                    .percent(),
            (batch, no, value) -> additionShare(batch, no, value)),
    ADDITION_GRAMS(
            "weighed",
            "g",
            0,
            50_000,
            1,
            1,
            (batch, balance, no) ->
                    balance.dough(no / PlanField.LINES).made().of(addition(no)).grams(),
            (batch, no, value) -> Composing.additionGrams(batch, no / PlanField.LINES, addition(no), value)),
    REST(
            "rest",
            "min",
            0,
            2_880,
            5,
            0,
            (batch, balance, no) -> batch.dough(no).rest().toMinutes(),
            (batch, no, value) -> dough(batch, no, dough -> dough.withRest(Duration.ofMinutes((long) value)))),
    BENCH_LOSS(
            "bench loss",
            "%",
            0,
            20,
            0.5,
            1,
            (batch, balance, no) -> batch.dough(no).loss().percent(),
            (batch, no, value) -> dough(batch, no, dough -> dough.withLoss(Percentage.of(value)))),
    FILLING(
            "filling",
            "g",
            20,
            50_000,
            10,
            0,
            (batch, balance, no) -> balance.filling(no).made().grams(),
            (batch, no, value) -> Pins.holdFilling(batch, no, Mass.ofGrams(value))),
    FILLING_SHARE(
            "share of the filling",
            "%",
            0.1,
            99,
            0.5,
            1,
            (batch, balance, no) -> line(batch, no).share().percent(),
            (batch, no, value) -> filling(
                    batch,
                    no / PlanField.LINES,
                    one -> one.withFormula(one.formula().withShare(no % PlanField.LINES, Percentage.of(value))))),
    FILLING_GRAMS(
            "weighed",
            "g",
            0.1,
            50_000,
            1,
            1,
            (batch, balance, no) -> line(batch, no)
                    .share()
                    .of(balance.filling(no / PlanField.LINES).made())
                    .grams(),
            (batch, no, value) -> fillingGrams(batch, no, value)),
    TEST_PATTY(
            "test patty",
            "g",
            0,
            200,
            5,
            0,
            (batch, balance, no) -> batch.filling(no).testPatty().grams(),
            (batch, no, value) -> filling(batch, no, one -> one.withTestPatty(Mass.ofGrams(value)))),
    BOWL_LOSS(
            "bowl loss",
            "%",
            0,
            20,
            0.5,
            1,
            (batch, balance, no) -> batch.filling(no).loss().percent(),
            (batch, no, value) -> filling(batch, no, one -> one.withLoss(Percentage.of(value)))),
    ROPE(
            "rope thickness",
            "mm",
            10,
            80,
            1,
            0,
            (batch, balance, no) -> batch.lot(no).shape().rope().millimetres(),
            (batch, no, value) ->
                    shape(batch, no, old -> new Lot.Shape(Length.ofMillimetres(value), old.disc(), old.centreToRim()))),
    DISC(
            "rolled width",
            "mm",
            40,
            350,
            1,
            0,
            (batch, balance, no) -> batch.lot(no).shape().disc().millimetres(),
            (batch, no, value) ->
                    shape(batch, no, old -> new Lot.Shape(old.rope(), Length.ofMillimetres(value), old.centreToRim()))),
    CENTRE_TO_RIM(
            "centre to rim",
            "×",
            1,
            4,
            0.1,
            1,
            (batch, balance, no) -> batch.lot(no).shape().centreToRim(),
            (batch, no, value) -> shape(batch, no, old -> new Lot.Shape(old.rope(), old.disc(), value))),
    VESSEL_WIDTH(
            "vessel, inside width",
            "mm",
            80,
            800,
            10,
            0,
            (batch, balance, no) -> batch.lot(no).vessel().diameter().millimetres(),
            (batch, no, value) -> vessel(
                    batch, no, old -> new Vessel(old.kind(), Length.ofMillimetres(value), old.tiers(), old.watts()))),
    VESSEL_TIERS(
            "tiers",
            "",
            1,
            6,
            1,
            0,
            (batch, balance, no) -> batch.lot(no).vessel().tiers(),
            (batch, no, value) ->
                    vessel(batch, no, old -> new Vessel(old.kind(), old.diameter(), (int) value, old.watts()))),
    VESSEL_WATTS(
            "power that reaches it",
            "W",
            100,
            6_000,
            50,
            0,
            (batch, balance, no) -> batch.lot(no).vessel().watts(),
            (batch, no, value) -> vessel(batch, no, old -> new Vessel(old.kind(), old.diameter(), old.tiers(), value))),
    WRAPPER_SIZE(
            "wrapper's size",
            "mm",
            50,
            250,
            1,
            0,
            (batch, balance, no) -> wrapper(batch, no).size().millimetres(),
            (batch, no, value) -> wrapper(
                    batch,
                    no,
                    old -> new BoughtWrapper(
                            old.shape(), old.thickness(), Length.ofMillimetres(value), old.each(), old.perPack()))),
    WRAPPER_EACH(
            "a wrapper weighs",
            "g",
            2,
            60,
            0.5,
            1,
            (batch, balance, no) -> wrapper(batch, no).each().grams(),
            (batch, no, value) -> wrapper(
                    batch,
                    no,
                    old -> new BoughtWrapper(
                            old.shape(), old.thickness(), old.size(), Mass.ofGrams(value), old.perPack()))),
    WRAPPER_PACK(
            "in a pack",
            "",
            1,
            200,
            1,
            0,
            (batch, balance, no) -> wrapper(batch, no).perPack(),
            (batch, no, value) -> wrapper(
                    batch,
                    no,
                    old -> new BoughtWrapper(old.shape(), old.thickness(), old.size(), old.each(), (int) value))),
    WRAPPED(
            "pieces in bought wrappers",
            "",
            1,
            500,
            1,
            0,
            (batch, balance, no) -> Lanes.wrapped(batch, balance, no),
            (batch, no, value) -> Lanes.wrap(batch, no, (int) value));

    /**
     * A line of a filling is named {@code filling number × LINES + index}; a flour of a dough likewise, and an addition by
     * its place in {@link DoughAddition}.
     */
    public static final int LINES = 100;

    private final String label;
    private final String unit;
    private final double low;
    private final double high;
    private final double step;
    private final int decimals;
    private final Read read;
    private final Write write;

    /** How the number stands in a solved plan. */
    private interface Read {
        double of(Batch batch, Balance balance, int no);
    }

    /** The batch with the number changed; the value is inside the field's range. */
    private interface Write {
        Batch to(Batch batch, int no, double value);
    }

    PlanField(String label, String unit, double low, double high, double step, int decimals, Read read, Write write) {
        this.label = label;
        this.unit = unit;
        this.low = low;
        this.high = high;
        this.step = step;
        this.decimals = decimals;
        this.read = read;
        this.write = write;
    }

    /** The field with this {@link #key()}. */
    public static Optional<PlanField> ofKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key().equals(key)).findFirst();
    }

    /** A short stable name, lower case with hyphens. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Unit of the number; empty for a plain count. */
    public String unit() {
        return unit;
    }

    /** What kind of quantity it is, if the unit depends on who reads it. */
    public Optional<Dimension> dimension() {
        return switch (unit) {
            case "g" -> Optional.of(Dimension.MASS);
            case "°C" -> Optional.of(Dimension.TEMPERATURE);
            case "mm" -> Optional.of(Dimension.LENGTH);
            default -> Optional.empty();
        };
    }

    /** Least value allowed. */
    public double low() {
        return low;
    }

    /** Greatest value allowed. */
    public double high() {
        return high;
    }

    /** What an arrow key adds. */
    public double step() {
        return step;
    }

    /** Digits after the point that are worth showing. */
    public int decimals() {
        return decimals;
    }

    /** Whether only whole numbers make sense. */
    public boolean whole() {
        return step >= 1 && unit.isEmpty();
    }

    /**
     * The number as it stands in the solved plan.
     *
     * @param no the dough, filling or lot, or a line's combined number; any value for the eaters
     */
    public double read(Batch batch, Balance balance, int no) {
        return read.of(batch, balance, no);
    }

    /**
     * The batch with this number changed.
     *
     * @throws OutOfRange if the value is not allowed, or not whole where it must be
     */
    public Batch write(Batch batch, int no, double value) {
        if (!(value >= low && value <= high) || whole() && value != Math.rint(value)) {
            throw new OutOfRange(this, value);
        }
        return write.to(batch, no, value);
    }

    /**
     * What the number belongs to, as it is called: the same while a line stands at its place, another when lines have come or
     * gone before it.
     *
     * @throws NotThere if nothing stands there
     */
    public String bearer(Batch batch, int no) {
        return switch (this) {
            case FILLING_SHARE, FILLING_GRAMS ->
                Place.bearer(batch.filling(no / LINES).formula().lines(), no % LINES, "line", FillingLine::ingredient);
            case FLOUR_SHARE, FLOUR_GRAMS ->
                Place.bearer(batch.dough(no / LINES).flours(), no % LINES, "flour", one -> one.flour()
                        .key());
            default -> "";
        };
    }

    private static Read share(DoughAddition addition) {
        return (batch, balance, no) -> batch.dough(no).formula().share(addition).percent();
    }

    private static Write sharing(DoughAddition addition) {
        return (batch, no, value) -> dough(batch, no, dough -> dough.with(addition, Percentage.of(value)));
    }

    static FillingLine line(Batch batch, int no) {
        return Place.of(batch.filling(no / LINES).formula().lines(), no % LINES, "line");
    }

    static FlourShare flour(Batch batch, int no) {
        return Place.of(batch.dough(no / LINES).flours(), no % LINES, "flour");
    }

    private static Batch fillingGrams(Batch batch, int no, double grams) {
        double all = Balancer.solve(batch).filling(no / LINES).made().grams();
        double share = 100 * grams / all;
        if (!(share >= FILLING_SHARE.low && share <= FILLING_SHARE.high)) {
            throw OutOfRange.grams(FILLING_GRAMS, grams, Math.ceil(all / 10) / 100, Math.floor(all * 0.99));
        }
        return FILLING_SHARE.write(batch, no, share);
    }

    private static Batch flourGrams(Batch batch, int no, double grams) {
        double flour = Balancer.solve(batch).dough(no / LINES).made().flour().grams();
        double share = 100 * grams / flour;
        if (!(share >= FLOUR_SHARE.low && share <= FLOUR_SHARE.high)) {
            throw OutOfRange.grams(FLOUR_GRAMS, grams, Math.ceil(flour / 100), Math.floor(flour * 0.99));
        }
        return Composing.flourShare(batch, no / LINES, no % LINES, share);
    }

    private static Batch additionShare(Batch batch, int no, double percent) {
        double most = addition(no).most();
        if (percent > most) {
            throw new OutOfRange(ADDITION, percent, OutOfRange.between(ADDITION, 0, most));
        }
        return dough(batch, no / LINES, dough -> dough.with(addition(no), Percentage.of(percent)));
    }

    static DoughAddition addition(int no) {
        return Place.of(List.of(DoughAddition.values()), no % LINES, "addition");
    }

    private static BoughtWrapper wrapper(Batch batch, int no) {
        return batch.lot(no).bought().orElseThrow(() -> new NotThere("lot " + no + " has no bought wrapper"));
    }

    private static Batch wrapper(Batch batch, int no, UnaryOperator<BoughtWrapper> change) {
        Optional<BoughtWrapper> changed = Optional.of(change.apply(wrapper(batch, no)));
        return lot(batch, no, lot -> lot.withBought(changed));
    }

    private static Batch vessel(Batch batch, int no, UnaryOperator<Vessel> change) {
        return lot(batch, no, lot -> lot.withVessel(change.apply(lot.vessel())));
    }

    private static Batch dough(Batch batch, int no, UnaryOperator<Dough> change) {
        batch.dough(no);
        return batch.mapDoughs(dough -> dough.no() == no ? change.apply(dough) : dough);
    }

    private static Batch filling(Batch batch, int no, UnaryOperator<Filling> change) {
        batch.filling(no);
        return batch.mapFillings(filling -> filling.no() == no ? change.apply(filling) : filling);
    }

    private static Batch lot(Batch batch, int no, UnaryOperator<Lot> change) {
        batch.lot(no);
        return batch.mapLots(lot -> lot.no() == no ? change.apply(lot) : lot);
    }

    private static Batch shape(Batch batch, int no, UnaryOperator<Lot.Shape> change) {
        return lot(batch, no, lot -> lot.withShape(change.apply(lot.shape())));
    }
}
