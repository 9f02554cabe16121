package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.ExecutionException;
import org.testng.annotations.Test;

/** What was answered is there after a kill, and after the next eleven; what fails is kept where it is. */
public class KilledKitchenTest {
    private static final int KILLS = Integer.getInteger("ironpin.kills", 12);

    @Test
    public void nothingAnsweredIsLostOverManyKills() throws IOException, InterruptedException, ExecutionException {
        Path data = Path.of("target", "killed-kitchen");
        OpenKitchen.empty(data);
        KilledKitchen.Report report = new KilledKitchen(data, System.nanoTime()).run(KILLS);
        assertEquals(String.join("\n", report.lost()), "", "the file is kept in " + data);
        assertTrue(report.writes() >= KILLS, "only " + report.writes() + " writes were answered");
    }
}
