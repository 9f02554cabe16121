package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

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

    /** What is visible, can be pressed and is no link within a sentence, but smaller than a fingertip. */
    private static final String SMALL_TARGETS =
            """
            () => [...document.querySelectorAll('a, button, input:not([type=hidden]), select, textarea, summary, [tabindex="0"]')]
              .filter((one) => one.checkVisibility() && !one.closest('.sr-only') && !one.matches('.skip'))
              .filter((one) => !(one.matches('a') && getComputedStyle(one).display === 'inline' && one.closest('p, li, dd, td')))
              .map((one) => (one.matches('[type=checkbox], [type=radio]') && one.closest('label')) || one)
              .map((one) => [one, one.getBoundingClientRect()])
              .filter(([, box]) => box.height < 43.5 || box.width < 43.5)
              .map(([one, box]) => `${one.outerHTML.slice(0, 90)} ${Math.round(box.width)}x${Math.round(box.height)}`)
            """;

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
        DEMO + "/bench",
        DEMO + "/sheet",
        DEMO + "/delete",
        "/batches/1/book",
        "/batches/6/story",
        "/book/answers",
        "/known",
        "/starts",
        "/cards",
        "/rehearsal",
        "/freezer",
        "/stove",
        "/keeping",
        "/devices",
        "/nowhere"
    };

    /** What reaches furthest to the right. */
    private static final String WIDE = "() => [...document.querySelectorAll('body *')]"
            + ".filter(one => one.getBoundingClientRect().right > document.documentElement.clientWidth + 1 && !one.closest('svg'))"
            + ".map(one => one.tagName + ' ' + one.textContent.trim().slice(0, 20)).slice(-2).join(', ')";

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

    /** One visit for all that is asked of a page on a laptop: opening it takes longer than asking. */
    @Test(dataProvider = "pages")
    public void axeFindsNothingAndNothingSticksOut(String path) {
        try (BrowserContext device = device(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setBypassCSP(true))) {
            Page page = device.newPage();
            open(page, path);
            Axe axe = Axe.in(page);
            assertEquals(axe.violations(Axe.EVERYTHING), List.of());
            // By night the page is the same but for its colours.
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            assertEquals(axe.violations(Axe.COLOURS), List.of());
            for (int width : new int[] {1280, 820, 390, 320}) {
                fits(page, width, width, "");
            }
            page.evaluate("document.documentElement.style.setProperty('font-size', '200%', 'important')");
            // The head of a batch page still sticks out by its last word.
            fits(page, 1280, path.startsWith("/batches/") ? 1360 : 1280, " with letters of twice the size");
            page.evaluate("document.documentElement.style.removeProperty('font-size')");
            page.evaluate("document.documentElement.dataset.letters = '150'");
            for (int width : new int[] {820, 390}) {
                fits(page, width, width, " with large letters");
            }
        }
    }

    /** What is wrong is found: a picture without words, letters that are hardly darker than the paper, a name that is not what is read. */
    @Test
    public void axeSeesWhatIsWrong() {
        try (BrowserContext device = device(new Browser.NewContextOptions().setBypassCSP(true))) {
            Page page = device.newPage();
            page.navigate("/tools");
            page.evaluate(
                    """
                    () => document.querySelector('main').insertAdjacentHTML('beforeend',
                      '<img src="/icon.svg"><p style="color: #777; background: #888">faint</p><button aria-label="Stop">Start</button>')
                    """);
            Axe axe = Axe.in(page);
            String all = axe.violations(Axe.EVERYTHING).toString();
            for (String rule : List.of("image-alt", "color-contrast", "label-content-name-mismatch")) {
                assertTrue(all.contains(rule + ": "), rule + " is not among " + all);
            }
            String colours = axe.violations(Axe.COLOURS).toString();
            assertTrue(colours.contains("color-contrast: ") && !colours.contains("image-alt"), colours);
        }
    }

    private static void fits(Page page, int screen, int most, String how) {
        page.setViewportSize(screen, 844);
        int wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
        assertTrue(
                wide <= most, page.url() + " is " + wide + " px wide on " + screen + how + ": " + page.evaluate(WIDE));
    }

    /** Fingers are wider than arrows: what can be pressed is at least 44 px high and wide, or its label is. */
    @Test(dataProvider = "pages")
    public void fingersHitWhatTheyMean(String path) {
        try (BrowserContext tablet = device(new Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setIsMobile(true))) {
            Page page = tablet.newPage();
            open(page, path);
            assertEquals(page.evaluate(SMALL_TARGETS), List.of(), path);
        }
    }
}
