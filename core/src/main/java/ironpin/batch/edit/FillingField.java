package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.filling;
import static ironpin.batch.edit.PlanField.line;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.balance.Balancer;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.List;
import java.util.Optional;

/** The numbers of a filling and its lines. Writing the whole of it pins it. */
public final class FillingField {
    private static final int MOST_GRAMS = 50_000;

    /** All of it. */
    public static final PlanField<Address.OfFilling> FILLING = filling("filling", "filling", Station.FILLING)
            .range(20, MOST_GRAMS, "g", 10, 0)
            .food((batch, at) -> Optional.of(Foods.get("filling")))
            .reads((batch, balance, at) -> balance.filling(at.no()).made().grams())
            .writes((batch, at, grams) -> Pins.holdFilling(batch, at.no(), Mass.ofGrams(grams)));

    /** A line, of all of it; the others keep their proportions. */
    public static final PlanField<Address.LineOf> FILLING_SHARE = line("filling-share", "share of the filling")
            .range(0.1, 99, "%", 0.5, 1)
            .reads((batch, balance, at) -> at.in(batch).share().percent())
            .writes((batch, at, percent) -> batch.mapFilling(
                    at.filling(), one -> one.withFormula(one.formula().withShare(at.index(), Percentage.of(percent)))));

    /** A line, weighed; all of it stays the same. */
    public static final PlanField<Address.LineOf> FILLING_GRAMS = line("filling-grams", "weighed")
            .range(0.1, MOST_GRAMS, "g", 1, 1)
            .food((batch, at) -> at.in(batch).spoken().name().food())
            .reads((batch, balance, at) -> at.in(batch)
                    .share()
                    .of(balance.filling(at.filling()).made())
                    .grams())
            .writes(FillingField::weigh);

    /** What is fried to taste it. */
    public static final PlanField<Address.OfFilling> TEST_PATTY = filling("test-patty", "test patty", Station.FILLING)
            .range(0, 200, "g", 5, 0)
            .food((batch, at) -> Optional.of(Foods.get("filling")))
            .reads((batch, balance, at) -> batch.filling(at.no()).testPatty().grams())
            .writes((batch, at, grams) -> batch.mapFilling(at.no(), one -> one.withTestPatty(Mass.ofGrams(grams))));

    /** What bowl and spoon keep. */
    public static final PlanField<Address.OfFilling> BOWL_LOSS = filling("bowl-loss", "bowl loss", Station.FILLING)
            .range(0, 20, "%", 0.5, 1)
            .reads((batch, balance, at) -> batch.filling(at.no()).loss().percent())
            .writes((batch, at, percent) -> batch.mapFilling(at.no(), one -> one.withLoss(Percentage.of(percent))));

    static final List<PlanField<?>> ALL = List.of(FILLING, FILLING_SHARE, FILLING_GRAMS, TEST_PATTY, BOWL_LOSS);

    private FillingField() {}

    private static Batch weigh(Batch batch, Address.LineOf at, double grams) {
        double all = Balancer.solve(batch).filling(at.filling()).made().grams();
        double share = 100 * grams / all;
        if (!(share >= FILLING_SHARE.low() && share <= FILLING_SHARE.high())) {
            throw new OutOfRange(FILLING_GRAMS, grams, Math.ceil(all / 10) / 100, Math.floor(all * 0.99));
        }
        return FILLING_SHARE.write(batch, at, share);
    }
}
