package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.RandomBatches;
import ironpin.cook.Start;
import ironpin.plan.BatchPlan;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import org.testng.annotations.Test;

public class GapsTest {
    private static final LocalDateTime SEVEN = LocalDateTime.of(2026, 11, 28, 19, 0);

    private static Gap gap(BatchPlan plan, Gap.Kind kind, int no) {
        return plan.gaps().stream()
                .filter(gap -> gap.kind() == kind && gap.no() == no)
                .findFirst()
                .orElseThrow();
    }

    private static Timetable.Slot slot(BatchPlan plan, String key) {
        return plan.timetable().slots().stream()
                .filter(slot -> slot.task().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Whatever is planned, a gap is as long as the slots of the day lie apart, and no shorter for what waited before. */
    @Test
    public void everyWaitIsReadOffTheDay() {
        RandomBatches random = new RandomBatches(5);
        for (int i = 0; i < 150; i++) {
            Batch batch = random.next();
            BatchPlan plan = BatchPlan.of(batch);
            for (Gap gap : plan.gaps()) {
                assertFalse(gap.longest().isNegative(), batch + " " + gap);
                assertTrue(gap.until().compareTo(gap.longest()) >= 0, gap.toString());
                assertEquals(gap.broken(), gap.longest().compareTo(gap.most()) > 0, gap.toString());
            }
            Batch later = batch.withServing(batch.serving().plusDays(3));
            boolean comes =
                    batch.crew().people().stream().anyMatch(one -> one.comes().isPresent());
            assertTrue(comes || BatchPlan.of(later).gaps().equals(plan.gaps()));
            for (Lot lot : batch.lots()) {
                boolean cooks = !plan.lot(lot.no()).rounds().sizes().isEmpty()
                        || plan.lot(lot.no()).share().toFreezer() > 0;
                assertEquals(
                        plan.gaps().stream()
                                .filter(gap -> gap.kind() == Gap.Kind.PIECES_WAIT && gap.no() == lot.no())
                                .count(),
                        cooks && !lot.stashed() ? 1 : 0);
            }
        }
    }

    /** A rest counts from the mixing on: what a dough waits before its tray is made counts with what it waits after. */
    @Test
    public void whatWaitedBeforeCounts() {
        BatchPlan plan = BatchPlan.of(Styles.start(Styles.get("boiled-crescent"), "Supper", SEVEN, 6, Appetite.USUAL));
        for (Wait wait : plan.day().waits()) {
            Duration waited = plan.timetable().waited(wait);
            assertEquals(
                    plan.timetable().waited(wait.waited(wait.before().plusMinutes(20))),
                    waited.plusMinutes(20),
                    "" + wait);
        }
        Wait rests = plan.day().waits().stream()
                .filter(wait ->
                        wait.kind() == Gap.Kind.DOUGH_RESTS && wait.before().toMinutes() > 0)
                .findFirst()
                .orElseThrow();
        ZonedDateTime shaped = plan.timetable().slots().stream()
                .filter(slot -> slot.task().of() instanceof TaskKey.Shaped)
                .map(Timetable.Slot::end)
                .max(ZonedDateTime::compareTo)
                .orElseThrow();
        Duration after = Duration.between(plan.timetable().slot(rests.from()).end(), shaped);
        assertEquals(gap(plan, Gap.Kind.DOUGH_RESTS, 1).until(), rests.before().plus(after));
    }

    /** What is made for the freezer alone is out of the fridge until its last tray is in it. */
    @Test
    public void theColdChainIsCountedToTheFreezer() {
        Batch six = Styles.start(Styles.get("boiled-crescent"), "Stash", SEVEN, 6, Appetite.USUAL);
        BatchPlan plan = BatchPlan.of(six.mapLot(1, lot -> lot.withToFreezer(180)));
        Timetable day = plan.timetable();
        ZonedDateTime lastIn = day.slots().stream()
                .filter(slot -> slot.task().of() instanceof TaskKey.Frozen)
                .map(Timetable.Slot::end)
                .max(ZonedDateTime::compareTo)
                .orElseThrow();
        Duration firstToLast = Duration.between(slot(plan, "lot-1.shape-1").start(), lastIn);
        Gap out = gap(plan, Gap.Kind.FILLING_IS_OUT, 1);
        assertTrue(firstToLast.compareTo(Limits.OUT_OF_THE_FRIDGE) > 0, "180 take longer: " + firstToLast);
        assertTrue(out.broken(), out.toString());
        assertTrue(out.longest().compareTo(firstToLast) >= 0, out + " " + firstToLast);
        assertTrue(slot(plan, "lot-1.bag")
                        .start()
                        .compareTo(slot(plan, "lot-1.hard").end())
                >= 0);
        assertTrue(slot(plan, "lot-1.hard").task().time().toMinutes() >= 30);
    }

    /** A fresh lot that is cooked from frozen has been frozen: it is hard before it goes in. */
    @Test
    public void fromTheFreezerMeansFrozenBefore() {
        Batch six = Styles.start(Styles.get("boiled-crescent"), "Frozen", SEVEN, 6, Appetite.USUAL);
        BatchPlan plan =
                BatchPlan.of(six.mapLot(1, lot -> lot.withCooking(lot.cooking().from(Start.FREEZER))));
        assertFalse(slot(plan, "lot-1.cook-1")
                .start()
                .isBefore(slot(plan, "lot-1.hard").end()));
        assertFalse(slot(plan, "lot-1.hard")
                .start()
                .isBefore(slot(plan, "lot-1.freeze-1").end()));
        Duration between = Duration.between(
                slot(plan, "lot-1.shape-1").end(), slot(plan, "lot-1.cook-1").start());
        assertTrue(between.toMinutes() >= 45, "from " + between);
        BatchPlan stash = BatchPlan.of(six.mapLot(
                1, lot -> lot.withStashed(true).withCooking(lot.cooking().from(Start.FREEZER))));
        assertTrue(stash.day().tasks().stream().noneMatch(task -> task.of() instanceof TaskKey.Hardened));
    }

    /** One lot for six: the first tray is folded while its dough still counts, and each tray waits from its own first fold. */
    @Test
    public void piecesWaitFromTheirOwnFold() {
        BatchPlan plan = BatchPlan.of(Styles.start(Styles.get("boiled-crescent"), "Supper", SEVEN, 6, Appetite.USUAL));
        Gap waits = gap(plan, Gap.Kind.PIECES_WAIT, 1);
        Duration longest = Duration.ZERO;
        for (Timetable.Slot round : plan.timetable().slots()) {
            for (TaskKey before : round.task().prior()) {
                if (round.task().of() instanceof TaskKey.Cooked && before instanceof TaskKey.Shaped) {
                    Duration waited = Duration.between(slot(plan, before.text()).start(), round.start());
                    longest = waited.compareTo(longest) > 0 ? waited : longest;
                }
            }
        }
        assertEquals(waits.putAway() ? longest : waits.longest(), longest);
        assertFalse(waits.broken(), waits.toString());
    }
}
