package ironpin.web.picture;

import ironpin.batch.balance.Balance;
import ironpin.filling.Composition;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The filling as one bar of its lines, over a bar of where it goes and one of what it is made of. */
public final class FillingPicture {
    private static final double WIDTH = 680;
    /** Neighbours differ in depth, so that a line is seen between two ingredients of one colour. */
    private static final List<String> SHADES = List.of(
            "opacity-100",
            "opacity-72",
            "opacity-56",
            "opacity-86",
            "opacity-62",
            "opacity-78",
            "opacity-50",
            "opacity-68");

    /** Words on a pale shade are dark. */
    private static final List<String> ON_SHADE = List.of(
            "fill-on-deep", "fill-ink", "fill-ink", "fill-on-deep", "fill-ink", "fill-on-deep", "fill-ink", "fill-ink");

    private static final int SALT_MAGNIFIED = 10;

    private FillingPicture() {}

    /** The bars for one lot's filling. */
    public static Sentence of(BatchPlan plan, LotPlan lot) {
        Balance.OfFilling share = plan.balance().filling(lot.filling().no());
        List<FillingLine> lines = lot.filling().formula().lines();
        List<Mass> masses = lot.filling().formula().masses(share.made());
        List<Sentence> parts = IntStream.range(0, lines.size())
                .mapToObj(i -> Sentence.of(
                        Quantity.weighed(masses.get(i)), " ", lines.get(i).ingredient()))
                .toList();
        Sentence said =
                Sentence.of(Quantity.grams(share.made().grams()), " of filling: ", Sentence.join(", ", parts), ".");
        Optional<FillingFormula.Raw> raw = lot.filling().formula().beforeSqueezing();
        Svg svg = Svg.picture("filling-picture max-md:min-w-340", WIDTH, raw.isPresent() ? 268 : 226, said);
        svg.open("g", "class", Tones.of(lot.filling().kind()));
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
                    SHADES.get(i % SHADES.size()));
            if (width > 70) {
                svg.text(
                        Say.shortened(lines.get(i).ingredient(), (int) (width / 7.4)),
                        "x",
                        x + 8,
                        "y",
                        26,
                        "class",
                        "text-[13.5px] " + ON_SHADE.get(i % SHADES.size()));
                svg.text(
                        Quantity.weighed(masses.get(i)),
                        "x",
                        x + 8,
                        "y",
                        46,
                        "class",
                        "text-[17px] font-display font-bold " + ON_SHADE.get(i % SHADES.size()));
            }
            x += width;
        }
        svg.close("g");
        where(svg, lot, share);
        composition(svg, lot);
        raw.ifPresent(before -> before(svg, lot, share.made(), before));
        return svg.done();
    }

    private static void where(Svg svg, LotPlan lot, Balance.OfFilling share) {
        double total = Math.max(1, share.made().grams());
        double x = 0;
        x = part(
                svg, x, share.inPieces().grams() / total, Tones.of(lot.filling().kind()));
        x = part(svg, x, share.patty().grams() / total, "fill-look");
        x = part(svg, x, share.lost().grams() / total, "fill-hair");
        part(svg, x, share.left().grams() / total, "fill-stop");
        Sentence text = Sentence.of(
                Quantity.grams(share.inPieces().grams()),
                " in pieces",
                share.patty().isZero() ? "" : Sentence.of(" · ", Quantity.weighed(share.patty()), " test patty"),
                share.lost().isZero() ? "" : Sentence.of(" · ", Quantity.weighed(share.lost()), " stays in the bowl"));
        svg.text(text, "x", 0, "y", 120, "class", "fill-quiet");
        if (share.left().grams() >= 0.5) {
            svg.text(
                    Sentence.of(Quantity.grams(share.left().grams()), " over"),
                    "x",
                    WIDTH,
                    "y",
                    120,
                    "text-anchor",
                    "end",
                    "class",
                    "left-over-text fill-stop font-bold " + Tones.OFF_GROUND);
        }
    }

    /** What the filling is made of; salt, which would not be seen, ten times as wide. */
    private static void composition(Svg svg, LotPlan lot) {
        Composition made = Composition.of(lot.filling().formula());
        double all = 1 + (SALT_MAGNIFIED - 1) * made.share(Composition.Part.SALT);
        double x = 0;
        List<PartName> names = new ArrayList<>();
        for (Composition.Part part : Composition.Part.values()) {
            double share = made.share(part);
            double shown = part == Composition.Part.SALT ? share * SALT_MAGNIFIED : share;
            double width = WIDTH * shown / all;
            if (width < 1) {
                continue;
            }
            svg.add(
                    "rect",
                    "x",
                    x,
                    "y",
                    150,
                    "width",
                    Math.max(1, width - 1.5),
                    "height",
                    24,
                    "class",
                    tone(part, lot));
            String figure = part == Composition.Part.SALT ? salt(made) : Decimal.trimmed(100 * share, 0) + " %";
            String name = part == Composition.Part.SALT ? "salt × " + SALT_MAGNIFIED : part.label();
            names.add(new PartName(name, figure, x));
            x += width;
        }
        PartName.apart(names).forEach(one -> {
            svg.text(one.name, "x", one.at, "y", 191, "class", "quiet-small");
            svg.text(one.figure, "x", one.at, "y", 208, "class", "measure");
        });
    }

    /** What a part is called and how much of it there is, at its left edge if there is room. */
    private record PartName(String name, String figure, double at) {
        private static final double GAP = 8;

        private double width() {
            return Math.max(name.length() * 6.6, figure.length() * 8.5);
        }

        /** A narrow part is named further right, where the one before it leaves room; the last ones end with the picture. */
        static List<PartName> apart(List<PartName> names) {
            List<PartName> apart = new ArrayList<>();
            double free = 0;
            for (PartName one : names) {
                apart.add(new PartName(one.name, one.figure, Math.max(one.at, free)));
                free = apart.get(apart.size() - 1).at + one.width() + GAP;
            }
            double end = WIDTH;
            for (int i = apart.size() - 1; i >= 0; i--) {
                PartName one = apart.get(i);
                apart.set(i, new PartName(one.name, one.figure, Math.min(one.at, end - one.width())));
                end = apart.get(i).at - GAP;
            }
            return apart;
        }
    }

    /** A range where packets decide; at least so much where a line is not known. */
    private static String salt(Composition made) {
        String low = Decimal.trimmed(100 * made.salt().low(), 2);
        String high = Decimal.trimmed(100 * made.salt().high(), 2);
        if (!made.saltKnown()) {
            return low + " % or more";
        }
        return low.equals(high) ? low + " %" : low + "–" + high + " %";
    }

    /** The same before its vegetables were squeezed, with the water that goes. */
    private static void before(Svg svg, LotPlan lot, Mass made, FillingFormula.Raw raw) {
        Composition of = Composition.of(raw.formula());
        double x = 0;
        for (Composition.Part part : Composition.Part.values()) {
            double width = WIDTH * of.share(part);
            if (width >= 1) {
                svg.add(
                        "rect",
                        "x",
                        x,
                        "y",
                        224,
                        "width",
                        Math.max(1, width - 1.5),
                        "height",
                        10,
                        "class",
                        tone(part, lot));
            }
            x += width;
        }
        double water = made.grams() * (raw.times() - 1);
        svg.text(
                Sentence.of(
                        "before squeezing: vegetable ",
                        Decimal.trimmed(100 * of.share(Composition.Part.VEGETABLE), 0),
                        " %; ",
                        Quantity.grams(water),
                        " of water goes (est.)"),
                "x",
                0,
                "y",
                253,
                "class",
                "quiet-small");
    }

    private static String tone(Composition.Part part, LotPlan lot) {
        return switch (part) {
            case LEAN -> Tones.of(lot.filling().kind());
            case FAT -> "fill-flour-strand";
            case WATER -> "fill-water";
            case VEGETABLE -> "fill-green";
            case STARCH -> "dough-warm";
            case SALT -> "fill-ink";
            case OTHER -> "fill-hair";
        };
    }

    private static double part(Svg svg, double x, double fraction, String cssClass) {
        double width = WIDTH * fraction;
        if (width > 0) {
            svg.add("rect", "x", x, "y", 82, "width", Math.max(1, width - 1), "height", 16, "class", cssClass);
        }
        return x + width;
    }
}
