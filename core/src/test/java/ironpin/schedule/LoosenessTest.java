package ironpin.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;

public class LoosenessTest {
    /** Mix 17:35, rest from 17:45, filling 17:45 or 17:55, shape 18:15: the filling can move by ten minutes, nothing else. */
    @Test
    public void onlyTheFillingInsideTheRestCanMove() {
        Problem evening = Evening.of(1).problem();
        Answer answer = Draft.backwards(evening, Draft.AT_ONCE);
        Looseness looseness = Looseness.of(evening, answer);
        int[] slack = looseness.slack();
        assertEquals(slack[Evening.MIX], 0);
        assertEquals(slack[Evening.SHAPE], 0);
        assertEquals(slack[Evening.SERVE], 0);
        assertEquals(slack[Evening.FILLING], 10);
        assertEquals(looseness.chain().get(0), Integer.valueOf(Evening.MIX));
        assertEquals(looseness.chain().get(looseness.chain().size() - 1), Integer.valueOf(Evening.SERVE));
        assertTrue(looseness.chain().contains(Evening.SHAPE));
    }

    /** Whatever is laid out: a job moved by less than its slack, alone and in its range, breaks no order it has to keep. */
    @Test
    public void slackIsNeverNegativeAndTheChainLeadsFromTheFirstToTheLast() {
        SmallKitchens kitchens = new SmallKitchens(5);
        for (int i = 0; i < 80; i++) {
            Problem problem = kitchens.next();
            Answer answer = Draft.backwards(problem, 8);
            Looseness looseness = Looseness.of(problem, answer);
            for (int one : looseness.slack()) {
                assertTrue(one >= 0);
            }
            List<Integer> chain = looseness.chain();
            for (int k = 1; k < chain.size(); k++) {
                assertTrue(answer.slots().get(chain.get(k - 1)).start()
                        <= answer.slots().get(chain.get(k)).start());
            }
        }
    }

    /** What was laid out by somebody else finds its shelter again, as far as there is room. */
    @Test
    public void aRestThatIsTooLongIsFoundInTheFridge() {
        Problem evening = Evening.of(1).filling(60).withFridge().problem();
        Answer answer = Draft.backwards(evening, Draft.AT_ONCE);
        assertEquals(answer.sheltered().size(), 1);
        assertEquals(Shelters.of(evening, new Answer(answer.slots(), java.util.Set.of())), answer.sheltered());
        Problem without = Evening.of(1).filling(60).problem();
        assertEquals(Shelters.of(without, answer).size(), 0);
    }
}
