package ironpin.web.picture;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.cook.CookMethod;
import ironpin.dough.DoughFamily;
import ironpin.filling.FillingKind;
import ironpin.quantity.Sentence;
import ironpin.style.Style;
import ironpin.wrapper.Fold;

/** A style as it is offered: one piece over what cooks it. */
public final class StylePicture {
    private static final String WATER = "fill-none stroke-water stroke-[2.5] [stroke-linecap:round]";
    private static final String GOLD = "fill-none stroke-look stroke-[2.5] [stroke-linecap:round]";

    private StylePicture() {}

    /** The drawing of a style. */
    public static Sentence of(Style style) {
        return drawn(
                style.name(),
                style.fold(),
                style.method(),
                style.filling().kind(),
                style.dough().family());
    }

    /** The drawing of a batch: its first lot. */
    public static Sentence of(Batch batch) {
        Lot lot = batch.lots().get(0);
        return drawn(
                lot.name(),
                lot.fold(),
                lot.method(),
                batch.filling(lot.fillingNo()).kind(),
                batch.dough(lot.doughNo()).family());
    }

    private static Sentence drawn(String name, Fold fold, CookMethod method, FillingKind kind, DoughFamily family) {
        Svg svg = Svg.picture("style-picture", 160, 110, Sentence.of(name + ", " + method.done()));
        svg.open("g", "transform", "translate(30 14)", "class", Tones.of(family));
        FoldShape.draw(svg, fold, Tones.of(kind));
        svg.close("g");
        switch (method.vessel()) {
            case POT ->
                svg.add("path", "d", "M18 84 q10 -7 20 0 t20 0 t20 0 t20 0 t20 0 t24 0", "class", WATER)
                        .add("path", "d", "M34 96 q10 -7 20 0 t20 0 t20 0 t20 0", "class", WATER);
            case BASKET -> {
                svg.add("path", "d", "M22 82 H138 M22 82 V96 H138 V82", "class", "line-ink");
                for (int i = 0; i < 4; i++) {
                    svg.add("path", "d", "M" + (52 + i * 19) + " 106 q-4 -5 0 -9", "class", WATER);
                }
            }
            case PAN ->
                svg.add("path", "d", "M22 82 H138 M28 82 Q30 98 44 98 H116 Q130 98 132 82", "class", "line-ink")
                        .add("path", "d", "M40 90 H120", "class", GOLD);
            case DISH ->
                svg.add("path", "d", "M18 82 H142 L134 100 H26 Z", "class", "line-ink")
                        .add("path", "d", "M30 90 H130", "class", WATER);
            case GRIDDLE ->
                svg.add("path", "d", "M14 84 H146 M22 84 L28 92 H132 L138 84", "class", "line-ink")
                        .add("path", "d", "M46 102 l4 -5 l4 5 M76 102 l4 -5 l4 5 M106 102 l4 -5 l4 5", "class", GOLD);
        }
        return svg.done();
    }
}
