package ironpin.cook;

import ironpin.heat.HeatPiece;
import ironpin.heat.Matter;
import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;

/** A piece as heat sees it, from its fold and what is in it (est.): a ball, a spindle as long as the closed piece, a roll or a flat one. */
public final class PieceBody {
    private static final double THINNEST_MM = 0.7;
    private static final double THICKEST_MM = 150;

    private PieceBody() {}

    /**
     * @param wide width of its wrapper
     * @param slice width of a slice, if it is one
     */
    public static HeatPiece of(Fold fold, Length wide, Length slice, Mass dough, Mass filling) {
        double doughCm3 = dough.grams() / RopePlan.DOUGH_DENSITY;
        double allCm3 = doughCm3 + filling.grams() / FillRoom.FILLING_DENSITY;
        double insideCm3 = allCm3 - doughCm3;
        return switch (fold.enclosure()) {
            case DISC -> {
                double areaCm2 = Math.PI * Math.pow(wide.centimetres(), 2) / 4;
                yield layered(HeatPiece.Form.SLAB, allCm3 / areaCm2 / 2, doughCm3 / areaCm2 / 2);
            }
            case PURSE -> {
                double radius = Math.cbrt(3 * allCm3 / (4 * Math.PI));
                yield layered(HeatPiece.Form.SPHERE, radius, radius - Math.cbrt(3 * insideCm3 / (4 * Math.PI)));
            }
            case ROLL -> {
                double radius = Math.sqrt(allCm3 / Math.PI / slice.centimetres());
                yield layered(HeatPiece.Form.CYLINDER, radius, radius / 12);
            }
            default -> {
                // An ellipsoid of that length: V = 4/3·π·(l/2)·r².
                double longCm = Footprint.of(fold, wide).lengthMm() / 10;
                double radius = Math.sqrt(allCm3 * 3 / (4 * Math.PI) / (longCm / 2));
                yield layered(HeatPiece.Form.CRESCENT, radius, radius * (1 - Math.sqrt(insideCm3 / allCm3)));
            }
        };
    }

    private static HeatPiece layered(HeatPiece.Form form, double halfCm, double skinCm) {
        // What nobody could cook is at least planned without a fuss.
        double held = Math.max(THINNEST_MM, Math.min(THICKEST_MM, 10 * halfCm));
        return new HeatPiece(
                form,
                Length.ofMillimetres(held),
                Length.ofMillimetres(Math.max(0, Math.min(10 * skinCm, 0.9 * held))),
                Matter.FILLING,
                Matter.DOUGH);
    }

    /** How high it stands in its vessel (est.), from its own half thickness. */
    public static Length height(HeatPiece body) {
        return Length.ofMillimetres(2 * body.half().millimetres());
    }
}
