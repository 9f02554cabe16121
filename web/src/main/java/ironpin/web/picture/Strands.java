package ironpin.web.picture;

import ironpin.quantity.Sentence;

/**
 * Draws strands across a ribbon. Across, places are percentages, so that the picture stretches with the page while its text keeps
 * its size; down, they are pixels.
 */
final class Strands {
    private static final double LEAST = 2.5;

    private final Svg svg;

    Strands(Svg svg) {
        this.svg = svg;
    }

    /** Pixels of strand for a mass. @param scale pixels per gram */
    static double thickness(double grams, double scale) {
        return grams <= 0 ? 0 : Math.max(LEAST, grams * scale);
    }

    /** One strand of this tone that may rise or fall on its way. @param y1 its upper edge at x1 @param t1 its thickness there */
    void strand(double x1, double x2, double y1, double t1, double y2, double t2, String tone) {
        part(0, 1, x1, x2, y1, t1, y2, t2, tone);
    }

    /** A part of a strand, exactly where it lies on the whole one. @param from share of the way where it begins @param to where it ends */
    void part(double from, double to, double x1, double x2, double y1, double t1, double y2, double t2, String tone) {
        double top = Math.min(y1, y2);
        double height = Math.max(y1 + t1, y2 + t2) - top;
        if (height <= 0 || to <= from) {
            return;
        }
        svg.open(
                "svg",
                "x",
                Svg.number(x1 + from * (x2 - x1)) + "%",
                "y",
                top,
                "width",
                Svg.number((to - from) * (x2 - x1)) + "%",
                "height",
                height,
                "viewBox",
                Svg.number(100 * from) + " 0 " + Svg.number(100 * (to - from)) + " " + Svg.number(height),
                "preserveAspectRatio",
                "none",
                "class",
                "strand",
                "aria-hidden",
                "true");
        String a = Svg.number(y1 - top);
        String b = Svg.number(y2 - top);
        String under = Svg.number(y2 - top + t2);
        String back = Svg.number(y1 - top + t1);
        svg.add(
                "path",
                "class",
                tone,
                "d",
                "M0 " + a + " C50 " + a + " 50 " + b + " 100 " + b + " L100 " + under + " C50 " + under + " 50 " + back
                        + " 0 " + back + " Z");
        svg.close("svg");
    }

    /**
     * Beads in a row, the first of them solid.
     *
     * @param solid how many stand for what is made already
     */
    void beads(int beads, int solid, double x1, double x2, double top, double thick, String tone) {
        double pitch = (x2 - x1) / Math.max(beads, 8);
        for (int i = 0; i < beads; i++) {
            svg.add(
                    "rect",
                    "x",
                    Svg.number(x1 + i * pitch) + "%",
                    "y",
                    top,
                    "width",
                    Svg.number(pitch * 0.74) + "%",
                    "height",
                    thick,
                    "rx",
                    Math.min(4, thick / 3),
                    "class",
                    i < solid ? tone : tone + " opacity-32");
        }
    }

    void text(Sentence said, double x, double y, String anchor, String cssClass) {
        svg.text(said, "x", Svg.number(x) + "%", "y", y, "text-anchor", anchor, "class", cssClass);
    }
}
