package ironpin.web.picture;

import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.plan.InsidePiece;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.time.Duration;

/** A piece cut across, each part of it as warm as it is at one moment: rings of a round piece, layers of a flat one. */
public final class SectionPicture {
    public static final int RINGS = 12;

    /** Parts of a ring on one side, from the seat up to the top. */
    public static final int PARTS = 8;

    private static final double SIZE = 230;
    private static final double MIDDLE = SIZE / 2;
    private static final double RADIUS = 100;
    private static final double FLAT = 62;
    private static final double STEP = 10;
    private static final int HOTTEST = 12;

    private SectionPicture() {}

    /** @param at the moment that is shown, after the pieces went in */
    public static Sentence of(HeatPiece body, InsidePiece inside, Duration at) {
        HeatRun run = inside.course().run();
        int sample = run.sample(at);
        boolean flat = body.form() == HeatPiece.Form.SLAB;
        Svg svg = Svg.picture(
                "section-picture",
                SIZE,
                SIZE,
                Sentence.of(
                        "A piece cut across: ",
                        Quantity.celsius(run.core()[sample]),
                        " where it is coldest, ",
                        Quantity.celsius(run.surface()[sample]),
                        " at the skin (est.)."));
        for (int ring = RINGS - 1; ring >= 0; ring--) {
            for (int part = 0; part < PARTS; part++) {
                String heat = "heat-" + step(celsius(run, sample, ring, part));
                String cell = ring + "-" + part;
                if (flat) {
                    layer(svg, ring, part, heat, cell);
                } else {
                    sector(svg, ring, part, heat, cell);
                }
            }
        }
        double skin = 1 - body.skin().millimetres() / body.half().millimetres();
        if (flat) {
            for (int side = -1; side <= 1; side += 2) {
                double y = MIDDLE + side * FLAT * skin;
                svg.add(
                        "path",
                        "d",
                        "M15 " + Svg.number(y) + " H" + (SIZE - 15),
                        "class",
                        "fill-none stroke-ink stroke-1 [stroke-dasharray:3_3]");
            }
        } else {
            svg.add(
                    "circle",
                    "cx",
                    MIDDLE,
                    "cy",
                    MIDDLE,
                    "r",
                    RADIUS * skin,
                    "class",
                    "fill-none stroke-ink stroke-1 [stroke-dasharray:3_3]");
        }
        svg.text(
                Quantity.celsius(run.core()[sample]),
                "x",
                MIDDLE,
                "y",
                MIDDLE + 5,
                "text-anchor",
                "middle",
                "class",
                "measure halo section-core");
        if (run.section().sectors() > 1) {
            double y = flat ? MIDDLE + FLAT + 8 : MIDDLE + RADIUS + 7;
            svg.add("path", "d", "M20 " + Svg.number(y) + " H" + (SIZE - 20), "class", "line-ink");
        }
        return svg.done();
    }

    /** The temperature of a cell of the picture, °C. */
    public static double celsius(HeatRun run, int sample, int ring, int part) {
        return run.at(sample, (ring + 0.5) / RINGS, (part + 0.5) / PARTS);
    }

    /** Tens of degrees, as the picture's colours go. */
    public static int step(double celsius) {
        return (int) Math.max(0, Math.min(HOTTEST, Math.floor(celsius / STEP) + 1));
    }

    private static void sector(Svg svg, int ring, int part, String heat, String cell) {
        double inner = RADIUS * ring / RINGS;
        double outer = RADIUS * (ring + 1) / RINGS;
        StringBuilder path = new StringBuilder();
        for (int side = -1; side <= 1; side += 2) {
            double from = Math.PI * part / PARTS;
            double to = Math.PI * (part + 1) / PARTS;
            path.append("M").append(point(outer, from, side));
            path.append(" A").append(arc(outer, side > 0 ? 0 : 1)).append(point(outer, to, side));
            path.append(" L").append(point(inner, to, side));
            path.append(" A")
                    .append(arc(inner, side > 0 ? 1 : 0))
                    .append(point(inner, from, side))
                    .append(" Z ");
        }
        svg.add("path", "d", path.toString().strip(), "class", heat, "data-cell", cell);
    }

    private static String arc(double radius, int sweep) {
        return Svg.number(radius) + " " + Svg.number(radius) + " 0 0 " + sweep + " ";
    }

    /** From the seat, at the bottom, up on one side. */
    private static String point(double radius, double angle, int side) {
        return Svg.number(MIDDLE + side * radius * Math.sin(angle)) + " "
                + Svg.number(MIDDLE + radius * Math.cos(angle));
    }

    /** A flat piece has a lower and an upper half, each with its layers; parts of a half are alike. */
    private static void layer(Svg svg, int ring, int part, String heat, String cell) {
        boolean below = part < PARTS / 2;
        double high = FLAT / RINGS;
        double y = below ? MIDDLE + ring * high : MIDDLE - (ring + 1) * high;
        double wide = (SIZE - 30) / (PARTS / 2.0);
        double x = 15 + (part % (PARTS / 2)) * wide;
        svg.add("rect", "x", x, "y", y, "width", wide + 0.5, "height", high + 0.5, "class", heat, "data-cell", cell);
    }
}
