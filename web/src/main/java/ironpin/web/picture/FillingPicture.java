package ironpin.web.picture;

import ironpin.batch.Balance;
import ironpin.filling.FillingLine;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import java.util.List;

/** The filling as one bar of its lines, over a bar of where it goes. */
public final class FillingPicture {
    private static final double WIDTH = 680;
    private static final int SHADES = 8;

    private FillingPicture() {}

    /** The bars for one lot's filling. */
    public static String of(BatchPlan plan, LotPlan lot) {
        Balance.OfFilling share = plan.balance().filling(lot.filling().no());
        List<FillingLine> lines = lot.filling().formula().lines();
        List<Mass> masses = lot.filling().formula().masses(share.made());
        StringBuilder said = new StringBuilder(Say.grams(share.made().grams()) + " of filling: ");
        for (int i = 0; i < lines.size(); i++) {
            said.append(Say.grams(masses.get(i).grams()))
                    .append(' ')
                    .append(lines.get(i).ingredient())
                    .append(i < lines.size() - 1 ? ", " : ".");
        }
        Svg svg = Svg.picture("filling-picture", WIDTH, 150, said.toString());
        svg.open("g", "class", Tones.of(lot.filling().kind()) + " shades");
        double x = 0;
        for (int i = 0; i < lines.size(); i++) {
            double width = WIDTH * lines.get(i).share().fraction();
            svg.add(
                    "rect",
                    "x",
                    x,
                    "y",
                    0,
                    "width",
                    Math.max(1, width - 1.5),
                    "height",
                    62,
                    "class",
                    "shade-" + i % SHADES);
            if (width > 70) {
                svg.text(
                        shorten(lines.get(i).ingredient(), (int) (width / 7.4)),
                        "x",
                        x + 8,
                        "y",
                        26,
                        "class",
                        "on-tone shade-text-" + i % SHADES);
                svg.text(
                        Say.grams(masses.get(i).grams()),
                        "x",
                        x + 8,
                        "y",
                        46,
                        "class",
                        "on-tone-strong shade-text-" + i % SHADES);
            }
            x += width;
        }
        svg.close("g");
        where(svg, lot, share);
        return svg.done();
    }

    private static void where(Svg svg, LotPlan lot, Balance.OfFilling share) {
        double total = Math.max(1, share.made().grams());
        double x = 0;
        x = part(
                svg, x, share.inPieces().grams() / total, Tones.of(lot.filling().kind()));
        x = part(svg, x, share.patty().grams() / total, "part-patty");
        x = part(svg, x, share.lost().grams() / total, "part-lost");
        part(svg, x, share.left().grams() / total, "left-over");
        String text = Say.grams(share.inPieces().grams()) + " in pieces · "
                + Say.grams(share.patty().grams()) + " test patty · "
                + Say.grams(share.lost().grams()) + " stays in the bowl";
        svg.text(text, "x", 0, "y", 120, "class", "quiet-text");
        if (share.left().grams() >= 0.5) {
            svg.text(
                    Say.grams(share.left().grams()) + " over",
                    "x",
                    WIDTH,
                    "y",
                    120,
                    "text-anchor",
                    "end",
                    "class",
                    "left-over-text");
        }
    }

    private static double part(Svg svg, double x, double fraction, String cssClass) {
        double width = WIDTH * fraction;
        if (width > 0) {
            svg.add("rect", "x", x, "y", 82, "width", Math.max(1, width - 1), "height", 16, "class", cssClass);
        }
        return x + width;
    }

    private static String shorten(String name, int most) {
        return name.length() <= most
                ? name
                : name.substring(0, Math.max(1, most - 1)).strip() + "…";
    }
}
