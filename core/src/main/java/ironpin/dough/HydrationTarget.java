package ironpin.dough;

import ironpin.pantry.Flour;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;

/**
 * Where the effective hydration of a dough should lie: the family's band, moved by the way of cooking and by how much the
 * flour drinks (+1.0 to 1.5 points for each percent of protein above 11; +8 to 12 for whole grain in a family that does
 * not expect it; both taken in the middle).
 *
 * @param book the family's own band
 * @param methodShift points for the way of cooking
 * @param flourShift points for the flour by its label
 * @param learned points this kitchen has seen the flour want beyond its label
 */
public record HydrationTarget(Band<Percentage> book, double methodShift, double flourShift, double learned) {
    private static final double BOOK_PROTEIN_PERCENT = 11;
    private static final double POINTS_PER_PROTEIN = 1.25;
    private static final double WHOLEMEAL_POINTS = 10;

    /** The points one flour adds in this family. */
    public static double flourShift(DoughFamily family, Flour flour) {
        return switch (flour.kind()) {
            case WHEAT -> POINTS_PER_PROTEIN * (flour.protein().percent() - BOOK_PROTEIN_PERCENT);
            case WHOLEMEAL -> family == DoughFamily.WHOLEMEAL ? 0 : WHOLEMEAL_POINTS;
            case MAIZE, STARCH, OTHER -> 0;
        };
    }

    /** The band to aim for. */
    public Band<Percentage> band() {
        Percentage shift = Percentage.of(methodShift + flourShift + learned);
        return new Band<>(book.low().plus(shift), book.high().plus(shift));
    }
}
