package ironpin.web.picture;

import ironpin.plan.LotPlan;
import ironpin.portion.CutTree;
import ironpin.portion.SheetCut;
import ironpin.portion.SheetPlan;
import ironpin.quantity.Length;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wrapper.Outline;
import java.util.List;

/** How a lot's dough becomes pieces, by its school: to scale, with every cut. */
final class PortionPicture {
    private static final double WIDTH = 680;
    private static final double HIGH = 200;
    private static final double LEFT = 10;

    private PortionPicture() {}

    static Sentence of(LotPlan lot) {
        if (lot.lot().outline() == Outline.STRIP) {
            return strip(lot);
        }
        return switch (lot.lot().cutting().school()) {
            case ROPE -> RopePicture.of(lot);
            case RING -> RopePicture.ring(lot);
            case HALVING -> halves(lot);
            case CUTTER, SQUARES ->
                lot.sheet()
                        .filter(sheet -> !sheet.rollings().isEmpty())
                        .map(sheet -> sheet(lot, sheet))
                        .orElseGet(PortionPicture::nothing);
        };
    }

    private static Sentence nothing() {
        Svg svg = Svg.picture("sheet-picture", WIDTH, 40, Sentence.of("No piece comes out of a sheet this small."));
        return svg.text("No piece comes out of a sheet this small.", "x", LEFT, "y", 24, "class", "quiet-small")
                .done();
    }

    /** The whole dough divided again and again, a row for each time. */
    private static Sentence halves(LotPlan lot) {
        int pieces = lot.share().pieces();
        CutTree tree = CutTree.of(pieces);
        List<CutTree.Cut> steps = tree.byEye() ? tree.steps() : List.of();
        Svg svg = Svg.picture(
                "rope-picture",
                WIDTH,
                Math.max(80, 48 + 30 * steps.size()),
                steps.isEmpty()
                        ? Sentence.of(pieces + " pieces do not divide into small equal parts.")
                        : Sentence.of(
                                "Divided " + Count.of(steps.size(), "time") + " into " + pieces + " equal pieces."));
        String tone = Tones.of(lot.dough().family());
        double length = WIDTH - 2 * LEFT - 90;
        svg.add("rect", "x", LEFT, "y", 12, "width", length, "height", 22, "rx", 6, "class", tone);
        svg.text("all of it", "x", LEFT + length + 8, "y", 28, "class", "quiet-small");
        double y = 42;
        for (CutTree.Cut step : steps) {
            double each = length / step.after();
            for (int i = 0; i < step.after(); i++) {
                double gap = i % step.into() == 0 ? Math.min(3, each / 3) : Math.min(1.2, each / 5);
                svg.add(
                        "rect",
                        "x",
                        LEFT + i * each + gap,
                        "y",
                        y,
                        "width",
                        Math.max(0.6, each - gap),
                        "height",
                        20,
                        "rx",
                        Math.min(4, each / 4),
                        "class",
                        tone);
            }
            svg.text(
                    "each into " + step.into() + ": " + step.after(),
                    "x",
                    LEFT + length + 8,
                    "y",
                    y + 14,
                    "class",
                    "quiet-small");
            y += 30;
        }
        if (steps.isEmpty()) {
            svg.text(
                    pieces + " does not divide by eye; weigh them, or make a count that does.",
                    "x",
                    LEFT,
                    "y",
                    58,
                    "class",
                    "quiet-small");
        }
        return svg.done();
    }

