package ironpin.web.picture;

import ironpin.dough.Mixing;
import ironpin.dough.Scald;
import ironpin.dough.Waters;
import ironpin.plan.LotPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.stream.DoubleStream;

/** Two beakers, from the kettle and from the tap, and a thermometer at the mixing temperature with the scald zone. */
public final class WaterPicture {
    private static final double TOP = 14;
    private static final double BOTTOM = 150;
    private static final double RIM = 34;
    private static final double BASE = 150;

    /** A line of small text, so that two do not lie on one another. */
    private static final double LINE = 14;

    private WaterPicture() {}

    /** The water for one lot's dough, out of these. */
    public static Sentence of(Waters waters, LotPlan lot) {
        Band<Temperature> reach = new Band<>(waters.tap(), waters.kettle());
        Mixing.Split split = lot.mixing().split(reach.clamp(lot.dough().water()), waters.tap(), waters.kettle());
        double mixed = lot.mixed().celsius();
        Sentence said = Sentence.of(
                Quantity.grams(split.kettle().grams()),
                " from the kettle and ",
                Quantity.grams(split.tap().grams()),
                " from the tap mix to ",
                Quantity.celsius(mixed),
                " (est.), scald share ",
                Decimal.trimmed(Scald.share(lot.mixed()), 2),
                "; starch scalds from about ",
                Quantity.celsius(58),
                ".");
        Svg svg = Svg.picture("water-picture max-md:max-w-170", 300, 200, said);
        double total = lot.mixing().water().grams();
        beaker(svg, 6, split.kettle().grams(), total, "kettle", waters.kettle(), "fill-water/60");
        beaker(svg, 96, split.tap().grams(), total, "tap", waters.tap(), "fill-water");
        thermometer(svg, lot, mixed);
        return svg.done();
    }

    private static void beaker(
            Svg svg, double left, double grams, double total, String from, Temperature at, String tone) {
        double height = (BASE - RIM - 8) * grams / total;
        double level = BASE - height;
        // The walls lean in by an eighth of the height on the way down.
        double lean = (BASE - level) / 8 * 0.8;
        if (height > 0.5) {
            svg.add(
                    "path",
                    "class",
                    tone,
                    "d",
                    "M" + Svg.number(left + 12 - lean) + " " + Svg.number(level) + " H"
                            + Svg.number(left + 62 + lean) + " L" + Svg.number(left + 62) + " " + BASE + " H"
                            + Svg.number(left + 12) + " Z");
        }
        svg.add(
                "path",
                "class",
                "line-ink",
                "d",
                "M" + left + " " + RIM + " L" + (left + 12) + " " + BASE + " H" + (left + 62) + " L" + (left + 74) + " "
                        + RIM);
        double textY = Math.min(BASE - 8, Math.max(RIM + 16, level - 6));
        svg.text(Quantity.grams(grams), "x", left + 37, "y", textY, "text-anchor", "middle", "class", "measure halo");
        svg.text(from, "x", left + 37, "y", BASE + 20, "text-anchor", "middle", "class", "quiet-small");
        svg.text(
                Quantity.celsius(at.celsius()),
                "x",
                left + 37,
                "y",
                BASE + 36,
                "text-anchor",
                "middle",
                "class",
                "quiet-small");
    }

    private static void thermometer(Svg svg, LotPlan lot, double mixed) {
        double x = 208;
        double zoneTop = y(Scald.temperatureFor(0.95).celsius());
        double zoneBottom = y(58);
        svg.add(
                        "rect",
                        "x",
                        x - 9,
                        "y",
                        TOP - 8,
                        "width",
                        18,
                        "height",
                        BOTTOM - TOP + 16,
                        "rx",
                        9,
                        "class",
                        "fill-flour stroke-ink stroke-2")
                .add("circle", "cx", x, "cy", 168, "r", 16, "class", "fill-flour stroke-ink stroke-2")
                .add(
                        "rect",
                        "x",
                        x - 7,
                        "y",
                        zoneTop,
                        "width",
                        14,
                        "height",
                        zoneBottom - zoneTop,
                        "class",
                        "fill-dough-warm")
                .add("rect", "x", x - 3, "y", y(mixed), "width", 6, "height", 168 - y(mixed), "class", "fill-stop")
                .add("circle", "cx", x, "cy", 168, "r", 11, "class", "fill-stop");
        svg.text(
                Quantity.celsius(mixed),
                "x",
                x + 16,
                "y",
                y(mixed) + 6,
                "class",
                "font-display text-[20px] font-extrabold");
        svg.text("mixed", "x", x + 16, "y", y(mixed) + 21, "class", "quiet-small");
        double zone = (zoneTop + zoneBottom) / 2;
        boolean clear = Math.abs(y(mixed) - zone) > 30;
        double share = Scald.share(lot.mixed());
        String scald = share < 0.005 ? "no scald" : "scald " + Decimal.trimmed(share, 2);
        double scaldY = clear ? zone + 4 : y(mixed) - 18;
        svg.text(scald, "x", x + 16, "y", scaldY, "class", "quiet-small");
        double hands = y(Mixing.HANDS.celsius());
        // On the left stands the tap's vessel; only where the right is taken does the word lie before it.
        boolean left = DoubleStream.of(y(mixed) + 6, y(mixed) + 21, scaldY)
                .anyMatch(line -> Math.abs(line - hands - 4) < LINE);
        svg.add("path", "d", "M" + (left ? x - 14 : x + 4) + " " + Svg.number(hands) + " h10", "class", "line-ink");
        svg.text(
                "hands",
                "x",
                left ? x - 18 : x + 18,
                "y",
                hands + 4,
                "text-anchor",
                left ? "end" : "start",
                "class",
                "quiet-small halo");
        Duration wait = lot.mixing().untilHands(lot.mixed());
        if (!wait.isZero()) {
            long minutes = Math.max(1, Math.round(wait.toSeconds() / 60.0));
            svg.text("hands in " + minutes + " min", "x", x + 22, "y", 176, "class", "quiet-small");
        }
    }

    private static double y(double celsius) {
        return BOTTOM - (BOTTOM - TOP) * Math.max(0, Math.min(100, celsius)) / 100;
    }
}
