package ironpin.rehearsal;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;

public class CardTest {
    /** The one that is meant is always further from how it should be, at whichever side, and the known card is the harder one. */
    @Test
    public void theOneThatIsMeantIsTheOneThatIsWrong() {
        for (Card card : Card.values()) {
            double right = asItShouldBe(card);
            int left = 0;
            double easy = 0;
            double hard = 0;
            for (int seed = 0; seed < 200; seed++) {
                for (int box = 0; box < Card.BOXES; box++) {
                    Card.Pair pair = card.pair(seed, box);
                    double meant = (pair.meantLeft() ? pair.left() : pair.right()).amount();
                    double other = (pair.meantLeft() ? pair.right() : pair.left()).amount();
                    assertTrue(Math.abs(meant - right) > 1.5 * Math.abs(other - right), card + " " + pair);
                    left += pair.meantLeft() ? 1 : 0;
                    easy += box == 0 ? Math.abs(meant - other) : 0;
                    hard += box == Card.BOXES - 1 ? Math.abs(meant - other) : 0;
                }
            }
            assertTrue(left > 400 && left < 600, card + ": " + left + " of 1,000 at the left");
            assertTrue(hard < 0.75 * easy, card + ": " + hard + " against " + easy);
        }
    }

    /** A dough that wants nothing is at nought, a piece is well filled at four fifths of its room, everything else is whole. */
    private static double asItShouldBe(Card card) {
        return switch (card) {
            case WATER, FLOUR -> 0;
            case FULL -> 0.8;
            case REST, LONG, CROWDED, RAW -> 1;
        };
    }

    @Test
    public void aRightAnswerGoesOnAndAWrongOneBack() {
        assertEquals(Card.after(0, true), 1);
        assertEquals(Card.after(4, true), 4);
        assertEquals(Card.after(3, false), 0);
    }
}
