package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Balancer;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import org.testng.annotations.Test;

/** A kitchen whose process is killed in the middle of writing has lost nothing that it was told was kept. */
public class KillTest {
    private static final int ROUNDS = 3;

    @Test
    public void everyAcknowledgedChangeSurvivesAKill() throws IOException, InterruptedException {
        for (int round = 1; round <= ROUNDS; round++) {
            Path folder = TestFolder.fresh("killed-" + round);
            int acknowledged = killAfter(folder, 25 * round);
            try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
                StoredBatch batch = new BatchStore(cupboard).load(1);
                int pieces = Balancer.solve(batch.batch()).lot(1).pieces();
                // One more change may have reached the disk without its word reaching us.
                assertTrue(pieces >= acknowledged && pieces <= acknowledged + 1, pieces + " of " + acknowledged);
                assertEquals(batch.undo().orElseThrow(), "change " + pieces);
                Map<String, ?> done = new RunStore(cupboard).done(1);
                for (int n = 1; n <= acknowledged; n++) {
                    assertTrue(done.containsKey("step-" + n), "step " + n + " is gone");
                }
            }
        }
    }

    private static int killAfter(Path folder, int changes) throws IOException, InterruptedException {
        Process kitchen = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        WritingKitchen.class.getName(),
                        folder.toString())
                .redirectError(Path.of("target", "killed.log").toFile())
                .start();
        int acknowledged = 0;
        try (BufferedReader out = kitchen.inputReader(StandardCharsets.UTF_8)) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.matches("\\d+")) {
                    acknowledged = Integer.parseInt(line);
                }
                if (acknowledged >= changes) {
                    // SIGKILL: no shutdown hook runs. Through the handle, so that what was printed can still be read.
                    kitchen.toHandle().destroyForcibly();
                }
            }
        }
        assertEquals(kitchen.waitFor(), 137, "the kitchen must have died of the kill");
        return acknowledged;
    }
}
