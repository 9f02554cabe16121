package ironpin.store;

import static ironpin.store.db.Tables.FLOUR_LESSON;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.balance.Balancer;
import ironpin.quantity.Sentence;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A kitchen whose process is killed in the middle of writing has lost nothing that it was told was kept. */
public class KillTest {
    private static final int ROUNDS = 3;

    @Test
    public void everyAcknowledgedChangeSurvivesAKill() throws IOException, InterruptedException {
        for (int round = 1; round <= ROUNDS; round++) {
            Path folder = TestFolder.fresh("killed-" + round);
            int acknowledged = killAfter(folder, WritingKitchen.Work.EDITS, 25 * round, 0);
            try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
                StoredBatch batch = new BatchStore(cupboard).load(1);
                int pieces = Balancer.solve(batch.batch()).lot(1).pieces();
                // One more change may have reached the disk without its word reaching us.
                assertTrue(pieces >= acknowledged && pieces <= acknowledged + 1, pieces + " of " + acknowledged);
                assertEquals(batch.undo().orElseThrow(), Sentence.of("change " + pieces));
                Map<String, ?> done = new RunStore(cupboard).done(1);
                for (int n = 1; n <= acknowledged; n++) {
                    assertTrue(done.containsKey("step-" + n), "step " + n + " is gone");
                }
            }
        }
    }

    @DataProvider
    public Object[][] works() {
        return new Object[][] {
            {WritingKitchen.Work.EDITS, 40, 3},
            {WritingKitchen.Work.TIDYING, 20, 11},
            {WritingKitchen.Work.IMPORTS, 15, 7},
            {WritingKitchen.Work.JUDGING, 15, 9},
            {WritingKitchen.Work.GOING_BACK, 2, 20},
            {WritingKitchen.Work.GOING_BACK, 3, 90},
            {WritingKitchen.Work.GOING_BACK, 1, 160},
            {WritingKitchen.Work.MERGING, 3, 30},
            {WritingKitchen.Work.MERGING, 5, 110},
            {WritingKitchen.Work.OPENING, 1, 40},
            {WritingKitchen.Work.OPENING, 6, 150},
            {WritingKitchen.Work.OPENING, 0, 0},
        };
    }

    /** Killed wherever it happens to be: what was acknowledged is there, whole, and it opens again. */
    @Test(dataProvider = "works")
    public void whatWasAcknowledgedIsWholeAfterAKill(WritingKitchen.Work work, int after, int delay)
            throws IOException, InterruptedException {
        Path folder = TestFolder.fresh("killed-" + work + "-" + after);
        int acknowledged = killAfter(folder, work, after, delay);
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            BatchStore batches = new BatchStore(cupboard);
            switch (work) {
                case EDITS, TIDYING -> {
                    int pieces = Balancer.solve(batches.load(1).batch()).lot(1).pieces();
                    assertTrue(pieces == acknowledged || pieces == acknowledged + 1, pieces + " of " + acknowledged);
                }
                case IMPORTS, JUDGING -> {
                    List<Long> done = batches.numbers(Status.DONE, 0, 10_000);
                    assertTrue(
                            done.size() == acknowledged || done.size() == acknowledged + 1,
                            done.size() + " of " + acknowledged);
                    BookStore book = new BookStore(cupboard);
                    for (long id : done) {
                        assertEquals(book.entries(id).get(0).outcome(), WritingKitchen.outcome());
                    }
                    int taught = work == WritingKitchen.Work.IMPORTS ? 0 : done.size();
                    int learnt = cupboard.read(dsl -> dsl.fetchCount(FLOUR_LESSON));
                    assertEquals(learnt, taught);
                }
                case GOING_BACK -> {
                    List<Long> made = batches.numbers(Status.PLANNED, 0, 10_000);
                    long meant = made.stream()
                            .map(batches::load)
                            .filter(one -> !one.batch().title().equals(WritingKitchen.TOO_MANY))
                            .count();
                    // Either as it stood before it went back, or as the backup has it.
                    assertTrue(meant == acknowledged || meant == acknowledged + 1, meant + " of " + acknowledged);
                    assertTrue(made.size() - meant <= 1, made.size() + " are there, " + meant + " meant");
                }
                case MERGING, OPENING -> {
                    int made = batches.count(Status.PLANNED);
                    assertTrue(made == acknowledged || made == acknowledged + 1, made + " of " + acknowledged);
                    batches.numbers(Status.PLANNED, 0, 10_000).forEach(batches::load);
                }
            }
        }
        backupsAreWhole(folder.resolve("backups"));
    }

    private static void backupsAreWhole(Path backups) throws IOException {
        if (!Files.exists(backups)) {
            return;
        }
        try (Stream<Path> all = Files.list(backups)) {
            for (Path one : all.filter(file -> file.getFileName().toString().startsWith("ironpin-"))
                    .toList()) {
                try (ZipFile zip = new ZipFile(one.toFile())) {
                    assertTrue(zip.getEntry("ironpin.mv.db").getSize() > 0, one.toString());
                }
            }
        }
    }

    private static int killAfter(Path folder, WritingKitchen.Work work, int changes, int delay)
            throws IOException, InterruptedException {
        Process kitchen = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        WritingKitchen.class.getName(),
                        folder.toString(),
                        work.name())
                .redirectError(Path.of("target", "killed.log").toFile())
                .start();
        int acknowledged = 0;
        if (changes == 0) {
            // While it makes the database.
            Path making = folder.resolve("ironpin-being-made.mv.db");
            for (int i = 0; i < 20_000 && !Files.exists(making); i++) {
                Thread.sleep(1);
            }
            kitchen.toHandle().destroyForcibly();
        }
        try (BufferedReader out = kitchen.inputReader(StandardCharsets.UTF_8)) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.matches("\\d+")) {
                    acknowledged = Integer.parseInt(line);
                }
                if (acknowledged == changes) {
                    Thread.sleep(delay);
                    // SIGKILL: no shutdown hook runs. Through the handle, so that what was printed can still be read.
                    kitchen.toHandle().destroyForcibly();
                }
            }
        }
        assertEquals(kitchen.waitFor(), 137, "the kitchen must have died of the kill");
        return acknowledged;
    }
}
