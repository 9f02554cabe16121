package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.crew.OwnMinutes;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import org.testng.annotations.Test;

public class OwnTimeTest {
    private static final Batch SUPPER = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 4, Appetite.USUAL);

    private static BatchPlan plan(OwnMinutes own) {
        return BatchPlan.of(SUPPER, Hand.UNKNOWN.with(own));
    }

    private static Task knead(BatchPlan plan) {
        return plan.day().tasks().stream()
                .filter(task -> OwnTime.kind(task).filter("knead"::equals).isPresent())
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aCookWhoKneadsHalfAsLongStartsLater() {
        BatchPlan usual = plan(OwnMinutes.NONE);
        BatchPlan quick = plan(OwnMinutes.NONE.said("knead", 50));
        Duration before = knead(usual).time();
        Duration after = knead(quick).time();
        assertEquals(after.toMinutes(), Math.round(before.toMinutes() * 0.5));
        ZonedDateTime then = usual.timetable().latestStart();
        // What is on the way to the table begins later by what is saved; if something else decides, no earlier.
        assertFalse(quick.timetable().latestStart().isBefore(then));
        String said = knead(quick).detail().render(UnitSystem.METRIC);
        assertTrue(said.contains("Your own minutes, from 1 time; usually " + before.toMinutes() + " min."), said);
        // Its timer runs as long as it does.
        assertEquals(knead(quick).spells().get(0).time(), after);
    }

    @Test
    public void whatIsSaidHoldsAndWhatIsTimedClosesIn() {
        OwnMinutes said = OwnMinutes.NONE.after("knead", 180).said("knead", 40);
        assertEquals(said.time("knead", Duration.ofMinutes(10)), Duration.ofMinutes(4));
        OwnMinutes timed = OwnMinutes.NONE;
        double spread = Double.MAX_VALUE;
        for (double percent : new double[] {155, 140, 150, 152, 147}) {
            timed = timed.after("make a filling", percent);
            double now = timed.of("make a filling").orElseThrow().spread();
            assertTrue(now < spread);
            spread = now;
        }
        // The mean of the five is 148.8.
        assertEquals(timed.of("make a filling").orElseThrow().mean(), 148.8, 0.5);
        assertEquals(timed.time("make a filling", Duration.ofMinutes(20)), Duration.ofMinutes(30));
        assertEquals(timed.time("something else", Duration.ofMinutes(20)), Duration.ofMinutes(20));
    }

    /** Fire, rests and shaping have reasons of their own. */
    @Test
    public void onlyWhatHandsDoToDoughAndFillingIsTheCooksOwn() {
        for (Task task : plan(OwnMinutes.NONE).day().tasks()) {
            boolean own = OwnTime.kind(task).isPresent();
            boolean hands = task.work() instanceof Work.Throughout;
            assertTrue(hands || !own, task.title());
            boolean prepares = task.of() instanceof TaskKey.OfDough || task.of() instanceof TaskKey.OfFilling;
            assertEquals(own, prepares && hands, task.title());
        }
    }
}
