package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every page can be used by everybody, by day and by night, on a phone, a tablet and a laptop. */
public class AccessTest extends OpenKitchen {
    private static final String DEMO = "/batches/4";
    private static final String READ_RECIPE = "/recipes?example";

    private static final String[] PAGES = {
        "/",
        "/batches/new",
        "/batches/import",
        "/book",
        "/kit",
        "/tools",
        "/recipes",
        READ_RECIPE,
        DEMO + "/shopping",
        "/amounts",
        "/amounts?text=2+cups%0Anonsense",
        DEMO + "/table",
        DEMO + "/dough?lot=2",
        DEMO + "/filling",
        DEMO + "/portion",
        DEMO + "/roll?lot=3",
        DEMO + "/fold?lot=2",
        DEMO + "/cook",
        DEMO + "/clock",
        DEMO + "/book",
        DEMO + "/run",
        DEMO + "/run?bench=true",
        DEMO + "/sheet",
        DEMO + "/delete",
        "/batches/1/book",
        "/nowhere"
    };

    /** A recipe is read by pressing a button. */
    private static void open(Page page, String path) {
        page.navigate(path);
        if (path.equals(READ_RECIPE)) {
            page.locator("button.go").click();
            page.waitForSelector(".recipe");
        }
    }

    @DataProvider
    public Object[][] pages() {
        List<Object[]> rows = new ArrayList<>();
        for (String path : PAGES) {
            rows.add(new Object[] {path});
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "pages")
    public void axeFindsNothing(String path) {
        for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
            try (BrowserContext device = device(new Browser.NewContextOptions()
                    .setViewportSize(1280, 800)
                    .setBypassCSP(true)
                    .setColorScheme(scheme))) {
                Page page = device.newPage();
                open(page, path);
                var violations = new AxeBuilder(page).analyze().getViolations();
                assertEquals(violations.size(), 0, scheme + " " + violations);
            }
        }
    }

    @Test(dataProvider = "pages")
    public void nothingSticksOutSideways(String path) {
        for (int[] size : new int[][] {{1280, 800}, {820, 1180}, {390, 844}}) {
            try (BrowserContext device = device(size[0], size[1])) {
                Page page = device.newPage();
                open(page, path);
                int width = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
                assertTrue(width <= size[0], path + " is " + width + " px wide on " + size[0]);
            }
        }
    }
}
