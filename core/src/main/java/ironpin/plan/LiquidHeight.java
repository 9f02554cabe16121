package ironpin.plan;

import ironpin.amount.Height;
import ironpin.amount.Reading;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.SpellField;
import ironpin.batch.edit.VesselField;
import ironpin.cook.Footprint;
import ironpin.cook.FreePan;
import ironpin.cook.PieceBody;
import ironpin.cook.VesselKind;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;

/**
 * What a liquid weighs that comes so far up the pieces of a round: the floor that is free between them, by that part of their height
 * (est.).
 *
 * @param free between the pieces
 * @param height of what stands in it
 * @param pieces of a round
 */
public record LiquidHeight(FreePan free, Length height, int pieces) {
    /** Pieces stand closer or wider, and are not all as high (est.). */
    private static final double GIVE_OR_TAKE = 0.2;

    /** In the vessel of a lot that is a pan or a dish. @throws Refused if its pieces cover all of it */
    public static LiquidHeight in(LotPlan lot) {
        int lying = Math.min(lot.atOnce(), lot.rounds().packing().count());
        FreePan free = FreePan.of(
                lot.lot().vessel(), Footprint.of(lot.lot().fold(), lot.lot().wide()), lying);
        boolean slices = lot.lot().vessel().kind() == VesselKind.DISH;
        Length height =
                slices ? lot.lot().shape().slice() : PieceBody.height(lot.load().body());
        return new LiquidHeight(free, height, lot.atOnce());
    }

    /** So much of it. @param share of the height, above 0 and at most 1 */
    public Mass to(double share) {
        return free.to(share, height);
    }

    /** What was typed where water of a pan or a dish is asked for, if it says how high that stands; absent if it does not. */
    public static Optional<Reading> typed(PlanNumber<?> number, String text, BatchPlan plan) {
        PlanField<?> field = number.field();
        if (field != SpellField.SPELL_POUR && field != VesselField.VESSEL_WATER) {
            return Optional.empty();
        }
        int lot = number.at() instanceof Address.SpellOf spell ? spell.lot() : ((Address.OfLot) number.at()).no();
        return Height.read(text)
                .filter(share -> standsIn(plan.lot(lot).lot().vessel().kind()))
                .map(share -> in(plan.lot(lot)).reading(text.strip(), share));
    }

    private static boolean standsIn(VesselKind kind) {
        return kind == VesselKind.PAN || kind == VesselKind.DISH;
    }

    private Reading reading(String text, double share) {
        Mass mass = to(share);
        return new Reading(
                text,
                mass,
                new Band<>(mass.multipliedBy(1 - GIVE_OR_TAKE), mass.multipliedBy(1 + GIVE_OR_TAKE)),
                "Between " + pieces + " pieces " + Decimal.trimmed(height.millimetres(), 0) + " mm high (est.).",
                Optional.of("water"),
                List.of(),
                Optional.empty(),
                true);
    }
}
