package ironpin.web.picture;

import ironpin.plan.LotPlan;

/** The water's temperature as it is poured, beside the span this family of dough wants. */
public final class ThermometerPicture {
    private static final double TOP = 14;
    private static final double BOTTOM = 150;

    private ThermometerPicture() {}

    /** The thermometer for one lot's dough. */
    public static String of(LotPlan lot) {
        double now = lot.dough().water().celsius();
        double low = lot.dough().family().water().low().celsius();
        double high = lot.dough().family().water().high().celsius();
        String said = "Water at " + Say.plain(now, 0) + " °C; this family wants " + Say.plain(low, 0) + " to "
                + Say.plain(high, 0) + " °C.";
        Svg svg = Svg.picture("thermometer-picture", 120, 200, said);
        svg.add("rect", "x", 44, "y", TOP - 8, "width", 18, "height", BOTTOM - TOP + 16, "rx", 9, "class", "glass")
                .add("circle", "cx", 53, "cy", 168, "r", 16, "class", "glass")
                .add(
                        "rect",
                        "x",
                        46,
                        "y",
                        y(high),
                        "width",
                        14,
                        "height",
                        Math.max(3, y(low) - y(high)),
                        "class",
                        "band")
                .add("rect", "x", 50, "y", y(now), "width", 6, "height", 168 - y(now), "class", "mercury")
                .add("circle", "cx", 53, "cy", 168, "r", 11, "class", "mercury");
        svg.text(Say.plain(now, 0) + "°", "x", 70, "y", y(now) + 7, "class", "big-small");
        double mid = (y(low) + y(high)) / 2;
        boolean clear = Math.abs(mid - y(now)) > 20;
        svg.text(
                Say.plain(low, 0) + "–" + Say.plain(high, 0) + "°",
                "x",
                clear ? 70 : 40,
                "y",
                mid + 4,
                "text-anchor",
                clear ? "start" : "end",
                "class",
                "quiet-small");
        return svg.done();
    }

    private static double y(double celsius) {
        return BOTTOM - (BOTTOM - TOP) * Math.max(0, Math.min(100, celsius)) / 100;
    }
}
