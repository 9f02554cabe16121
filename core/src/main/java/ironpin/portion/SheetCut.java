package ironpin.portion;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * Pieces cut out of a rolled sheet, side by side. Rounds lie in rows; each row stands straight above the one before, a cutter's
 * width on, or in its gaps, {@code √3/2} of that on.
 *
 * @param pieces how many the sheet gives
 * @param sheet mass of the sheet
 * @param inPieces mass of what was cut out
 * @param thickness of the sheet
 */
public record SheetCut(int pieces, Mass sheet, Mass inPieces, Length thickness) {
    private static final double NEXT_IN_THE_GAPS = Math.sqrt(3) / 2;

    /** What a cutter may touch without cutting: a hair, so that a row that just fits is not lost to rounding. */
    private static final double HAIR = 1e-9;

    /**
     * Rounds out of a rectangle.
     *
     * @param width of the sheet
     * @param height of the sheet
     * @param cutter across
     * @throws Refused if one of them, or the thickness, is nothing
     */
    public static SheetCut rounds(Length width, Length height, Length thickness, Length cutter) {
        demand(width, height, thickness, cutter);
        double w = width.millimetres() / cutter.millimetres();
        double h = height.millimetres() / cutter.millimetres();
        double radius = cutter.centimetres() / 2;
        return of(Math.max(rounds(w, h), rounds(h, w)), width, height, thickness, Math.PI * radius * radius);
    }

    /** Squares out of a rectangle. @param side of a square @throws Refused if one of them, or the thickness, is nothing */
    public static SheetCut squares(Length width, Length height, Length thickness, Length side) {
        demand(width, height, thickness, side);
        int across = whole(width.millimetres() / side.millimetres());
        int down = whole(height.millimetres() / side.millimetres());
        return of(across * down, width, height, thickness, side.centimetres() * side.centimetres());
    }

    /**
     * Share of a sheet that ends in pieces when it is so long that its end does not count.
     *
     * @param width of the sheet
     * @param cutter width of a round, or side of a square
     * @return 0 if none fits
     */
    public static double longSheet(Length width, Length cutter, boolean squares) {
        demand(width, cutter);
        double w = width.millimetres() / cutter.millimetres();
        if (squares) {
            return whole(w) / w;
        }
        double straight = whole(w);
        double inGaps = (straight + whole(w - 0.5)) / 2 / NEXT_IN_THE_GAPS;
        return Math.PI / 4 * Math.max(straight, inGaps) / w;
    }

    /** How high a sheet of this width is rolled out of so much dough. */
    public static Length height(Mass dough, Length width, Length thickness) {
        double areaCm2 = areaCm2(dough, thickness);
        return Length.ofMillimetres(areaCm2 / width.centimetres() * 10);
    }

    /** What so much dough covers at a thickness, cm². */
    public static double areaCm2(Mass dough, Length thickness) {
        return dough.grams() / RopePlan.DOUGH_DENSITY / thickness.centimetres();
    }

    /**
     * Where the pieces lie on the sheet: each one's middle, mm from the left and from the near edge.
     *
     * @throws Refused if one of them is nothing
     */
    public static List<double[]> places(Length width, Length height, Length cutter, boolean squares) {
        demand(width, height, cutter);
        double c = cutter.millimetres();
        double w = width.millimetres() / c;
        double h = height.millimetres() / c;
        List<double[]> found = new ArrayList<>();
        if (squares) {
            for (int j = 0; j < whole(h); j++) {
                for (int i = 0; i < whole(w); i++) {
                    found.add(new double[] {(i + 0.5) * c, (j + 0.5) * c});
                }
            }
            return found;
        }
        boolean turned = rounds(h, w) > rounds(w, h);
        for (double[] one : turned ? rows(h, w) : rows(w, h)) {
            found.add(turned ? new double[] {one[1] * c, one[0] * c} : new double[] {one[0] * c, one[1] * c});
        }
        return found;
    }

    /** The rows of {@link #rounds(double, double)}: those straight above one another first, then those in gaps. */
    private static List<double[]> rows(double w, double h) {
        int straight = whole(w);
        int between = whole(w - 0.5);
        int best = -1;
        int inGaps = 0;
        for (int p = 0; straight > 0 && 1 + p * NEXT_IN_THE_GAPS <= h + HAIR; p++) {
            int count = (1 + p + whole(h - 1 - p * NEXT_IN_THE_GAPS)) * straight - (p + 1) / 2 * (straight - between);
            if (count > best) {
                best = count;
                inGaps = p;
            }
        }
        List<double[]> found = new ArrayList<>();
        int above = best < 0 ? -1 : whole(h - 1 - inGaps * NEXT_IN_THE_GAPS);
        for (int row = 0; row <= above + (above < 0 ? 0 : inGaps); row++) {
            int gaps = Math.max(0, row - above);
            boolean shifted = gaps % 2 == 1;
            double y = 0.5 + Math.min(row, above) + gaps * NEXT_IN_THE_GAPS;
            for (int i = 0; i < (shifted ? between : straight); i++) {
                found.add(new double[] {i + (shifted ? 1 : 0.5), y});
            }
        }
        return found;
    }

    /** What is left between the pieces: rolled out once more, or over. */
    public Mass trimmings() {
        return sheet.minus(inPieces);
    }

    /**
     * Sizes in cutters: with p rows in gaps of the rows before, {@code 1 + (rows−1−p) + p·√3/2} is their height. A row in the
     * gaps may hold one less; of p changes at least every other leads into such a row.
     */
    private static int rounds(double w, double h) {
        int straight = whole(w);
        int between = whole(w - 0.5);
        int best = 0;
        for (int p = 0; straight > 0 && 1 + p * NEXT_IN_THE_GAPS <= h + HAIR; p++) {
            int rows = 1 + p + whole(h - 1 - p * NEXT_IN_THE_GAPS);
            int shorter = (p + 1) / 2;
            best = Math.max(best, rows * straight - shorter * (straight - between));
        }
        return best;
    }

    private static int whole(double number) {
        return (int) Math.max(0, Math.floor(number + HAIR));
    }

    private static SheetCut of(int pieces, Length width, Length height, Length thickness, double pieceCm2) {
        double grams = RopePlan.DOUGH_DENSITY * thickness.centimetres();
        return new SheetCut(
                pieces,
                Mass.ofGrams(grams * width.centimetres() * height.centimetres()),
                Mass.ofGrams(grams * pieceCm2 * pieces),
                thickness);
    }

    private static void demand(Length... lengths) {
        for (Length one : lengths) {
            if (one.micrometres() <= 0) {
                throw new Refused("a sheet has a width, a height and a thickness, and a cutter is wider than nothing");
            }
        }
    }
}
