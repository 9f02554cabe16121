package ironpin.web.picture;

import ironpin.cook.VesselKind;
import ironpin.cook.VesselPacking;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;

/** The vessel from above with one round of pieces in it, to scale. */
public final class VesselPicture {
    private static final double SIZE = 300;

    private VesselPicture() {}

    /** The fullest round of one lot. */
    public static Sentence of(LotPlan lot) {
        return of(lot, fullest(lot));
    }

    /** @param most pieces that are in it; none while it is heated */
    static Sentence of(LotPlan lot, int most) {
        VesselPacking packing = lot.rounds().packing();
        int tiers = lot.lot().vessel().tiers();
        int shown = shown(lot, most);
        String where = tiers > 1 ? " on each of " + tiers + " tiers" : "";
        Sentence said = Sentence.of(
                "A ",
                lot.lot().vessel().kind().label(),
                " of ",
                Quantity.mm(2 * packing.radiusMm()),
                " with ",
                shown,
                " pieces",
                where,
                ".");
        Svg svg = Svg.picture("vessel-picture", SIZE, SIZE + 26, said);
        double r = SIZE / 2 - 8;
        double scale = r / packing.radiusMm();
        double middle = SIZE / 2;
        if (packing.halfBreadthMm() < packing.radiusMm()) {
            double half = packing.halfBreadthMm() * scale;
            box(svg, middle, r + 4, half + 4, "vessel fill-ink");
            box(svg, middle, r, half, inside(lot));
        } else {
            svg.add("circle", "cx", middle, "cy", middle, "r", r + 4, "class", "vessel fill-ink")
                    .add("circle", "cx", middle, "cy", middle, "r", r, "class", inside(lot));
        }
        svg.open("g", "class", "lay " + Tones.skin(lot), "data-per-mm", scale, "data-middle", middle);
        FoldShape.define(svg, "vessel", lot.lot().fold(), Tones.of(lot.filling().kind()));
        for (int i = 0; i < shown; i++) {
            VesselPacking.Place place = packing.places().get(i);
            double length = packing.piece().lengthMm() * scale;
            double width = packing.piece().widthMm() * scale;
            double x = middle + place.xMm() * scale;
            double y = middle + place.yMm() * scale;
            svg.open(
                    "g",
                    "class",
                    "laid",
                    "data-laid",
                    i,
                    "transform",
                    "translate(" + Svg.number(x) + " " + Svg.number(y) + ") rotate(" + Svg.number(place.turn()) + ")");
            FoldShape.use(
                    svg,
                    "vessel",
                    lot.lot().fold(),
                    Tones.of(lot.filling().kind()),
                    -length / 2,
                    -width / 2,
                    length,
                    width);
            svg.close("g");
        }
        svg.close("g");
        String under = lot.lot().vessel().kind() == VesselKind.POT && most > shown
                ? ", " + (most - shown) + " more among them"
                : "";
        svg.text(
                Sentence.of(
                        Quantity.mm(2 * packing.radiusMm()), tiers > 1 ? ", " + tiers + " tiers" : under, ", to scale"),
                "x",
                middle,
                "y",
                SIZE + 18,
                "text-anchor",
                "middle",
                "class",
                "quiet-small");
        return svg.done();
    }

    private static int fullest(LotPlan lot) {
        return lot.rounds().sizes().isEmpty() ? 0 : lot.rounds().sizes().get(0);
    }

    /** Pieces that lie side by side in the picture. */
    public static int shown(LotPlan lot) {
        return shown(lot, fullest(lot));
    }

    private static int shown(LotPlan lot, int most) {
        int tiers = lot.lot().vessel().tiers();
        return Math.min(lot.rounds().packing().count(), (most + tiers - 1) / tiers);
    }

    private static void box(Svg svg, double middle, double halfX, double halfY, String cssClass) {
        svg.add(
                "rect",
                "x",
                middle - halfX,
                "y",
                middle - halfY,
                "width",
                2 * halfX,
                "height",
                2 * halfY,
                "rx",
                14,
                "class",
                cssClass);
    }

    private static String inside(LotPlan lot) {
        return switch (lot.lot().vessel().kind()) {
            case POT -> "fill-water";
            case BASKET -> "fill-dough-pale";
            case PAN, GRIDDLE -> "fill-iron";
            case DISH -> "fill-water";
        };
    }
}
