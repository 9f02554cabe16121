package ironpin.web.practice;

import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Svg;
import ironpin.wrapper.FillRoom;

/** What an eye is to guess the mass of, drawn at true size. */
public enum DrillShape {
    BALL("a ball of dough", 8, 90),
    ROPE("a piece of rope, 28 mm thick", 6, 60),
    SPOONFUL("a spoonful of filling", 6, 45);

    private static final Length ROPE_THICK = Length.ofMillimetres(28);

    private final String label;
    private final double least;
    private final double most;

    DrillShape(String label, double least, double most) {
        this.label = label;
        this.least = least;
        this.most = most;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** One to guess. @param luck from 0 to 1 */
    Mass pick(double luck) {
        // Even on a scale of shares, so that small ones come as often as large ones; whole half grams.
        double grams = least * Math.pow(most / least, luck);
        return Mass.ofGrams(Math.rint(grams * 2) / 2);
    }

    /** How wide and how high it is, mm: of a ball its width, of a rope its length, of a spoonful a dome. */
    double[] size(Mass mass) {
        return switch (this) {
            case BALL -> {
                double across = 10 * Math.cbrt(6 * mass.grams() / RopePlan.DOUGH_DENSITY / Math.PI);
                yield new double[] {across, across};
            }
            case ROPE -> new double[] {10 * mass.grams() / RopePlan.gramsPerCm(ROPE_THICK), ROPE_THICK.millimetres()};
            case SPOONFUL -> {
                // Half an ellipsoid, two thirds as high as its radius.
                double radius = 10 * Math.cbrt(mass.grams() / FillRoom.FILLING_DENSITY * 9 / (4 * Math.PI));
                yield new double[] {2 * radius, radius * 2 / 3};
            }
        };
    }

    /** Drawn with a millimetre to a user unit; the page sets its width. */
    Sentence picture(Mass mass) {
        double[] size = size(mass);
        double wide = size[0] + 8;
        double high = size[1] + 8;
        Svg svg =
                Svg.picture("drill-picture", wide, high, Sentence.of("Guess what " + label + " of this size weighs."));
        switch (this) {
            case BALL -> svg.add("circle", "cx", wide / 2, "cy", high / 2, "r", size[0] / 2, "class", "dough-pale");
            case ROPE ->
                svg.add("rect", "x", 4, "y", 4, "width", size[0], "height", size[1], "rx", 2, "class", "dough-warm");
            case SPOONFUL ->
                svg.add(
                        "path",
                        "class",
                        "fill-meat",
                        "d",
                        "M4 " + (high - 4) + " A" + size[0] / 2 + " " + size[1] + " 0 0 1 " + (wide - 4) + " "
                                + (high - 4) + " Z");
        }
        return svg.done();
    }
}
