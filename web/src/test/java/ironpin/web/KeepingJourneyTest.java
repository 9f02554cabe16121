package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import ironpin.batch.Appetite;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Backups, and the whole kitchen out and in, with a browser. */
public class KeepingJourneyTest extends OpenKitchen {
    private static final String TITLE = "Supper of before the backup";

    private static long create() {
        return bean(BatchStore.class)
                .create(
                        Styles.start(
                                Styles.get("boiled-crescent"),
                                TITLE,
                                LocalDate.now().plusDays(3).atTime(19, 0),
                                2,
                                Appetite.USUAL),
                        "new",
                        Instant.now());
    }

    @Test
    public void aCookGoesBackAndForthAndTakesTheKitchenOutAndIn() {
        BatchStore batches = bean(BatchStore.class);
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/");
            page.getByText("Backups, and the whole kitchen").click();
            page.getByText("Keep one now").click();
            assertThat(page.locator("#keeping-said")).hasText("Kept, as everything is now.");
            long id = create();
            page.locator("main li").first().getByText("Go back to this one").click();
            assertThat(page.locator("#keeping-said")).containsText("The kitchen is as it was then.");
            assertEquals(batches.called(TITLE, 2).size(), 0, "the batch was made after it");
            page.locator("main li").first().getByText("Go back to this one").click();
            assertThat(page.locator("#keeping-said")).containsText("The kitchen is as it was then.");
            assertEquals(batches.load(id).batch().title(), TITLE, "what stood there was kept first");

            Download download =
                    page.waitForDownload(() -> page.getByText("Take it out").click());
            assertTrue(download.suggestedFilename().matches("ironpin-kitchen-[\\d-]+\\.zip"));
            Path archive = Path.of("target", "taken-out.zip");
            download.saveAs(archive);
            batches.delete(id);
            page.locator("#archive").setInputFiles(archive);
            page.locator("[data-archive] button").click();
            assertThat(page.locator("#keeping-said"))
                    .hasText(Pattern.compile("1 batch came in; \\d+ batches were here already\\."));
            long came = batches.called(TITLE, 2).get(0).id();
            page.locator("[data-archive] button").click();
            assertThat(page.locator("#keeping-said"))
                    .hasText(Pattern.compile("Nothing new is in it: \\d+ batches were here already\\."));
            page.locator("#archive").setInputFiles(new FilePayload("note.zip", "application/zip", "hello".getBytes()));
            page.locator("[data-archive] button").click();
            assertThat(page.locator("#keeping-said"))
                    .hasText("This is no archive of a kitchen: it is not a whole zip file.");
            batches.delete(came);
        }
    }
}
