package ironpin.web;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** Drags the pin of the demo's dough to and fro and writes how long each update took in the browser; no test. */
public final class DragTiming extends OpenKitchen {
    private static final int WARM = 120;
    private static final int MEASURED = 300;
    private static final int PAUSE_MS = 40;

    private DragTiming() {}

    public static void main(String[] args) throws IOException {
        open("drag-timing");
        try (BrowserContext device = device(1280, 800)) {
            Page page = device.newPage();
            page.navigate("/batches/4/dough");
            BoundingBox handle = page.locator(".pin-handle").boundingBox();
            double x = handle.x + handle.width / 2;
            double y = handle.y + handle.height / 2;
            page.mouse().move(x, y);
            page.mouse().down();
            for (int i = 0; i < WARM + MEASURED; i++) {
                page.mouse().move(x + 60 * Math.sin(i / 9.0), y);
                page.waitForTimeout(PAUSE_MS);
            }
            List<?> taken =
                    (List<?>) page.evaluate("performance.getEntriesByName('ironpin-drag').map(one => one.duration)");
            double[] millis = taken.stream()
                    .skip(WARM)
                    .mapToDouble(one -> ((Number) one).doubleValue())
                    .sorted()
                    .toArray();
            String line = String.format(
                    Locale.ROOT,
                    "| drag of the pin, from asking to the page redrawn, %d updates | %.0f ms | %.0f ms |%n",
                    millis.length,
                    millis[millis.length / 2],
                    millis[millis.length * 95 / 100]);
            Files.writeString(Path.of(args[0]), line);
        } finally {
            closeAll();
        }
        System.exit(0);
    }
}
