package ironpin.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

public class PortionTest {
    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    @Test
    public void aRopeOf22MillimetresWeighsWhatItsSectionSays() {
        // 1.22·π·2.2²/4 = 4.638 g/cm, so 13 g are 2.80 cm.
        assertEquals(RopePlan.gramsPerCm(mm(22)), 4.638, 5e-4);
        assertEquals(RopePlan.of(Mass.ofGrams(13), 40, mm(22)).cut().millimetres(), 28.0, 0.05);
    }

    @Test
    public void everyCountIsDividedByEyeOrItsNeighboursAre() {
        for (int count = 1; count <= 300; count++) {
            CutTree tree = CutTree.of(count);
            assertEquals((int) tree.factors().stream().reduce(1, (a, b) -> a * b), count);
            boolean smooth = smooth(count);
            assertEquals(tree.byEye(), smooth, "" + count);
            assertEquals(tree.nearest().isEmpty(), smooth);
            if (!smooth) {
                int below = tree.nearest().get(0);
                int above = tree.nearest().get(1);
                assertTrue(below < count && count < above && smooth(below) && smooth(above));
                for (int between = below + 1; between < above; between++) {
                    assertTrue(!smooth(between), between + " lies between " + tree.nearest());
                }
            }
        }
        assertEquals(CutTree.of(30).factors(), List.of(2, 3, 5));
        assertEquals(CutTree.of(17).nearest(), List.of(16, 18));
        assertThrows(Refused.class, () -> CutTree.of(0));
    }

    private static boolean smooth(int count) {
        int rest = count;
        for (int prime : new int[] {2, 3, 5}) {
            while (rest % prime == 0) {
                rest /= prime;
            }
        }
        return rest == 1;
    }

    @Test
    public void aSheetOf500GramsCoversItsVolume() {
        // 500 / 1.22 / 0.2 = 2,049 cm².
        assertEquals(SheetCut.areaCm2(Mass.ofGrams(500), mm(2)), 2_049, 0.5);
        assertEquals(SheetCut.height(Mass.ofGrams(500), mm(455), mm(2)).millimetres(), 450.4, 0.1);
        SheetCut cut = SheetCut.rounds(mm(455), mm(450), mm(2), mm(80));
        assertEquals(cut.pieces(), 30);
        // 45.5·45·0.2·1.22 = 499.6 g; thirty rounds of 50.27 cm² are 368.0 g.
        assertEquals(cut.sheet().grams(), 499.6, 0.05);
        assertEquals(cut.trimmings().grams(), 499.59 - 367.95, 0.05);
        assertEquals(SheetCut.squares(mm(455), mm(450), mm(2), mm(80)).pieces(), 25);
        assertEquals(SheetCut.squares(mm(160), mm(79), mm(2), mm(80)).pieces(), 0);
        assertThrows(Refused.class, () -> SheetCut.rounds(mm(455), mm(450), mm(0), mm(80)));
    }

    @Test
    public void roundsAreAsManyAsTheBestOrderOfRowsGives() {
        Random random = new Random(5);
        for (int i = 0; i < 400; i++) {
            double w = 40 + random.nextInt(460);
            double h = 40 + random.nextInt(460);
            double d = 40 + random.nextInt(80);
            int best = Math.max(tried(w / d, h / d), tried(h / d, w / d));
            assertEquals(SheetCut.rounds(mm(w), mm(h), mm(2), mm(d)).pieces(), best, w + " by " + h + ", " + d);
        }
    }

    /** Every row straight above or in the gaps of the one before, tried one after another. */
    private static int tried(double w, double h) {
        return h < 1 ? 0 : tried(w, h - 1, false);
    }

    private static int tried(double w, double left, boolean shifted) {
        int here = (int) Math.max(0, Math.floor(w - (shifted ? 0.5 : 0) + 1e-9));
        int more = 0;
        if (left >= 1 - 1e-9) {
            more = tried(w, left - 1, shifted);
        }
        if (left >= Math.sqrt(3) / 2 - 1e-9) {
            more = Math.max(more, tried(w, left - Math.sqrt(3) / 2, !shifted));
        }
        return here + more;
    }

