package ironpin.web.picture;

import ironpin.dough.HydrationTarget;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.quantity.Spread;
import ironpin.recipe.CupFit;
import ironpin.recipe.RecipeDough;
import java.util.List;

/**
 * How wet a recipe's dough really is: the band of its family, a bar as long as its measures leave it open, the pin at what
 * is taken, and a tick for each way to read its cups.
 */
public final class RecipePicture {
    private static final double WIDTH = 400;
    private static final double LEFT = 16;
    private static final double RIGHT = 384;
    private static final double BAR = 44;
    private static final double ROW = 17;
    private static final double FIRST_ROW = 92;
    private static final double MARGIN = 6;

    private RecipePicture() {}

    /** The dough against its band. @param fits ways to read its cups, may be empty */
    public static Sentence of(RecipeDough dough, HydrationTarget target, List<CupFit> fits) {
        Spread now = dough.hydration();
        double bandLow = target.band().low().percent();
        double bandHigh = target.band().high().percent();
        double low = Math.max(0, Math.min(now.low(), bandLow) - MARGIN);
        double high = Math.max(now.high(), bandHigh) + MARGIN;
        for (CupFit fit : fits) {
            low = Math.max(0, Math.min(low, fit.hydration() - MARGIN));
            high = Math.max(high, fit.hydration() + MARGIN);
        }
        double left = low;
        double span = high - low;
        double height = fits.isEmpty() ? 84 : FIRST_ROW + ROW * fits.size();
        Svg svg = Svg.picture(
                "recipe-picture w-full",
                WIDTH,
                height,
                Sentence.of("Effective hydration " + Decimal.trimmed(now.usual(), 1) + " %, the band is "
                        + Decimal.trimmed(bandLow, 1) + " to " + Decimal.trimmed(bandHigh, 1) + " %."));
        svg.add("path", "d", "M" + LEFT + " " + BAR + " H" + RIGHT, "class", "line-ink");
        svg.add(
                "rect",
                "x",
                x(bandLow, left, span),
                "y",
                BAR - 13,
                "width",
                x(bandHigh, left, span) - x(bandLow, left, span),
                "height",
                26,
                "class",
                "fill-dough-warm");
        middle(svg, Decimal.trimmed(bandLow, 1), x(bandLow, left, span), BAR + 30, "small");
        middle(svg, Decimal.trimmed(bandHigh, 1) + " %", x(bandHigh, left, span), BAR + 30, "small");
        svg.add(
                "path",
                "d",
                "M" + Svg.number(x(now.low(), left, span)) + " " + BAR + " H" + Svg.number(x(now.high(), left, span)),
                "class",
                "fill-none stroke-ink stroke-4 [stroke-linecap:round]");
        svg.add("circle", "cx", x(now.usual(), left, span), "cy", BAR, "r", 7, "class", "fill-ink");
        middle(svg, Decimal.trimmed(now.usual(), 1) + " %", x(now.usual(), left, span), BAR - 20, "figure");
        double y = FIRST_ROW;
        for (CupFit fit : fits) {
            double at = x(fit.hydration(), left, span);
            svg.add(
                    "circle",
                    "cx",
                    at,
                    "cy",
                    y - 4,
                    "r",
                    4,
                    "class",
                    fit.fits() ? "fill-good" : "fill-none stroke-quiet stroke-[1.5]");
            boolean right = at < WIDTH * 0.5;
            svg.text(
                    fit.way() + ", " + fit.cups().label() + ": " + Decimal.trimmed(fit.hydration(), 1) + " %"
                            + (fit.fits() ? ", fits" : ""),
                    "x",
                    right ? at + 9 : at - 9,
                    "y",
                    y,
                    "text-anchor",
                    right ? "start" : "end",
                    "class",
                    "small");
            y += ROW;
        }
        return svg.done();
    }

    private static void middle(Svg svg, String text, double x, double y, String cssClass) {
        svg.text(text, "x", x, "y", y, "text-anchor", "middle", "class", cssClass);
    }

    private static double x(double percent, double low, double span) {
        return LEFT + (RIGHT - LEFT) * (percent - low) / span;
    }
}
