package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.TableField;
import ironpin.store.BatchStore;
import java.time.Instant;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The kitchen is closed and opened again while a page of it is open. */
public class RestartJourneyTest extends LeftKitchen {
    public RestartJourneyTest() {
        super(1280, 800);
    }

    @Test
    public void whatIsTypedWhileTheKitchenIsClosedIsNotLost() {
        Page page = device.newPage();
        page.navigate(at("/batches/4/dough"));
        page.waitForFunction("async () => (await caches.match(location.href)) !== undefined");
        Locator water = page.locator("#hydration-1");
        water.fill("53");
        water.press("Enter");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("→ 53 %"));
        kitchen.close();

        assertThat(page.locator("#connection")).isVisible();
        water.fill("57");
        water.press("Enter");
        Locator note = page.locator("#form-hydration-1 .unsaved-note");
        assertThat(note).containsText("Not saved.");
        assertThat(water).hasValue("57");
        Locator rest = page.locator("#rest-1");
        rest.fill("45");
        rest.press("Enter");
        assertThat(page.locator("#form-rest-1 .unsaved-note")).containsText("Not saved.");

        // The page is opened again while the kitchen is still closed: it is the one that was looked at, with what was
        // typed.
        page.reload();
        assertThat(note).containsText("Not saved.");
        assertThat(water).hasValue("57");
        assertThat(page.locator("#connection")).isVisible();

        start(port);
        BatchStore batches = kitchen.getBean(BatchStore.class);
        assertEquals(
                DoughField.HYDRATION.read(batches.load(4).batch(), null, Address.dough(1)),
                53,
                0.001,
                "acknowledged before");
        // Somebody changed something before this page came back.
        batches.change(4, "one more", batch -> TableField.EATERS.write(batch, Address.table(), 9), Instant.now());

        page.locator("#connection")
                .waitFor(new Locator.WaitForOptions()
                        .setState(WaitForSelectorState.HIDDEN)
                        .setTimeout(60_000));
        assertThat(page.locator(".stop-figure").first()).containsText("9 eat");
        assertThat(water).hasValue("57");
        assertThat(rest).hasValue("45");
        note.locator("button").click();
        assertThat(note).hasCount(0);
        page.locator("#form-rest-1 .unsaved-note button").click();
        assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("→ 45"));
        assertEquals(DoughField.HYDRATION.read(batches.load(4).batch(), null, Address.dough(1)), 57, 0.001);
        assertEquals(DoughField.REST.read(batches.load(4).batch(), null, Address.dough(1)), 45, 0.001);
    }
}
