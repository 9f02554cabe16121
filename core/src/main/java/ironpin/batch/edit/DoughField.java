package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.addition;
import static ironpin.batch.edit.PlanField.dough;
import static ironpin.batch.edit.PlanField.flour;

import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFormula;
import ironpin.dough.Scald;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** The numbers of a dough, its flours and its other lines. Writing the flour pins it. */
public final class DoughField {
    private static final int MOST_GRAMS = 50_000;

    /** All its flour. */
    public static final PlanField<Address.OfDough> FLOUR = dough("flour", "flour")
            .range(20, MOST_GRAMS, "g", 10, 0)
            .food((batch, at) -> Optional.of(
                    food(batch.dough(at.no()).flours().get(0).flour().kind())))
            .reads((batch, balance, at) -> balance.dough(at.no()).made().flour().grams())
            .writes((batch, at, grams) -> Pins.holdFlour(batch, at.no(), Mass.ofGrams(grams)));

    /** Its water, of the flour. */
    public static final PlanField<Address.OfDough> HYDRATION = share(
            "hydration", DoughAddition.WATER, DoughFormula.LEAST_WATER.percent(), DoughAddition.WATER.most(), 0.5);

    /** Its salt, of the flour. */
    public static final PlanField<Address.OfDough> SALT = share("salt", DoughAddition.SALT, 0, 5, 0.1);

    /** Its oil, of the flour. */
    public static final PlanField<Address.OfDough> OIL = share("oil", DoughAddition.OIL, 0, 25, 0.5);

    /** What the water is poured at. */
    public static final PlanField<Address.OfDough> WATER_TEMPERATURE = dough("water-temperature", "water temperature")
            .range(0, 100, "°C", 1, 0)
            .reads((batch, balance, at) -> batch.dough(at.no()).water().celsius())
            .writes((batch, at, celsius) ->
                    batch.mapDough(at.no(), dough -> dough.withWater(Temperature.ofCelsius(celsius))));

    /** Just after mixing; the water follows. */
    public static final PlanField<Address.OfDough> MIXED = dough("mixed", "mixing temperature")
            .range(0, 100, "°C", 1, 0)
            .reads((batch, balance, at) -> DoughMixing.of(batch, balance, at.no())
                    .mixed(batch.dough(at.no()).water())
                    .celsius())
            .writes((batch, at, celsius) -> DoughMixing.mixTo(batch, at.no(), celsius));

    /** Of its starch, just after mixing; the water follows. */
    public static final PlanField<Address.OfDough> SCALD = dough("scald", "scalded starch")
            .range(1, 99, "%", 5, 0)
            .reads((batch, balance, at) -> 100 * Scald.share(Temperature.ofCelsius(MIXED.read(batch, balance, at))))
            .writes((batch, at, percent) -> DoughMixing.scaldTo(batch, at.no(), percent));

    /** Of its water, what comes from the kettle. */
    public static final PlanField<Address.OfDough> KETTLE_WATER = dough("kettle-water", "from the kettle")
            .range(0, MOST_GRAMS, "g", 5, 0)
            .food((batch, at) -> Optional.of(Foods.get("water")))
            .reads((batch, balance, at) -> DoughMixing.fromKettle(batch, balance, at.no()))
            .writes((batch, at, grams) -> DoughMixing.pourFromKettle(batch, at.no(), grams));

    /** One flour of several, of all of it; the others keep their proportions. */
    public static final PlanField<Address.FlourOf> FLOUR_SHARE = flour("flour-share", "share of the flour")
            .range(1, 99, "%", 1, 1)
            .reads((batch, balance, at) -> at.in(batch).share().percent())
            .writes((batch, at, percent) -> Composing.flourShare(batch, at.dough(), at.index(), percent));

    /** One flour of several, weighed; all of it stays the same. */
    public static final PlanField<Address.FlourOf> FLOUR_GRAMS = flour("flour-grams", "flour")
            .range(1, MOST_GRAMS, "g", 5, 0)
            .food((batch, at) -> Optional.of(food(at.in(batch).flour().kind())))
            .reads((batch, balance, at) -> at.in(batch)
                    .share()
                    .of(balance.dough(at.dough()).made().flour())
                    .grams())
            .writes(DoughField::weighFlour);