    @Test
    public void theRestIsSharedOutAnewAfterEachPiece() {
        Tally tally =
                new Tally(Mass.ofGrams(60), 4, List.of()).with(Mass.ofGrams(18)).with(Mass.ofGrams(12));
        assertEquals(tally.plannedEach().grams(), 15, 1e-6);
        assertEquals(tally.target().orElseThrow().grams(), 15, 1e-6);
        assertEquals(tally.with(Mass.ofGrams(20)).target().orElseThrow().grams(), 10, 1e-6);
        assertEquals(tally.mean().orElseThrow().grams(), 15, 1e-6);
        // Two pieces 3 g from their mean: √(18/1) = 4.243 g, of 15 g.
        assertEquals(tally.spread().orElseThrow(), 4.2426 / 15, 1e-4);
        assertEquals(tally.driftGrams().orElseThrow(), -6, 1e-6);
        assertEquals(tally.trade(), Optional.of(new Tally.Trade(1, 2, Mass.ofGrams(2))));
        assertEquals(tally.traded(tally.trade().orElseThrow()).weighed(), List.of(Mass.ofGrams(16), Mass.ofGrams(14)));
        assertEquals(tally.undone().weighed(), List.of(Mass.ofGrams(18)));
        assertEquals(tally.left().grams(), 30, 1e-6);
        Tally over = tally.with(Mass.ofGrams(30));
        assertEquals(over.target(), Optional.empty());
        assertThrows(Refused.class, () -> over.with(Mass.ofGrams(1)).with(Mass.ofGrams(1)));
        assertThrows(Refused.class, () -> tally.with(Mass.ZERO));
        assertThrows(Refused.class, () -> tally.traded(new Tally.Trade(3, 1, Mass.ofGrams(1))));
    }

    private static Tally tally(double... grams) {
        Tally tally = new Tally(Mass.ofGrams(150), 10, List.of());
        for (double one : grams) {
            tally = tally.with(Mass.ofGrams(one));
        }
        return tally;
    }

    /** 15, 16, 18, 15: Σ(i − 1.5)(g − 16) = 1.5 + 0 + 1 − 1.5 over Σ(i − 1.5)² = 5. */
    @Test
    public void driftIsTheSlopeOfTheBestLine() {
        assertEquals(tally(15, 16, 18, 15).driftGrams().orElseThrow(), 0.2, 1e-9);
        assertEquals(tally(15).driftGrams(), Optional.empty());
    }

    /** The band of 15 g is 13.8 to 16.2: what helps the worst piece leaves the other inside. */
    @Test
    public void aPinchNeverPushesItsGiverOut() {
        assertEquals(tally(16, 12).trade(), Optional.of(new Tally.Trade(1, 2, Mass.ofGrams(2))));
        assertEquals(tally(14.9, 12).trade(), Optional.of(new Tally.Trade(1, 2, Mass.ofGrams(1))));
        assertEquals(tally(14.7, 12).trade(), Optional.empty());
        assertEquals(tally(20, 14.9).trade(), Optional.of(new Tally.Trade(1, 2, Mass.ofGrams(1))));
        assertEquals(tally(20, 13.9).trade(), Optional.of(new Tally.Trade(1, 2, Mass.ofGrams(2))));
        assertEquals(tally(13.8, 16.2).trade(), Optional.empty());
        assertEquals(tally(15, 12, 17, 12.5).trade().orElseThrow().from(), 3);
        assertEquals(tally(15, 12, 17, 12.5).trade().orElseThrow().to(), 2);
    }

    /** Squares of 20 mm on 100 by 65 mm are five by three, and 400 of 6,500 mm² each. */
    @Test
    public void squaresFillASheetButForItsEdges() {
        SheetCut cut = SheetCut.squares(mm(100), mm(65), mm(2), mm(20));
        assertEquals(cut.pieces(), 15);
        assertEquals(SheetCut.places(mm(100), mm(65), mm(20), true).size(), 15);
        assertEquals(cut.trimmings().grams(), 10 * 0.5 * 0.2 * RopePlan.DOUGH_DENSITY, 1e-6);
        assertThrows(Refused.class, () -> SheetCut.squares(mm(0), mm(65), mm(2), mm(20)));
        assertThrows(Refused.class, () -> SheetCut.longSheet(mm(100), mm(0), true));
        assertThrows(Refused.class, () -> SheetCut.places(mm(100), mm(65), mm(0), false));
        assertEquals(SheetPlan.thickness(Mass.ofGrams(1.22 * 0.8), mm(20), true).millimetres(), 2, 1e-6);
        assertEquals(
                SheetPlan.thickness(Mass.ofGrams(1.22 * 0.2 * Math.PI), mm(20), false)
                        .millimetres(),
                2,
                1e-5);
    }

