package ironpin.diagnosis;

import ironpin.book.Outcome;
import ironpin.clock.Gap;
import ironpin.cook.BoilOff;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.cook.Steam;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.dough.Scald;
import ironpin.filling.Composition;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.SafeCore;
import ironpin.pantry.Food;
import ironpin.plan.BatchPlan;
import ironpin.plan.InsidePiece;
import ironpin.plan.LotPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.wrapper.Fold;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What of a batch speaks for and against causes, as numbers; what is not known is not there. */
final class Facts {
    private final Map<Fact, Double> known = new EnumMap<>(Fact.class);
    private final BatchPlan plan;
    private final LotPlan lot;

    private Facts(BatchPlan plan, LotPlan lot) {
        this.plan = plan;
        this.lot = lot;
    }

    static Map<Fact, Double> of(BatchPlan plan, LotPlan lot, Outcome outcome, Doing doing) {
        Facts facts = new Facts(plan, lot);
        facts.shape();
        if (lot.lot().bought().isEmpty()) {
            facts.dough(doing);
        }
        facts.filling();
        facts.fire();
        facts.doing(outcome, doing);
        return facts.known;
    }

    private void put(Fact fact, double value) {
        if (Double.isFinite(value)) {
            known.put(fact, value);
        }
    }

    private void shape() {
        lot.room().ifPresent(room -> put(Fact.FILL, lot.share().fillingEach().ratioTo(room.comfortable())));
        lot.bread().ifPresent(bread -> put(Fact.BREAD_SKIN, bread.skin().millimetres()));
        if (lot.room().isPresent() && lot.lot().fold().enclosure() != Fold.Enclosure.ROLL) {
            put(Fact.RIM, lot.wrapper().rim().millimetres());
            put(Fact.CENTRE, lot.wrapper().centre().millimetres());
            put(
                    Fact.CENTRE_TO_RIM,
                    lot.wrapper().centre().millimetres() / lot.wrapper().rim().millimetres());
        }
    }

    private void dough(Doing doing) {
        Band<Percentage> band = lot.hydration().band();
        double middle = (band.low().percent() + band.high().percent()) / 2;
        double half = (band.high().percent() - band.low().percent()) / 2;
        put(
                Fact.WETNESS,
                (lot.dough().formula().effectiveHydration().percent() + doing.correctedPoints() - middle) / half);
        put(Fact.CORRECTED, doing.correctedPoints());
        double least = lot.dough().family().rest().low().toMinutes();
        if (least > 0) {
            put(Fact.REST, lot.dough().rest().toMinutes() / least);
        }
        // Warm-water doughs are steamed unscalded; that is how they are.
        if (lot.lot().method() instanceof Steam && lot.dough().family() != DoughFamily.WARM_WATER) {
            put(Fact.SCALD, Scald.share(lot.mixed()));
        }
    }

    private void filling() {
        FillingFormula formula = lot.filling().formula();
        Composition composed = Composition.of(formula);
        boolean red =
                lot.filling().kind() == FillingKind.RED_MEAT || lot.filling().kind() == FillingKind.POULTRY;
        if (red) {
            // Of the meat and its fat, as butchers and cooks say it.
            composed.fatOfMeat().ifPresent(fat -> put(Fact.FAT, fat.percent()));
            composed.liquidOfMeat().ifPresent(liquid -> put(Fact.LIQUID, liquid.percent()));
        }
        if (composed.saltKnown() && lot.filling().kind() != FillingKind.SWEET) {
            put(Fact.SALT, 100 * composed.salt().usual());
        }
        put(Fact.STIRRED, lot.filling().school() == MixSchool.ONE_DIRECTION ? 1 : 0);
        formula.aspic().ifPresent(share -> put(Fact.ASPIC, share.percent()));
        double weeping = 0;
        double sugar = 0;
        for (FillingLine line : formula.lines()) {
            boolean wet = line.spoken().is(Food.Role.VEGETABLE)
                    && line.spoken().done().isEmpty();
            weeping += wet ? line.share().percent() : 0;
            sugar += line.spoken().is(Food.Role.SWEET) ? line.share().percent() : 0;
        }
        put(Fact.WEEPING, weeping);
        put(Fact.SUGAR, sugar);
    }

    private void fire() {
        List<Spell> spells = lot.spells();
        put(Fact.ROUND, (double) lot.atOnce() / lot.rounds().capacity());
        InsidePiece.of(lot)
                .flatMap(InsidePiece::most)
                .ifPresent(most ->
                        put(Fact.COOKED, (double) Cooking.time(spells).toSeconds() / Math.max(1, most.toSeconds())));
        if (lot.lot().vessel().kind() == VesselKind.POT) {
            boolean cooled = spells.stream().anyMatch(spell -> !spell.pour().isZero());
            boolean high = spells.stream().skip(1).anyMatch(spell -> spell.flame() == Flame.HIGH);
            put(
                    Fact.BOIL,
                    cooled ? 0 : high || spells.size() == 1 && spells.get(0).flame() == Flame.HIGH ? 2 : 1);
        }
        boolean seat = lot.lot().vessel().kind() == VesselKind.PAN
                || lot.lot().vessel().kind() == VesselKind.GRIDDLE;
        if (seat) {
            put(Fact.FLAME, spells.get(0).flame().ordinal());
            int greased = spells.get(0).fat() ? 2 : spells.stream().anyMatch(Spell::fat) ? 1 : 0;
            put(Fact.GREASED, greased);
        }
        spells.stream()
                .filter(spell -> spell.fire() == Fire.PAN && !spell.pour().isZero())
                .findFirst()
                .ifPresent(spell -> put(
                        Fact.WATER,
                        (double) BoilOff.timeFor(
                                                lot.lot().vessel().watts()
                                                        * spell.flame().share(),
                                                spell.pour(),
                                                BoilOff.TAP)
                                        .toSeconds()
                                / spell.time().toSeconds()));
        plan.gaps().stream()
                .filter(gap -> gap.kind() == Gap.Kind.PIECES_WAIT
                        && gap.no() == lot.lot().no())
                .mapToLong(gap -> gap.longest().toMinutes())
                .max()
                .ifPresent(minutes -> put(Fact.WAITED, minutes));
    }

    private void doing(Outcome outcome, Doing doing) {
        doing.spoonful().ifPresent(spoonful -> put(Fact.SPOONFUL, spoonful));
        doing.uneven().ifPresent(uneven -> put(Fact.UNEVEN, uneven));
        double safe = SafeCore.of(lot.filling().formula()).core().celsius();
        outcome.core().ifPresent(core -> put(Fact.CORE, core.celsius() - safe));
    }
}
