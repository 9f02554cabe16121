package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.cook.VesselKind;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.MadeHot;
import ironpin.filling.MixSchool;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.wording.Name;
import ironpin.wording.Typed;
import java.util.List;
import java.util.Optional;

/**
 * A filling of a batch, before it is weighed.
 *
 * @param no its number in the batch, 1 or more
 * @param name what the cook calls it
 * @param kind what it is mostly about
 * @param formula its lines
 * @param school how it is brought together
 * @param testPatty fried and tasted first, 0 to 200 g
 * @param loss what the bowl keeps, 0 to 20 % of what is left after the patty
 * @param atHand if set, this much filling decides the number of pieces
 */
@RecordBuilder
public record Filling(
        int no,
        String name,
        FillingKind kind,
        FillingFormula formula,
        MixSchool school,
        Mass testPatty,
        Percentage loss,
        Optional<Mass> atHand)
        implements FillingBuilder.With {
    public Filling {
        name = Typed.name(name);
        if (loss.percent() < 0 || loss.percent() > 20) {
            throw new Refused("bowl loss lies between 0 and 20 %, not " + loss);
        }
        if (testPatty.isNegative() || testPatty.grams() > 200) {
            throw new Refused("a test patty weighs 0 to 200 g, not " + testPatty);
        }
    }

    /** In a sentence: "lamb and carrot filling"; a name that says so already is not said twice. */
    public String called() {
        String lower = Name.within(name);
        return lower.matches("(?i).*\\b(?:filling|stuffing)s?(?: \\d+)?$") ? lower : lower + " filling";
    }

    /** What a part of a filling is made hot in; nothing for the oven, where it finds room beside anything. */
    public static Optional<VesselKind> vessel(MadeHot.Where where) {
        return switch (where) {
            case PAN -> Optional.of(VesselKind.PAN);
            case POT -> Optional.of(VesselKind.POT);
            case OVEN -> Optional.empty();
        };
    }

    /** Whether some part of it may be made hot in such a vessel before it is mixed. */
    public boolean uses(VesselKind kind) {
        boolean dry = kind == VesselKind.PAN && school == MixSchool.COOKED;
        boolean stock = kind == VesselKind.POT && formula.aspic().isPresent();
        return dry
                || stock
                || formula.lines().stream()
                        .flatMap(line -> line.spoken().done().stream())
                        .flatMap(done -> done.fire().stream())
                        .anyMatch(fire -> vessel(fire.where()).equals(Optional.of(kind)));
    }

    /** The school there is, if it suits the new kind. */
    private MixSchool usual(FillingKind changed) {
        List<MixSchool> suiting = MixSchool.suiting(changed);
        return suiting.contains(school) ? school : suiting.get(0);
    }

    /** Of another kind, brought together as suits it. */
    @Override
    public Filling withKind(FillingKind changed) {
        return FillingBuilder.builder(this).kind(changed).school(usual(changed)).build();
    }
}
