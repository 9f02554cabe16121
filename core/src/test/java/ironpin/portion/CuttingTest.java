package ironpin.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Pieces out of sheets, and how even pieces are. */
public class CuttingTest {
    private static Length mm(double mm) {
        return Length.ofMillimetres(mm);
    }

    private static Cutting from(PortionSchool school, double board) {
        return new Cutting(school, mm(board));
    }

    /** Nothing is drawn twice over, nor beyond the sheet, and as much as is counted. */
    @Test
    public void piecesOfASheetDoNotOverlap() {
        Random luck = new Random(5);
        for (int i = 0; i < 400; i++) {
            Length width = mm(60 + luck.nextInt(500));
            Length height = mm(60 + luck.nextInt(500));
            Length cutter = mm(30 + luck.nextInt(90));
            boolean squares = luck.nextBoolean();
            List<double[]> places = SheetCut.places(width, height, cutter, squares);
            SheetCut cut = squares
                    ? SheetCut.squares(width, height, mm(2), cutter)
                    : SheetCut.rounds(width, height, mm(2), cutter);
            assertEquals(places.size(), cut.pieces(), width + " by " + height + ", " + cutter);
            double c = cutter.millimetres();
            for (int a = 0; a < places.size(); a++) {
                double[] one = places.get(a);
                assertTrue(one[0] >= c / 2 - 1e-6 && one[0] <= width.millimetres() - c / 2 + 1e-6);
                assertTrue(one[1] >= c / 2 - 1e-6 && one[1] <= height.millimetres() - c / 2 + 1e-6);
                for (int b = 0; b < a; b++) {
                    double[] other = places.get(b);
                    double apart = squares
                            ? Math.max(Math.abs(one[0] - other[0]), Math.abs(one[1] - other[1]))
                            : Math.hypot(one[0] - other[0], one[1] - other[1]);
                    assertTrue(apart >= c - 1e-6, "pieces " + a + " and " + b);
                }
            }
        }
    }

    /**
     * A board of 450 mm and a cutter of 90: rows of 5 and of 4 in the gaps, √3/2 apart, use π/4·4.5/0.866/5 = 81.6 % of a long
     * sheet; straight rows of 5 use π/4 = 78.5 %. Once more out of the rest, and 3.4 % are over.
     */
    @Test
    public void whatIsTakenIsWhatIsCutAndWhatIsOver() {
        double used = SheetCut.longSheet(mm(450), mm(90), false);
        assertEquals(used, Math.PI / 4 * 4.5 / (Math.sqrt(3) / 2) / 5, 1e-9);
        Cutting cutting = from(PortionSchool.CUTTER, 450);
        assertEquals(1 / cutting.taken(mm(90)), used + (1 - used) * used, 1e-9);
        assertEquals(from(PortionSchool.SQUARES, 450).taken(mm(90)), 1, 1e-9);
        assertEquals(1 / from(PortionSchool.SQUARES, 450).taken(mm(100)), 8 / 9.0 + 1 / 9.0 * 8 / 9, 1e-9);
        for (PortionSchool school : List.of(PortionSchool.ROPE, PortionSchool.RING, PortionSchool.HALVING)) {
            assertEquals(from(school, 450).taken(mm(90)), 1, 0);
        }
        assertEquals(
                from(PortionSchool.CUTTER, 200).taken(mm(350)), 1, 0, "a cutter wider than the board cuts nothing");
    }

    /** Every gram of the sheet is in a piece or over, whatever the board; and a sheet that is large enough gives all. */
    @Test
    public void rollingAgainLosesNothing() {
        Mass piece = Mass.ofGrams(13);
        for (int wanted = 10; wanted <= 120; wanted += 7) {
            Cutting cutting = from(PortionSchool.CUTTER, 450);
            Mass dough = piece.times(wanted).multipliedBy(cutting.taken(mm(85)));
            SheetPlan plan = SheetPlan.of(dough, piece, wanted, mm(85), cutting);
            Mass left = dough;
            for (SheetCut rolling : plan.rollings()) {
                assertEquals(rolling.sheet().grams(), left.grams(), 0.5);
                assertEquals(rolling.inPieces().grams(), piece.grams() * rolling.pieces(), 0.01 * rolling.pieces());
                left = rolling.trimmings();
            }
            assertTrue(plan.missing() <= 2, wanted + ": " + plan.missing() + " missing");
        }
        assertEquals(SheetPlan.thickness(Mass.ofGrams(1.22), mm(10), true).millimetres(), 10, 1e-6);
    }

    @Test
    public void ropesAreNoLongerThanTheBoard() {
        for (double board : new double[] {200, 450, 900}) {
            RopePlan rope = RopePlan.of(Mass.ofGrams(13), 90, mm(22), mm(board));
            assertTrue(rope.ropeLength().millimetres() <= board);
            assertEquals(rope.ropes() * rope.longest() - rope.shorterRopes(), 90);
        }
        assertTrue(RopePlan.of(Mass.ofGrams(13), 90, mm(22), mm(200)).ropes()
                > RopePlan.of(Mass.ofGrams(13), 90, mm(22), mm(900)).ropes());
    }

    /** 60 = 2 × 2 × 3 × 5: after every step all parts are alike, and no step asks for more than five. */
    @Test
    public void aTreeIsItsSteps() {
        List<CutTree.Cut> steps = CutTree.of(60).steps();
        assertEquals(steps.get(0), new CutTree.Cut(1, 2, 2));
        assertEquals(steps.get(3), new CutTree.Cut(12, 5, 60));
        for (int count = 1; count <= 300; count++) {
            int parts = 1;
            for (CutTree.Cut step : CutTree.of(count).steps()) {
                assertEquals(step.parts(), parts);
                assertEquals(step.after(), parts * step.into());
                parts = step.after();
            }
            assertEquals(parts, count);
        }
    }

    /** 10 of 10 g at 11 g each, and 10 of 20 g that rise by 0.2 g from one to the next. */
    @Test
    public void aHandIsKnownFromWhatWasWeighed() {
        List<Mass> rising = new java.util.ArrayList<>();
        for (int i = 0; i < 10; i++) {
            rising.add(Mass.ofGrams(19.1 + 0.2 * i));
        }
        Evenness hand = Evenness.of(List.of(
                        new Evenness.Sitting(Mass.ofGrams(10), java.util.Collections.nCopies(10, Mass.ofGrams(11))),
                        new Evenness.Sitting(Mass.ofGrams(20), rising)))
                .orElseThrow();
        assertEquals(hand.pieces(), 20);
        assertEquals(hand.meanShare(), (1.1 + 1.0) / 2, 1e-6);
        assertEquals(hand.driftShare(), 0.005, 1e-6);
        // Of ten in even steps of 0.2 g the standard deviation is 0.2·√(110/12) = 0.6055 g.
        assertEquals(hand.spread(), Math.sqrt(Math.pow(0.6055 / 20, 2) / 2), 1e-4);
        assertTrue(Evenness.of(List.of(new Evenness.Sitting(Mass.ofGrams(20), rising.subList(0, 9))))
                .isEmpty());
    }

    /** A normal spread has 31.7 % outside one standard deviation and 4.55 % outside two. */
    @Test
    public void unevenPiecesLieOutside() {
        assertEquals(Evenness.outside(0.08, 0.08), 0.3173, 1e-4);
        assertEquals(Evenness.outside(0.04, 0.08), 0.0455, 1e-4);
        assertEquals(Evenness.outside(0, 0.08), 0, 0);
    }
}
