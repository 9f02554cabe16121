package ironpin.web.picture;

import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;

/** A wrapper from above with its profile below, or the section of a stuffed bread; thickness is magnified and says so. */
public final class WrapperPicture {
    private static final double WIDTH = 680;
    private static final int MAGNIFIED = 8;

    /** What a wrapper is drawn against. */
    private static final double WIDEST = 160;

    private static final Svg.Scale RULER = new Svg.Scale(40, WIDEST, 30, 220);
    private static final Svg.Scale BREAD_RULER = new Svg.Scale(40, 350, 30, 220);

    private WrapperPicture() {}

    /** The wrapper or bread of one lot. */
    public static Sentence of(LotPlan lot) {
        if (lot.lot().bought().isPresent()) {
            return bought(lot, lot.lot().bought().get());
        }
        return lot.bread().map(bread -> bread(lot, bread)).orElseGet(() -> wrapper(lot, lot.wrapper()));
    }

    private static Sentence wrapper(LotPlan lot, WrapperProfile profile) {
        double mm = profile.diameter().millimetres();
        double r = 95 * mm / WIDEST;
        Sentence said = Sentence.of(
                "A disc of ",
                Quantity.mm(mm),
                ", ",
                Quantity.fineMm(profile.rim().millimetres()),
                " thick at the rim and ",
                Quantity.fineMm(profile.centre().millimetres()),
                " in the middle.");
        Svg svg = Svg.dragged("wrapper-picture", WIDTH, 250, said, RULER);
        String tone = Tones.of(lot.dough().family());
        outline(svg, lot, r, tone);
        ruler(svg, mm, RULER);
        double left = 290;
        double right = 650;
        double base = 150;
        double across = (right - left) / mm;
        double rim = profile.rim().millimetres() * across * MAGNIFIED;
        double centre = profile.centre().millimetres() * across * MAGNIFIED;
        double middle = (left + right) / 2;
        svg.add(
                "path",
                "class",
                tone,
                "d",
                "M" + left + " " + base + " V" + Svg.number(base - rim) + " L" + middle + " "
                        + Svg.number(base - centre) + " L" + right + " " + Svg.number(base - rim) + " V" + base + " Z");
        svg.add("path", "d", "M" + (left - 12) + " " + base + " H" + (right + 12), "class", "line-ink");
        svg.text(
                Sentence.of(Quantity.fineMm(profile.rim().millimetres()), " rim"),
                "x",
                left,
                "y",
                base - centre - 10,
                "class",
                "measure");
        svg.text(
                Sentence.of(Quantity.fineMm(profile.centre().millimetres()), " in the middle"),
                "x",
                middle,
                "y",
                base - centre - 10,
                "text-anchor",
                "middle",
                "class",
                "measure");
        svg.text(
                "thickness magnified " + MAGNIFIED + " times (est.)",
                "x",
                left,
                "y",
                base + 24,
                "class",
                "quiet-small");
        return svg.done();
    }

    private static Sentence bought(LotPlan lot, BoughtWrapper wrapper) {
        double mm = wrapper.size().millimetres();
        Svg svg = Svg.picture(
                "wrapper-picture",
                WIDTH,
                250,
                Sentence.of(
                        "A ",
                        wrapper.shape().label(),
                        " wrapper of ",
                        Quantity.mm(mm),
                        ", ",
                        Quantity.fineMm(wrapper.thick().millimetres()),
                        " thick all over."));
        double half = 105 * Math.min(1, mm / 100);
        if (wrapper.shape() == BoughtWrapper.Shape.ROUND) {
            svg.add("circle", "cx", 125, "cy", 115, "r", half, "class", Tones.skin(lot));
        } else {
            svg.add(
                    "rect",
                    "x",
                    125 - half,
                    "y",
                    115 - half,
                    "width",
                    2 * half,
                    "height",
                    2 * half,
                    "class",
                    Tones.skin(lot));
        }
        dimension(svg, 125 - half, 125 + half, 238, Quantity.mm(mm));
        double thick = wrapper.thick().millimetres() * 360 / mm * MAGNIFIED;
        svg.add("rect", "x", 290, "y", 150 - thick, "width", 360, "height", thick, "class", Tones.skin(lot));
        svg.add("path", "d", "M278 150 H662", "class", "line-ink");
        svg.text(
                Sentence.of(Quantity.fineMm(wrapper.thick().millimetres()), " all over, nothing to roll"),
                "x",
                290,
                "y",
                150 - thick - 10,
                "class",
                "measure");
        svg.text("thickness magnified " + MAGNIFIED + " times (est.)", "x", 290, "y", 174, "class", "quiet-small");
        return svg.done();
    }

