package ironpin.solver;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.fail;

import ironpin.clock.Gap;
import ironpin.clock.Layout;
import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.schedule.Problem;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.time.LocalTime;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The lantern-night supper, three kinds for twelve, for one, two and three cooks. */
public class SupperTest {
    /** Counted back task by task for one pair of hands it began at 13:49, with pieces that waited nearly two hours. */
    private static final LocalTime COUNTED_BACK = LocalTime.of(13, 49);

    private final Solver solver = CpSat.orNobody(missing -> fail("the solver's library is not there", missing));

    @DataProvider
    public Object[][] cooks() {
        return new Object[][] {{1}, {2}, {3}};
    }

    @Test(dataProvider = "cooks")
    public void noWrappedPieceWaitsTooLongAndTheDayBeginsLater(int people) {
        BatchPlan plan = SolverComparison.supper(people);
        Problem problem = Layout.problem(plan.day());
        Solved first = Layout.first(plan.day());
        Solved solved = solver.improve(problem, first.answer(), Duration.ofSeconds(3));
        assertEquals(
                solved.checked().score().broken(), 0, solved.checked().wrong().toString());
        assertTrue(solved.checked().score().compareTo(first.checked().score()) <= 0);
        BatchPlan better = plan.laid(solved);
        for (Gap gap : better.gaps()) {
            // One cook for three kinds cannot keep everything; no wrapped piece waits too long for it.
            assertFalse(gap.broken() && (people > 1 || gap.kind() == Gap.Kind.PIECES_WAIT), gap.toString());
        }
        Timetable table = better.timetable();
        assertTrue(
                table.latestStart().toLocalTime().isAfter(COUNTED_BACK),
                table.latestStart().toString());
        assertEquals(table.slot("table.serve").end(), table.serving());
    }

    /** More hands never make it begin earlier. */
    @Test
    public void oneMoreHelps() {
        Duration before = null;
        for (int people = 1; people <= 3; people++) {
            BatchPlan plan = SolverComparison.supper(people);
            Solved solved = solver.improve(
                    Layout.problem(plan.day()), Layout.first(plan.day()).answer(), Duration.ofSeconds(3));
            Timetable table = plan.laid(solved).timetable();
            Duration day = Duration.between(table.latestStart(), table.serving());
            assertTrue(before == null || day.compareTo(before) < 0, people + ": " + day + " after " + before);
            before = day;
        }
    }
}
