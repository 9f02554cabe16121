package ironpin.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

public class TrialTest {
    /** Beta(2, 1) against Beta(1, 2): the square's part where y < x for densities 2x and 2(1−y) is 5/6. */
    @Test
    public void howSureItIsFollowsExactly() {
        assertEquals(new Trial(1, 1, 0, 1, false).sure(), 5 / 6.0, 1e-9);
        assertEquals(new Trial(0, 1, 1, 1, false).sure(), 1 / 6.0, 1e-9);
        assertEquals(new Trial(4, 40, 4, 40, true).sure(), 0.5, 1e-9);
        assertTrue(new Trial(8, 40, 1, 40, true).sure() > 0.98);
    }

    @Test
    public void whatIsSaidHasItsCounts() {
        assertEquals(new Trial(8, 40, 0, 0, true).result(), Trial.Result.OPEN);
        assertEquals(new Trial(8, 40, 1, 40, true).result(), Trial.Result.HELPED);
        assertEquals(new Trial(1, 40, 9, 40, true).result(), Trial.Result.WORSE);
        assertEquals(new Trial(6, 60, 6, 64, true).result(), Trial.Result.NOTHING);
        assertEquals(
                new Trial(8, 40, 1, 40, true).said(),
                "helped: 8 of 40 pieces before, 1 of 40 pieces after (99 % sure it is less)");
    }

    private static double helped(double before, double after, int batches, long seed) {
        Random random = new Random(seed);
        int pairs = 2_000;
        int helped = 0;
        for (int i = 0; i < pairs; i++) {
            int bad = bad(random, before, 48);
            int then = bad(random, after, 48 * batches);
            helped += new Trial(bad, 48, then, 48 * batches, true).result() == Trial.Result.HELPED ? 1 : 0;
        }
        return 100.0 * helped / pairs;
    }

    private static int bad(Random random, double share, int pieces) {
        int bad = 0;
        for (int i = 0; i < pieces; i++) {
            bad += random.nextDouble() < share ? 1 : 0;
        }
        return bad;
    }

    /** Simulated pairs of batches: without an effect it is seldom called a help; with the effect it is, after three. */
    @Test
    public void aChangeThatDoesNothingIsSeldomCalledAHelp() {
        for (double share : new double[] {0.06, 0.1, 0.15, 0.25}) {
            assertTrue(helped(share, share, 1, 1) <= 10, share + ": " + helped(share, share, 1, 1));
            assertTrue(helped(share, share, 3, 2) <= 10, share + ": " + helped(share, share, 3, 2));
        }
        // A tenth less filling takes the crescent from 15 % to 5 % lost (est.).
        assertTrue(helped(0.15, 0.05, 3, 3) >= 60, helped(0.15, 0.05, 3, 3) + " %");
    }
}