    private static Sentence bread(LotPlan lot, StuffedBread bread) {
        double mm = bread.diameter().millimetres();
        Sentence said = Sentence.of(
                "A bread of ",
                Quantity.mm(mm),
                ", ",
                Quantity.fineMm(bread.thickness().millimetres()),
                " thick with ",
                Quantity.fineMm(bread.skin().millimetres()),
                " of skin on either side.");
        Svg svg = Svg.dragged("wrapper-picture", WIDTH, 250, said, BREAD_RULER);
        double r = 100 * mm / BREAD_RULER.high();
        svg.add(
                        "circle",
                        "cx",
                        125,
                        "cy",
                        108,
                        "r",
                        r,
                        "class",
                        Tones.of(lot.dough().family()))
                .add(
                        "circle",
                        "cx",
                        125,
                        "cy",
                        108,
                        "r",
                        r * 0.9,
                        "class",
                        Tones.of(lot.filling().kind()) + " opacity-35");
        ruler(svg, mm, BREAD_RULER);
        double left = 290;
        double width = 360;
        double perMm = width / mm * MAGNIFIED;
        double thick = Math.min(150, bread.thickness().millimetres() * perMm);
        double skin = thick * bread.skin().millimetres() / bread.thickness().millimetres();
        double top = 110 - thick / 2;
        svg.add(
                        "rect",
                        "x",
                        left,
                        "y",
                        top,
                        "width",
                        width,
                        "height",
                        thick,
                        "rx",
                        thick / 2.5,
                        "class",
                        Tones.of(lot.dough().family()))
                .add(
                        "rect",
                        "x",
                        left + skin,
                        "y",
                        top + skin,
                        "width",
                        width - 2 * skin,
                        "height",
                        Math.max(1, thick - 2 * skin),
                        "rx",
                        Math.max(1, (thick - 2 * skin) / 2.5),
                        "class",
                        Tones.of(lot.filling().kind()));
        svg.text(
                Sentence.of(
                        Quantity.fineMm(bread.skin().millimetres()),
                        " of skin, ",
                        Quantity.fineMm(bread.thickness().millimetres()),
                        " in all"),
                "x",
                left,
                "y",
                top + thick + 24,
                "class",
                "measure");
        svg.text("thickness magnified (est.)", "x", left, "y", top + thick + 44, "class", "quiet-small");
        return svg.done();
    }

    /** What it looks like from above: round, square, or the part of a strip that becomes one slice. */
    private static void outline(Svg svg, LotPlan lot, double r, String tone) {
        switch (lot.lot().outline()) {
            case ROUND -> {
                svg.add("circle", "cx", 125, "cy", 105, "r", r, "class", tone);
                if (lot.wrapper().centre().compareTo(lot.wrapper().rim()) > 0) {
                    svg.add("circle", "cx", 125, "cy", 105, "r", r * 0.5, "class", "fill-ink opacity-9");
                }
            }
            case SQUARE -> svg.add("rect", "x", 125 - r, "y", 105 - r, "width", 2 * r, "height", 2 * r, "class", tone);
            case STRIP -> {
                double slice = 95 * lot.lot().shape().slice().millimetres() / WIDEST;
                svg.add("rect", "x", 125 - slice, "y", 105 - r, "width", 2 * slice, "height", 2 * r, "class", tone);
            }
        }
    }

    /** How wide, on a scale that stays where it is: its head is dragged. */
    private static void ruler(Svg svg, double mm, Svg.Scale scale) {
        svg.add("path", "d", "M" + scale.left() + " 232 H" + scale.right(), "class", "line-ink stroke-1");
        for (double at = Math.ceil(scale.low() / 20) * 20; at <= scale.high(); at += scale.high() > 200 ? 50 : 20) {
            svg.add("path", "d", "M" + Svg.number(scale.at(at)) + " 229 v6", "class", "line-ink stroke-1");
        }
        double x = scale.at(mm);
        svg.add("path", "d", "M" + Svg.number(x) + " 222 V240", "class", "stroke-ink stroke-3")
                .add("circle", "cx", x, "cy", 232, "r", 8, "class", "fill-ink")
                .add("circle", "cx", x, "cy", 232, "r", 22, "class", "pin-handle");
        svg.text(Quantity.mm(mm), "x", scale.right() + 14, "y", 237, "class", "measure");
    }

    private static void dimension(Svg svg, double from, double to, double y, Sentence text) {
        svg.add(
                "path",
                "d",
                "M" + Svg.number(from) + " " + y + " H" + Svg.number(to) + " M" + Svg.number(from) + " " + (y - 5)
                        + " v10 M" + Svg.number(to) + " " + (y - 5) + " v10",
                "class",
                "line-ink");
        svg.text(text, "x", (from + to) / 2, "y", y - 6, "text-anchor", "middle", "class", "measure halo");
    }
}
