package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.store.BatchStore;
import ironpin.store.Status;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A whole batch without a pointer, and without eyes. */
public class KeysAloneTest extends OpenKitchen {
    private static final int FURTHEST = 60;
    private static final List<String> STATIONS =
            List.of("table", "dough", "filling", "portion", "roll", "fold", "cook", "clock", "book", "run", "bench");

    /** By Tab alone, from where the focus is. */
    private static int tabTo(Page page, String selector) {
        for (int i = 1; i <= FURTHEST; i++) {
            page.keyboard().press("Tab");
            if ((Boolean) page.evaluate("one => document.activeElement.matches(one)", selector)) {
                return i;
            }
        }
        throw new AssertionError(selector + " is not reached by " + FURTHEST + " tabs on " + page.url());
    }

    private static double water(BatchStore batches, long id) {
        return DoughField.HYDRATION.read(batches.load(id).batch(), null, Address.dough(1));
    }

    private static void skip(Page page) {
        tabTo(page, ".skip");
        page.keyboard().press("Enter");
    }

    @Test
    public void aWholeBatchByKeysAlone() {
        BatchStore batches = bean(BatchStore.class);
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/batches/new");
            skip(page);
            tabTo(page, "#wish-said");
            page.keyboard().type("12 boiled crescents for 1");
            page.keyboard().press("Enter");
            assertThat(page.locator("#wish-heard")).containsText("12");
            tabTo(page, "button.go");
            page.keyboard().press("Enter");
            page.waitForURL(Pattern.compile("/batches/\\d+/"));
            Matcher url = Pattern.compile("/batches/(\\d+)/").matcher(page.url());
            assertTrue(url.find());
            long id = Long.parseLong(url.group(1));

            page.keyboard().press("2");
            assertThat(page.locator("#screen")).hasAttribute("data-place", "dough");
            skip(page);
            assertTrue(tabTo(page, "#hydration-1") <= 15);
            double dry = water(batches, id);
            page.keyboard().press("ArrowUp");
            assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("→"));
            // Half a point more than the field showed, to a tenth.
            page.waitForCondition(() -> Math.abs(water(batches, id) - dry - 0.5) <= 0.051);
            // A way out that a finding offers goes with the press; the focus stays beside it.
            page.locator("#hydration-1").fill("80");
            page.keyboard().press("Enter");
            Locator fix = page.locator(".findings button").first();
            assertThat(fix).isVisible();
            tabTo(page, ".findings button");
            page.keyboard().press("Enter");
            assertThat(page.locator("[data-undo]")).not().hasAttribute("title", Pattern.compile("→ 80"));
            assertFalse((Boolean) page.evaluate("() => document.activeElement === document.body"), "the focus is lost");

            tabTo(page, "form[data-goes-on] button");
            page.keyboard().press("Enter");
            page.waitForURL(Pattern.compile("/run"));
            assertEquals(page.evaluate("() => document.activeElement.id"), "content");
            page.keyboard().press("b");
            page.waitForURL(Pattern.compile("/bench"));
            for (int i = 0; i < 80 && page.locator("[data-done]").count() > 0; i++) {
                // Nobody does two steps within a moment.
                page.waitForTimeout(650);
                if (!(Boolean) page.evaluate("() => document.activeElement.matches('[data-done]')")) {
                    tabTo(page, "[data-done]");
                }
                String before = page.locator("#screen").innerText();
                page.keyboard().press("Enter");
                page.waitForFunction("old => document.getElementById('screen').innerText !== old", before);
            }
            assertThat(page.locator("#now-title")).hasText("Everything is on the table.");
            tabTo(page, "main a.go");
            page.keyboard().press("Enter");
            page.waitForURL(Pattern.compile("/book"));
            skip(page);
            tabTo(page, "#judge-made");
            page.keyboard().type("12");
            page.keyboard().press("Enter");
            page.waitForCondition(() -> batches.load(id).status() == Status.DONE);
        }
    }

    /** What a reader of the screen says, line by line: whatever can be done has a name, and no two fields the same. */
    @Test
    public void everythingIsReadByItsName() {
        Pattern nameless = Pattern.compile(
                "^- (button|link|textbox|combobox|checkbox|radio|slider|spinbutton|img)(?: \\[[^]]*])*:?$");
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            List<String> odd = new ArrayList<>();
            for (String station : STATIONS) {
                page.navigate("/batches/4/" + station);
                Set<String> fields = new HashSet<>();
                for (String line : page.locator("body").ariaSnapshot().split("\n")) {
                    String said = line.strip();
                    if (nameless.matcher(said).matches()) {
                        odd.add(station + " has no name: " + said);
                    }
                    Matcher field = Pattern.compile("^- (?:textbox|combobox) \"([^\"]*)\".*")
                            .matcher(said);
                    if (field.matches() && !fields.add(field.group(1))) {
                        odd.add(station + " twice: " + said);
                    }
                }
                assertFalse(fields.isEmpty() && !station.equals("bench") && !station.equals("run"), station);
            }
            assertEquals(odd, List.of());
        }
    }

    /** Where the system has few colours, what is written on a picture is the system's, and a pressed button is not like the others. */
    @Test
    public void picturesFollowForcedColours() {
        try (BrowserContext device = device(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setForcedColors(ForcedColors.ACTIVE))) {
            Page page = page(device);
            page.navigate("/batches/4/dough");
            assertEquals(
                    page.evaluate("() => getComputedStyle(document.querySelector('main svg text')).fill"),
                    page.evaluate("() => getComputedStyle(document.body).color"));
            page.navigate("/kit");
            assertEquals(
                    page.evaluate("() => getComputedStyle(document.querySelector('[aria-pressed=true]')).outlineStyle"),
                    "solid");
        }
    }
}
