package ironpin.wrapper;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Belief;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
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

    private static FoldLesson lesson(int pieces, double meant, int faults, double seconds) {
        return new FoldLesson(pieces, Optional.of(meant), Collections.nCopies(faults, meant), Optional.of(seconds));
    }

    /** 40 pieces of which 6 gaped say that this hand's purse holds less; the pace of one sitting goes a part of the way. */
    @Test
    public void judgedLotsTeachAFold() {
        Handiwork usual = Handiwork.usual(Fold.PURSE);
        assertEquals(FoldLesson.learned(Fold.PURSE, List.of()), usual);
        Handiwork one = FoldLesson.learned(Fold.PURSE, List.of(lesson(40, 65, 6, 50)));
        assertTrue(one.comfort().mean() < usual.comfort().mean() - 1, one.toString());
        assertEquals(one.comfort().lessons(), 40);
        assertTrue(one.seconds().mean() > 50 && one.seconds().mean() < 60, one.toString());
        Handiwork none = FoldLesson.learned(Fold.PURSE, List.of(lesson(40, 65, 2, 50)));
        assertEquals(none.comfort(), usual.comfort(), "two may have been slips");
        FoldLesson unknown = new FoldLesson(40, Optional.empty(), List.of(65.0, 65.0, 65.0, 65.0), Optional.empty());
        assertEquals(FoldLesson.learned(Fold.PURSE, List.of(unknown)), usual);
    }

    /** A hand that gets better is followed: after 400 good pieces nothing of the old faults is left. */
    @Test
    public void oldLessonsAreForgotten() {
        FoldLesson bad = lesson(40, 65, 20, 50);
        FoldLesson good = lesson(100, 65, 0, 50);
        Handiwork after = FoldLesson.learned(Fold.PURSE, List.of(bad, good, good, good, good));
        assertEquals(after.comfort(), Handiwork.usual(Fold.PURSE).comfort());
        Handiwork before = FoldLesson.learned(Fold.PURSE, List.of(bad, good, good, good));
        assertTrue(before.comfort().mean() != after.comfort().mean());
    }
}
