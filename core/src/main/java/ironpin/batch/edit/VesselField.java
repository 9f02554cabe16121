package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.pantry.Foods;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What a lot is cooked in. */
public final class VesselField {
    /** Inside width. */
    public static final PlanField<Address.OfLot> VESSEL_WIDTH = lot(
                    "vessel-width", "vessel, inside width", Station.COOK)
            .range(80, 800, "mm", 10, 0)
            .reads((batch, balance, at) ->
                    batch.lot(at.no()).vessel().diameter().millimetres())
            .writes((batch, at, mm) -> vessel(batch, at, old -> old.withDiameter(Length.ofMillimetres(mm))));

    /** One over the other. */
    public static final PlanField<Address.OfLot> VESSEL_TIERS = lot("vessel-tiers", "tiers", Station.COOK)
            .range(1, 6, "", 1, 0)
            .when((batch, at) -> batch.lot(at.no()).vessel().kind() == VesselKind.BASKET)
            .reads((batch, balance, at) -> batch.lot(at.no()).vessel().tiers())
            .writes((batch, at, tiers) -> vessel(batch, at, old -> old.withTiers((int) tiers)));

    /** Heat that gets into it, not what the burner is labelled with. */
    public static final PlanField<Address.OfLot> VESSEL_WATTS = lot(
                    "vessel-watts", "power that reaches it", Station.COOK)
            .range(100, 6_000, "W", 50, 0)
            .when((batch, at) -> batch.lot(at.no()).vessel().kind() != VesselKind.DISH)
            .reads((batch, balance, at) -> batch.lot(at.no()).vessel().watts())
            .writes((batch, at, watts) -> vessel(batch, at, old -> old.withWatts(watts)));

    /** What is in it before the pieces are. */
    public static final PlanField<Address.OfLot> VESSEL_WATER = lot("vessel-water", "water in it", Station.COOK)
            .range(100, 20_000, "g", 100, 0)
            .food((batch, at) -> Optional.of(Foods.get("water")))
            .when((batch, at) -> switch (batch.lot(at.no()).vessel().kind()) {
                case POT, BASKET, DISH -> true;
                case PAN, GRIDDLE -> false;
            })
            .reads((batch, balance, at) -> batch.lot(at.no()).vessel().water().grams())
            .writes((batch, at, grams) -> vessel(batch, at, old -> old.withWater(Mass.ofGrams(grams))));

    static final List<PlanField<?>> ALL = List.of(VESSEL_WIDTH, VESSEL_TIERS, VESSEL_WATTS, VESSEL_WATER);

    private VesselField() {}

    private static Batch vessel(Batch batch, Address.OfLot at, UnaryOperator<Vessel> change) {
        return batch.mapLot(at.no(), lot -> lot.withVessel(change.apply(lot.vessel())));
    }
}
