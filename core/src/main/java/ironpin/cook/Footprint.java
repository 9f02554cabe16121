package ironpin.cook;

import ironpin.quantity.Length;
import ironpin.wrapper.Fold;

/**
 * The room one cooked piece takes from above, as an ellipse.
 *
 * @param lengthMm long axis
 * @param widthMm short axis
 */
public record Footprint(double lengthMm, double widthMm) {
    /** Pieces swell by 10–15 % when cooked. */
    private static final double SWELLING = 1.12;

    /** The footprint of a piece folded from a disc of this width. */
    public static Footprint of(Fold fold, Length disc) {
        double mm = disc.millimetres() * SWELLING;
        return switch (fold) {
            case HALF_MOON -> new Footprint(mm * 0.92, mm * 0.42);
            // Folded corner to corner and joined, a square is about as long as its side.
            case TRIANGLE -> new Footprint(mm, mm * 0.62);
            case PLEATED_CRESCENT -> new Footprint(mm * 0.74, mm * 0.40);
            case LEAF -> new Footprint(mm * 0.80, mm * 0.38);
            case PURSE -> new Footprint(mm * 0.52, mm * 0.52);
            // A pressed bread keeps its width: the griddle sets it before it can grow.
            case GATHERED_BALL -> new Footprint(disc.millimetres(), disc.millimetres());
        };
    }
}