    private static Sentence sheet(LotPlan lot, SheetPlan sheet) {
        Length board = lot.lot().cutting().board();
        Length height = sheet.heights().get(0);
        Length cutter = lot.lot().shape().disc();
        boolean squares = lot.lot().outline() == Outline.SQUARE;
        SheetCut first = sheet.rollings().get(0);
        int shown = Math.min(first.pieces(), sheet.wanted());
        // The longer side lies across.
        boolean turned = height.compareTo(board) > 0;
        Length across = turned ? height : board;
        Length down = turned ? board : height;
        double scale = Math.min((WIDTH - 2 * LEFT - 160) / across.millimetres(), (HIGH - 70) / down.millimetres());
        Svg svg = Svg.picture(
                "sheet-picture",
                WIDTH,
                down.millimetres() * scale + 40,
                Sentence.of(
                        "A sheet of ",
                        Quantity.mm(board.millimetres()),
                        " by ",
                        Quantity.mm(height.millimetres()),
                        " gives ",
                        Count.of(shown, "piece"),
                        " at once."));
        String tone = Tones.of(lot.dough().family());
        double wide = across.millimetres() * scale;
        double high = down.millimetres() * scale;
        svg.add("rect", "x", LEFT, "y", 8, "width", wide, "height", high, "class", tone + " opacity-35");
        double size = cutter.millimetres() * scale;
        List<double[]> places = SheetCut.places(board, height, cutter, squares);
        for (double[] place : places.subList(0, Math.min(shown, places.size()))) {
            double x = LEFT + place[turned ? 1 : 0] * scale;
            double y = 8 + place[turned ? 0 : 1] * scale;
            if (squares) {
                svg.add(
                        "rect",
                        "x",
                        x - size / 2,
                        "y",
                        y - size / 2,
                        "width",
                        size,
                        "height",
                        size,
                        "class",
                        tone + " stroke-ink stroke-1");
            } else {
                svg.add("circle", "cx", x, "cy", y, "r", size / 2, "class", tone + " stroke-ink stroke-1");
            }
        }
        svg.text(
                Sentence.of(Quantity.mm(across.millimetres()), turned ? ", in as many parts as the board takes" : ""),
                "x",
                LEFT,
                "y",
                8 + high + 18,
                "class",
                "measure");
        double text = LEFT + wide + 12;
        svg.text(Quantity.mm(down.millimetres()), "x", text, "y", 22, "class", "measure");
        svg.text(
                Sentence.of(Quantity.fineMm(first.thickness().millimetres()), " thick (est.)"),
                "x",
                text,
                "y",
                40,
                "class",
                "quiet-small");
        double y = 58;
        for (int i = 1; i < sheet.rollings().size(); i++) {
            svg.text("rolled again: +" + sheet.rollings().get(i).pieces(), "x", text, "y", y, "class", "quiet-small");
            y += 18;
        }
        return svg.done();
    }

    /** One roll with the cuts of its slices. */
    private static Sentence strip(LotPlan lot) {
        double slice = lot.lot().shape().slice().millimetres();
        int pieces = lot.share().pieces();
        int each = Math.max(1, (int) Math.floor(lot.lot().cutting().board().millimetres() / slice + 1e-9));
        int rolls = (pieces + each - 1) / each;
        int longest = (pieces + rolls - 1) / rolls;
        double scale = Math.min(1.4, (WIDTH - 2 * LEFT) / (longest * slice));
        Svg svg = Svg.picture(
                "rope-picture",
                WIDTH,
                110,
                Sentence.of(Count.of(rolls, "roll") + " cut into " + Count.of(longest, "slice") + " at most."));
        String tone = Tones.of(lot.dough().family());
        svg.add("rect", "x", LEFT, "y", 20, "width", longest * slice * scale, "height", 44, "rx", 8, "class", tone);
        for (int i = 1; i < longest; i++) {
            svg.add("path", "d", "M" + Svg.number(LEFT + i * slice * scale) + " 14 V70", "class", Tones.CUT);
        }
        svg.text(
                Sentence.of(
                        Count.of(rolls, "roll"),
                        " of ",
                        Quantity.mm(longest * slice),
                        ", a slice every ",
                        Quantity.mm(slice)),
                "x",
                LEFT,
                "y",
                92,
                "class",
                "quiet-small");
        return svg.done();
    }
}
