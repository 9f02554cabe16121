package ironpin.portion;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.ArrayList;
import java.util.List;

/**
 * Pieces out of a sheet as wide as the board: rolled, cut, the trimmings rolled again and cut, until there are enough or no piece
 * comes any more.
 *
 * @param rollings one after another, each of the trimmings of the one before
 * @param heights how long each sheet is rolled
 * @param wanted pieces that are to come
 */
public record SheetPlan(List<SheetCut> rollings, List<Length> heights, int wanted) {
    private static final int MOST_ROLLINGS = 6;

    public SheetPlan {
        rollings = List.copyOf(rollings);
        heights = List.copyOf(heights);
    }

    /**
     * @param dough all there is for them
     * @param piece mass of one, above 0
     * @param cutter width of a round, or side of a square, above 0
     * @throws ironpin.refusal.Refused if a size is nothing
     */
    public static SheetPlan of(Mass dough, Mass piece, int wanted, Length cutter, Cutting cutting) {
        boolean squares = cutting.school() == PortionSchool.SQUARES;
        Length thick = thickness(piece, cutter, squares);
        List<SheetCut> rollings = new ArrayList<>();
        List<Length> heights = new ArrayList<>();
        Mass left = dough;
        int cut = 0;
        while (rollings.size() < MOST_ROLLINGS && left.compareTo(piece) >= 0 && cut < wanted) {
            // A last scrap is rolled no wider than it needs to be.
            Length width = narrower(left, thick, cutter, cutting.board());
            Length height = SheetCut.height(left, width, thick);
            SheetCut sheet = squares
                    ? SheetCut.squares(width, height, thick, cutter)
                    : SheetCut.rounds(width, height, thick, cutter);
            if (sheet.pieces() == 0) {
                break;
            }
            rollings.add(sheet);
            heights.add(height);
            cut += sheet.pieces();
            left = sheet.trimmings();
        }
        return new SheetPlan(rollings, heights, wanted);
    }

    /** How thick a sheet is out of which a piece weighs this. */
    public static Length thickness(Mass piece, Length cutter, boolean square) {
        double cm = cutter.centimetres();
        double areaCm2 = square ? cm * cm : Math.PI * cm * cm / 4;
        return Length.ofMillimetres(piece.grams() / RopePlan.DOUGH_DENSITY / areaCm2 * 10);
    }

    private static Length narrower(Mass dough, Length thick, Length cutter, Length board) {
        double across = board.millimetres();
        double area = SheetCut.areaCm2(dough, thick) * 100;
        return area / across >= cutter.millimetres()
                ? board
                : Length.ofMillimetres(Math.max(cutter.millimetres(), Math.min(across, area / cutter.millimetres())));
    }

    /** Pieces that come out of all of them; the last rolling may give more than are wanted. */
    public int pieces() {
        return rollings.stream().mapToInt(SheetCut::pieces).sum();
    }

    /** How many are missing. */
    public int missing() {
        return Math.max(0, wanted - pieces());
    }
}
