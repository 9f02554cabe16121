package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.web.kitchen.Bell;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

public class BusyKitchenTest {
    private static final int CLIENTS = 20;
    private static final Duration LENGTH = Duration.ofSeconds(10);

    @Test
    public void nothingAcknowledgedIsLostWhileTwentyWrite() throws IOException, InterruptedException {
        Path data = Path.of("target", "busy-kitchen");
        OpenKitchen.empty(data);
        try (ConfigurableApplicationContext kitchen = SpringApplication.run(
                Ironpin.class,
                "--server.port=0",
                "--ironpin.demo=true",
                "--ironpin.beat=1s",
                "--ironpin.data=" + data.toAbsolutePath())) {
            String address = "http://127.0.0.1:"
                    + ((WebServerApplicationContext) kitchen).getWebServer().getPort();
            BusyKitchen.Report report = new BusyKitchen(address, CLIENTS, LENGTH, System.nanoTime()).run();
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
