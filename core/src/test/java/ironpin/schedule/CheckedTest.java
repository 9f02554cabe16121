package ironpin.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whoever found an answer: what is wrong with it is seen, and by how much. */
public class CheckedTest {
    private static final int MIX = 0;
    private static final int SHAPE = 1;
    private static final int ROUND = 2;
    private static final int OTHER = 3;
    private static final int SERVE = 4;

    /** Ada mixes 10, then shapes 20 and may be called away; two rounds on one burner, which Ada touches; Bo, there from 50 on, serves. */
    private static final Problem PROBLEM = new Problem(
            List.of(
                    Job.manned("mix", "dough", false, List.of(new Mode(List.of(0), 10))),
                    Job.manned("shape", "shaping", true, List.of(new Mode(List.of(0), 20))),
                    Job.touched("round", "fire", 10, List.of(0), List.of(new Touch(0, 1), new Touch(8, 2))),
                    Job.touched("other", "fire", 10, List.of(0), List.of(new Touch(0, 1), new Touch(8, 2)))
                            .from(20),
                    Job.manned("serve", "table", false, List.of(new Mode(List.of(1), 5)))),
            List.of(
                    Lag.between("rests", MIX, SHAPE, 5, 15),
                    Lag.between("waits", ROUND, SERVE, 0, 12).sheltered(new Lag.Shelter(1, 1, OptionalInt.of(18))),
                    Lag.between("waits too", OTHER, SERVE, 0, 12)
                            .sheltered(new Lag.Shelter(1, 1, OptionalInt.empty()))),
            List.of(Hold.during(0, 1, ROUND), Hold.during(0, 1, OTHER)),
            List.of(new Room("burner", 1), new Room("oven", 1)),
            List.of(Worker.always("Ada"), new Worker("Bo", 50, 90)),
            SERVE,
            65);

    private static Answer answer(Set<Integer> sheltered, int... startsAndEnds) {
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < startsAndEnds.length; i += 2) {
            slots.add(new Answer.Slot(startsAndEnds[i], startsAndEnds[i + 1], 0));
        }
        return new Answer(slots, sheltered);
    }

    @Test
    public void whatIsRightIsRight() {
        // Shaping is left for the four touches of which three lie in it, 1 + 2 + 1 long.
        Checked checked = Checked.of(PROBLEM, answer(Set.of(), 0, 10, 15, 39, 22, 32, 36, 46, 58, 63));
        assertEquals(checked.wrong(), List.of());
        // One gap lasts 26, 14 over its twelve, the other 12.
        assertEquals(checked.score(), new Score(0, 14, 0, 0, 26 + 12, 1));
        assertEquals(checked.longer(), Map.of(1, 14));
    }

    /** A moved day takes its answer along, looked at anew; another day does not. */
    @Test
    public void anAnswerGoesAlongWhereOnlyHoursMove() {
        Solved best = Solved.unproven(PROBLEM, answer(Set.of(), 0, 10, 15, 39, 22, 32, 36, 46, 58, 63));
        assertEquals(best.carried(PROBLEM, hours(-60)).orElseThrow().checked(), best.checked());
        Solved late = best.carried(PROBLEM, hours(5)).orElseThrow();
        assertEquals(late.checked().wrong().size(), 1, "Ada is not there yet");
        assertEquals(late.proof(), Solved.Proof.NONE);
        List<Job> longer = new ArrayList<>(PROBLEM.jobs());
        longer.set(MIX, Job.manned("mix", "dough", false, List.of(new Mode(List.of(0), 11))));
        assertTrue(best.carried(PROBLEM, PROBLEM.with(longer)).isEmpty());
    }

    private static Problem hours(int adaComes) {
        List<Worker> workers =
                List.of(new Worker("Ada", adaComes, 500), PROBLEM.workers().get(1));
        return new Problem(
                PROBLEM.jobs(),
                PROBLEM.lags(),
                PROBLEM.holds(),
                PROBLEM.rooms(),
                workers,
                PROBLEM.target(),
                PROBLEM.due());
    }

    @DataProvider
    public Object[][] wrongs() {
        return new Object[][] {
            {"too soon", answer(Set.of(), 0, 10, 12, 36, 22, 32, 36, 46, 58, 63), Wrong.Kind.TOO_SOON, 3},
            {"too early", answer(Set.of(), 0, 10, 45, 65, 34, 44, 19, 29, 70, 75), Wrong.Kind.MISPLACED, 1},
            {"too short", answer(Set.of(), 0, 10, 15, 38, 22, 32, 36, 46, 58, 63), Wrong.Kind.MISPLACED, 1},
            {"not there yet", answer(Set.of(), 0, 10, 15, 39, 22, 32, 36, 46, 47, 52), Wrong.Kind.AWAY, 3},
            {"gone", answer(Set.of(), 0, 10, 15, 39, 22, 32, 36, 46, 89, 94), Wrong.Kind.AWAY, 4},
            {"at once", answer(Set.of(), 0, 10, 15, 35, 9, 19, 36, 46, 58, 63), Wrong.Kind.AT_ONCE, 1},
            {"one burner", answer(Set.of(), 0, 10, 15, 39, 22, 32, 29, 39, 58, 63), Wrong.Kind.FULL, 3},
            {"one oven", answer(Set.of(1, 2), 0, 10, 45, 65, 24, 34, 35, 45, 50, 55), Wrong.Kind.FULL, 5},
        };
    }

    @Test(dataProvider = "wrongs")
    public void whatIsWrongIsSeen(String name, Answer answer, Wrong.Kind kind, int ticks) {
        Checked checked = Checked.of(PROBLEM, answer);
        List<Wrong> found =
                checked.wrong().stream().filter(one -> one.kind() == kind).toList();
        assertTrue(found.stream().anyMatch(one -> one.ticks() == ticks), name + checked.wrong());
        assertTrue(checked.score().broken() >= ticks);
        for (Wrong wrong : found) {
            String said = wrong.text(PROBLEM);
            assertTrue(
                    PROBLEM.jobs().stream().map(Job::key).anyMatch(said::contains) || said.matches(".*(burner|oven)"),
                    said);
        }
    }

    /** A gap lasts longer in its shelter, up to what it may there; shelters are given while there is room. */
    @Test
    public void whatWaitsInItsShelterMayWaitLonger() {
        Answer late = answer(Set.of(), 0, 10, 15, 39, 22, 32, 36, 46, 52, 57);
        assertEquals(Checked.of(PROBLEM, late).longer(), Map.of(1, 8));
        Answer sheltered = answer(Set.of(1), 0, 10, 15, 39, 22, 32, 36, 46, 52, 57);
        assertEquals(Checked.of(PROBLEM, sheltered).longer(), Map.of(1, 2));
        // It would be too long in there as well, so it is not put there.
        assertEquals(Shelters.of(PROBLEM, late), Set.of());
        Answer both = answer(Set.of(), 0, 10, 60, 80, 32, 42, 44, 54, 60, 65);
        assertEquals(Shelters.of(PROBLEM, both), Set.of(1));
        Answer later = answer(Set.of(), 0, 10, 60, 80, 22, 32, 33, 43, 60, 65);
        assertEquals(Shelters.of(PROBLEM, later), Set.of(2));
    }
}
