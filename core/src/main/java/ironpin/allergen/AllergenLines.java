package ironpin.allergen;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.dip.Dip;
import ironpin.dough.DoughLine;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import ironpin.pantry.Foods;
import ironpin.wording.Name;
import java.util.ArrayList;
import java.util.List;

/**
 * Every line of a supper that somebody might have to avoid: the flours and everything else of the doughs, bought wrappers, the
 * fillings with their soup, and the dips. Dusting is taken for the dough's own flour; what else the cook dusts
 * and fries with is chosen at the stove and stands in no plan.
 */
public final class AllergenLines {
    /** What the answer leaves out, in a sentence. */
    public static final String NOT_COUNTED =
            "Dusting counts as the dough's own flour. Other flour on the board and fat for the pan are not in the plan: mind them too.";

    private AllergenLines() {}

    /** The answer for one lot: its skin, its filling and its dip. */
    public static AllergenAnswer ofLot(Batch batch, Lot lot) {
        List<AllergenAnswer.Line> lines = new ArrayList<>();
        if (lot.bought().isPresent()) {
            lines.add(new AllergenAnswer.Line(
                    "bought wrappers", Foods.get("wrapper").allergens()));
        } else {
            lines.addAll(of(batch.dough(lot.doughNo())));
        }
        lines.addAll(of(batch.filling(lot.fillingNo())));
        lines.addAll(of(lot.dip()));
        lines.addAll(unread(batch));
        return AllergenAnswer.of(lines);
    }

    /** What was not read may be in any lot: it counts in every answer until the cook says what it is. */
    private static List<AllergenAnswer.Line> unread(Batch batch) {
        return batch.unread().stream()
                .map(line -> new AllergenAnswer.Line(line, allergensNamed(line)))
                .toList();
    }

    /** Whatever a line names is in it, also where the line as a whole is not understood. */
    private static Allergens allergensNamed(String line) {
        Allergens whole = FoodName.read(line).allergens();
        for (FoodWords.Named one : FoodWords.in(line)) {
            whole = whole.plus(one.allergens());
        }
        return whole;
    }

    /** The answer for the whole supper. */
    public static AllergenAnswer ofSupper(Batch batch) {
        List<AllergenAnswer.Line> lines = new ArrayList<>();
        for (Dough dough : batch.doughs()) {
            boolean rolled = batch.lots().stream()
                    .anyMatch(lot -> lot.doughNo() == dough.no() && lot.bought().isEmpty());
            if (rolled) {
                lines.addAll(of(dough));
            }
        }
        if (batch.lots().stream().anyMatch(lot -> lot.bought().isPresent())) {
            lines.add(new AllergenAnswer.Line(
                    "bought wrappers", Foods.get("wrapper").allergens()));
        }
        for (Filling filling : batch.fillings()) {
            if (batch.lots().stream().anyMatch(lot -> lot.fillingNo() == filling.no())) {
                lines.addAll(of(filling));
            }
        }
        batch.lots().forEach(lot -> lines.addAll(of(lot.dip())));
        lines.addAll(unread(batch));
        return AllergenAnswer.of(lines);
    }

    /** The lines of a dough that have mass. */
    public static List<AllergenAnswer.Line> of(Dough dough) {
        List<AllergenAnswer.Line> lines = new ArrayList<>();
        for (FlourShare part : dough.flours()) {
            lines.add(new AllergenAnswer.Line(Name.within(part.flour().name()), of(part.flour())));
        }
        for (DoughLine line : dough.formula().lines()) {
            if (!line.share().isZero()) {
                lines.add(new AllergenAnswer.Line(Name.within(line.name()) + " in the dough", line.allergens()));
            }
        }
        return lines;
    }

    /** A flour: what it is milled from says something whatever its name. */
    public static Allergens of(Flour flour) {
        FoodName name = FoodName.read(flour.name());
        boolean wheat = flour.kind() == FlourKind.WHEAT || flour.kind() == FlourKind.WHOLEMEAL;
        if (wheat) {
            Allergens gluten = Allergens.of(Allergen.GLUTEN);
            return name.known() ? gluten.plus(name.allergens()) : gluten;
        }
        return name.allergens();
    }

    /** The lines of a filling. */
    public static List<AllergenAnswer.Line> of(Filling filling) {
        return of(filling.formula());
    }

    /** The lines of a filling that is not in a batch. */
    public static List<AllergenAnswer.Line> of(FillingFormula formula) {
        return formula.lines().stream().map(AllergenLines::of).toList();
    }

    private static AllergenAnswer.Line of(FillingLine line) {
        return new AllergenAnswer.Line(line.bare(), line.spoken().allergens());
    }

    /** The lines of a dip. */
    public static List<AllergenAnswer.Line> of(Dip dip) {
        return dip.parts().stream()
                .map(part -> new AllergenAnswer.Line(
                        FillingLine.bare(part.ingredient()),
                        FoodName.read(part.ingredient()).allergens()))
                .toList();
    }
}
