package ironpin.web.picture;

import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wrapper.BoughtWrapper;

/** Packs of bought wrappers: what is used, and what is over in the last one. */
public final class PackPicture {
    private static final double WIDTH = 680;
    private static final int MOST_PACKS = 8;

    private PackPicture() {}

    /** The packs of one lot, which has bought wrappers. */
    public static Sentence of(LotPlan lot) {
        BoughtWrapper wrapper = lot.lot().bought().orElseThrow();
        BoughtWrapper.Packs packs = lot.packs().orElseThrow();
        Svg svg = Svg.picture(
                "pack-picture",
                WIDTH,
                186,
                Sentence.of(packs.wrappers() + " " + wrapper.shape().label() + " wrappers out of "
                        + Count.of(packs.packs(), "pack", "packs") + ", " + packs.over() + " over."));
        int shown = Math.min(MOST_PACKS, packs.packs());
        for (int i = 0; i < shown; i++) {
            boolean last = i == packs.packs() - 1;
            double used = last ? 1 - (double) packs.over() / wrapper.perPack() : 1;
            pack(svg, 20 + i * 80, used, wrapper.shape());
        }
        if (packs.packs() > MOST_PACKS) {
            svg.text(
                    "and " + (packs.packs() - MOST_PACKS) + " more",
                    "x",
                    660,
                    "y",
                    128,
                    "text-anchor",
                    "end",
                    "class",
                    "quiet-small");
        }
        svg.text(Count.of(packs.packs(), "pack", "packs"), "x", 20, "y", 32, "class", "big");
        svg.text(
                packs.over() == 0 ? "none over" : packs.over() + " over in the last",
                "x",
                20,
                "y",
                50,
                "class",
                packs.over() == 0 ? "fill-good font-semibold" : "quiet-small");
        return svg.done();
    }

    /** A stack from the side: the used part full, the rest in outline, the shape on top. */
    private static void pack(Svg svg, double x, double used, BoughtWrapper.Shape shape) {
        double height = 64 * used;
        svg.add("rect", "x", x, "y", 104, "width", 62, "height", 64, "class", Tones.GHOST);
        svg.add("rect", "x", x, "y", 168 - height, "width", 62, "height", height, "class", "fill-flour-strand");
        for (double y = 168 - height + 8; y < 168; y += 8) {
            svg.add("path", "d", "M" + Svg.number(x) + " " + Svg.number(y) + " h62", "class", "pleat");
        }
        if (shape == BoughtWrapper.Shape.ROUND) {
            svg.add("ellipse", "cx", x + 31, "cy", 84, "rx", 31, "ry", 9, "class", "fill-flour-strand");
        } else {
            svg.add("path", "d", "M" + Svg.number(x) + " 84 l31 -10 l31 10 l-31 10 Z", "class", "fill-flour-strand");
        }
    }
}
