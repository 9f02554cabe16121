package ironpin.web.picture;

import ironpin.dough.HydrationTarget;
import ironpin.plan.LotPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;

/** The hydration scale: the wedge of wetter and wetter dough, the band to aim for, and the pin where this dough stands. */
public final class HydrationPicture {
    private static final double WIDTH = 680;
    private static final double LEFT = 30;
    private static final double RIGHT = 650;
    private static final double BASE = 150;

    private HydrationPicture() {}

    /** The scale for one lot's dough. */
    public static String of(LotPlan lot) {
        HydrationTarget target = lot.hydration();
        Band<Percentage> band = target.band();
        double now = lot.dough().formula().effectiveHydration().percent();
        double low = Math.floor(Math.min(now, band.low().percent()) / 4) * 4 - 4;
        double high = Math.ceil(Math.max(now, band.high().percent()) / 4) * 4 + 4;
        Scale scale = new Scale(low, high);
        boolean inside = band.contains(Percentage.of(now));
        String said = "Effective hydration " + Say.plain(now, 1) + " %, " + (inside ? "inside" : "outside")
                + " the band of " + Say.plain(band.low().percent(), 1) + " to "
                + Say.plain(band.high().percent(), 1) + " %.";
        Svg svg = Svg.picture("hydration-picture", WIDTH, 200, said);
        svg.add(
                "path",
                "class",
                "wedge",
                "d",
                "M" + LEFT + " " + BASE + " L" + LEFT + " " + top(LEFT) + " L" + RIGHT + " " + top(RIGHT) + " L" + RIGHT
                        + " " + BASE + " Z");
        double a = scale.x(band.low().percent());
        double b = scale.x(band.high().percent());
        svg.add(
                "path",
                "class",
                "band",
                "d",
                "M" + Svg.number(a) + " " + BASE + " L" + Svg.number(a) + " " + Svg.number(top(a)) + " L"
                        + Svg.number(b) + " " + Svg.number(top(b)) + " L" + Svg.number(b) + " " + BASE + " Z");
        ticks(svg, scale);
        shift(svg, scale, target);
        pin(svg, scale.x(now), now, inside);
        svg.text(
                Say.plain(band.low().percent(), 1) + "–" + Say.plain(band.high().percent(), 1) + " % suits it",
                "x",
                (a + b) / 2,
                "y",
                BASE - 8,
                "text-anchor",
                "middle",
                "class",
                "band-text");
        return svg.done();
    }

    private record Scale(double low, double high) {
        double x(double percent) {
            return LEFT + (RIGHT - LEFT) * (percent - low) / (high - low);
        }
    }

    private static double top(double x) {
        return BASE - 14 - 52 * (x - LEFT) / (RIGHT - LEFT);
    }

    private static void ticks(Svg svg, Scale scale) {
        double step = scale.high() - scale.low() > 60 ? 20 : 4;
        for (double percent = Math.ceil(scale.low() / step) * step; percent <= scale.high(); percent += step) {
            double x = scale.x(percent);
            svg.add("path", "d", "M" + Svg.number(x) + " " + BASE + " v8", "class", "line-ink");
            svg.text(Say.plain(percent, 0), "x", x, "y", BASE + 24, "text-anchor", "middle", "class", "tick");
        }
    }

    private static void shift(Svg svg, Scale scale, HydrationTarget target) {
        double moved = target.flourShift() + target.methodShift();
        if (Math.abs(moved) < 0.05) {
            return;
        }
        double from = scale.x(target.book().low().percent());
        double to = scale.x(target.band().low().percent());
        String sign = moved > 0 ? "+" : "−";
        svg.add(
                "path",
                "d",
                "M" + Svg.number(from) + " 186 H" + Svg.number(to) + " m" + (moved > 0 ? "-5" : "5") + " -4 l"
                        + (moved > 0 ? "5" : "-5") + " 4 l" + (moved > 0 ? "-5" : "5") + " 4",
                "class",
                "line-good");
        svg.text(
                sign + Say.plain(Math.abs(moved), 1) + " points for this flour and this way of cooking",
                "x",
                Math.max(from, to) + 10,
                "y",
                190,
                "class",
                "quiet-small");
    }

    private static void pin(Svg svg, double x, double now, boolean inside) {
        svg.add("path", "d", "M" + Svg.number(x) + " 44 V156", "class", "pin")
                .add("circle", "cx", x, "cy", 36, "r", 11, "class", "pin-head");
        boolean left = x > WIDTH * 0.6;
        svg.text(
                Say.plain(now, 1) + " %",
                "x",
                left ? x - 20 : x + 20,
                "y",
                46,
                "text-anchor",
                left ? "end" : "start",
                "class",
                "big");
        svg.text(
                inside ? "in the band" : "outside the band",
                "x",
                left ? x - 20 : x + 20,
                "y",
                66,
                "text-anchor",
                left ? "end" : "start",
                "class",
                inside ? "good-text" : "stop-text");
    }
}
