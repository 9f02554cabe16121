package ironpin.store;

import static ironpin.store.db.Tables.REVISION;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.TableField;
import ironpin.dough.BenchFeel;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.Test;

public class TidyingTest {
    private static final Instant FINISHED = Instant.parse("2026-10-01T19:00:00Z");
    private static final int EDITS = 40;

    private static Batch batch(String title) {
        return Styles.start(
                Styles.get("boiled-crescent"), title, LocalDateTime.of(2026, 10, 1, 19, 0), 6, Appetite.USUAL);
    }

    private static long edited(Cupboard cupboard, int edits) {
        BatchStore batches = new BatchStore(cupboard);
        long id = batches.create(batch("Old supper"), "new", FINISHED);
        for (int i = 0; i < edits; i++) {
            int eaters = 4 + i % 7;
            batches.change(id, "edit " + i, one -> TableField.EATERS.write(one, Address.table(), eaters), FINISHED);
            if (i == 4) {
                BenchCorrection dry = BenchCorrection.of(batches.load(id).batch(), 1, BenchFeel.DRY);
                new CorrectionStore(cupboard, batches)
                        .make(
                                id,
                                "felt dry",
                                one -> dry.batch(),
                                new LoggedCorrection(1, dry.correction(), dry.before(), dry.hydration(), FINISHED));
            }
        }
        return id;
    }

    private static List<Integer> revisions(Cupboard cupboard, long id) {
        return cupboard.read(dsl -> dsl.select(REVISION.NO)
                .from(REVISION)
                .where(REVISION.BATCH_ID.eq(id))
                .orderBy(REVISION.NO)
                .fetch(REVISION.NO));
    }

    @Test
    public void anOldBatchKeepsWhatCanBeTakenBackAndWhatWasFelt() throws IOException {
        Path folder = TestFolder.fresh("old");
        Instant dayBefore = FINISHED.plus(Tidying.KEPT_WHOLE).minusSeconds(60);
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            BatchStore batches = new BatchStore(cupboard);
            long done = edited(cupboard, EDITS);
            long open = edited(cupboard, EDITS);
            new BookStore(cupboard).finish(done, FINISHED);
            int before = revisions(cupboard, done).size();
            Batch last = batches.load(done).batch();
            assertTrue(new Tidying(cupboard, Clock.fixed(dayBefore, ZoneOffset.UTC)).inAQuietMoment(Duration.ZERO));
            assertEquals(revisions(cupboard, done).size(), before, "thinned a day too early");

            Clock after = Clock.fixed(FINISHED.plus(Tidying.KEPT_WHOLE).plusSeconds(60), ZoneOffset.UTC);
            Tidying tidying = new Tidying(cupboard, after);
            assertFalse(tidying.inAQuietMoment(Duration.ofHours(1)), "somebody wrote just now");
            assertTrue(tidying.inAQuietMoment(Duration.ZERO));
            List<Integer> kept = revisions(cupboard, done);
            assertEquals(kept.get(0), (Integer) 1);
            assertTrue(kept.contains(7), "the revision in which the dough was felt: " + kept);
            assertEquals(kept.size(), 2 + Tidying.KEPT_LAST, kept.toString());
            assertEquals(revisions(cupboard, open).size(), before, "a batch that is not finished");
            assertEquals(new BatchStore(cupboard).load(done).batch(), last);
            int back = 0;
            while (batches.load(done).undo().isPresent()) {
                batches.undo(done);
                back++;
            }
            assertEquals(back, Tidying.KEPT_LAST - 1);
            assertFalse(
                    tidying.inAQuietMoment(Duration.ZERO) && tidying.inAQuietMoment(Duration.ZERO), "twice for one");
        }
    }

    @Test
    public void roomIsGivenBackWhileTheKitchenIsOpen() throws IOException, InterruptedException, ExecutionException {
        Path folder = TestFolder.fresh("room");
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            long id = edited(cupboard, 300);
            ExecutorService readers = Executors.newFixedThreadPool(4);
            List<Future<?>> read = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                read.add(readers.submit(() -> {
                    for (int k = 0; k < 400; k++) {
                        assertEquals(revisions(cupboard, id).get(0), (Integer) 1);
                    }
                }));
            }
            long before = Files.size(folder.resolve("ironpin.mv.db"));
            Batch last = new BatchStore(cupboard).load(id).batch();
            new Tidying(cupboard, Clock.systemUTC()).inAQuietMoment(Duration.ZERO);
            long after = Files.size(folder.resolve("ironpin.mv.db"));
            assertTrue(after < before / 2, before + " bytes became " + after);
            assertEquals(new BatchStore(cupboard).load(id).batch(), last);
            edited(cupboard, 5);
            for (Future<?> one : read) {
                one.get();
            }
            readers.shutdown();
        }
        try (Cupboard again = Cupboard.open(folder, Clock.systemUTC())) {
            assertEquals(new BatchStore(again).count(Status.PLANNED), 2);
        }
    }
}
