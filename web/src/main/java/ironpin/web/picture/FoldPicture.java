package ironpin.web.picture;

import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Outline;

/** The open wrapper with its filling and pleat marks, the closed piece, and a gauge of how full it is. */
public final class FoldPicture {
    private static final double WIDTH = 680;
    private static final double HEIGHT = 150;

    /** Where the gauge begins, from above. */
    private static final double BAR = 62;

    /** The wrapper and the piece are drawn larger and set in smaller. */
    private static final double SMALLER = 0.6;

    private FoldPicture() {}

    /** The fold of one lot. */
    public static Sentence of(LotPlan lot) {
        Fold fold = lot.lot().fold();
        double filling = lot.share().fillingEach().grams();
        Sentence room = lot.room()
                .map(one -> Sentence.of(
                        ", which closes with ease up to ",
                        Quantity.grams(one.comfortable().grams())))
                .orElse(Sentence.EMPTY);
        Svg svg = Svg.picture(
                "fold-picture",
                WIDTH,
                HEIGHT,
                Sentence.of("A ", fold.label(), " round ", Quantity.fineGrams(filling), " of filling", room, "."));
        String dough = Tones.skin(lot);
        String tone = Tones.of(lot.filling().kind());
        double mm = lot.lot().wide().millimetres();
        svg.open("g", "transform", "scale(" + Svg.number(SMALLER) + ")");
        open(svg, lot, dough);
        // The heap of filling is a dome of about its own radius in height, so its width goes with the cube root.
        double heap = Math.min(90, 96 * 2 * Math.cbrt(filling / 1.02 * 3 / (2 * Math.PI)) * 10 / mm);
        svg.add("circle", "cx", 110, "cy", 110, "r", heap, "class", tone);
        pleats(svg, fold);
        svg.text(Quantity.mm(mm), "x", 110, "y", 226, "text-anchor", "middle", "class", "measure");
        svg.add("path", "d", "M222 110 h26 m-8 -6 l8 6 l-8 6", "class", "line-ink");
        svg.open("g", "transform", "translate(262 62) scale(1.6)", "class", dough);
        FoldShape.draw(svg, fold, tone);
        svg.close("g").close("g");
        lot.room().ifPresent(one -> gauge(svg, one, filling, tone));
        return svg.done();
    }

    private static void open(Svg svg, LotPlan lot, String dough) {
        boolean square = lot.lot().outline() == Outline.SQUARE;
        if (square) {
            svg.add("rect", "x", 20, "y", 20, "width", 180, "height", 180, "class", dough);
        } else {
            svg.add("circle", "cx", 110, "cy", 110, "r", 96, "class", dough);
        }
        // The wet rim of a bought wrapper.
        if (square) {
            svg.add(
                    "path",
                    "d",
                    "M26 26 H194 V194",
                    "class",
                    "fill-none stroke-water stroke-7 opacity-90 [stroke-linecap:round]");
        } else if (lot.lot().bought().isPresent()) {
            svg.add(
                    "path",
                    "d",
                    "M20 110 A90 90 0 0 1 200 110",
                    "class",
                    "fill-none stroke-water stroke-7 opacity-90 [stroke-linecap:round]");
        }
    }

    private static void pleats(Svg svg, Fold fold) {
        // Marks stand where the pleats will be: on the near half of the rim, or all round.
        boolean half = fold.pleated() < 1;
        double from = half ? Math.PI * 0.08 : 0;
        double span = half ? Math.PI * 0.84 : 2 * Math.PI;
        for (int i = 0; i < fold.pleats(); i++) {
            double angle = from + span * (i + 0.5) / fold.pleats();
            double x = Math.cos(angle);
            double y = Math.sin(angle);
            svg.add(
                    "path",
                    "d",
                    "M" + Svg.number(110 + 84 * x) + " " + Svg.number(110 + 84 * y) + " L" + Svg.number(110 + 96 * x)
                            + " " + Svg.number(110 + 96 * y),
                    "class",
                    "fill-none stroke-ink stroke-[1.6]");
        }
    }

    private static void gauge(Svg svg, FillRoom room, double filling, String tone) {
        double left = 330;
        double width = 320;
        double full = Math.max(room.bound().grams(), filling) * 1.08;
        double perGram = width / full;
        svg.add(
                        "rect",
                        "x",
                        left,
                        "y",
                        62,
                        "width",
                        room.comfortable().grams() * perGram,
                        "height",
                        26,
                        "class",
                        "fill-dough-warm")
                .add("rect", "x", left, "y", 68, "width", filling * perGram, "height", 14, "class", tone);
        mark(
                svg,
                left + room.comfortable().grams() * perGram,
                36,
                Sentence.of("easy ", Quantity.grams(room.comfortable().grams())));
        mark(
                svg,
                left + room.bound().grams() * perGram,
                114,
                Sentence.of("at most ", Quantity.grams(room.bound().grams())));
        svg.text(Sentence.of(Quantity.fineGrams(filling), " in"), "x", left, "y", 54, "class", "measure");
        svg.text("room (est.)", "x", left, "y", 116, "class", "quiet-small");
    }

    private static void mark(Svg svg, double x, double textY, Sentence text) {
        double from = textY < BAR ? textY + 4 : textY - 12;
        double to = textY < BAR ? 90 : 60;
        svg.add("path", "d", "M" + Svg.number(x) + " " + Svg.number(from) + " V" + Svg.number(to), "class", "line-ink");
        svg.text(text, "x", x, "y", textY, "text-anchor", "end", "class", "quiet-small");
    }
}
