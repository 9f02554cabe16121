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
        // A pressed bread keeps its width: the griddle sets it before it can grow.
        double mm = disc.millimetres() * (fold.enclosure() == Fold.Enclosure.DISC ? 1 : SWELLING);
        return new Footprint(mm * fold.longShare(), mm * fold.wideShare());
    }
}
