package ironpin.web;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import ironpin.quantity.Mass;
import ironpin.web.kitchen.ScaleDesk;
import ironpin.wrapper.Fold;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** How soon a reading is on twenty pages, what that costs, and how smoothly closings move; no test. */
public final class HandsTiming extends OpenKitchen {
    private static final int PAGES = 20;
    private static final int READINGS = 150;
    private static final int APART_MS = 100;
    private static final int WATCH_MS = 5_000;

    private static final String LISTEN =
            """
            () => {
              window.heard = {};
              document.addEventListener("ironpin:scale", (event) => {
                window.heard[event.detail.grams] = Date.now();
              });
            }
            """;

    private static final String FRAMES =
            """
            (ms) => new Promise((done) => {
              const times = [];
              const tick = (now) => {
                times.push(now);
                if (now - times[0] < ms) {
                  requestAnimationFrame(tick);
                } else {
                  const gaps = times.slice(1).map((at, i) => at - times[i]).sort((a, b) => a - b);
                  done([gaps.length / (times.at(-1) - times[0]) * 1000, gaps[Math.floor(gaps.length * 0.95)], gaps.at(-1)]);
                }
              };
              requestAnimationFrame(tick);
            })
            """;

    private HandsTiming() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        open("hands-timing");
        StringBuilder out = new StringBuilder();
        try {
            scale(out);
            closings(out);
            Files.writeString(Path.of(args[0]), out.toString());
        } finally {
            closeAll();
        }
        System.exit(0);
    }

    private static long processorMillis() {
        return ((com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean())
                        .getProcessCpuTime()
                / 1_000_000;
    }

    private static void scale(StringBuilder out) throws InterruptedException {
        List<BrowserContext> devices = new ArrayList<>();
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < PAGES; i++) {
            BrowserContext device = device(1280, 800);
            devices.add(device);
            Page page = device.newPage();
            page.navigate("/batches/4/portion?lot=1");
            page.evaluate(LISTEN);
            pages.add(page);
        }
        ScaleDesk desk = bean(ScaleDesk.class);
        long[] sent = new long[READINGS];
        for (int i = -20; i < 0; i++) {
            desk.post(Mass.ofGrams(1 - i), true);
            Thread.sleep(APART_MS);
        }
        long before = processorMillis();
        for (int i = 0; i < READINGS; i++) {
            sent[i] = System.currentTimeMillis();
            desk.post(Mass.ofGrams(100 + i), true);
            Thread.sleep(APART_MS);
        }
        Thread.sleep(500);
        long used = processorMillis() - before;
        List<Double> late = new ArrayList<>();
        int missed = 0;
        for (Page page : pages) {
            for (int i = 0; i < READINGS; i++) {
                Object at = page.evaluate("(grams) => window.heard[grams] ?? null", 100 + i);
                if (at instanceof Number when) {
                    late.add(when.doubleValue() - sent[i]);
                } else {
                    missed++;
                }
            }
        }
        devices.forEach(BrowserContext::close);
        double[] sorted = late.stream().mapToDouble(one -> one).sorted().toArray();
        out.append(String.format(
                Locale.ROOT,
                "| a reading, from posted to shown, on each of %d pages, %d readings (%d missed) | p50 %.0f ms | p95 %.0f ms, slowest"
                        + " %.0f ms |%n",
                PAGES,
                READINGS,
                missed,
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length - 1]));
        out.append(String.format(
                Locale.ROOT,
                "| processor time of the server for it | %.2f ms a reading | %.1f %% of one core at ten readings a second |%n",
                (double) used / READINGS,
                100.0 * used / (READINGS * APART_MS + 500)));
    }

    private static void closings(StringBuilder out) {
        try (BrowserContext device = device(1280, 800)) {
            Page page = device.newPage();
            for (Fold fold : Arrays.asList(Fold.PLEATED_CRESCENT, Fold.PURSE, Fold.ROLLED_STRIP)) {
                page.navigate("/closings/" + fold.name());
                page.waitForFunction("() => document.querySelector('[data-step][aria-current]')");
                List<?> seen = (List<?>) page.evaluate(FRAMES, WATCH_MS);
                out.append(String.format(
                        Locale.ROOT,
                        "| %s, moving | %.1f frames a second | 95 in a hundred within %.1f ms, longest %.1f ms |%n",
                        fold.label(),
                        ((Number) seen.get(0)).doubleValue(),
                        ((Number) seen.get(1)).doubleValue(),
                        ((Number) seen.get(2)).doubleValue()));
            }
        }
    }
}
