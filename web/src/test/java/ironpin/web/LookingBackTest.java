package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import ironpin.batch.Appetite;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.time.Instant;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What is asked, told, known and left over after an evening. */
public class LookingBackTest extends OpenKitchen {
    private static long started(String title, int daysAgo) {
        BatchStore batches = bean(BatchStore.class);
        long id = batches.create(
                Styles.start(
                        Styles.get("boiled-crescent"),
                        title,
                        LocalDate.now().minusDays(daysAgo).atTime(19, 0),
                        2,
                        Appetite.USUAL),
                "new",
                Instant.now());
        batches.start(id, Instant.now());
        return id;
    }

    @Test
    public void anEveningIsAskedAboutTheNextDayAndThenToldKnownAndUsedUp() {
        long yesterday = started("Supper of yesterday", 1);
        long before = started("Supper of before", 2);
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/");
            assertThat(page.locator(".asked")).containsText("How did Supper of yesterday go yesterday?");
            assertThat(page.locator(".asked")).not().containsText("Supper of before");
            page.locator(".asked a").first().click();
            page.getByLabel(Pattern.compile("^Burst")).first().fill("2");
            page.getByLabel(Pattern.compile("^Filling left")).first().fill("60");
            page.getByText("Write it down").click();
            assertThat(page.locator(".saved")).isVisible();
            // A photo of it, smaller than a phone takes it.
            page.locator("#photo-file")
                    .setInputFiles(new FilePayload(
                            "plate.png", "image/png", page.screenshot(new Page.ScreenshotOptions().setFullPage(true))));
            assertThat(page.locator(".photos img")).hasCount(1);
            String picture = page.locator(".photos img").getAttribute("src");
            assertEquals(page.request().get(picture).headers().get("content-type"), "image/jpeg");
            assertEquals(page.evaluate("document.querySelector('.photos img').naturalWidth <= 1280"), true);
            page.locator("#photo-file").setInputFiles(new FilePayload("note.txt", "text/plain", "hello".getBytes()));
            assertThat(page.locator("main")).containsText("A photo is a JPEG or PNG picture; this is not.");
            page.navigate("/batches/" + yesterday + "/book");
            page.locator(".photos .drop").click();
            assertThat(page.locator(".photos img")).hasCount(0);
            page.getByText("Its whole story").click();
            assertThat(page.locator(".story")).containsText("24 made, 2 burst, 0 leaked, 0 stuck");
            assertThat(page.locator(".story li").first()).containsText("new");
            String told = page.request()
                    .get("/api/v1/batches/" + yesterday + "/story")
                    .text();
            assertTrue(told.contains("\"VERDICT\""), told);
            page.navigate("/");
            assertThat(page.locator(".asked")).hasCount(0);
            // Sixty grams of it are left until somebody has used them.
            Locator left =
                    page.locator(".lying li").filter(new Locator.FilterOptions().setHasText("Supper of yesterday"));
            assertThat(left).containsText("60 g of lamb and carrot filling");
            assertThat(left).containsText("enough for 3 pieces");
            assertThat(left).containsText("Raw: cold and covered, and used within a day.");
            left.getByText("Plan with it").click();
            page.waitForURL(Pattern.compile(".*/batches/\\d+/table.*"));
            assertThat(page.getByLabel("pieces", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("3");
            page.navigate(page.url().replaceAll("/table.*", "/delete"));
            page.locator("form[action$='/delete'] button").click();
            page.navigate("/");
            left.getByText("it is used").click();
            assertThat(left).hasCount(0);
            // What it taught is known, and can be left out of account.
            page.navigate("/known");
            Locator fold = page.locator("article.known").filter(new Locator.FilterOptions().setHasText("All-round"));
            String said = fold.locator("p").first().innerText();
            fold.locator("summary").click();
            fold.getByText("leave it out").first().click();
            assertThat(fold.locator("p").first()).not().hasText(said);
            fold.locator("summary").click();
            fold.getByText("mind it again").first().click();
            assertThat(fold.locator("p").first()).hasText(said);
            page.navigate("/book/answers");
            assertThat(page.locator(".answer").first()).containsText("Which fold bursts least?");
            assertEquals(
                    page.locator(".answer svg").count(), page.locator(".answer").count());
        } finally {
            bean(BatchStore.class).delete(yesterday);
            bean(BatchStore.class).delete(before);
        }
    }
}
