package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.web.kitchen.Bell;
import java.io.IOException;
import java.time.Duration;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

public class BusyKitchenTest {
    private static final int CLIENTS = 20;
    private static final Duration LENGTH = Duration.ofSeconds(10);

    @Test
    public void nothingAcknowledgedIsLostWhileTwentyWrite() throws IOException, InterruptedException {
        OpenKitchen.empty(OpenKitchen.folder("busy"));
        try (ConfigurableApplicationContext kitchen = OpenKitchen.start("busy", "--ironpin.beat=1s")) {
            BusyKitchen.Report report =
                    new BusyKitchen(OpenKitchen.address(kitchen), CLIENTS, LENGTH, System.nanoTime()).run();
            assertEquals(String.join("\n", report.broken()), "");
            assertEquals(String.join("\n", report.lost()), "");
            assertTrue(report.writes() >= CLIENTS, "only " + report.writes() + " writes were acknowledged");
            Bell bell = kitchen.getBean(Bell.class);
            for (int i = 0; i < 150 && bell.listening() > 0; i++) {
                Thread.sleep(200);
            }
            assertEquals(bell.listening(), 0, "closed pages are still listened for");
        }
    }
}
