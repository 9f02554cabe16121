package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.plan.BatchPlan;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class TimetableTest {
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);

    private static Task task(String key, int minutes, Set<String> needs, String... after) {
        return new Task(
                key, Station.TABLE, key, "", Duration.ofMinutes(minutes), needs, List.of(after), List.of(), List.of());
    }

    @Test
    public void oneChainCountsBack() {
        Timetable table = Timetable.backwards(
                List.of(
                        task("mix", 15, Set.of(Task.HANDS)),
                        task("rest", 40, Set.of(), "mix"),
                        task("fill", 25, Set.of(Task.HANDS)),
                        task("fold", 60, Set.of(Task.HANDS), "rest", "fill"),
                        task("boil", 10, Set.of("pot"), "fold")),
                SERVING);
        assertEquals(table.latestStart(), SERVING.minusMinutes(10 + 60 + 40 + 15));
        assertEquals(table.slot("fill").end(), table.slot("fold").start());
    }

    @Test
    public void handsDoOneThingAtATimeAndNothingStartsBeforeItsTurn() {
        RandomBatches batches = new RandomBatches(9);
        for (int i = 0; i < 120; i++) {
            Timetable table = BatchPlan.of(batches.next()).timetable();
            List<Timetable.Slot> slots = table.slots();
            for (Timetable.Slot slot : slots) {
                assertTrue(!slot.end().isAfter(table.serving()));
                for (String before : slot.task().after()) {
                    assertTrue(!table.slot(before).end().isAfter(slot.start()));
                }
                for (Timetable.Slot other : slots) {
                    boolean share =
                            other.task().needs().stream().anyMatch(slot.task().needs()::contains);
                    boolean overlap =
                            slot.start().isBefore(other.end()) && other.start().isBefore(slot.end());
                    assertTrue(other == slot || !share || !overlap, slot + " and " + other);
                }
            }
        }
    }

    @Test
    public void movingTheServingTimeMovesEveryStepAsMuch() {
        RandomBatches batches = new RandomBatches(10);
        for (int i = 0; i < 200; i++) {
            Batch batch = batches.next();
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
        LocalDateTime start = BatchPlan.of(batch).timetable().latestStart();
        LocalDateTime rested = BatchPlan.of(DoughField.REST.write(batch, Address.dough(1), 120))
                .timetable()
                .latestStart();
        assertEquals(Duration.between(rested, start).toMinutes(), 80);
    }

    @Test
    public void aTaskCannotWaitForOneThatIsNotThere() {
        assertThrows(
                IllegalArgumentException.class,
                () -> Timetable.backwards(List.of(task("fold", 5, Set.of(), "mix")), SERVING));
    }
}
