package ironpin.web.picture;

import ironpin.wrapper.Fold;
import java.util.Locale;

/** The outline of a closed piece, drawn by hand for each fold in a box of 100 by 60. */
final class FoldShape {
    private FoldShape() {}

    /** Draws the shape once out of sight for the pieces of one owner in a page to point to; same name, same content. */
    static void define(Svg svg, String owner, Fold fold, String tone) {
        svg.open("defs")
                .open("symbol", "id", name(owner, fold, tone), "viewBox", "0 0 100 60", "preserveAspectRatio", "none");
        draw(svg, fold, tone);
        svg.close("symbol").close("defs");
    }

    /** A piece of that shape; places may be percentages. */
    static void use(Svg svg, String owner, Fold fold, String tone, Object x, Object y, Object width, Object height) {
        svg.add("use", "href", "#" + name(owner, fold, tone), "x", x, "y", y, "width", width, "height", height);
    }

    private static String name(String owner, Fold fold, String tone) {
        return owner + "-" + fold.name().toLowerCase(Locale.ROOT) + "-" + tone;
    }

    static void draw(Svg svg, Fold fold, String tone) {
        switch (fold) {
            case HALF_MOON -> {
                path(svg, "M4 48 C6 2 94 2 96 48 Q50 56 4 48 Z", "skin");
                path(svg, "M16 42 C20 14 80 14 84 42 Q50 49 16 42 Z", tone);
            }
            case TRIANGLE -> {
                path(svg, "M4 54 L50 4 L96 54 Q84 60 74 50 Q50 58 26 50 Q16 60 4 54 Z", "skin");
                path(svg, "M24 46 L50 18 L76 46 Q50 52 24 46 Z", tone);
                path(svg, "M38 56 Q50 62 62 56", "pleat");
            }
            case PLEATED_CRESCENT -> {
                path(svg, "M3 40 C10 -4 90 -4 97 40 Q92 52 84 44 Q50 60 16 44 Q8 52 3 40 Z", "skin");
                path(svg, "M18 38 C24 14 76 14 82 38 Q50 52 18 38 Z", tone);
                for (int i = 0; i < 7; i++) {
                    double x = 20 + i * 10;
                    double y = 19 - 7 * Math.sin((i + 1) * Math.PI / 8);
                    path(svg, "M" + Svg.number(x) + " " + Svg.number(y) + " q3 6 -1 11", "pleat");
                }
            }
            case LEAF -> {
                path(svg, "M3 30 C26 0 70 -2 97 30 C70 62 26 60 3 30 Z", "skin");
                path(svg, "M14 30 C32 12 66 10 84 30 C66 50 32 48 14 30 Z", tone);
                path(svg, "M8 30 L92 30", "pleat");
                for (int i = 0; i < 5; i++) {
                    String from = "M" + (29 + i * 12) + " 30";
                    path(svg, from + " q-4 -8 -9 -10 " + from + " q-4 8 -9 10", "pleat");
                }
            }
            case PURSE -> {
                path(svg, "M22 54 C2 40 22 16 44 12 L50 3 L56 12 C78 16 98 40 78 54 Q50 62 22 54 Z", "skin");
                path(svg, "M30 50 C18 40 32 24 50 24 C68 24 82 40 70 50 Q50 56 30 50 Z", tone);
                path(svg, "M50 6 Q40 16 36 26 M50 6 Q48 18 48 24 M50 6 Q60 16 64 26", "pleat");
            }
            case GATHERED_BALL -> {
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 44, "ry", 27, "class", "skin");
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 34, "ry", 19, "class", tone);
                path(svg, "M38 26 q12 -8 24 0 M42 34 q8 5 16 0", "pleat");
            }
        }
    }

    private static void path(Svg svg, String d, String cssClass) {
        svg.add("path", "d", d, "class", cssClass);
    }
}
