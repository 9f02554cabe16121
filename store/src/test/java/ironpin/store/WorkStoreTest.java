package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.hands.Drill;
import ironpin.hands.Fault;
import ironpin.hands.SharedWork;
import ironpin.kit.Hand;
import ironpin.portion.Evenness;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.store.WorkStore.Of;
import ironpin.store.WorkStore.Seen;
import ironpin.store.WorkStore.Tapped;
import ironpin.store.WorkStore.What;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class WorkStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final Mass MEANT = Mass.ofGrams(15);

    private Path folder;
    private Cupboard cupboard;
    private WorkStore work;
    private KitStore kits;
    private Of lot;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("work");
        opened();
        BatchStore batches = new BatchStore(cupboard);
        lot = new Of(
                batches.create(
                        Styles.start(
                                Styles.get("boiled-crescent"),
                                "S",
                                LocalDateTime.of(2026, 11, 28, 19, 0),
                                6,
                                Appetite.USUAL),
                        "new",
                        NOW),
                1);
    }

    private void opened() {
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        work = new WorkStore(cupboard);
        kits = new KitStore(cupboard, new BatchStore(cupboard));
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private void weigh(double... grams) {
        for (double each : grams) {
            work.weigh(lot, What.DOUGH, Mass.ofGrams(each), MEANT, 40, NOW);
        }
    }

    private Hand hand() {
        return kits.load().hand();
    }

    @Test
    public void weightsStandInTheirOrderAndSurvive() {
        weigh(15.2, 14.1, 16.7);
        work.weigh(lot, What.FILLING, Mass.ofGrams(18), Mass.ofGrams(18), 40, NOW);
        work.unweigh(lot, What.DOUGH);
        weigh(14.9);
        cupboard.close();
        opened();
        assertEquals(work.weights(lot, What.DOUGH).stream().map(Mass::grams).toList(), List.of(15.2, 14.1, 14.9));
        assertEquals(work.weights(lot, What.FILLING).size(), 1);
        work.reweigh(lot, What.DOUGH, List.of(Mass.ofGrams(15)), MEANT, NOW);
        assertEquals(work.weights(lot, What.DOUGH).size(), 1);
        work.unweigh(lot, What.DOUGH);
        work.unweigh(lot, What.DOUGH);
        assertEquals(work.weights(lot, What.DOUGH), List.of());
        assertThrows(Refused.class, () -> work.weigh(lot, What.FILLING, MEANT, MEANT, 1, NOW));
        assertThrows(NoSuchBatch.class, () -> work.weigh(new Of(999, 1), What.DOUGH, MEANT, MEANT, 40, NOW));
    }

    @Test
    public void tapsAndFaultsComeBackOneByOne() {
        work.tap(lot, Fold.LEAF, new Tapped("me", SharedWork.ROLL, NOW));
        work.tap(lot, Fold.LEAF, new Tapped("Ada", SharedWork.FOLD, NOW.plusSeconds(30)));
        work.tap(lot, Fold.LEAF, new Tapped("me", SharedWork.ROLL, NOW.plusSeconds(60)));
        work.untap(lot, SharedWork.ROLL);
        assertEquals(
                work.taps(lot),
                List.of(
                        new Tapped("me", SharedWork.ROLL, NOW),
                        new Tapped("Ada", SharedWork.FOLD, NOW.plusSeconds(30))));
        assertThrows(Refused.class, () -> work.tap(lot, Fold.LEAF, new Tapped(" ", SharedWork.ROLL, NOW)));
        Seen burst =
                new Seen(Fault.BURST, Optional.of(7), MEANT, Mass.ofGrams(21), Optional.of(Percentage.of(71)), NOW);
        Seen torn = new Seen(Fault.TORN, Optional.empty(), MEANT, Mass.ofGrams(18), Optional.empty(), NOW);
        work.see(lot, burst);
        work.see(lot, torn);
        assertEquals(work.faults(lot), List.of(burst, torn));
        work.unsee(lot);
        assertEquals(work.faults(lot), List.of(burst));
    }

    @Test
    public void eachPersonHasAPaceAtEachFold() {
        for (int i = 0; i < 4; i++) {
            work.tap(lot, Fold.LEAF, new Tapped("Ada", SharedWork.FOLD, NOW.plusSeconds(30 * i)));
            work.tap(lot, Fold.LEAF, new Tapped("me", SharedWork.FOLD, NOW.plusSeconds(50 * i)));
            work.tap(new Of(lot.batch(), 2), Fold.LEAF, new Tapped("Ada", SharedWork.FOLD, NOW.plusSeconds(40 * i)));
        }
        assertEquals(
                work.paces(Fold.LEAF),
                List.of(
                        new WorkStore.PersonPace("Ada", SharedWork.FOLD, 35, 2),
                        new WorkStore.PersonPace("me", SharedWork.FOLD, 50, 1)));
        assertEquals(work.paces(Fold.PURSE), List.of());
    }

    private void bursts(int count, double percent) {
        for (int i = 0; i < count; i++) {
            work.see(
                    lot,
                    new Seen(
                            Fault.BURST,
                            Optional.empty(),
                            MEANT,
                            Mass.ofGrams(20),
                            Optional.of(Percentage.of(percent)),
                            NOW));
        }
    }

    /** Eight of forty burst though they were meant to hold: the next plan of this fold is told less, and only of this fold. */
    @Test
    public void whatBurstTeachesTheFold() {
        bursts(8, 68);
        work.see(lot, new Seen(Fault.GUMMY, Optional.empty(), MEANT, MEANT, Optional.of(Percentage.of(30)), NOW));
        work.learn(lot, Fold.PLEATED_CRESCENT, 40, Optional.of(Percentage.of(62)), Optional.of(42.0), NOW);
        Handiwork learned = hand().handiwork(Fold.PLEATED_CRESCENT);
        Handiwork usual = Handiwork.usual(Fold.PLEATED_CRESCENT);
        assertTrue(learned.comfort().mean() < usual.comfort().mean() - 1, learned.toString());
        assertEquals(learned.comfort().lessons(), 40);
        assertTrue(learned.seconds().mean() < usual.seconds().mean());
        assertEquals(learned.seconds().lessons(), 1);
        assertEquals(hand().handiwork(Fold.LEAF), Handiwork.usual(Fold.LEAF));
        // Judged again the same lot teaches once, not twice.
        work.learn(lot, Fold.PLEATED_CRESCENT, 40, Optional.of(Percentage.of(62)), Optional.of(42.0), NOW);
        assertEquals(hand().handiwork(Fold.PLEATED_CRESCENT), learned);
        assertEquals(
                Styles.get("boiled-crescent").startLot(1, 1, 1, 4, kits.load()).handiwork(), learned);
    }

    @Test
    public void aFewPiecesTeachAPaceButNoFullness() {
        bursts(2, 80);
        work.learn(lot, Fold.PLEATED_CRESCENT, 12, Optional.of(Percentage.of(62)), Optional.of(90.0), NOW);
        Handiwork learned = hand().handiwork(Fold.PLEATED_CRESCENT);
        assertEquals(learned.comfort(), Handiwork.usual(Fold.PLEATED_CRESCENT).comfort());
        assertTrue(learned.seconds().mean() > 70, learned.toString());
    }

    @Test
    public void aHandIsAsEvenAsWhatItCut() {
        weigh(15, 16, 14, 15, 17, 13, 15, 16, 14);
        assertTrue(hand().evenness().isEmpty(), "nine pieces say nothing");
        weigh(15);
        work.learn(lot, Fold.PLEATED_CRESCENT, 10, Optional.empty(), Optional.of(50.0), NOW);
        Evenness even = hand().evenness().orElseThrow();
        assertEquals(even.pieces(), 10);
        assertEquals(even.meanShare(), 1, 1e-6);
        // Σ(x−15)² is 12: √(12/9)/15.
        assertEquals(even.spread(), Math.sqrt(12 / 9.0) / 15, 1e-6);
    }

    @Test
    public void guessesAreKeptByShape() {
        for (int i = 1; i <= 105; i++) {
            work.guess("BALL", new Drill.Guess(Mass.ofGrams(i), Mass.ofGrams(20)), NOW);
        }
        work.guess("ROPE", new Drill.Guess(MEANT, MEANT), NOW);
        List<Drill.Guess> balls = work.guesses("BALL");
        assertEquals(balls.size(), 100);
        assertEquals(balls.get(0).guessed().grams(), 6.0);
        assertEquals(balls.get(99).guessed().grams(), 105.0);
        assertEquals(work.guesses("ROPE").size(), 1);
    }
}
