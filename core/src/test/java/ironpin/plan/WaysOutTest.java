package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Batch;
import ironpin.batch.edit.Fix;
import ironpin.clock.Forecast;
import ironpin.clock.Standing;
import ironpin.quantity.UnitSystem;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

/** Half an hour late with three rounds to boil. */
public class WaysOutTest {
    private static final Batch BATCH = Situation.batch("boiled-crescent 6");
    private static final BatchPlan PLAN = BatchPlan.of(BATCH);

    private static Forecast late(BatchPlan plan, Duration by) {
        ZonedDateTime now = PLAN.timetable().latestStart().plus(by);
        return Forecast.of(
                plan.day(), plan.timetable(), Standing.of(plan.timetable(), Optional.empty(), Map.of(), Map.of(), now));
    }

    private static List<Fix> ways(Duration by) {
        Finding said = Findings.start(PLAN, Optional.of(late(PLAN, by)));
        assertEquals(said.saying(), Saying.LATE);
        return said.fixes();
    }

    @Test
    public void aLaterTableIsAsMuchLaterAsItSays() {
        Fix later = ways(Duration.ofMinutes(30)).get(0);
        Batch then = later.applyTo(BATCH);
        long minutes = Duration.between(BATCH.serving(), then.serving()).toMinutes();
        assertTrue(minutes >= 30 && minutes <= 50, minutes + " min");
        assertTrue(
                later.label()
                        .render(UnitSystem.METRIC)
                        .endsWith(then.serving().toLocalTime().toString()),
                later.toString());
        assertFalse(late(BatchPlan.of(then), Duration.ofMinutes(30)).isLate());
    }

    /** The last round into the freezer brings the table forward by as much as its button says. */
    @Test
    public void freezingTheLastRoundIsOfferedAndKeepsItsWord() {
        Batch supper = Situation.batch(
                "boiled-crescent+steamed-leaf+griddle-bread 16; people=2; fridge-trays=8; plates=AS_READY");
        BatchPlan plan = BatchPlan.of(supper);
        ZonedDateTime now = plan.timetable().latestStart().plusMinutes(40);
        Standing standing = Standing.of(plan.timetable(), Optional.empty(), Map.of(), Map.of(), now);
        Forecast late = Forecast.of(plan.day(), plan.timetable(), standing);
        List<Fix> ways = Findings.start(plan, Optional.of(late)).fixes();
        List<Fix> frozen = ways.stream()
                .filter(way -> way.label().render(UnitSystem.METRIC).startsWith("Freeze"))
                .toList();
        assertFalse(frozen.isEmpty(), ways.toString());
        for (Fix way : frozen) {
            BatchPlan less = BatchPlan.of(way.applyTo(supper));
            Forecast then = Forecast.again(less.day(), plan.timetable(), standing);
            String table = then.isLate() ? "table at " + then.serving().toLocalTime() : "19:00";
            assertTrue(way.label().render(UnitSystem.METRIC).contains(table), way + " and then " + then.serving());
            assertTrue(late.late().minus(then.late()).toMinutes() >= 4, way.toString());
            assertEquals(
                    less.batch().lots().stream()
                            .mapToInt(lot -> lot.toFreezer())
                            .sum(),
                    supper.lots().stream().mapToInt(lot -> lot.toFreezer()).sum()
                            + Integer.parseInt(
                                    way.label().render(UnitSystem.METRIC).replaceAll("\\D*(\\d+).*", "$1")));
        }
    }

    /** Everything put off by as much keeps the plan: nothing that is found may be worse. */
    @Test
    public void aDayThatBeginsLateIsLaterByNoMore() {
        for (int eaters : new int[] {14, 16, 18}) {
            BatchPlan plan = BatchPlan.of(Situation.batch("boiled-crescent+steamed-leaf+griddle-bread " + eaters
                    + "; people=2; fridge-trays=8; plates=AS_READY"));
            for (int minutes : new int[] {5, 20, 50, 80}) {
                ZonedDateTime now = plan.timetable().latestStart().plusMinutes(minutes);
                Forecast late = Forecast.of(
                        plan.day(),
                        plan.timetable(),
                        Standing.of(plan.timetable(), Optional.empty(), Map.of(), Map.of(), now));
                assertTrue(late.late().toMinutes() <= minutes, eaters + " eat, " + minutes + " min: " + late.late());
            }
        }
    }

    @Test
    public void inTimeNothingIsOffered() {
        assertTrue(Findings.start(PLAN, Optional.of(late(PLAN, Duration.ZERO)))
                .fixes()
                .isEmpty());
    }
}
