package ironpin.web;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/** Takes one picture of each main view of the demo kitchen. */
public final class Shots extends OpenKitchen {
    private static final String DEMO = "/batches/4";

    private Shots() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        Map<String, String> views = new LinkedHashMap<>();
        views.put("kitchen", "/");
        views.put("new-batch", "/batches/new");
        views.put("table", DEMO + "/table");
        views.put("dough", DEMO + "/dough");
        views.put("filling", DEMO + "/filling?lot=2");
        views.put("portion", DEMO + "/portion");
        views.put("roll", DEMO + "/roll");
        views.put("fold", DEMO + "/fold?lot=2");
        views.put("cook", DEMO + "/cook");
        views.put("clock", DEMO + "/clock");
        views.put("closings", "/closings/PLEATED_CRESCENT");
        views.put("practice", "/practice?shape=ROPE");
        views.put("book", "/book");
        views.put("kit", "/kit");
        views.put("recipe", "/recipes?example");
        views.put("run", DEMO + "/run");
        views.put("bench-sheet", DEMO + "/sheet");
        open("shots");
        try {
            views.forEach((name, path) -> shoot(folder, name, path, 1280, 800, ColorScheme.LIGHT));
            shoot(folder, "bench", DEMO + "/bench?who=1", 820, 1180, ColorScheme.LIGHT);
            shoot(folder, "phone", DEMO + "/dough?lot=3", 390, 844, ColorScheme.LIGHT);
        } finally {
            closeAll();
        }
        System.exit(0);
    }

    private static void shoot(Path folder, String name, String path, int width, int height, ColorScheme scheme) {
        Browser.NewContextOptions options =
                new Browser.NewContextOptions().setViewportSize(width, height).setColorScheme(scheme);
        try (BrowserContext device = device(options)) {
            Page page = device.newPage();
            page.navigate(path);
            // A plan is shown as good as it gets.
            page.waitForFunction(
                    "() => !document.querySelector('.clock-known')?.textContent.includes('Still looking')",
                    null,
                    new Page.WaitForFunctionOptions().setTimeout(60_000));
            if (path.startsWith("/recipes")) {
                page.locator("button.go").click();
                page.waitForSelector(".recipe");
            }
            if (page.locator("canvas[data-closing]").count() > 0) {
                page.waitForFunction("() => document.querySelector('[data-step][aria-current]')");
                page.locator("[data-step]").nth(2).click();
            }
            page.evaluate("document.fonts.ready");
            page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        }
    }
}
