package ironpin.web.picture;

import ironpin.plan.LotPlan;
import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.List;

/** One rope with its cut marks, to scale, over the tree of divisions that reaches them. */
public final class RopePicture {
    private static final double WIDTH = 680;
    private static final double LEFT = 10;

    private RopePicture() {}

    /** The longest rope of a lot. */
    public static Sentence of(LotPlan lot) {
        RopePlan rope = lot.rope();
        int n = Math.max(1, rope.longest());
        double lengthMm = Math.max(1, rope.ropeLength().millimetres());
        double scale = Math.min(1.6, (WIDTH - 2 * LEFT) / lengthMm);
        double thick = Math.max(6, rope.diameter().millimetres() * scale);
        Sentence said = Sentence.of(
                Count.of(rope.ropes(), "rope", "ropes"),
                ", the longest ",
                Quantity.mm(lengthMm),
                ", cut every ",
                Quantity.fineMm(rope.cut().millimetres()),
                " into ",
                n,
                ".");
        Svg svg = Svg.picture("rope-picture", WIDTH, 190, said);
        double length = lengthMm * scale;
        String tone = Tones.of(lot.dough().family());
        svg.add("rect", "x", LEFT, "y", 30, "width", length, "height", thick, "rx", thick / 2, "class", tone);
        for (int i = 1; i < n; i++) {
            double x = LEFT + length * i / n;
            svg.add("path", "d", "M" + Svg.number(x) + " 24 V" + Svg.number(36 + thick), "class", Tones.CUT);
        }
        double first = LEFT + length / n;
        svg.add("path", "d", "M" + LEFT + " 18 H" + Svg.number(first), "class", "line-ink")
                .add("path", "d", "M" + LEFT + " 13 v10 M" + Svg.number(first) + " 13 v10", "class", "line-ink");
        svg.text(Quantity.fineMm(rope.cut().millimetres()), "x", first + 8, "y", 22, "class", "measure");
        svg.text(
                Sentence.of(
                        Quantity.mm(lengthMm),
                        " long, ",
                        Quantity.mm(rope.diameter().millimetres()),
                        " thick; drawn at ",
                        Decimal.trimmed(scale * 100 / 3.78, 0),
                        " % of true size"),
                "x",
                LEFT,
                "y",
                58 + thick,
                "class",
                "quiet-small");
        tree(svg, CutTree.of(n), length, 76 + thick);
        return svg.done();
    }

    /** The longest ring of a lot, and the same cut open. */
    static Sentence ring(LotPlan lot) {
        RopePlan rope = lot.rope();
        int n = Math.max(1, rope.longest());
        double round = Math.max(1, rope.ropeLength().millimetres());
        double across = round / Math.PI;
        double thickMm = rope.diameter().millimetres();
        double scale = Math.min(1.2, 150 / (across + thickMm));
        double r = across / 2 * scale;
        double thick = thickMm * scale;
        double middle = LEFT + r + thick / 2;
        Svg svg = Svg.picture(
                "rope-picture",
                WIDTH,
                210,
                Sentence.of(Count.of(rope.ropes(), "ring"), ", ", Quantity.mm(round), " round, cut into ", n, "."));
        String tone = Tones.of(lot.dough().family());
        svg.add("circle", "cx", middle, "cy", 88, "r", r + thick / 2, "class", tone)
                .add("circle", "cx", middle, "cy", 88, "r", Math.max(0, r - thick / 2), "class", "fill-flour");
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n - Math.PI / 2;
            double in = r - thick / 2 - 4;
            double out = r + thick / 2 + 4;
            svg.add(
                    "path",
                    "d",
                    "M" + Svg.number(middle + in * Math.cos(angle)) + " " + Svg.number(88 + in * Math.sin(angle)) + " L"
                            + Svg.number(middle + out * Math.cos(angle)) + " "
                            + Svg.number(88 + out * Math.sin(angle)),
                    "class",
                    i == 0 ? "line-ink" : Tones.CUT);
        }
        double left = middle + r + thick / 2 + 30;
        double length = WIDTH - left - 60;
        svg.add("rect", "x", left, "y", 40, "width", length, "height", 26, "rx", 13, "class", tone);
        for (int i = 1; i < n; i++) {
            svg.add("path", "d", "M" + Svg.number(left + length * i / n) + " 34 V72", "class", Tones.CUT);
        }
        svg.text(
                Sentence.of(
                        Quantity.mm(round),
                        " round, cut open; a piece every ",
                        Quantity.fineMm(rope.cut().millimetres())),
                "x",
                left,
                "y",
                92,
                "class",
                "quiet-small");
        double y = 108;
        int parts = 1;
        CutTree tree = CutTree.of(n);
        for (int factor : tree.byEye() ? tree.factors() : List.<Integer>of()) {
            parts *= factor;
            for (int i = 0; i < parts; i++) {
                svg.add(
                        "path",
                        "d",
                        "M" + Svg.number(left + length * i / parts + 1.5) + " " + Svg.number(y) + " H"
                                + Svg.number(left + length * (i + 1) / parts - 1.5),
                        "class",
                        "stroke-quiet stroke-3");
            }
            svg.text("÷ " + factor, "x", left + length + 8, "y", y + 4, "class", "quiet-small");
            y += 13;
        }
        return svg.done();
    }

    private static void tree(Svg svg, CutTree tree, double length, double top) {
        if (!tree.byEye()) {
            return;
        }
        int parts = 1;
        double y = top;
        for (int factor : tree.factors()) {
            parts *= factor;
            for (int i = 0; i < parts; i++) {
                double a = LEFT + length * i / parts;
                double b = LEFT + length * (i + 1) / parts;
                svg.add(
                        "path",
                        "d",
                        "M" + Svg.number(a + 1.5) + " " + Svg.number(y) + " H" + Svg.number(b - 1.5),
                        "class",
                        "stroke-quiet stroke-3");
            }
            svg.text("÷ " + factor, "x", LEFT + length + 8, "y", y + 4, "class", "quiet-small");
            y += 13;
        }
    }
}
