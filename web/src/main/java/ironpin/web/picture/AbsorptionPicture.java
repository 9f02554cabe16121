package ironpin.web.picture;

import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;

/** What a flour is thought to drink beyond its label: a dot with the band it lies in nine times in ten. */
public final class AbsorptionPicture {
    private static final double WIDTH = 190;
    private static final double POINTS = 6;

    private AbsorptionPicture() {}

    /** The belief about one flour. */
    public static Sentence of(Flour flour) {
        Absorption known = flour.absorption();
        double low = known.likely().low().percent();
        double high = known.likely().high().percent();
        Svg svg = Svg.picture(
                "absorption-picture block w-115 max-w-full",
                WIDTH,
                30,
                Sentence.of(
                        flour.name() + ": " + Decimal.trimmed(known.offset().percent(), 1) + " points, likely between "
                                + Decimal.trimmed(low, 1) + " and " + Decimal.trimmed(high, 1) + "."));
        svg.add("path", "d", "M6 15 H184", "class", "line-ink");
        svg.add("path", "d", "M95 9 V21", "class", "line-ink");
        svg.add(
                "rect",
                "x",
                x(low),
                "y",
                10,
                "width",
                Math.max(1, x(high) - x(low)),
                "height",
                10,
                "class",
                "fill-dough-warm");
        svg.add("circle", "cx", x(known.offset().percent()), "cy", 15, "r", 5, "class", "fill-ink");
        return svg.done();
    }

    private static double x(double points) {
        double clamped = Math.max(-POINTS, Math.min(POINTS, points));
        return 95 + clamped / POINTS * 88;
    }
}
