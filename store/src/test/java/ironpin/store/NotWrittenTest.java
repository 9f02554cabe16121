package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A disk that takes no more: what was not kept is said, and what was kept can be read at once and after a new start. */
public class NotWrittenTest {
    /** Where the disk ends decides in which of the database's own steps it ends: some can still open it, most cannot. */
    @DataProvider
    Object[][] blocks() {
        // A kitchen that is made anew passes two megabytes on its way.
        return new Object[][] {{2_200}, {2_311}, {2_700}, {3_200}};
    }

    @Test(dataProvider = "blocks")
    public void aFullDiskIsSaidAndNothingKeptIsLost(int blocks) throws IOException, InterruptedException {
        Path folder = TestFolder.fresh("full-" + blocks);
        // A file may have so many blocks of a kilobyte; to the process that is a disk that is full.
        Process kitchen = new ProcessBuilder(
                        "bash",
                        "-c",
                        "ulimit -f " + blocks + "; exec \"$0\" \"$@\"",
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:-UsePerfData",
                        "-Xshare:off",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        FullKitchen.class.getName(),
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String out = new String(kitchen.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(kitchen.waitFor(), 0, out);
        Map<String, String> said = Arrays.stream(out.split("\n"))
                .map(line -> line.split(" ", 2))
                .collect(Collectors.toMap(line -> line[0], line -> line[1], (a, b) -> b));
        assertEquals(said.get("said1"), NotWritten.SAID, out);
        assertEquals(said.get("said2"), NotWritten.SAID, out);
        long acknowledged = Long.parseLong(said.get("acknowledged"));
        assertTrue(acknowledged > 10, out);
        long held = Long.parseLong(said.get("holds").split(" ")[0]);
        assertTrue(held >= acknowledged - 1, out);
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            BatchStore batches = new BatchStore(cupboard);
            assertTrue(batches.count(Status.PLANNED) >= held - 1, "after a new start");
            batches.load(acknowledged);
            batches.create(
                    WritingKitchen.batch(),
                    "there is room again",
                    Clock.systemUTC().instant());
        }
    }
}
