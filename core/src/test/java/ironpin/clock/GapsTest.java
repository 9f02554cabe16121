package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.RandomBatches;
import ironpin.plan.BatchPlan;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
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

    /** Three kinds for twelve, one pair of hands: every wait as the slots of the day have it. */
    @Test
    public void everyWaitIsReadOffTheDay() {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Supper",
                SEVEN,
                12,
                Appetite.USUAL);
        BatchPlan plan = BatchPlan.of(batch);
        Gap scalded = gap(plan, Gap.Kind.DOUGH_RESTS, 2);
        assertEquals(
                scalded.longest(),
                Duration.between(
                        slot(plan, "dough-2.knead").end(),
                        slot(plan, "lot-2.shape").start()));
        assertEquals(scalded.most(), Duration.ofMinutes(30));
        assertTrue(scalded.broken());
        Gap greens = gap(plan, Gap.Kind.GREENS_WEEP, 1);
        assertEquals(
                greens.longest(),
                Duration.between(
                        slot(plan, "filling-1.prepare-1-finish").end(),
                        slot(plan, "lot-1.shape").start()));
        assertEquals(greens.most(), Duration.ofMinutes(25));
        LocalDateTime served = slot(plan, DayPlan.SERVE).end();
        Gap cooling = gap(plan, Gap.Kind.PLATES_COOL, 1);
        assertEquals(
                cooling.longest(), Duration.between(slot(plan, "lot-1.cook-1").end(), served));
        Gap filling = gap(plan, Gap.Kind.FILLING_IS_OUT, 1);
        int last = plan.lot(1).rounds().sizes().size();
        assertEquals(
                filling.longest(),
                Duration.between(
                        slot(plan, "filling-1.make").start(),
                        slot(plan, "lot-1.cook-" + last).start()));
        assertEquals(filling.most(), Duration.ofHours(2));
    }

    /** The piece folded first waits for the first round from the moment it is folded; counted from the end it would be too short. */
    @Test
    public void piecesWaitFromTheirOwnFold() {
        BatchPlan plan = BatchPlan.of(Styles.start(Styles.get("boiled-crescent"), "Supper", SEVEN, 6, Appetite.USUAL));
        Timetable.Slot shape = slot(plan, "lot-1.shape");
        Duration fromTheLast =
                Duration.between(shape.end(), slot(plan, "lot-1.cook-1").start());
        Gap waits = gap(plan, Gap.Kind.PIECES_WAIT, 1);
        // 72 pieces in 60 min; the first of them lies there for the whole hour and until the pot boils.
        assertTrue(waits.longest().compareTo(fromTheLast.plusMinutes(50)) > 0, waits.toString());
        assertTrue(waits.broken());
    }

    @Test
    public void waitsAreNeverNegativeAndMoveWithNothingButTheDay() {
        RandomBatches random = new RandomBatches(5);
        for (int i = 0; i < 200; i++) {
            Batch batch = random.next();
            BatchPlan plan = BatchPlan.of(batch);
            for (Gap gap : plan.gaps()) {
                assertTrue(!gap.longest().isNegative(), batch + " " + gap);
                assertTrue(gap.until().compareTo(gap.longest()) >= 0, gap.toString());
                assertEquals(
                        gap.broken(), gap.longest().toSeconds() > gap.most().toSeconds(), gap.toString());
            }
            assertEquals(
                    BatchPlan.of(batch.withServing(batch.serving().plusHours(3)))
                            .gaps(),
                    plan.gaps());
            for (Lot lot : batch.lots()) {
                boolean cooks = !plan.lot(lot.no()).rounds().sizes().isEmpty();
                assertEquals(
                        plan.gaps().stream()
                                .filter(gap -> gap.kind() == Gap.Kind.PIECES_WAIT && gap.no() == lot.no())
                                .count(),
                        cooks && !lot.stashed() ? 1 : 0);
            }
        }
    }
}
