package ironpin.web.portion;

import ironpin.portion.Tally;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Svg;
import java.util.List;

/** Every piece that was weighed as a dot against the band; what lies outside has a shape of its own. */
final class DotsPicture {
    private static final double WIDTH = 360;
    private static final double HEIGHT = 150;
    private static final double LEFT = 54;
    private static final double RIGHT = 354;
    private static final double MIDDLE = 68;

    /** Pixels for a share of one. */
    private static final double STEEP = 240;

    private static final double FURTHEST = 0.25;

    private DotsPicture() {}

    static Sentence of(Weighing weighing) {
        Tally tally = weighing.tally();
        List<Mass> weighed = tally.weighed();
        Sentence said = Sentence.of(
                weighed.size(),
                " of ",
                tally.planned(),
                " weighed.",
                weighing.said().isEmpty() ? "" : " ",
                weighing.said());
        Svg svg = Svg.picture("dots-picture", WIDTH, HEIGHT, said);
        double band = Tally.BAND * STEEP;
        svg.add(
                "rect",
                "x",
                LEFT,
                "y",
                MIDDLE - band,
                "width",
                RIGHT - LEFT,
                "height",
                2 * band,
                "class",
                "fill-dough-warm");
        svg.add("path", "d", "M" + LEFT + " " + MIDDLE + " H" + RIGHT, "class", "line-ink stroke-1");
        double plan = tally.plannedEach().grams();
        svg.text(Quantity.mass(plan, 1), "x", LEFT - 6, "y", MIDDLE + 4, "text-anchor", "end", "class", "quiet-small");
        svg.text(
                "+" + Decimal.trimmed(100 * Tally.BAND, 0) + " %",
                "x",
                LEFT - 6,
                "y",
                MIDDLE - band - 2,
                "text-anchor",
                "end",
                "class",
                "quiet-small");
        svg.text(
                "−" + Decimal.trimmed(100 * Tally.BAND, 0) + " %",
                "x",
                LEFT - 6,
                "y",
                MIDDLE + band + 10,
                "text-anchor",
                "end",
                "class",
                "quiet-small");
        double pitch = (RIGHT - LEFT - 12) / Math.max(10, tally.planned());
        double size = Math.max(1.6, Math.min(5, pitch * 0.38));
        for (int i = 0; i < weighed.size(); i++) {
            double off = weighed.get(i).grams() / plan - 1;
            double x = LEFT + 6 + (i + 0.5) * pitch;
            double y = MIDDLE - STEEP * Math.max(-FURTHEST, Math.min(FURTHEST, off));
            dot(svg, x, y, size, tally.inBand(weighed.get(i)), off > 0);
        }
        tally.target().ifPresent(target -> {
            double off = Math.max(-FURTHEST, Math.min(FURTHEST, target.grams() / plan - 1));
            double x = LEFT + 6 + (weighed.size() + 0.5) * pitch;
            double y = MIDDLE - STEEP * off;
            svg.add(
                    "circle",
                    "cx",
                    x,
                    "cy",
                    y,
                    "r",
                    size + 2,
                    "class",
                    "fill-none stroke-ink stroke-[1.6] [stroke-dasharray:3_2]");
        });
        svg.text("1", "x", LEFT + 6 + pitch / 2, "y", HEIGHT - 4, "text-anchor", "middle", "class", "quiet-small");
        svg.text(
                String.valueOf(tally.planned()),
                "x",
                LEFT + 6 + (tally.planned() - 0.5) * pitch,
                "y",
                HEIGHT - 4,
                "text-anchor",
                "end",
                "class",
                "quiet-small");
        return svg.done();
    }

    private static void dot(Svg svg, double x, double y, double size, boolean inside, boolean heavy) {
        if (inside) {
            svg.add("circle", "cx", x, "cy", y, "r", size, "class", "fill-ink");
            return;
        }
        double s = size * 1.4;
        double tip = heavy ? -s : s;
        svg.add(
                "path",
                "class",
                "fill-stop",
                "d",
                String.format(
                        java.util.Locale.ROOT,
                        "M%.2f %.2f L%.2f %.2f L%.2f %.2f Z",
                        x - s,
                        y - tip,
                        x + s,
                        y - tip,
                        x,
                        y + tip));
    }
}
