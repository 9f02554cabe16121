package ironpin.plan;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.SpellField;
import ironpin.batch.edit.VesselField;
import ironpin.cook.BoilOff;
import ironpin.cook.Fire;
import ironpin.cook.Load;
import ironpin.cook.PotLoad;
import ironpin.cook.Spell;
import ironpin.cook.SteamWater;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;
import ironpin.worked.WorkedOut;
import java.time.Duration;
import java.util.List;

/** What the vessel does meanwhile: how far a pot falls, whether a steamer runs dry, when the water in a pan has gone. */
final class VesselFindings {
    /** How far a pan's water may miss its spell. */
    private static final double MISSES = 0.25;

    private static final int KEPT = 120;
    private static final WorkedOut<Load, PotLoad> POTS = new WorkedOut<>(KEPT, PotLoad::of);

    private VesselFindings() {}

    static void add(List<Finding> found, LotPlan lot) {
        Vessel vessel = lot.lot().vessel();
        if (vessel.kind() == VesselKind.POT && lot.spells().get(0).fire() == Fire.BOIL) {
            found.add(pot(lot));
        }
        if (vessel.kind() == VesselKind.BASKET) {
            found.add(steamer(lot, vessel));
        }
        for (int i = 0; i < lot.spells().size(); i++) {
            Spell spell = lot.spells().get(i);
            if (spell.fire() == Fire.PAN && spell.pour().micrograms() > 0) {
                found.add(pan(lot, vessel, spell, i));
            }
        }
    }

    private static Finding pot(LotPlan lot) {
        PotLoad load = POTS.of(lot.load());
        Sentence lowest = Quantity.celsius(Math.round(load.lowest().celsius() * 10) / 10.0);
        Sentence why = Sentence.of(
                lot.atOnce(),
                " pieces ",
                lot.lot().cooking().from().label(),
                " into ",
                Quantity.grams(lot.lot().vessel().water().grams()),
                " of water over ",
                Math.round(lot.lot().vessel().watts()),
                " W. More water falls less, but it is the power that brings it back.");
        return load.back()
                .map(InsidePiece::up)
                .map(back -> Finding.of(
                        Saying.POT_FALLS,
                        lowest,
                        back.isZero()
                                ? Sentence.of("in the pot when a round goes in (est.): it hardly stops boiling.")
                                : Sentence.of(
                                        "is what the pot falls to when a round goes in (est.); back at the boil after "
                                                + Span.of(back) + "."),
                        why))
                .orElseGet(() -> Finding.of(
                        Saying.POT_STAYS_DOWN,
                        lowest,
                        Sentence.of(
                                "is what the pot falls to when a round goes in (est.), and it does not come back to the boil."),
                        Sentence.of(why, " Smaller rounds, a lid, or a stronger hob.")));
    }

    private static Finding steamer(LotPlan lot, Vessel vessel) {
        int rounds = lot.rounds().sizes().size();
        SteamWater water = SteamWater.of(vessel, lot.spells(), rounds);
        double all = water.perRound().grams() * rounds;
        Sentence wanted = Quantity.grams(water.wanted().grams());
        Sentence says = Sentence.of(
                "At ",
                Math.round(vessel.watts()),
                " W a round takes ",
                Quantity.grams(water.perRound().grams()),
                "; a steamer must not run dry.");
        if (water.lasts(vessel, rounds)) {
            return Finding.of(
                    Saying.STEAM_WATER,
                    Quantity.grams(all),
                    Sentence.of(
                            "of the ",
                            Quantity.grams(vessel.water().grams()),
                            " under the basket ",
                            rounds == 1 ? "boil away in the round" : "boil away in " + rounds + " rounds",
                            " (est.)."),
                    says);
        }
        String dry = water.dry().map(Span::inMinutes).orElse("0 min");
        String warn = water.warn().map(Span::inMinutes).orElse("0 min");
        return Finding.of(
                Saying.STEAM_DRY,
                Sentence.of(dry),
                Sentence.of(
                        "of steaming and it has run dry (est.): ",
                        Quantity.grams(vessel.water().grams()),
                        " under the basket, and ",
                        Quantity.grams(all),
                        " boil away. Top up with boiling water by ",
                        warn,
                        ", or begin with ",
                        wanted,
                        "."),
                says,
                new Fix(
                        Sentence.of("Begin with ", wanted),
                        VesselField.VESSEL_WATER.at(Address.lot(lot.lot().no())),
                        Math.min(
                                VesselField.VESSEL_WATER.high(),
                                Math.ceil(water.wanted().grams() / 50) * 50)));
    }

    private static Finding pan(LotPlan lot, Vessel vessel, Spell spell, int index) {
        double watts = vessel.watts() * spell.flame().share();
        Duration gone = InsidePiece.up(BoilOff.timeFor(watts, spell.pour(), BoilOff.TAP));
        Mass fits = BoilOff.waterFor(watts, spell.time(), BoilOff.TAP);
        double ratio = gone.toSeconds() / (double) spell.time().toSeconds();
        Sentence why = Sentence.of(
                "At ",
                Math.round(watts),
                " W that reach it, ",
                Quantity.grams(fits.grams()),
                " last ",
                Span.of(spell.time()),
                ". Time a boil-off once and it is known for this burner.");
        Sentence poured = Quantity.grams(spell.pour().grams());
        if (Math.abs(ratio - 1) <= MISSES) {
            return Finding.of(
                    Saying.PAN_WATER,
                    Sentence.of(Span.of(gone)),
                    Sentence.of("until the ", poured, " in the pan have gone (est.)."),
                    why);
        }
        Fix fix = new Fix(
                Sentence.of("Pour ", Quantity.grams(fits.grams())),
                SpellField.SPELL_POUR.at(new Address.SpellOf(lot.lot().no(), index)),
                Math.min(SpellField.SPELL_POUR.high(), Math.round(fits.grams())));
        return ratio < 1
                ? Finding.of(
                        Saying.PAN_DRY_EARLY,
                        Sentence.of(Span.of(gone)),
                        Sentence.of(
                                "and the ",
                                poured,
                                " in the pan have gone (est.): the steam ends before the lid comes off at ",
                                Span.of(spell.time()),
                                "."),
                        why,
                        fix)
                : Finding.of(
                        Saying.PAN_WET,
                        Sentence.of(Span.of(gone)),
                        Sentence.of(
                                "until the ",
                                poured,
                                " in the pan have gone (est.): at ",
                                Span.of(spell.time()),
                                " the seats still stand in water."),
                        why,
                        fix);
    }
}
