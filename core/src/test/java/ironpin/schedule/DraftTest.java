package ironpin.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DraftTest {
    @DataProvider
    public Object[][] evenings() {
        return EveningCases.begun();
    }

    @Test(dataProvider = "evenings")
    public void anEveningBeginsWhenItWasWorkedOutByHand(String name, Problem evening, int begins) {
        Answer answer = Draft.backwards(evening, Draft.AT_ONCE);
        Checked checked = Checked.of(evening, answer);
        assertTrue(checked.score().kept(), name + " " + checked);
        assertEquals(checked.score().start(), begins, name + " " + answer);
    }

    /** Mixing took ten minutes longer: the table is ten minutes later, and the rest is as long as it must be. */
    @Test
    public void aLateStepMakesTheTableLateAndNoRestShorter() {
        Problem asPlanned = Evening.of(1).problem();
        Answer planned = Draft.backwards(asPlanned, Draft.AT_ONCE);
        Problem now = Evening.of(1).mixedIn(20).problem();
        Answer answer = Draft.forwards(now, planned, Draft.AT_ONCE);
        Checked checked = Checked.of(now, answer);
        assertTrue(checked.score().kept(), checked.toString());
        assertEquals(answer.slots().get(Evening.SERVE).end(), Evening.at(19, 10));
        assertEquals(checked.score().late(), 10);
        assertTrue(answer.gap(now.lags().get(2)) >= 30);
    }

    /** What comes after the table is done as soon as it can be, not on the next day because it may. */
    @Test
    public void whatNobodyWaitsForIsDoneSoon() {
        Problem evening = Evening.of(1).problem();
        int hard = evening.jobs().size();
        List<Job> jobs = new ArrayList<>(evening.jobs());
        jobs.add(Job.alone("hard", 90));
        jobs.add(Job.manned("bag", "table", false, List.of(new Mode(List.of(0), 5))));
        List<Lag> lags = new ArrayList<>(evening.lags());
        lags.add(Lag.between("trays", Evening.SERVE, hard, 0, 600));
        lags.add(Lag.between("bags", hard, hard + 1, 0, 900));
        Problem freezing = new Problem(
                jobs, lags, evening.holds(), evening.rooms(), evening.workers(), evening.target(), evening.due());
        Answer answer = Draft.backwards(freezing, Draft.AT_ONCE);
        assertTrue(Checked.of(freezing, answer).score().kept(), answer.toString());
        int served = answer.slots().get(Evening.SERVE).end();
        assertEquals(answer.slots().get(hard), new Answer.Slot(served, served + 90, -1));
        assertEquals(answer.slots().get(hard + 1).start(), served + 90);
    }

    /** The same where it was only put there: no rest is shorter, the table is as late as it must be, and what is left begins late. */
    @Test
    public void whatIsPutTooLateMakesTheTableLateAndNoMore() {
        Problem put = Evening.of(1).mixingPut(20).problem();
        Checked checked = Checked.of(put, Draft.backwards(put, Draft.AT_ONCE));
        assertTrue(checked.score().kept(), checked.toString());
        assertEquals(checked.score().late(), 10);
        assertEquals(checked.score().start(), Evening.at(17, 55));
        // Where a later table does not help, what is in the way is named.
        Problem gone = Evening.of(1).mixingPut(20).until(18, 30).problem();
        Checked never = Checked.of(gone, Draft.backwards(gone, Draft.AT_ONCE));
        assertTrue(never.wrong().stream().anyMatch(wrong -> wrong.kind() == Wrong.Kind.AWAY), never.toString());
    }

    /** A first answer breaks nothing that every order keeps, and is never better than trying them all. */
    @Test
    public void aFirstAnswerIsOneOfTheOrders() {
        SmallKitchens kitchens = new SmallKitchens(13);
        int solvable = 0;
        int equal = 0;
        for (int i = 0; i < 70; i++) {
            Problem problem = kitchens.next();
            OptionalInt best = EveryOrder.latestStart(problem);
            Checked checked = Checked.of(problem, Draft.backwards(problem, Draft.AT_ONCE));
            if (checked.score().kept()) {
                assertTrue(best.isPresent(), "kept what cannot be kept: " + problem);
                assertTrue(checked.score().start() <= best.getAsInt(), problem.toString());
            }
            if (best.isPresent()) {
                solvable++;
                equal += checked.score().kept() && checked.score().start() == best.getAsInt() ? 1 : 0;
            }
        }
        assertTrue(solvable > 30 && solvable < 69, "solvable " + solvable);
        assertTrue(equal >= 0.75 * solvable, equal + " of " + solvable);
    }
}
