package ironpin.web.rehearsal;

import ironpin.quantity.Sentence;
import ironpin.rehearsal.Sign;
import ironpin.web.picture.Svg;

/** What is seen and felt before a decision, drawn. */
final class SignPicture {
    private static final double WIDE = 240;
    private static final double HIGH = 150;
    private static final double MIDDLE = WIDE / 2;
    private static final double FLOOR = 130;
    private static final String LINE = "fill-none stroke-ink stroke-[2]";

    private final Svg svg;
    private final double amount;

    private SignPicture(Sign sign) {
        this.svg = Svg.picture("cue w-full max-w-220", WIDE, HIGH, sign.said());
        this.amount = sign.amount();
    }

    static Sentence of(Sign sign) {
        SignPicture picture = new SignPicture(sign);
        picture.line("M20 " + FLOOR + " H220", "fill-none stroke-hair stroke-[2]");
        switch (sign.kind()) {
            case FLOUR -> picture.flour();
            case DOUGH -> picture.dough();
            case PIECE -> picture.piece();
            case DISC -> picture.disc();
            case CLOSING -> picture.closing();
            case DOOR -> picture.door();
            case POT -> picture.pot();
            case MIDDLE -> picture.middle();
        }
        return picture.svg.done();
    }

    private void line(String path, String css) {
        svg.add("path", "d", path, "class", css);
    }

    private void round(double x, double y, double wide, double high, String css) {
        svg.add("ellipse", "cx", x, "cy", y, "rx", wide, "ry", high, "class", css);
    }

    private void flour() {
        line("M85 130 Q78 80 92 48 Q120 38 148 48 Q162 80 155 130 Z", "fill-flour stroke-ink stroke-[2]");
        line("M92 48 Q120 60 148 48", LINE);
        line("M155 130 Q178 112 200 130 Z", "fill-flour stroke-hair stroke-[1.5]");
    }

    /** Cracks and crumbs where it is dry; where it is wet it spreads, and strings hang from the thumb. */
    private void dough() {
        double wet = Math.max(0, Math.min(2.5, amount));
        double dry = Math.max(0, Math.min(2.5, -amount));
        double wide = 48 + 12 * wet;
        double high = 36 - 6 * wet;
        double y = FLOOR - high;
        round(MIDDLE, y, wide, high, "fill-dough-warm stroke-ink stroke-[2]");
        int cracks = (int) Math.round(dry * 3);
        for (int i = 0; i < cracks; i++) {
            double at = Math.PI * (0.15 + 0.7 * i / Math.max(1, cracks - 1));
            double x = MIDDLE - wide * Math.cos(at);
            double edge = y - high * Math.sin(at);
            line(
                    path("M", x, edge)
                            + path(" L", x + (MIDDLE - x) * 0.22 + 4, edge + (y - edge) * 0.3)
                            + path(" L", x + (MIDDLE - x) * 0.36, edge + (y - edge) * 0.5),
                    LINE);
        }
        for (int i = 0; i < Math.round(dry * 4); i++) {
            round(38 + 17 * i % 160, FLOOR - 3 - i % 3, 3, 2.4, "fill-dough-warm stroke-ink stroke-[1]");
        }
        double thumb = y - high - 14 - 8 * wet;
        line("M92 14 Q96 " + n(thumb - 2) + " 120 " + n(thumb) + " Q144 " + n(thumb - 2) + " 148 14", LINE);
        for (int i = 0; i < Math.round(wet * 3); i++) {
            double x = 106 + 6 * i;
            line(
                    "M" + n(x) + " " + n(thumb - 2) + " Q" + n(x + 2) + " " + n(thumb + 8) + " " + n(x) + " "
                            + n(y - high + 4),
                    LINE);
        }
    }

    private void piece() {
        double mark = 70;
        double left = 50;
        svg.add(
                "rect",
                "x",
                left,
                "y",
                86.0,
                "width",
                mark * amount,
                "height",
                40.0,
                "rx",
                10.0,
                "class",
                "fill-dough-warm stroke-ink stroke-[2]");
        line("M" + n(left + mark) + " 66 V" + FLOOR, "fill-none stroke-stop stroke-[2]");
        line("M" + n(left) + " 72 H" + n(left + mark), "fill-none stroke-stop stroke-[1.5]");
    }

    private void disc() {
        round(MIDDLE, 74, 58, 58, "fill-none stroke-stop stroke-[1.5] [stroke-dasharray:5_4]");
        round(MIDDLE, 74, 58 * amount, 58 * amount, "fill-dough-warm stroke-ink stroke-[2]");
    }

    /** Its lips meet, or do not. */
    private void closing() {
        double gap = Math.max(0, amount - 1) * 90;
        double heap = 26 + 26 * Math.min(1.3, amount);
        line("M62 112 Q" + MIDDLE + " " + n(112 - 2 * heap) + " 178 112 Z", "fill-meat stroke-none");
        line(
                "M58 112 Q" + MIDDLE + " " + n(112 - 2 * heap - 10) + " 182 112 Q" + MIDDLE + " "
                        + n(112 - 2 * heap + 18 + 2 * gap) + " 58 112 Z",
                "fill-dough-warm stroke-ink stroke-[2]");
        line("M58 112 Q" + MIDDLE + " 134 182 112", LINE);
    }

    private void door() {
        svg.add("rect", "x", 82.0, "y", 18.0, "width", 76.0, "height", 112.0, "class", LINE);
        if (amount > 0) {
            round(MIDDLE, 52, 13, 14, "fill-dough-warm stroke-ink stroke-[2]");
            line("M98 130 Q98 76 120 72 Q142 76 142 130 Z", "fill-water/60 stroke-ink stroke-[2]");
        } else {
            round(148, 78, 3, 3, "fill-ink");
        }
    }

    private void pot() {
        line("M62 62 H178 V114 Q178 130 162 130 H78 Q62 130 62 114 Z", "fill-water/60 stroke-ink stroke-[2]");
        line("M48 70 H62 M178 70 H192", LINE);
        for (int i = 0; i < Math.round(amount * 9); i++) {
            round(76 + 11 * i, 96 - (i * 7) % 22, 3.5, 3.5, "fill-flour stroke-ink stroke-[1]");
        }
        for (int i = 0; i < Math.round(amount * 3); i++) {
            double x = 92 + 28 * i;
            line("M" + n(x) + " 52 q6 -9 0 -18 q-6 -9 0 -16", "fill-none stroke-hair stroke-[2]");
        }
    }

    private void middle() {
        round(MIDDLE, 82, 74, 44, "fill-dough-warm stroke-ink stroke-[2]");
        round(MIDDLE, 82, 62, 33, "fill-dough-brown/50 stroke-none");
        double raw = Math.max(0, 1 - amount);
        round(MIDDLE, 82, 10 + 80 * raw, 5 + 42 * raw, "fill-meat stroke-none");
    }

    private static String path(String how, double x, double y) {
        return how + n(x) + " " + n(y);
    }

    private static String n(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }
}
