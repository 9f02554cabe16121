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

    /** Draws it; a fold without a drawing does not compile. */
    static Svg draw(Svg svg, Fold fold, String tone) {
        return switch (fold) {
            case HALF_MOON -> {
                path(svg, "M4 48 C6 2 94 2 96 48 Q50 56 4 48 Z", "skin");
                path(svg, "M16 42 C20 14 80 14 84 42 Q50 49 16 42 Z", tone);
                yield svg;
            }
            case TRIANGLE -> {
                path(svg, "M4 54 L50 4 L96 54 Q84 60 74 50 Q50 58 26 50 Q16 60 4 54 Z", "skin");
                path(svg, "M24 46 L50 18 L76 46 Q50 52 24 46 Z", tone);
                path(svg, "M38 56 Q50 62 62 56", "pleat");
                yield svg;
            }
            case PLEATED_CRESCENT -> {
                path(svg, "M3 40 C10 -4 90 -4 97 40 Q92 52 84 44 Q50 60 16 44 Q8 52 3 40 Z", "skin");
                path(svg, "M18 38 C24 14 76 14 82 38 Q50 52 18 38 Z", tone);
                for (int i = 0; i < 7; i++) {
                    double x = 20 + i * 10;
                    double y = 19 - 7 * Math.sin((i + 1) * Math.PI / 8);
                    path(svg, "M" + Svg.number(x) + " " + Svg.number(y) + " q3 6 -1 11", "pleat");
                }
                yield svg;
            }
            case LEAF -> {
                path(svg, "M3 30 C26 0 70 -2 97 30 C70 62 26 60 3 30 Z", "skin");
                path(svg, "M14 30 C32 12 66 10 84 30 C66 50 32 48 14 30 Z", tone);
                path(svg, "M8 30 L92 30", "pleat");
                for (int i = 0; i < 5; i++) {
                    String from = "M" + (29 + i * 12) + " 30";
                    path(svg, from + " q-4 -8 -9 -10 " + from + " q-4 8 -9 10", "pleat");
                }
                yield svg;
            }
            case PURSE -> {
                path(svg, "M22 54 C2 40 22 16 44 12 L50 3 L56 12 C78 16 98 40 78 54 Q50 62 22 54 Z", "skin");
                path(svg, "M30 50 C18 40 32 24 50 24 C68 24 82 40 70 50 Q50 56 30 50 Z", tone);
                path(svg, "M50 6 Q40 16 36 26 M50 6 Q48 18 48 24 M50 6 Q60 16 64 26", "pleat");
                yield svg;
            }
            case PRESSED_CORNERS -> {
                path(svg, "M16 50 Q8 40 14 26 C24 4 76 4 86 26 Q92 40 84 50 Q50 60 16 50 Z", "skin");
                path(svg, "M24 46 C26 20 74 20 76 46 Q50 53 24 46 Z", tone);
                path(svg, "M18 30 q8 4 8 16 M82 30 q-8 4 -8 16", "pleat");
                yield svg;
            }
            case JOINED_CORNERS -> {
                path(svg, "M10 36 C14 2 86 2 90 36 Q88 56 60 54 L50 50 L40 54 Q12 56 10 36 Z", "skin");
                path(svg, "M26 34 C30 14 70 14 74 34 Q70 44 50 44 Q30 44 26 34 Z", tone);
                path(svg, "M42 46 Q50 58 60 47 M40 54 Q50 44 58 54", "pleat");
                yield svg;
            }
            case CRIMPED_EDGE -> {
                path(svg, "M4 50 C6 2 94 2 96 50 Q50 55 4 50 Z", "skin");
                path(svg, "M18 46 C22 20 78 20 82 46 Q50 50 18 46 Z", tone);
                for (int i = 0; i < 11; i++) {
                    double angle = Math.PI * (i + 1) / 12;
                    path(svg, spoke(50, 50, 45, 36, 42, 30, angle), "pleat");
                }
                yield svg;
            }
            case CENTRE_OUT -> {
                path(svg, "M4 50 C14 40 30 8 50 6 C70 8 86 40 96 50 Q50 59 4 50 Z", "skin");
                path(svg, "M20 46 C30 36 40 20 50 20 C60 20 70 36 80 46 Q50 52 20 46 Z", tone);
                for (int i = 0; i < 3; i++) {
                    double x = 8 + i * 11;
                    double y = 12 + i * 9;
                    path(svg, "M" + (50 - x) + " " + y + " q6 4 6 11 M" + (50 + x) + " " + y + " q-6 4 -6 11", "pleat");
                }
                yield svg;
            }
            case ROPE_EDGE -> {
                path(svg, "M4 50 C6 2 94 2 96 50 Q50 56 4 50 Z", "skin");
                path(svg, "M18 46 C22 20 78 20 82 46 Q50 51 18 46 Z", tone);
                for (int i = 0; i < 10; i++) {
                    double angle = Math.PI * (i + 1) / 11;
                    path(svg, spoke(50, 50, 45, 36, 36, 31, angle + 0.12), "pleat");
                }
                yield svg;
            }
            case LEAF_PARCEL -> {
                path(svg, "M8 14 Q50 8 92 14 Q96 30 92 48 Q50 54 8 48 Q4 30 8 14 Z", "skin");
                path(svg, "M20 20 Q50 16 80 20 V42 Q50 46 20 42 Z", tone);
                path(svg, "M8 24 Q50 30 92 20", "pleat");
                yield svg;
            }
            case ROLLED_STRIP -> {
                svg.add("circle", "cx", 50, "cy", 30, "r", 28, "class", "skin");
                svg.add("circle", "cx", 50, "cy", 30, "r", 21, "class", tone);
                path(svg, "M50 30 a4 4 0 0 1 8 0 a9 9 0 0 1 -18 0 a14 14 0 0 1 28 0 a18 18 0 0 1 -34 4", "pleat");
                yield svg;
            }
            case CLOSED_BALL -> {
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 44, "ry", 27, "class", "skin");
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 36, "ry", 20, "class", tone);
                yield svg;
            }
            case TWO_DISCS -> {
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 46, "ry", 28, "class", "skin");
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 34, "ry", 20, "class", tone);
                for (int i = 0; i < 18; i++) {
                    path(svg, spoke(50, 30, 45, 27, 39, 23, Math.PI * i / 9), "pleat");
                }
                yield svg;
            }
            case GATHERED_BALL -> {
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 44, "ry", 27, "class", "skin");
                svg.add("ellipse", "cx", 50, "cy", 30, "rx", 34, "ry", 19, "class", tone);
                // The gathers meet in the middle.
                for (int i = 0; i < 7; i++) {
                    path(svg, spoke(50, 30, 17, 10, 4, 2.5, 2 * Math.PI * (i + 0.2) / 7), "pleat");
                }
                yield svg;
            }
        };
    }

    /** A short line across a rim. */
    private static String spoke(double x, double y, double rx, double ry, double inX, double inY, double angle) {
        return "M" + Svg.number(x + rx * Math.cos(angle)) + " " + Svg.number(y - ry * Math.sin(angle)) + " L"
                + Svg.number(x + inX * Math.cos(angle)) + " " + Svg.number(y - inY * Math.sin(angle));
    }

    private static void path(Svg svg, String d, String cssClass) {
        svg.add("path", "d", d, "class", cssClass);
    }
}
