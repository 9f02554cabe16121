package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.TableField;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.dough.BenchFeel;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class StoreTest {
    private static final Instant NOW = Instant.parse("2026-11-28T15:00:00Z");
    private static final Clock CLOCK = Clock.fixed(NOW, ZoneOffset.UTC);

    private Path folder;
    private Cupboard cupboard;
    private BatchStore batches;
    private RunStore runs;
    private BookStore book;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("store");
        reopen();
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private void reopen() {
        if (cupboard != null) {
            cupboard.close();
        }
        cupboard = Cupboard.open(folder, CLOCK);
        batches = new BatchStore(cupboard);
        runs = new RunStore(cupboard);
        book = new BookStore(cupboard);
    }

    static Batch supper() {
        return Styles.start(
                Styles.get("steamed-leaf"), "Lantern night", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    private static Outcome outcome(int burst) {
        return new Outcome(
                54,
                burst,
                1,
                0,
                Mass.ofGrams(12.5),
                Mass.ZERO,
                SkinVerdict.TOUGH,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(81.5)),
                "lid rattled");
    }

    @Test
    public void everyPlanComesBackAsItWasKept() {
        RandomBatches random = new RandomBatches(20);
        for (int i = 0; i < 60; i++) {
            Batch batch = random.next();
            long id = batches.create(batch, "new", NOW);
            assertEquals(batches.load(id).batch(), batch);
        }
        Batch kept = batches.load(7).batch();
        reopen();
        assertEquals(batches.load(7).batch(), kept);
        assertEquals(batches.count(Status.PLANNED), 60);
    }

    /** However many are planned, tomorrow's is the first of them, the past ones come last, and each is found by a word of its title. */
    @Test
    public void whatComesNextIsListedFirstAndEverythingIsFound() {
        LocalDateTime now = LocalDateTime.of(2026, 11, 28, 12, 0);
        for (int day = 40; day >= -5; day--) {
            int away = day;
            batches.create(
                    supper().withServing(now.plusDays(away).plusHours(7)).withTitle("Evening " + away + " of many"),
                    "new",
                    NOW);
        }
        List<String> planned =
                batches.planned(now).stream().map(BatchStore.Listed::title).toList();
        assertEquals(planned.size(), 46);
        assertEquals(planned.subList(0, 3), List.of("Evening 0 of many", "Evening 1 of many", "Evening 2 of many"));
        assertEquals(planned.subList(40, 42), List.of("Evening 40 of many", "Evening -1 of many"));
        assertEquals(batches.called("evening 33", 60).size(), 1);
    }

    /** Two screens: what the other one has done since is not taken back unseen. */
    @Test
    public void anUndoOfWhatWasNotSeenIsRefused() {
        long id = batches.create(supper(), "new batch", NOW);
        int seen = batches.change(id, "seven", one -> TableField.EATERS.write(one, Address.table(), 7), NOW)
                .revision();
        StoredBatch other = batches.change(id, "nine", one -> TableField.EATERS.write(one, Address.table(), 9), NOW);
        expectThrows(MovedOn.class, () -> batches.undo(id, seen));
        assertEquals(batches.load(id).batch().eaters(), 9);
        assertEquals(batches.undo(id, other.revision()).batch().eaters(), 7);
        expectThrows(MovedOn.class, () -> batches.redo(id, other.revision()));
    }

    @Test
    public void everyChangeCanBeTakenBackAndMadeAgain() {
        long id = batches.create(supper(), "new batch", NOW);
        for (int eaters = 7; eaters <= 12; eaters++) {
            int number = eaters;
            batches.change(id, "eaters " + number, one -> TableField.EATERS.write(one, Address.table(), number), NOW);
        }
        for (int eaters = 11; eaters >= 6; eaters--) {
            assertEquals(batches.undo(id).batch().eaters(), eaters);
        }
        StoredBatch first = batches.undo(id);
        assertEquals(first.batch(), supper());
        assertEquals(first.undo(), Optional.empty());
        assertEquals(first.redo(), Optional.of(Sentence.of("eaters 7")));
        assertEquals(batches.redo(id).batch().eaters(), 7);
        StoredBatch changed =
                batches.change(id, "drier", one -> DoughField.HYDRATION.write(one, Address.dough(1), 60), NOW);
        assertEquals(changed.redo(), Optional.empty());
        assertEquals(changed.undo(), Optional.of(Sentence.of("drier")));
        assertEquals(batches.redo(id).batch(), changed.batch());
    }

    @Test
    public void aChangeThatChangesNothingOrFailsLeavesNoTrace() {
        long id = batches.create(supper(), "new batch", NOW);
        assertEquals(batches.change(id, "same", one -> one, NOW).revision(), 1);
        assertThrows(
                IllegalArgumentException.class,
                () -> batches.change(id, "bad", one -> DoughField.HYDRATION.write(one, Address.dough(1), 900), NOW));
        assertEquals(batches.load(id).revision(), 1);
        assertThrows(NoSuchBatch.class, () -> batches.load(4_711));
    }

    @Test
    public void theBookIsReadPageByPageTheLatestServedFirst() {
        for (int day = 1; day <= 7; day++) {
            Batch batch = supper().withServing(LocalDateTime.of(2026, 11, day * 3 % 7 + 1, 19, 0))
                    .withTitle("Day " + (day * 3 % 7 + 1));
            long id = batches.create(batch, "new", NOW);
            book.record(id, 1, "steamed-leaf", outcome(day), NOW.plusSeconds(day));
        }
        List<String> first = batches.list(Status.DONE, 0, 4).stream()
                .map(one -> one.batch().title())
                .toList();
        List<String> second = batches.list(Status.DONE, 4, 4).stream()
                .map(one -> one.batch().title())
                .toList();
        assertEquals(first, List.of("Day 7", "Day 6", "Day 5", "Day 4"));
        assertEquals(second, List.of("Day 3", "Day 2", "Day 1"));
        assertEquals(batches.count(Status.DONE), 7);
        assertEquals(batches.list(Status.PLANNED, 0, 4), List.of());
    }

    @Test
    public void startingTwiceStartsOnceAndJudgingEndsIt() {
        long id = batches.create(supper(), "new batch", NOW);
        assertEquals(batches.load(id).startedAt(), Optional.empty());
        batches.start(id, NOW);
        assertEquals(batches.start(id, NOW.plusSeconds(60)).startedAt(), Optional.of(NOW));
        book.record(id, 1, "steamed-leaf", outcome(0), NOW.plusSeconds(120));
        book.record(id, 1, "steamed-leaf", outcome(1), NOW.plusSeconds(180));
        StoredBatch done = batches.load(id);
        assertEquals(done.status(), Status.DONE);
        assertEquals(done.finishedAt(), Optional.of(NOW.plusSeconds(120)));
        assertEquals(batches.start(id, NOW.plusSeconds(240)).status(), Status.DONE);
        assertThrows(NoSuchBatch.class, () -> batches.delete(4_711));
        assertThrows(NoSuchBatch.class, () -> batches.undo(4_711));
        assertThrows(NoSuchBatch.class, () -> book.record(4_711, 1, "x", outcome(0), NOW));
    }

    @Test
    public void ticksAndTimersOutliveTheProcess() {
        long id = batches.create(supper(), "new batch", NOW);
        batches.start(id, NOW);
        runs.tick(id, "dough-1.mix", NOW);
        runs.tick(id, "dough-1.mix", NOW.plusSeconds(60));
        long rest = runs.startTimer(id, "dough-1.rest", "rest", Duration.ofMinutes(25), NOW);
        long stopped = runs.startTimer(id, "dough-1.rest", "rest", Duration.ofMinutes(5), NOW);
        runs.stopTimer(id, stopped, NOW.plusSeconds(1));
        reopen();
        assertEquals(batches.load(id).status(), Status.RUNNING);
        assertEquals(runs.done(id).get("dough-1.mix"), NOW);
        List<RunningTimer> timers = runs.timers(id);
        assertEquals(timers.size(), 1);
        assertEquals(timers.get(0).id(), rest);
        assertEquals(timers.get(0).endsAt(), NOW.plusSeconds(1_500));
        runs.untick(id, "dough-1.mix");
        assertTrue(runs.done(id).isEmpty());
        assertThrows(IllegalArgumentException.class, () -> runs.startTimer(id, "x", "x", Duration.ZERO, NOW));
    }

    @Test
    public void theBookRemembersTheLastOfAStyle() {
        long first = batches.create(supper(), "new batch", NOW);
        long second = batches.create(supper(), "new batch", NOW);
        long planned = batches.create(supper(), "new batch", NOW);
        book.record(first, 1, "steamed-leaf", outcome(1), NOW);
        book.record(second, 1, "steamed-leaf", outcome(2), NOW.plusSeconds(10));
        book.record(second, 1, "steamed-leaf", outcome(3), NOW.plusSeconds(20));
        assertEquals(book.last("steamed-leaf", planned).orElseThrow().outcome(), outcome(3));
        assertEquals(book.last("steamed-leaf", second).orElseThrow().outcome(), outcome(1));
        assertEquals(book.last("griddle-bread", planned), Optional.empty());
        assertEquals(batches.load(second).status(), Status.DONE);
        assertEquals(batches.list(Status.DONE, 0, 10).size(), 2);
        batches.delete(second);
        assertEquals(book.entries(second), List.of());
    }

    @Test
    public void aCorrectionStandsWithTheRevisionItMade() {
        long id = batches.create(supper(), "new batch", NOW);
        CorrectionStore corrections = new CorrectionStore(cupboard, batches);
        BenchCorrection step = BenchCorrection.of(supper(), 1, BenchFeel.DRY);
        LoggedCorrection logged = new LoggedCorrection(1, step.correction(), step.before(), step.hydration(), NOW);
        StoredBatch corrected = corrections.make(id, "felt dry", batch -> step.batch(), logged);
        assertEquals(corrected.batch(), step.batch());
        assertEquals(corrections.standing(id), List.of(logged));
        batches.undo(id);
        assertEquals(corrections.standing(id), List.of());
        batches.redo(id);
        assertEquals(corrections.standing(id), List.of(logged));
        batches.undo(id);
        batches.change(id, "another way", one -> TableField.EATERS.write(one, Address.table(), 9), NOW);
        batches.change(id, "and on", one -> TableField.EATERS.write(one, Address.table(), 10), NOW);
        assertEquals(corrections.standing(id), List.of());
    }

    @Test
    public void theLastFiveBackupsAreKeptAndCanBeOpened() throws IOException {
        batches.create(supper(), "new batch", NOW);
        for (int day = 0; day < 7; day++) {
            cupboard.close();
            cupboard = Cupboard.open(folder, Clock.offset(CLOCK, Duration.ofDays(day)));
        }
        List<Path> backups;
        try (Stream<Path> files = Files.list(folder.resolve("backups"))) {
            backups = files.sorted().toList();
        }
        assertEquals(backups.size(), 5);
        assertEquals(backups.get(4).getFileName().toString(), "ironpin-n000007-20261204-150000-000-of-1.zip");
        Path restored = TestFolder.fresh("restored");
        Files.createDirectories(restored);
        try (FileSystem zip = FileSystems.newFileSystem(backups.get(4))) {
            Files.copy(zip.getPath("ironpin.mv.db"), restored.resolve("ironpin.mv.db"));
        }
        try (Cupboard copy = Cupboard.open(restored, CLOCK)) {
            assertEquals(new BatchStore(copy).load(1).batch(), supper());
        }
    }
}
