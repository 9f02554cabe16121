package ironpin.book;

import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.RollField;
import ironpin.cook.Steam;
import ironpin.dough.DoughFamily;
import ironpin.filling.SafeCore;
import ironpin.pantry.Food;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.wording.Name;
import java.util.Optional;

/**
 * Picks the one change for next time: what is unsafe first, then what is lost in the pot, then what is felt on the tooth,
 * then what is left in the bowl. The numbers are those of the new plan, so the change is a step from where it stands.
 */
public final class NextChange {
    private static final double WORTH_A_CHANGE = 0.04;
    private static final double LEFT_WORTH_A_CHANGE = 0.5;

    private final Outcome last;
    private final Skin made;
    private final Lot lot;
    private final Dough dough;
    private final Filling filling;

    private NextChange(Outcome last, Skin made, Lot lot, Dough dough, Filling filling) {
        this.last = last;
        this.made = made;
        this.lot = lot;
        this.dough = dough;
        this.filling = filling;
    }

    /**
     * What a lot was wrapped in: a lesson about one kind says nothing of another.
     *
     * @param family of its dough; nothing for wrappers out of a pack
     */
    public record Skin(Optional<DoughFamily> family) {
        /** What this lot is wrapped in. */
        public static Skin of(Lot lot, Dough dough) {
            return new Skin(lot.bought().isPresent() ? Optional.empty() : Optional.of(dough.family()));
        }
    }

    /**
     * The change to make, if any.
     *
     * @param last what came of the last lot of this style
     * @param made what that lot was wrapped in
     * @param lot the lot being planned
     * @param dough its dough
     * @param filling its filling
     */
    public static Optional<Suggestion> after(Outcome last, Skin made, Lot lot, Dough dough, Filling filling) {
        NextChange change = new NextChange(last, made, lot, dough, filling);
        return change.core()
                .or(change::burst)
                .or(change::stuck)
                .or(change::skin)
                .or(change::fillingVerdict)
                .or(change::leftOver);
    }

    private Optional<Suggestion> core() {
        Temperature safe = SafeCore.of(filling.formula()).core();
        return last.core()
                .filter(read -> read.compareTo(safe) < 0)
                .map(read -> new Suggestion(
                        Sentence.of(
                                "The core read ",
                                Quantity.read(read.celsius()),
                                ", under ",
                                Quantity.celsius(safe.celsius()),
                                "."),
                        Sentence.of("Cook longer until the probe agrees, and fill 10 % less so that heat gets there."),
                        fillLess(0.9)));
    }

    private Optional<Suggestion> burst() {
        int lost = last.burst() + last.leaked();
        if (last.share(lost) < WORTH_A_CHANGE) {
            return Optional.empty();
        }
        String seen = last.burst() + " burst and " + last.leaked() + " leaked of " + last.made() + ".";
        return Optional.of(new Suggestion(
                Sentence.of(seen),
                Sentence.of("Fill 10 % less, keep the rim dry and clean, boil gently."),
                fillLess(0.9)));
    }

    private Optional<Suggestion> stuck() {
        if (last.share(last.stuck()) < WORTH_A_CHANGE) {
            return Optional.empty();
        }
        String change =
                switch (lot.vessel().kind()) {
                    case POT -> "Stir along the bottom as soon as they are in.";
                    case BASKET -> "Oil the liner or use holed paper, and wait a minute before lifting.";
                    case PAN, GRIDDLE, DISH -> "Wait until they let go by themselves before moving them.";
                };
        return Optional.of(new Suggestion(
                Sentence.of(last.stuck() + " stuck of " + last.made() + "."), Sentence.of(change), Optional.empty()));
    }

    private Optional<Suggestion> skin() {
        if (!made.equals(Skin.of(lot, dough))) {
            return Optional.empty();
        }
        if (made.family().isEmpty()) {
            return last.skin() == SkinVerdict.RIGHT
                    ? Optional.empty()
                    : Optional.of(suggest(
                            Sentence.of("The bought skins were not right."),
                            Sentence.of(
                                    "Keep them wrapped, wet the whole rim, and choose a simple fold; or buy another kind."),
                            Optional.empty()));
        }
        return switch (last.skin()) {
            case RIGHT -> Optional.empty();
            case TOUGH ->
                lot.method() instanceof Steam
                        ? Optional.of(suggest(
                                Sentence.of("The skin was tough after steaming."),
                                Sentence.of("Wetter by 2 points."),
                                water(2)))
                        : Optional.of(suggest(
                                Sentence.of("The skin was tough."), Sentence.of("Wetter by 1 point."), water(1)));
            case CRACKED ->
                Optional.of(suggest(
                        Sentence.of("The rim cracked."),
                        Sentence.of("Wetter by 1 point; cover the pieces."),
                        water(1)));
            case TORN ->
                Optional.of(suggest(
                        Sentence.of("The skin stuck or tore."), Sentence.of("Drier by 1 point; dust."), water(-1)));
            case GUMMY ->
                Optional.of(suggest(
                        Sentence.of("The seam was gummy."),
                        Sentence.of("Roll the rim thinner, the middle thicker."),
                        fix(
                                "Roll the middle",
                                " times as thick as the rim",
                                RollField.CENTRE_TO_RIM.at(Address.lot(lot.no())),
                                lot.shape().centreToRim() + 0.2)));
            case SPRANG_BACK ->
                Optional.of(suggest(
                        Sentence.of("The dough sprang back."),
                        Sentence.of("Rest 10 min longer."),
                        fix(
                                "Rest",
                                DoughField.REST.at(Address.dough(dough.no())),
                                dough.rest().toMinutes() + 10)));
        };
    }

