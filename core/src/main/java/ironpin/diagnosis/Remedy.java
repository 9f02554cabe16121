package ironpin.diagnosis;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.RollField;
import ironpin.batch.edit.SpellField;
import ironpin.cook.BoilOff;
import ironpin.cook.Fire;
import ironpin.cook.Spell;
import ironpin.filling.FillingLine;
import ironpin.pantry.Food;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.wording.Name;
import java.util.List;
import java.util.Optional;

/** The one change for a cause, as a number of the plan with its size; where no number does it, hands do. */
enum Remedy {
    NONE,
    FILL_LESS,
    WETTER,
    DRIER,
    REST,
    HOTTER,
    SMALLER,
    RIM,
    COLD_WATER,
    SMALLER_ROUND,
    FAT,
    LIQUID,
    SALT_MORE,
    SALT_LESS,
    SUGAR_MORE,
    SUGAR_LESS,
    LONGER,
    SHORTER,
    WATER,
    FLAME_DOWN,
    FLAME_UP,
    STIR;

    /** As an edit of this plan; absent where no number does it or the number would leave its range. */
    Optional<Fix> fix(BatchPlan plan, LotPlan of) {
        Lot lot = of.lot();
        Dough dough = of.dough();
        Batch batch = plan.batch();
        Address.OfLot here = Address.lot(lot.no());
        double water = dough.formula().hydration().percent();
        return switch (this) {
            // Heat and stirring are no numbers of a plan: hands do them.
            case NONE, FLAME_DOWN, FLAME_UP, STIR -> Optional.empty();
            case FILL_LESS ->
                fix(
                        "Fill",
                        "",
                        CountField.FILLING_EACH.at(here),
                        of.share().fillingEach().grams() * 0.9);
            case WETTER -> fix("Water at", "", DoughField.HYDRATION.at(Address.dough(dough.no())), water + 1);
            case DRIER -> fix("Water at", "", DoughField.HYDRATION.at(Address.dough(dough.no())), water - 1);
            case REST ->
                fix(
                        "Rest",
                        "",
                        DoughField.REST.at(Address.dough(dough.no())),
                        dough.rest().toMinutes() + 10.0);
            case HOTTER ->
                fix(
                        "Water of",
                        "",
                        DoughField.WATER_TEMPERATURE.at(Address.dough(dough.no())),
                        Math.min(100, dough.water().celsius() + 10));
            case SMALLER ->
                fix("Roll to", "", RollField.DISC.at(here), lot.shape().disc().millimetres() * 0.95);
            case RIM ->
                fix(
                        "Roll the middle",
                        " times as thick as the rim",
                        RollField.CENTRE_TO_RIM.at(here),
                        lot.shape().centreToRim() + 0.2);
            case COLD_WATER ->
                fix(
                        "Cold water",
                        " times",
                        SpellField.COLD_WATERS.at(here),
                        SpellField.COLD_WATERS.read(batch, plan.balance(), here) + 1);
            case SMALLER_ROUND ->
                fix(
                        "",
                        " a round",
                        SpellField.AT_ONCE.at(here),
                        Math.max(1, Math.floor(of.rounds().capacity() * 0.85)));
            case FAT -> share(of, List.of(Food.Role.FAT, Food.Role.OIL), 2);
            case LIQUID -> share(of, List.of(Food.Role.LIQUID), 2);
            case SALT_MORE -> share(of, List.of(Food.Role.SALT, Food.Role.SEASONING), 0.2);
            case SALT_LESS -> share(of, List.of(Food.Role.SALT, Food.Role.SEASONING), -0.2);
            case SUGAR_MORE -> share(of, List.of(Food.Role.SWEET), 3);
            case SUGAR_LESS -> share(of, List.of(Food.Role.SWEET), -3);
            case LONGER -> minutes(of, 1);
            case SHORTER -> minutes(of, -1);
            case WATER -> pour(of);
        };
    }

    /** The last spell of a round, a minute longer or shorter. */
    private static Optional<Fix> minutes(LotPlan of, double more) {
        int last = of.spells().size() - 1;
        return fix(
                "The last step",
                "",
                SpellField.SPELL_MINUTES.at(new Address.SpellOf(of.lot().no(), last)),
                of.spells().get(last).time().toSeconds() / 60.0 + more);
    }

    private static Optional<Fix> pour(LotPlan of) {
        for (int i = 0; i < of.spells().size(); i++) {
            Spell spell = of.spells().get(i);
            if (spell.fire() == Fire.PAN && !spell.pour().isZero()) {
                double watts = of.lot().vessel().watts() * spell.flame().share();
                return fix(
                        "Pour",
                        "",
                        SpellField.SPELL_POUR.at(new Address.SpellOf(of.lot().no(), i)),
                        BoilOff.waterFor(watts, spell.time(), BoilOff.TAP).grams());
            }
        }
        return Optional.empty();
    }

    /** Moves the first line that does this. */
    private static Optional<Fix> share(LotPlan of, List<Food.Role> roles, double points) {
        List<FillingLine> lines = of.filling().formula().lines();
        for (Food.Role role : roles) {
            for (int i = 0; i < lines.size(); i++) {
                if (lines.get(i).spoken().is(role)) {
                    return fix(
                            Name.first(lines.get(i).ingredient()) + " at",
                            "",
                            FillingField.FILLING_SHARE.at(
                                    new Address.LineOf(of.filling().no(), i)),
                            lines.get(i).share().percent() + points);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Fix> fix(String before, String after, PlanNumber<?> of, double value) {
        int decimals = of.field().decimals();
        double scale = Math.pow(10, decimals);
        double rounded = decimals == 0 ? Math.rint(value) : Math.round(value * scale) / scale;
        return Fix.saying(before, after, of, rounded);
    }
}
