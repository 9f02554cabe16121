package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.crew.Crew;
import ironpin.plan.BatchPlan;
import ironpin.schedule.Solved;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import org.testng.annotations.Test;

public class TimetableTest {
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);

    /** Whatever is planned: everybody does one thing at a time, and nothing begins before its turn. */
    @Test
    public void aTimetableKeepsEveryOrder() {
        RandomBatches batches = new RandomBatches(9);
        for (int i = 0; i < 120; i++) {
            BatchPlan plan = BatchPlan.of(batches.next());
            Solved solved = Layout.first(plan.day());
            assertEquals(solved.checked().wrong(), List.of());
            Timetable table = plan.timetable();
            for (Timetable.Slot slot : table.slots()) {
                for (String before : slot.task().after()) {
                    assertTrue(!table.slot(before).end().isAfter(slot.start()));
                }
                boolean last = slot.task().of().equals(DayPlan.LAST)
                        // Nobody at the table waits for it.
                        || slot.task().of() instanceof TaskKey.Hardened
                        || slot.task().of() instanceof TaskKey.Bagged;
                boolean later = plan.batch().crew().plates().asReady();
                assertTrue(later || last || !slot.end().isAfter(table.serving()), slot.toString());
            }
            assertEquals(table.slot(DayPlan.SERVE).end(), table.serving());
            // Whatever is bagged after the meal is no plate.
            assertEquals(
                    table.lastPlates(),
                    table.find(DayPlan.LAST.text()).map(Timetable.Slot::end).orElse(table.serving()));
            table.slots().stream()
                    .filter(slot -> slot.task().of() instanceof TaskKey.Cooked)
                    .forEach(round -> assertTrue(!round.end().isAfter(table.lastPlates()), round.toString()));
        }
    }

    /** A rest, a cooling, a setting begins when the work before it ends: in the plan as in the kitchen. */
    @Test
    public void whatBeginsByItselfBeginsAtOnce() {
        RandomBatches batches = new RandomBatches(29);
        int seen = 0;
        for (int i = 0; i < 60; i++) {
            Timetable table = BatchPlan.of(batches.next().withCrew(Crew.USUAL)).timetable();
            for (Timetable.Slot slot : table.slots()) {
                if (slot.task().beginsByItself() && slot.task().after().size() == 1) {
                    assertEquals(
                            slot.start(), table.slot(slot.task().after().get(0)).end(), slot.toString());
                    seen++;
                }
            }
        }
        assertTrue(seen > 100, "only " + seen);
    }

    @Test
    public void movingTheServingTimeMovesEveryStepAsMuch() {
        RandomBatches batches = new RandomBatches(10);
        for (int i = 0; i < 60; i++) {
            // Whoever comes at a time of day does not come later with the table.
            Batch batch = batches.next().withCrew(Crew.USUAL);
            Timetable table = BatchPlan.of(batch).timetable();
            Timetable later = BatchPlan.of(batch.withServing(batch.serving().plusMinutes(95)))
                    .timetable();
            for (Timetable.Slot slot : table.slots()) {
                assertEquals(later.slot(slot.task().key()).start(), slot.start().plusMinutes(95));
            }
        }
    }

    @Test
    public void moreRestMeansAnEarlierStart() {
        Batch batch = Styles.start(Styles.get("boiled-crescent"), "Supper", SERVING, 6, Appetite.USUAL);
        ZonedDateTime start = BatchPlan.of(batch).timetable().latestStart();
        ZonedDateTime rested = BatchPlan.of(DoughField.REST.write(batch, Address.dough(1), 120))
                .timetable()
                .latestStart();
        assertEquals(Duration.between(rested, start).toMinutes(), 80);
    }
}