    /** Another line, of the flour. */
    public static final PlanField<Address.AdditionOf> ADDITION = addition("addition", "share of the flour")
            .range(0, 220, "%", 0.5, 1)
            .reads((batch, balance, at) ->
                    batch.dough(at.dough()).formula().share(at.addition()).percent())
            .writes(DoughField::shareAddition);

    /** Another line, weighed. */
    public static final PlanField<Address.AdditionOf> ADDITION_GRAMS = addition("addition-grams", "weighed")
            .range(0, MOST_GRAMS, "g", 1, 1)
            .food((batch, at) -> Optional.of(at.addition().food()))
            .reads((batch, balance, at) ->
                    balance.dough(at.dough()).made().of(at.addition()).grams())
            .writes((batch, at, grams) -> Composing.additionGrams(batch, at.dough(), at.addition(), grams));

    /** All its rests together. */
    public static final PlanField<Address.OfDough> REST = dough("rest", "rest")
            .range(0, 2_880, "min", 5, 0)
            .reads((batch, balance, at) -> batch.dough(at.no()).rest().toMinutes())
            .writes((batch, at, minutes) ->
                    batch.mapDough(at.no(), dough -> dough.withRest(Duration.ofMinutes((long) minutes))));

    /** What bowl, hands and bench keep. */
    public static final PlanField<Address.OfDough> BENCH_LOSS = dough("bench-loss", "bench loss")
            .range(0, 20, "%", 0.5, 1)
            .reads((batch, balance, at) -> batch.dough(at.no()).loss().percent())
            .writes((batch, at, percent) -> batch.mapDough(at.no(), dough -> dough.withLoss(Percentage.of(percent))));

    static final List<PlanField<?>> ALL = List.of(
            FLOUR,
            HYDRATION,
            SALT,
            OIL,
            WATER_TEMPERATURE,
            MIXED,
            SCALD,
            KETTLE_WATER,
            FLOUR_SHARE,
            FLOUR_GRAMS,
            ADDITION,
            ADDITION_GRAMS,
            REST,
            BENCH_LOSS);

    private DoughField() {}

    private static PlanField<Address.OfDough> share(
            String key, DoughAddition addition, double low, double high, double step) {
        return dough(key, addition == DoughAddition.WATER ? "water" : key)
                .range(low, high, "%", step, 1)
                .reads((batch, balance, at) ->
                        batch.dough(at.no()).formula().share(addition).percent())
                .writes((batch, at, percent) ->
                        batch.mapDough(at.no(), dough -> dough.with(addition, Percentage.of(percent))));
    }

    private static Batch weighFlour(Batch batch, Address.FlourOf at, double grams) {
        double flour = Balancer.solve(batch).dough(at.dough()).made().flour().grams();
        double share = 100 * grams / flour;
        if (!(share >= FLOUR_SHARE.low() && share <= FLOUR_SHARE.high())) {
            throw new OutOfRange(FLOUR_GRAMS, grams, Math.ceil(flour / 100), Math.floor(flour * 0.99));
        }
        return FLOUR_SHARE.write(batch, at, share);
    }

    private static Batch shareAddition(Batch batch, Address.AdditionOf at, double percent) {
        double most = at.addition().most();
        if (percent > most) {
            throw new OutOfRange(ADDITION, percent, 0, most);
        }
        return batch.mapDough(at.dough(), dough -> dough.with(at.addition(), Percentage.of(percent)));
    }

    private static Food food(FlourKind kind) {
        return Foods.get(
                switch (kind) {
                    case WHEAT -> "flour-plain";
                    case WHOLEMEAL -> "flour-wholemeal";
                    case MAIZE -> "flour-maize";
                    case STARCH -> "starch-tapioca";
                    case OTHER -> "flour-buckwheat";
                });
    }
}
