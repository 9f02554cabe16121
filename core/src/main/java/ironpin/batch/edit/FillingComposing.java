package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.filling.FatBlend;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.Treatment;
import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of what a filling is made of, as the cook chooses them. */
public final class FillingComposing {
    private static final double NEW_LINE_PERCENT = 5;
    private static final int MOST_NAME = 80;
    private static final String ASPIC = "aspic cubes";
    private static final double ASPIC_PERCENT = 25;
    private static final String BACK_FAT = "back fat";

    private FillingComposing() {}

    /** A line more with a small share; at forty lines nothing changes. */
    public static Batch add(Batch batch, int fillingNo, String ingredient) {
        demandName(ingredient);
        return filling(
                batch,
                fillingNo,
                one -> one.formula().lines().size() >= FillingFormula.MOST_LINES
                        ? one
                        : one.withFormula(one.formula()
                                .plus(new FillingLine(ingredient.strip(), Percentage.of(NEW_LINE_PERCENT)))));
    }

    /** Soup inside: cubes of set stock, a quarter of the filling; with some in it already nothing changes. */
    public static Batch soup(Batch batch, int fillingNo) {
        return filling(
                batch,
                fillingNo,
                one -> one.formula().lines().size() >= FillingFormula.MOST_LINES
                                || one.formula().aspic().isPresent()
                        ? one
                        : one.withFormula(one.formula().plus(new FillingLine(ASPIC, Percentage.of(ASPIC_PERCENT)))));
    }

    /**
     * Meat blended to a wanted share of fat: as much of it gives way to back fat as Pearson's square says, oil left as it is.
     * A filling without meat, or one that has as much fat, stays as it is.
     */
    public static Batch blend(Batch batch, int fillingNo, Percentage wanted) {
        return filling(batch, fillingNo, one -> one.withFormula(blended(one.formula(), wanted)));
    }

    private static FillingFormula blended(FillingFormula formula, Percentage wanted) {
        double meat = 0;
        double fat = 0;
        for (FillingLine line : formula.lines()) {
            if (meat(line)) {
                meat += line.share().percent();
                fat += line.share().percent()
                        * line.spoken().food().orElseThrow().fat();
            }
        }
        if (meat == 0 || fat >= wanted.fraction() * meat || formula.lines().size() >= FillingFormula.MOST_LINES) {
            return formula;
        }
        Food backFat = Foods.get("back-fat");
        FatBlend blend = FatBlend.of(
                Mass.ofGrams(meat),
                wanted,
                List.of(
                        new FatBlend.Source("the meat", Percentage.ofFraction(fat / meat), Optional.empty()),
                        new FatBlend.Source(BACK_FAT, Percentage.ofFraction(backFat.fat()), Optional.empty())));
        double kept = blend.parts().get(0).grams() / meat;
        List<FillingLine> lines = new ArrayList<>();
        for (FillingLine line : formula.lines()) {
            lines.add(meat(line) ? line.with(Percentage.of(line.share().percent() * kept)) : line);
        }
        lines.add(1, FillingLine.of(BACK_FAT, blend.parts().get(1).grams()));
        return new FillingFormula(lines);
    }

    private static boolean meat(FillingLine line) {
        return line.spoken().is(Food.Role.MEAT) || line.spoken().is(Food.Role.FAT);
    }

    /** What is done to a line, in the place of what was said before; nothing for as it is. */
    public static Batch treat(Batch batch, int fillingNo, int index, Optional<Treatment> treatment) {
        return filling(batch, fillingNo, one -> {
            FillingLine line = Numbered.of(one.formula().lines(), index, "line");
            String name =
                    treatment.map(done -> line.bare() + ", " + done.label()).orElseGet(line::bare);
            return name.length() > MOST_NAME
                    ? one
                    : one.withFormula(one.formula().named(index, name));
        });
    }

    /** A line less. */
    public static Batch drop(Batch batch, int fillingNo, int index) {
        return filling(batch, fillingNo, one -> one.withFormula(one.formula().without(index)));
    }

    /** A line called something else. */
    public static Batch rename(Batch batch, int fillingNo, int index, String ingredient) {
        demandName(ingredient);
        return filling(batch, fillingNo, one -> one.withFormula(one.formula().named(index, ingredient)));
    }

    /** What it is mostly about. */
    public static Batch kind(Batch batch, int fillingNo, FillingKind kind) {
        return filling(batch, fillingNo, one -> one.withKind(kind));
    }

    /** Another way of bringing it together. */
    public static Batch school(Batch batch, int fillingNo, MixSchool school) {
        return filling(batch, fillingNo, one -> one.withSchool(school));
    }

    private static void demandName(String ingredient) {
        if (ingredient.isBlank() || ingredient.strip().length() > MOST_NAME) {
            throw new Refused("a line's name has 1 to 80 characters");
        }
    }

    private static Batch filling(Batch batch, int fillingNo, UnaryOperator<Filling> change) {
        return batch.mapFillings(one -> one.no() == fillingNo ? change.apply(one) : one);
    }
}
