package ironpin.web.page;

import ironpin.dough.Correction;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.LoggedCorrection;
import ironpin.wording.Name;
import ironpin.wording.Span;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A correction at the bench in words. */
public final class Corrected {
    private static final double TSP_ML = 5;
    private static final double QUARTERS = 4;

    /** g/ml of flour spooned in. */
    private static final double FLOUR_DENSITY = 0.51;

    private Corrected() {}

    /** The latest of each dough in a few words, by the dough's number. */
    public static Map<Integer, Sentence> marks(List<LoggedCorrection> made) {
        Map<Integer, Sentence> marks = new HashMap<>();
        made.forEach(one -> marks.put(one.doughNo(), brief(one.correction())));
        return marks;
    }

    /** In a sentence. */
    public static Sentence said(LoggedCorrection logged) {
        return Sentence.of(
                Name.first(logged.correction().feel().did()),
                ": ",
                full(logged.correction()),
                ", now ",
                Decimal.trimmed(logged.hydration().percent(), 1),
                " % water.");
    }

    /** In as many words as fit on the ribbon. */
    public static Sentence brief(Correction made) {
        if (!made.rest().isZero()) {
            return Sentence.of("+" + Span.of(made.rest()) + " rest");
        }
        return made.waterToAdd().isZero()
                ? Sentence.of("+", Quantity.fineGrams(made.flourToAdd().grams()), " flour")
                : Sentence.of("+", Quantity.fineGrams(made.waterToAdd().grams()), " water");
    }

    /** With spoons, for hands without a scale. */
    public static Sentence full(Correction made) {
        if (!made.rest().isZero()) {
            return Sentence.of(Span.of(made.rest()) + " more rest");
        }
        String spoons =
                made.waterToAdd().isZero() ? spoons(made.flourToAdd(), FLOUR_DENSITY) : spoons(made.waterToAdd(), 1);
        return Sentence.of(brief(made), " (", spoons, ")");
    }

    /** In quarters of a teaspoon of 5 ml. */
    private static String spoons(Mass mass, double density) {
        double spoons = mass.grams() / density / TSP_ML;
        return Decimal.trimmed(Math.max(1, Math.round(spoons * QUARTERS)) / QUARTERS, 2) + " tsp";
    }
}
