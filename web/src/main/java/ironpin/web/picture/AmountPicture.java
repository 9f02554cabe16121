package ironpin.web.picture;

import ironpin.amount.Reading;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;

/** Where an amount may lie, as a band about what it is taken for. */
public final class AmountPicture {
    private static final double WIDTH = 220;
    private static final double LEFT = 8;
    private static final double RIGHT = 212;

    private AmountPicture() {}

    /** The range of a reading; a mass that is exact is a single mark. */
    public static Sentence of(Reading reading) {
        double usual = reading.mass().grams();
        double low = reading.range().low().grams();
        double high = reading.range().high().grams();
        double reach = Math.max(usual * 0.25, Math.max(usual - low, high - usual)) * 1.15;
        double perGram = (RIGHT - LEFT) / (2 * reach);
        Svg svg = Svg.picture(
                "amount-picture block w-137.5",
                WIDTH,
                26,
                Sentence.of(
                        "Between ", Say.plainRange(reading.range()), ", taken as ", Quantity.fineGrams(usual), "."));
        double middle = (LEFT + RIGHT) / 2;
        double from = middle - (usual - low) * perGram;
        double to = middle + (high - usual) * perGram;
        svg.add("path", "d", "M" + LEFT + " 18 H" + RIGHT, "class", "line-ink");
        svg.add("rect", "x", from, "y", 8, "width", Math.max(1, to - from), "height", 10, "class", "fill-dough-warm");
        svg.add("path", "d", "M" + middle + " 4 V22", "class", "stroke-ink stroke-3");
        return svg.done();
    }
}
