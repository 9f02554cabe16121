package ironpin.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Percentage;
import java.util.Random;
import org.testng.annotations.Test;

public class AbsorptionTest {
    /** A step of a correction at the bench, in points of hydration. */
    private static final double STEP = 1.5;

    private static final double DAY_TO_DAY = 1.4;

    /** A cook who corrects by whole steps until the dough is within half a step of what it wants that day. */
    private static Absorption afterBatches(double truth, int batches, Random random) {
        Absorption known = Absorption.UNKNOWN;
        for (int i = 0; i < batches; i++) {
            double planned = known.offset().percent();
            double wanted = truth + DAY_TO_DAY * random.nextGaussian();
            double corrected = planned + STEP * Math.rint((wanted - planned) / STEP);
            known = known.after(Percentage.of(corrected), 1);
        }
        return known;
    }

    @Test
    public void itClosesInOnWhatTheFlourReallyWants() {
        Random random = new Random(5);
        for (double truth : new double[] {-4, -1, 0, 2.1, 5}) {
            double early = 0;
            double late = 0;
            for (int cook = 0; cook < 400; cook++) {
                early += Math.abs(afterBatches(truth, 2, random).offset().percent() - truth);
                late += Math.abs(afterBatches(truth, 30, random).offset().percent() - truth);
            }
            assertTrue(late / 400 < 0.35, "after 30 batches still " + late / 400 + " points off " + truth);
            assertTrue(late < early);
        }
    }

    @Test
    public void itsUncertaintyCoversTheTruthAsOftenAsItClaims() {
        Random random = new Random(8);
        for (int batches : new int[] {1, 3, 8, 20}) {
            int covered = 0;
            int cooks = 4_000;
            for (int cook = 0; cook < cooks; cook++) {
                double truth = Absorption.BAGS_DIFFER * random.nextGaussian();
                Absorption known = afterBatches(truth, batches, random);
                covered += known.likely().contains(Percentage.of(truth)) ? 1 : 0;
            }
            assertEquals((double) covered / cooks, 0.9, 0.025, "after " + batches + " batches");
        }
    }

    @Test
    public void oneBatchMovesItByTheRuleOfANormalMean() {
        Absorption known = Absorption.UNKNOWN.after(Percentage.of(3), 1);
        // 2.5² against 1.5²: 6.25 / (6.25 + 2.25) of the way.
        assertEquals(known.offset().percent(), 3 * 6.25 / 8.5, 1e-5);
        assertEquals(known.spread().percent(), Math.sqrt(6.25 * 2.25 / 8.5), 1e-5);
        assertEquals(known.batches(), 1);
        Absorption half = Absorption.UNKNOWN.after(Percentage.of(3), 0.5);
        assertTrue(half.offset().compareTo(known.offset()) < 0);
        assertTrue(half.spread().compareTo(known.spread()) > 0);
    }

    @Test
    public void theOrderOfBatchesDoesNotMatter() {
        Percentage dry = Percentage.of(4);
        Percentage wet = Percentage.of(-1);
        Absorption one = Absorption.UNKNOWN.after(dry, 1).after(wet, 0.7);
        Absorption other = Absorption.UNKNOWN.after(wet, 0.7).after(dry, 1);
        assertEquals(one.offset().percent(), other.offset().percent(), 1e-5);
        assertEquals(one.spread().percent(), other.spread().percent(), 1e-5);
    }

    @Test
    public void nonsenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Absorption.typed(Percentage.of(31)));
        assertThrows(IllegalArgumentException.class, () -> Absorption.UNKNOWN.after(Percentage.ZERO, 0));
        assertThrows(IllegalArgumentException.class, () -> Absorption.UNKNOWN.after(Percentage.ZERO, 1.1));
        assertThrows(IllegalArgumentException.class, () -> new Absorption(Percentage.ZERO, Percentage.ZERO, 0));
        assertThrows(IllegalArgumentException.class, () -> Price.perKilogram(-1));
    }
}
