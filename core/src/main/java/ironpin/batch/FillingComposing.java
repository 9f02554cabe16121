package ironpin.batch;

import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.quantity.Percentage;
import java.util.function.UnaryOperator;

/** Changes of what a filling is made of, as the cook chooses them. */
public final class FillingComposing {
    private static final double NEW_LINE_PERCENT = 5;
    private static final int MOST_LINES = 40;
    private static final int MOST_NAME = 80;

    private FillingComposing() {}

    /** A line more with a small share; at forty lines nothing changes. */
    public static Batch add(Batch batch, int fillingNo, String ingredient) {
        demandName(ingredient);
        return filling(
                batch,
                fillingNo,
                one -> one.formula().lines().size() >= MOST_LINES
                        ? one
                        : one.withFormula(one.formula()
                                .plus(new FillingLine(ingredient.strip(), Percentage.of(NEW_LINE_PERCENT)))));
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

    /** What it is mostly about, which decides its safe core. */
    public static Batch kind(Batch batch, int fillingNo, FillingKind kind) {
        return filling(batch, fillingNo, one -> one.withKind(kind));
    }

    /** Another way of bringing it together. */
    public static Batch school(Batch batch, int fillingNo, MixSchool school) {
        return filling(batch, fillingNo, one -> one.withSchool(school));
    }

    private static void demandName(String ingredient) {
        if (ingredient.isBlank() || ingredient.strip().length() > MOST_NAME) {
            throw new IllegalArgumentException("a line's name has 1 to 80 characters");
        }
    }

    private static Batch filling(Batch batch, int fillingNo, UnaryOperator<Filling> change) {
        return batch.mapFillings(one -> one.no() == fillingNo ? change.apply(one) : one);
    }
}
