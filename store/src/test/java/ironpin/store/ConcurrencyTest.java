package ironpin.store;

import static org.testng.Assert.assertEquals;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.TableField;
import ironpin.style.Styles;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.Test;

/** Two tablets on one batch: every change lands, none is lost, and each reader sees a whole plan. */
public class ConcurrencyTest {
    private static final int CHANGES = 25;

    @Test
    public void changesFromSeveralScreensAllLand() throws Exception {
        Path folder = TestFolder.fresh("concurrent");
        Clock clock = Clock.systemUTC();
        ExecutorService screens = Executors.newFixedThreadPool(4);
        try (Cupboard cupboard = Cupboard.open(folder, clock)) {
            BatchStore batches = new BatchStore(cupboard);
            RunStore runs = new RunStore(cupboard);
            Batch start = Styles.start(
                    Styles.get("boiled-crescent"), "Two", LocalDateTime.of(2026, 11, 28, 19, 0), 1, Appetite.USUAL);
            long id = batches.create(start, "new", clock.instant());
            List<Callable<Void>> work = new ArrayList<>();
            for (int screen = 0; screen < 3; screen++) {
                int mine = screen;
                work.add(() -> {
                    for (int i = 0; i < CHANGES; i++) {
                        batches.change(
                                id,
                                "one more",
                                batch -> TableField.EATERS.write(batch, Address.table(), batch.eaters() + 1),
                                clock.instant());
                        runs.tick(id, "step-" + mine + "-" + i, clock.instant());
                        runs.startTimer(id, "step-" + mine, "rest", Duration.ofMinutes(5), clock.instant());
                    }
                    return null;
                });
            }
            work.add(() -> {
                int seen = 0;
                while (seen < 3 * CHANGES) {
                    StoredBatch now = batches.load(id);
                    // Revision n was made by the (n−1)th change, each of which added one eater.
                    assertEquals(now.batch().eaters(), now.revision());
                    seen = now.revision() - 1;
                }
                return null;
            });
            for (Future<Void> done : screens.invokeAll(work)) {
                done.get();
            }
            assertEquals(batches.load(id).batch().eaters(), 1 + 3 * CHANGES);
            assertEquals(batches.load(id).revision(), 1 + 3 * CHANGES);
            assertEquals(runs.done(id).size(), 3 * CHANGES);
            assertEquals(runs.timers(id).size(), 3 * CHANGES);
        } finally {
            screens.shutdownNow();
        }
    }
}
