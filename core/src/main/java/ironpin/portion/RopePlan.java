package ironpin.portion;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;

/**
 * Ropes to roll and where to cut them: {@code λ = ρ·πD²/4}, cut length = piece ÷ λ.
 *
 * @param diameter thickness of the rope
 * @param cut length of rope that weighs one piece
 * @param ropes how many ropes of about equal length
 * @param longest pieces in the longest rope; the others have as many or one less
 * @param pieces pieces in all
 */
public record RopePlan(Length diameter, Length cut, int ropes, int longest, int pieces) {
    /** Density of an unleavened wheat dough, g/cm³. */
    public static final double DOUGH_DENSITY = 1.22;

    /**
     * @param piece mass of one piece, above 0
     * @param pieces how many, 0 or more
     * @param diameter thickness of the rope, above 0
     * @throws IllegalArgumentException if the piece or the rope is nothing
     */
    public static RopePlan of(Mass piece, int pieces, Length diameter) {
        return of(piece, pieces, diameter, Cutting.USUAL.board());
    }

    /**
     * As {@link #of(Mass, int, Length)}.
     *
     * @param board no rope is longer, unless a single piece is
     */
    public static RopePlan of(Mass piece, int pieces, Length diameter, Length board) {
        if (piece.micrograms() <= 0 || diameter.micrometres() <= 0 || pieces < 0) {
            throw new IllegalArgumentException("a rope needs a thickness and pieces that weigh something");
        }
        double cutCm = piece.grams() / gramsPerCm(diameter);
        int fit = Math.max(1, (int) Math.floor(board.centimetres() / cutCm));
        int ropes = Math.max(1, ceilDiv(pieces, fit));
        return new RopePlan(diameter, Length.ofMillimetres(cutCm * 10), ropes, ceilDiv(pieces, ropes), pieces);
    }

    /** Mass of one centimetre of rope, g/cm. */
    public static double gramsPerCm(Length diameter) {
        return DOUGH_DENSITY * Math.PI * diameter.centimetres() * diameter.centimetres() / 4;
    }

    /** Length of the longest rope. */
    public Length ropeLength() {
        return Length.ofMillimetres(cut.millimetres() * longest);
    }

    /** How many ropes have one piece less than the longest. */
    public int shorterRopes() {
        return ropes * longest - pieces;
    }

    private static int ceilDiv(int a, int b) {
        return (a + b - 1) / b;
    }
}
