package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.filling;
import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.pantry.Foods;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.NotThere;
import ironpin.wrapper.BoughtWrapper;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Wrappers out of a pack. */
public final class PackField {
    /** Width of a round one, side of a square one. */
    public static final PlanField<Address.OfLot> WRAPPER_SIZE = lot("wrapper-size", "wrapper's size", Station.DOUGH)
            .range(50, 250, "mm", 1, 0)
            .reads((batch, balance, at) -> wrapper(batch, at).size().millimetres())
            .writes((batch, at, mm) -> wrapper(batch, at, old -> old.withSize(Length.ofMillimetres(mm))));

    /** Mass of one. */
    public static final PlanField<Address.OfLot> WRAPPER_EACH = lot("wrapper-each", "a wrapper weighs", Station.DOUGH)
            .range(2, 60, "g", 0.5, 1)
            .food((batch, at) -> Optional.of(Foods.get("dough")))
            .reads((batch, balance, at) -> wrapper(batch, at).each().grams())
            .writes((batch, at, grams) -> wrapper(batch, at, old -> old.withEach(Mass.ofGrams(grams))));

    /** How many a pack holds. */
    public static final PlanField<Address.OfLot> WRAPPER_PACK = lot("wrapper-pack", "in a pack", Station.DOUGH)
            .range(1, 200, "", 1, 0)
            .reads((batch, balance, at) -> wrapper(batch, at).perPack())
            .writes((batch, at, count) -> wrapper(batch, at, old -> old.withPerPack((int) count)));

    /** Pieces of a filling that are folded into bought wrappers, in a lot beside. */
    public static final PlanField<Address.OfFilling> WRAPPED = filling(
                    "wrapped", "pieces in bought wrappers", Station.TABLE)
            .range(1, 500, "", 1, 0)
            .reads((batch, balance, at) -> Lanes.wrapped(batch, balance, at.no()))
            .writes((batch, at, pieces) -> Lanes.wrap(batch, at.no(), (int) pieces));

    static final List<PlanField<?>> ALL = List.of(WRAPPER_SIZE, WRAPPER_EACH, WRAPPER_PACK, WRAPPED);

    private PackField() {}

    private static BoughtWrapper wrapper(Batch batch, Address.OfLot at) {
        return batch.lot(at.no()).bought().orElseThrow(() -> new NotThere("lot " + at.no() + " has no bought wrapper"));
    }

    private static Batch wrapper(Batch batch, Address.OfLot at, UnaryOperator<BoughtWrapper> change) {
        BoughtWrapper changed = change.apply(wrapper(batch, at));
        return batch.mapLot(at.no(), lot -> lot.withBought(Optional.of(changed)));
    }
}