    private Optional<Suggestion> fillingVerdict() {
        return switch (last.filling()) {
            case RIGHT -> Optional.empty();
            case DRY ->
                Optional.of(suggest(
                        Sentence.of("The filling was dry."),
                        Sentence.of("Work in more stock, 5 % of the meat."),
                        share(Food.Role.LIQUID, 2)));
            case LOOSE ->
                Optional.of(suggest(
                        Sentence.of("The filling was loose."),
                        Sentence.of("Stir it to a sticky paste; oil last."),
                        Optional.empty()));
            case BLAND ->
                Optional.of(suggest(
                        Sentence.of("The filling was bland."),
                        Sentence.of("A little more salt."),
                        share(Food.Role.SALT, 0.2)));
            case SALTY ->
                Optional.of(suggest(
                        Sentence.of("The filling was salty."),
                        Sentence.of("A little less salt."),
                        share(Food.Role.SALT, -0.2)));
        };
    }

    private Optional<Suggestion> leftOver() {
        if (last.made() == 0) {
            return Optional.empty();
        }
        double doughPieces = last.doughLeft().ratioTo(lot.doughEach());
        double fillingPieces = last.fillingLeft().ratioTo(lot.fillingEach());
        if (Math.max(doughPieces, fillingPieces) < LEFT_WORTH_A_CHANGE) {
            return Optional.empty();
        }
        return fillingPieces >= doughPieces
                ? Optional.of(over("filling", last.fillingLeft(), CountField.FILLING_EACH, lot.fillingEach()))
                : Optional.of(over("dough", last.doughLeft(), CountField.DOUGH_EACH, lot.doughEach()));
    }

    private Suggestion over(String what, Mass left, PlanField<Address.OfLot> field, Mass each) {
        double more = Math.max(0.1, Math.round(left.grams() / last.made() * 10) / 10.0);
        return suggest(
                Sentence.of(Quantity.mass(left.grams(), 0), " of ", what, " was over."),
                Sentence.of("Take ", Quantity.mass(more, 1), " more ", what, " in each piece."),
                fix("Take", " of " + what + " in each piece", field.at(Address.lot(lot.no())), each.grams() + more));
    }

    private Optional<Fix> fillLess(double factor) {
        return fix(
                "Fill",
                " in each piece",
                CountField.FILLING_EACH.at(Address.lot(lot.no())),
                lot.fillingEach().grams() * factor);
    }

    private Optional<Fix> water(double points) {
        if (lot.bought().isPresent()) {
            return Optional.empty();
        }
        double now = dough.formula().hydration().percent();
        // Not further out of what the family bears: then it was something else.
        Band<Percentage> bears = dough.band();
        double effective = dough.formula().effectiveHydration().percent();
        boolean out = points > 0
                ? effective > bears.high().percent() + lot.method().hydrationShift()
                : effective < bears.low().percent() + lot.method().hydrationShift();
        return out
                ? Optional.empty()
                : fix("Water at", DoughField.HYDRATION.at(Address.dough(dough.no())), now + points);
    }

    /** Moves the first line that does this. */
    private Optional<Fix> share(Food.Role role, double points) {
        var lines = filling.formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).spoken().is(role)) {
                double now = lines.get(i).share().percent();
                return fix(
                        Name.first(lines.get(i).ingredient()) + " at",
                        FillingField.FILLING_SHARE.at(new Address.LineOf(filling.no(), i)),
                        now + points);
            }
        }
        return Optional.empty();
    }

    private static Optional<Fix> fix(String before, PlanNumber<?> of, double value) {
        return fix(before, "", of, value);
    }

    private static Optional<Fix> fix(String before, String after, PlanNumber<?> of, double value) {
        return Fix.saying(before, after, of, Math.round(value * 10) / 10.0);
    }

    private static Suggestion suggest(Sentence seen, Sentence change, Optional<Fix> fix) {
        return new Suggestion(seen, change, fix);
    }
}
