package ironpin.portion;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Length;
import ironpin.refusal.Refused;

/**
 * How a lot's pieces are cut.
 *
 * @param school ring, rope, halves, or out of a sheet
 * @param board how long the board is: no rope is longer, and a sheet as wide, 150 to 1,500 mm
 */
@RecordBuilder
public record Cutting(PortionSchool school, Length board) implements CuttingBuilder.With {
    /** Ropes on a board as long as a forearm: longer ropes thin out under their own weight. */
    public static final Cutting USUAL = new Cutting(PortionSchool.ROPE, Length.ofMillimetres(450));

    private static final double SHORTEST_MM = 150;
    private static final double LONGEST_MM = 1_500;

    public Cutting {
        if (board.millimetres() < SHORTEST_MM || board.millimetres() > LONGEST_MM) {
            throw new Refused("a board is 150 to 1,500 mm long, not " + board);
        }
    }

    /**
     * Dough that is taken for each gram that ends in a piece (est.): of a sheet what lies between the pieces is rolled once more,
     * and then over. For long sheets, so that it does not depend on the count; {@link SheetPlan} has the count's own.
     *
     * @param cutter width of a round, or side of a square
     * @return 1 or more
     */
    public double taken(Length cutter) {
        if (!school.sheet()) {
            return 1;
        }
        double used = SheetCut.longSheet(board, cutter, school == PortionSchool.SQUARES);
        return used == 0 ? 1 : 1 / (used + (1 - used) * used);
    }
}
