package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironpin.batch.Batch;
import ironpin.store.BatchStore;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A plan goes from one Ironpin to another in a link. */
public class LinkTest extends OpenKitchen {
    private static long opened(Page page, String link) {
        page.navigate("/");
        page.navigate(link);
        page.getByText("Open it").click();
        page.waitForURL(Pattern.compile("/batches/\\d+/table"));
        Matcher id = Pattern.compile("/batches/(\\d+)/").matcher(page.url());
        assertTrue(id.find());
        return Long.parseLong(id.group(1));
    }

    @Test
    public void whatALinkHoldsIsTheWholePlan() {
        BatchStore batches = bean(BatchStore.class);
        Batch supper = batches.load(4).batch();
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/batches/4/link");
            String whole = page.locator("textarea").first().inputValue();
            String leaves = page.locator("textarea").nth(2).inputValue();
            assertTrue(whole.length() < 8_000, whole.length() + " letters");
            assertEquals(batches.load(opened(page, whole)).batch(), supper);
            Batch alone = batches.load(opened(page, leaves)).batch();
            assertEquals(alone.lots(), supper.lots().subList(1, 2));
            assertEquals(alone.fillings().size() + alone.doughs().size(), 2);

            page.navigate("/batches/import");
            page.locator("#link").fill(whole.substring(0, whole.length() - 9));
            page.getByText("Open it").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("This is no such link");
            assertThat(page.locator("#link")).hasValue(Pattern.compile("^http"));
        }
    }
}
