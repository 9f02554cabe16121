package ironpin.wrapper;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Belief;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class ComfortTest {
    private static final Belief USUAL = Handiwork.usual(Fold.HALF_MOON).comfort();

    private static List<Comfort.Trial> trials(int held, int failed, double share) {
        List<Comfort.Trial> all = new ArrayList<>();
        for (int i = 0; i < held + failed; i++) {
            all.add(new Comfort.Trial(share, i < failed));
        }
        return all;
    }

    /** At the comfortable share one in twenty fails; 5 points over it 19·e⁻¹ to one hold: 12.5 %. */
    @Test
    public void oneInTwentyFailsAtEase() {
        assertEquals(Comfort.fails(65, 65), 0.05, 1e-12);
        assertEquals(Comfort.fails(70, 65), 1 / (1 + 19 / Math.E), 1e-12);
        assertTrue(Comfort.fails(60, 65) < 0.05);
    }

    @Test
    public void littleTeachesNothing() {
        assertEquals(Comfort.learned(USUAL, trials(17, 2, 70)), USUAL);
        assertEquals(Comfort.learned(USUAL, trials(60, 2, 70)), USUAL);
        assertEquals(Comfort.learned(USUAL, trials(15, 4, 70)), USUAL);
    }

    @Test
    public void manyBurstsMakeItLessAndFewMakeItSurer() {
        Belief less = Comfort.learned(USUAL, trials(28, 12, 60));
        assertTrue(less.mean() < 60, less.toString());
        assertEquals(less.lessons(), 40);
        assertTrue(less.spread() < USUAL.spread());
        Belief more = Comfort.learned(USUAL, trials(197, 3, 70));
        assertTrue(more.mean() > USUAL.mean(), more.toString());
    }

    /** A cook whose own share is 55 %, filling between 45 and 75 %: after enough pieces it is found, within its own uncertainty. */
    @Test
    public void aCooksOwnShareIsFound() {
        int close = 0;
        for (int seed = 0; seed < 40; seed++) {
            Random luck = new Random(seed);
            List<Comfort.Trial> trials = new ArrayList<>();
            for (int i = 0; i < 300; i++) {
                double share = 45 + 30 * luck.nextDouble();
                trials.add(new Comfort.Trial(share, luck.nextDouble() < Comfort.fails(share, 55)));
            }
            Belief found = Comfort.learned(USUAL, trials);
            close += Math.abs(found.mean() - 55) <= 2 * found.spread() ? 1 : 0;
            assertEquals(found.mean(), 55, 4, "seed " + seed);
        }
        assertTrue(close >= 36, close + " of 40 within twice the uncertainty");
    }
}