    /** 100 g of dough are ten pieces of 10 g at the utmost; of thirty that are wanted the rest is missing, and none of seven. */
    @Test
    public void whatASheetDoesNotYieldIsMissing() {
        Cutting cutter = new Cutting(PortionSchool.CUTTER, mm(450));
        SheetPlan plan = SheetPlan.of(Mass.ofGrams(100), Mass.ofGrams(10), 30, mm(60), cutter);
        assertTrue(plan.pieces() > 7 && plan.pieces() <= 10, plan.toString());
        assertEquals(plan.missing(), 30 - plan.pieces());
        assertEquals(
                SheetPlan.of(Mass.ofGrams(100), Mass.ofGrams(10), 7, mm(60), cutter)
                        .missing(),
                0);
        Cutting squares = new Cutting(PortionSchool.SQUARES, mm(450));
        assertTrue(SheetPlan.of(Mass.ofGrams(100), Mass.ofGrams(10), 30, mm(60), squares)
                        .pieces()
                >= 9);
        assertTrue(PortionSchool.ROPE.rope() && !PortionSchool.CUTTER.rope() && !PortionSchool.SQUARES.rope());
        for (PortionSchool one : PortionSchool.values()) {
            assertTrue(one.spread() > 0 && one.spread() < 0.3, one.label());
        }
    }

    @Test
    public void aGramTooFewIsNoTrade() {
        Tally even = new Tally(Mass.ofGrams(60), 4, List.of(Mass.ofGrams(15.6), Mass.ofGrams(14.5)));
        assertEquals(even.trade(), Optional.empty());
        assertTrue(even.inBand(Mass.ofGrams(16.2)) && !even.inBand(Mass.ofGrams(16.3)));
        assertTrue(even.inBand(Mass.ofGrams(13.8)) && !even.inBand(Mass.ofGrams(13.7)));
    }

    /** A hand that cuts with this spread and grows heavier along the rope, aiming at what it is told. */
    private static List<Mass> cut(long seed, boolean advised) {
        Random random = new Random(seed);
        Tally tally = new Tally(Mass.ofGrams(600), 40, List.of());
        List<Mass> pieces = new ArrayList<>();
        double aimed = tally.plannedEach().grams();
        while (tally.open() > 0 && tally.left().grams() > 1) {
            double drift = 1 + 0.03 * pieces.size() / 40;
            double grams = Math.min(tally.left().grams(), aimed * drift * (1 + 0.05 * random.nextGaussian()));
            // The last of the dough is the last piece, whatever it weighs.
            grams = tally.open() == 1 ? tally.left().grams() : grams;
            pieces.add(Mass.ofGrams(grams));
            tally = tally.with(Mass.ofGrams(grams));
            for (int i = 0; advised && i < 5 && tally.trade().isPresent(); i++) {
                tally = tally.traded(tally.trade().orElseThrow());
            }
            aimed = advised ? tally.target().map(Mass::grams).orElse(aimed) : aimed;
        }
        return advised ? tally.weighed() : pieces;
    }

    @Test
    public void theAdviceBringsTheLastPieceHome() {
        int advised = 0;
        int unadvised = 0;
        int allInBand = 0;
        for (int seed = 0; seed < 100; seed++) {
            advised += home(cut(seed, true)) ? 1 : 0;
            unadvised += home(cut(seed, false)) ? 1 : 0;
            Tally plan = new Tally(Mass.ofGrams(600), 40, List.of());
            allInBand += cut(seed, true).stream().allMatch(plan::inBand) ? 1 : 0;
        }
        assertTrue(advised >= 95, advised + " of 100 with the advice");
        assertTrue(allInBand >= 90, allInBand + " of 100 with every piece in the band");
        assertTrue(unadvised <= 40, unadvised + " of 100 without it");
    }

    private static boolean home(List<Mass> pieces) {
        Tally tally = new Tally(Mass.ofGrams(600), 40, List.of());
        return pieces.size() == 40 && tally.inBand(pieces.get(39));
    }
}
