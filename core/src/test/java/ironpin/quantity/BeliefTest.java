package ironpin.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

public class BeliefTest {
    @Test
    public void aBandHoldsItNineTimesInTen() {
        Belief belief = Belief.within(60, 70);
        assertEquals(belief.mean(), 65, 1e-12);
        assertEquals(belief.low(), 60, 1e-9);
        assertEquals(belief.high(), 70, 1e-9);
    }

    /** Two normal things of equal spread meet half way, and are surer together by √2. */
    @Test
    public void oneLessonOfTheSameSpreadMeetsHalfWay() {
        Belief after = new Belief(10, 2, 0).after(20, 2, 1);
        assertEquals(after.mean(), 15, 1e-12);
        assertEquals(after.spread(), 2 / Math.sqrt(2), 1e-12);
        assertEquals(after.lessons(), 1);
        Belief half = new Belief(10, 2, 0).after(20, 2, 0.5);
        assertEquals(half.mean(), 12, 1e-12);
    }

    @Test
    public void theOrderOfLessonsMakesNoDifferenceAndTheTruthIsHeldAsOftenAsSaid() {
        Random random = new Random(3);
        int held = 0;
        for (int i = 0; i < 2_000; i++) {
            double truth = 5 + 2 * random.nextGaussian();
            double[] seen = new double[5];
            for (int k = 0; k < seen.length; k++) {
                seen[k] = truth + 1.5 * random.nextGaussian();
            }
            Belief there = new Belief(5, 2, 0);
            Belief back = new Belief(5, 2, 0);
            for (int k = 0; k < seen.length; k++) {
                there = there.after(seen[k], 1.5, 1);
                back = back.after(seen[seen.length - 1 - k], 1.5, 1);
            }
            assertEquals(there.mean(), back.mean(), 1e-9);
            held += truth >= there.low() && truth <= there.high() ? 1 : 0;
        }
        assertTrue(held > 0.87 * 2_000 && held < 0.93 * 2_000, "held " + held);
    }

    @Test
    public void nonsenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Belief(Double.NaN, 1, 0));
        assertThrows(IllegalArgumentException.class, () -> new Belief(1, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Belief(1, 1, -1));
    }
}
