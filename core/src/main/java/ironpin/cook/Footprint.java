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
            case PRESSED_CORNERS -> new Footprint(mm * 0.62, mm * 0.46);
            case CRIMPED_EDGE -> new Footprint(mm * 0.94, mm * 0.50);
            case PLEATED_CRESCENT -> new Footprint(mm * 0.74, mm * 0.40);
            case CENTRE_OUT -> new Footprint(mm * 0.78, mm * 0.42);
            case ROPE_EDGE -> new Footprint(mm * 0.90, mm * 0.46);
            case LEAF -> new Footprint(mm * 0.80, mm * 0.38);
            case PURSE -> new Footprint(mm * 0.52, mm * 0.52);
            // A pressed bread keeps its width: the griddle sets it before it can grow.
            case GATHERED_BALL, CLOSED_BALL, TWO_DISCS -> new Footprint(disc.millimetres(), disc.millimetres());
            case LEAF_PARCEL -> new Footprint(mm * 0.60, mm * 0.42);
            // A slice lies on its cut side: a strip rolled up once and a half round.
            case ROLLED_STRIP -> new Footprint(mm * 0.30, mm * 0.30);
        };
    }
}
