package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.quantity.Belief;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.util.List;
import java.util.function.UnaryOperator;

/** What the cook's hands do with a lot's fold: learned, or as the cook says. */
public final class HandField {
    /** How sure somebody is of a number about themselves. */
    private static final double SAID_SHARE = 0.02;

    /** Share of the geometric room that closes with ease. */
    public static final PlanField<Address.OfLot> COMFORT = lot("comfort", "closes with ease, of the room", Station.FOLD)
            .range(30, 95, "%", 1, 0)
            .when((batch, at) -> batch.lot(at.no()).fold().enclosure() != Fold.Enclosure.DISC)
            .note("60–70 is usual")
            .reads((batch, balance, at) -> hands(batch, at).comfort().mean())
            .writes((batch, at, percent) -> hands(batch, at, old -> old.withComfort(said(percent))));

    /** How long a piece takes, cut, rolled, filled and closed. */
    public static final PlanField<Address.OfLot> SECONDS = lot("seconds-each", "a piece takes", Station.FOLD)
            .range(3, 900, "s", 1, 0)
            .note("rolled, filled and closed by one")
            .reads((batch, balance, at) -> hands(batch, at).seconds().mean())
            .writes((batch, at, seconds) -> hands(batch, at, old -> old.withSeconds(said(seconds))));

    static final List<PlanField<?>> ALL = List.of(COMFORT, SECONDS);

    private HandField() {}

    private static Belief said(double value) {
        return new Belief(value, SAID_SHARE * value, 0);
    }

    private static Handiwork hands(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).handiwork();
    }

    private static Batch hands(Batch batch, Address.OfLot at, UnaryOperator<Handiwork> change) {
        return batch.mapLot(at.no(), lot -> lot.withHandiwork(change.apply(lot.handiwork())));
    }
}
