package ironpin.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.fail;

import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Evening;
import ironpin.schedule.EveningCases;
import ironpin.schedule.EveryOrder;
import ironpin.schedule.Lag;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.SmallKitchens;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CpSatTest {
    private static final Duration EFFORT = Duration.ofSeconds(2);
    private final Solver solver = CpSat.orNobody(missing -> fail("the solver's library is not there", missing));

    @DataProvider
    public Object[][] evenings() {
        return EveningCases.begun();
    }

    @Test(dataProvider = "evenings")
    public void anEveningIsProven(String name, Problem evening, int begins) {
        Solved solved = solver.improve(evening, Draft.backwards(evening, 1), EFFORT);
        assertTrue(solved.checked().score().kept(), name);
        assertTrue(solved.proof().all(), name);
        assertEquals(solved.checked().score().start(), begins, name);
    }

    @Test
    public void aLateEveningIsNoLaterThanItMustBe() {
        Problem now = Evening.of(1).mixedIn(20).problem();
        Answer first = Draft.forwards(now, Draft.backwards(Evening.of(1).problem(), 1), 1);
        Solved solved = solver.improve(now, first, EFFORT);
        assertTrue(solved.proof().latestStart());
        assertEquals(solved.checked().score().late(), 10);
    }

    /** Small kitchens: as late as trying every order; where no order keeps every gap, the gaps it names are the ones in the way. */
    @Test
    public void itEqualsTryingEveryOrder() {
        SmallKitchens kitchens = new SmallKitchens(27);
        int solvable = 0;
        int named = 0;
        int late = 0;
        for (int i = 0; i < 300; i++) {
            Problem problem = kitchens.next();
            Solved solved = solver.improve(problem, Draft.backwards(problem, 4), EFFORT);
            OptionalInt best = EveryOrder.latestStart(problem);
            Score score = solved.checked().score();
            if (best.isPresent()) {
                solvable++;
                assertTrue(score.kept(), i + " keeps not what can be kept " + solved + problem);
                assertTrue(solved.proof().latestStart(), i + " is not proven");
                assertEquals(score.late(), 0);
                assertEquals(score.start(), best.getAsInt(), i + " " + problem);
            } else if (score.kept()) {
                late++;
                assertTrue(EveryOrder.latestStart(due(problem, score.late())).isPresent(), i + " " + solved);
                assertTrue(
                        EveryOrder.latestStart(due(problem, score.late() - 1)).isEmpty(), i + " " + solved);
            } else if (score.broken() == 0) {
                named++;
                Problem freed = due(without(problem, solved), score.late());
                assertTrue(EveryOrder.latestStart(freed).isPresent(), i + " " + solved);
            }
        }
        assertTrue(solvable > 150 && named > 8, solvable + " solvable, " + named + " with a gap named, late " + late);
    }

    /** What has been put somewhere stays there, and makes the table as late as every order would, and no later. */
    @Test
    public void whatIsPutMakesItNoLaterThanItMust() {
        SmallKitchens kitchens = new SmallKitchens(41);
        int late = 0;
        int named = 0;
        int never = 0;
        for (int i = 0; i < 80; i++) {
            Problem problem = kitchens.nextHeld();
            Solved solved = solver.improve(problem, Draft.backwards(problem, 4), EFFORT);
            Score score = solved.checked().score();
            if (score.kept()) {
                late += score.late() > 0 ? 1 : 0;
                assertTrue(EveryOrder.latestStart(due(problem, score.late())).isPresent(), i + " " + solved);
                assertTrue(
                        score.late() == 0
                                || EveryOrder.latestStart(due(problem, score.late() - 1))
                                        .isEmpty(),
                        i + " could be earlier than " + score.late() + problem);
            } else if (score.broken() == 0) {
                // A table is not later for the sake of a gap: the one in the way is named.
                named++;
                assertTrue(
                        EveryOrder.latestStart(due(without(problem, solved), score.late()))
                                .isPresent(),
                        i + " " + solved);
            } else {
                never++;
                for (int more = 0; more <= 60; more += 4) {
                    assertTrue(
                            EveryOrder.latestStart(due(problem, more)).isEmpty(),
                            i + " could be kept " + more + problem);
                }
            }
        }
        assertTrue(late > 10 && named > 10, late + " late, " + named + " named, " + never + " never");
    }

    /** The same, due this much later. */
    private static Problem due(Problem problem, int later) {
        return new Problem(
                problem.jobs(),
                problem.lags(),
                problem.holds(),
                problem.rooms(),
                problem.workers(),
                problem.target(),
                problem.due() + later);
    }

    /** The same without the greatest length of the gaps that were too long. */
    private static Problem without(Problem problem, Solved solved) {
        List<Lag> lags = new ArrayList<>();
        for (int i = 0; i < problem.lags().size(); i++) {
            Lag lag = problem.lags().get(i);
            boolean longer = solved.checked().longer().containsKey(i);
            lags.add(
                    longer
                            ? new Lag(
                                    lag.key(),
                                    lag.from(),
                                    lag.to(),
                                    lag.least(),
                                    OptionalInt.empty(),
                                    Optional.empty(),
                                    1)
                            : lag);
        }
        return new Problem(
                problem.jobs(),
                lags,
                problem.holds(),
                problem.rooms(),
                problem.workers(),
                problem.target(),
                problem.due());
    }

    @Test
    public void theSameProblemGivesTheSameAnswer() {
        SmallKitchens kitchens = new SmallKitchens(31);
        for (int i = 0; i < 40; i++) {
            Problem problem = kitchens.next();
            Answer first = Draft.backwards(problem, Draft.AT_ONCE);
            assertEquals(Draft.backwards(problem, Draft.AT_ONCE), first);
            assertEquals(solver.improve(problem, first, EFFORT), solver.improve(problem, first, EFFORT));
        }
    }
}
