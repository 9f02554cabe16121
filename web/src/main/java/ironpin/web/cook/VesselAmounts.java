package ironpin.web.cook;

import ironpin.cook.BoilOff;
import ironpin.cook.Fire;
import ironpin.cook.FreePan;
import ironpin.cook.Spell;
import ironpin.cook.SteamWater;
import ironpin.cook.Vessel;
import ironpin.plan.LiquidHeight;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.List;

/** What goes into a vessel besides pieces (est.), each amount with what it rests on. */
record VesselAmounts(String name, Sentence amount, Sentence why) {
    static List<VesselAmounts> of(LotPlan lot) {
        Vessel vessel = lot.lot().vessel();
        List<VesselAmounts> found = new ArrayList<>();
        try {
            switch (vessel.kind()) {
                case PAN -> pan(found, lot, vessel);
                case DISH -> dish(found, lot);
                case BASKET -> basket(found, lot, vessel);
                case POT, GRIDDLE -> {}
            }
        } catch (Refused full) {
            return List.of();
        }
        return found;
    }

    private static void pan(List<VesselAmounts> found, LotPlan lot, Vessel vessel) {
        LiquidHeight stands = LiquidHeight.in(lot);
        FreePan free = stands.free();
        lot.spells().stream()
                .filter(spell -> spell.fire() == Fire.PAN && spell.pour().micrograms() > 0)
                .findFirst()
                .ifPresent(spell -> steamed(found, stands, vessel, spell));
        Mass batter = free.batter();
        found.add(new VesselAmounts(
                "Batter for a skirt",
                grams(batter),
                Sentence.of(
                        grams(free.starch()),
                        " of starch or flour in ",
                        grams(batter.minus(free.starch())),
                        " of water: a film over what is free of the pan (est.).")));
    }

    private static void steamed(List<VesselAmounts> found, LiquidHeight stands, Vessel vessel, Spell spell) {
        double watts = vessel.watts() * spell.flame().share();
        found.add(new VesselAmounts(
                "Water that lasts " + Span.of(spell.time()),
                grams(BoilOff.waterFor(watts, spell.time(), BoilOff.TAP)),
                Sentence.of("At the " + Math.round(watts) + " W that reach the pan (est.).")));
        Mass half = stands.to(FreePan.HALF_WAY);
        found.add(new VesselAmounts(
                "Water half-way up the pieces",
                grams(half),
                Sentence.of("It takes " + Span.inMinutes(BoilOff.timeFor(watts, half, BoilOff.TAP))
                        + " to boil away at that power (est.).")));
    }

    private static void dish(List<VesselAmounts> found, LotPlan lot) {
        LiquidHeight stands = LiquidHeight.in(lot);
        found.add(new VesselAmounts(
                "Broth to two thirds",
                grams(stands.to(FreePan.BROTH)),
                Sentence.of(
                        "Between ",
                        lot.atOnce(),
                        " slices of ",
                        Quantity.length(stands.height().millimetres(), 0),
                        ", boiling hot (est.).")));
    }

    private static void basket(List<VesselAmounts> found, LotPlan lot, Vessel vessel) {
        SteamWater water =
                SteamWater.of(vessel, lot.spells(), lot.rounds().sizes().size());
        found.add(new VesselAmounts(
                "A round boils away",
                grams(water.perRound()),
                Sentence.of("At " + Math.round(vessel.watts()) + " W (est.).")));
        water.dry()
                .ifPresent(dry -> found.add(new VesselAmounts(
                        "Dry after",
                        Sentence.of(Span.inMinutes(dry)),
                        Sentence.of(
                                "of boiling, from ",
                                grams(vessel.water()),
                                "; top up by ",
                                water.warn().map(Span::inMinutes).orElse("then"),
                                " (est.)."))));
    }

    private static Sentence grams(Mass mass) {
        return Quantity.mass(mass.grams(), 0);
    }
}
