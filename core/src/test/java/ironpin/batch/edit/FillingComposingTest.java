package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.clock.Timetable;
import ironpin.filling.Composition;
import ironpin.filling.FillingFormula;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Percentage;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import org.testng.annotations.Test;

public class FillingComposingTest {
    private static final Batch SUPPER =
            Styles.start(Styles.get("boiled-crescent"), "S", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    /** 8 % mince and back fat of 85 % to 25 %: the square of 700 g, 545.5 and 154.5, in shares. */
    @Test
    public void theBlendFollowsPearsonsSquare() {
        Batch lean = FillingComposing.rename(SUPPER, 1, 0, "lamb mince, 8 % fat");
        FillingFormula after =
                FillingComposing.blend(lean, 1, Percentage.of(25)).filling(1).formula();
        assertEquals(after.lines().get(0).share().percent(), 55.2 * 545.4545 / 700, 1e-3);
        assertEquals(after.lines().get(1).share().percent(), 55.2 * 154.5455 / 700, 1e-3);
        assertEquals(after.lines().get(1).ingredient(), "back fat");
        assertEquals(
                after.lines().get(2).share(),
                lean.filling(1).formula().lines().get(1).share());
        Batch rich = FillingComposing.rename(SUPPER, 1, 0, "lamb mince, 30 % fat");
        assertEquals(FillingComposing.blend(rich, 1, Percentage.of(25)), rich);
    }

    @Test
    public void soupIsAQuarterOfTheFillingAndTheDayBeginsEarlierForIt() {
        Batch soup = FillingComposing.soup(SUPPER, 1);
        assertEquals(soup.filling(1).formula().aspic().orElseThrow(), Percentage.of(25));
        assertEquals(FillingComposing.soup(soup, 1), soup);
        Timetable before = BatchPlan.of(SUPPER).timetable();
        Timetable after = BatchPlan.of(soup).timetable();
        Duration earlier = Duration.between(after.latestStart(), before.latestStart());
        assertTrue(earlier.toMinutes() > 10, "earlier by " + earlier);
        assertTrue(Composition.of(soup.filling(1).formula()).unknown().isEmpty());
    }
}
