package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import ironpin.batch.Batch;
import ironpin.store.BatchStore;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** From somebody's recipe to a batch. */
public class RecipeJourneyTest extends OpenKitchen {
    private BrowserContext device;
    private Page page;

    @BeforeMethod
    public void atTheRecipes() {
        device = device(1280, 900);
        page = page(device);
        page.navigate("/recipes");
    }

    @AfterMethod(alwaysRun = true)
    public void tidyUp() {
        device.close();
    }

    private Locator says() {
        return page.locator(".says");
    }

    private void readIt(String text) {
        page.locator("#recipe-text").fill(text);
        page.locator("button.go").click();
    }

    @Test
    public void aContradictoryRecipeIsToldSoWithItsFigures() {
        page.getByText("Try it with this example").click();
        page.locator("button.go").click();
        assertThat(says().locator("h2")).hasText("4 contradictions");
        assertThat(says().locator(".contradictions")).containsText("40 against 30");
        assertThat(says().locator(".contradictions")).containsText("15.6 g against 20.0 g");
        assertThat(says().locator(".contradictions")).containsText("20.0 g against 16.6 g");
        assertThat(says().locator(".contradictions")).containsText("60 against 45");
        assertThat(says()).containsText("with US cups, scooped, it is 54.4 %: that reading fits");
        assertThat(says()).containsText("71 °C in the core");
    }

    @Test
    public void whatWasMisreadIsPutRightInPlaceAndTheRecipeBecomesABatch() {
        readIt(
                "Green leaves\nServes 2, makes 20\n\nDough\n200 g plain flour\n100 g boiling water\n30 g woodruff juice\n\n"
                        + "Filling\n300 g firm tofu\n4 g salt\n\nMethod\nRest 20 minutes. Steam 8 minutes.");
        assertThat(page.locator(".doubts")).containsText("not read: “30 g woodruff juice”");
        page.locator("#recipe-meaning-2").selectOption("dough:WATER");
        assertThat(says()).containsText("65 %");
        assertThat(page.locator(".doubts")).hasCount(0);
        page.locator("#recipe-line-0").fill("a lot of flour");
        page.locator("#recipe-line-0").press("Tab");
        assertThat(page.locator("#recipe-line-0")).hasAttribute("aria-invalid", "true");
        assertThat(page.locator("#recipe-line-0")).hasValue("a lot of flour");
        page.locator("#recipe-line-0").fill("200 g plain flour");
        page.locator("#recipe-line-0").press("Tab");
        assertThat(says()).containsText("65 %");
        page.locator("#recipe-eaters").fill("zero");
        page.locator("#recipe-eaters").press("Tab");
        assertThat(page.locator(".recipe-go .field-error")).hasText("A whole number from 1 to 200.");
        page.locator("#recipe-eaters").fill("6");
        page.locator("#recipe-eaters").press("Tab");
        assertThat(page.locator(".recipe-go")).containsText("60 pieces, steamed");
        page.locator(".recipe-go .go").click();
        page.waitForURL(Pattern.compile(".*/batches/\\d+/table"));
        page.locator("#source summary").click();
        assertThat(page.locator(".source-words")).containsText("30 g woodruff juice");
        long id = Long.parseLong(page.url().replaceAll(".*/batches/(\\d+)/.*", "$1"));
        Batch kept = bean(BatchStore.class).load(id).batch();
        assertEquals(kept.doughs().get(0).formula().hydration().percent(), 65, 1e-6);
        assertEquals(kept.eaters(), 6);
        String saved = page.request().get("/api/v1/batches/" + id).text();
        assertTrue(saved.contains("30 g woodruff juice"), "the recipe is saved with it");
        bean(BatchStore.class).delete(id);
    }

    @Test
    public void aDroppedFileIsReadAndNothingInItRuns() {
        String hostile = "<html><head><script>window.ran = true; fetch('/batches', {method: 'POST'})</script>"
                + "<script type=\"application/ld+json\">{\"@context\":\"https://schema.org\",\"@type\":\"Recipe\","
                + "\"name\":\"<img src=x onerror='window.ran=true'>Leaves\",\"recipeYield\":\"20\","
                + "\"recipeIngredient\":[\"200 g flour<svg onload='window.ran=true'></svg>\",\"100 g water\",\"300 g tofu\"],"
                + "\"recipeInstructions\":\"Steam for 8 minutes.\"}</script></head><body onload=\"window.ran=true\"></body></html>";
        page.locator("#recipe-file")
                .setInputFiles(new FilePayload("leaves.html", "text/html", hostile.getBytes(StandardCharsets.UTF_8)));
        page.locator("button.go").click();
        assertThat(page.locator("#recipe-title")).hasValue("Leaves");
        assertThat(page.locator(".recipe-lines tbody tr")).hasCount(3);
        assertEquals(page.evaluate("window.ran === undefined"), true);
        assertFalse(page.content().contains("onerror"), "no markup of the file is left");
    }

    @Test
    public void whatCannotBeReadSaysWhyAndKeepsTheText() {
        readIt("It rained all day and nobody cooked.");
        assertThat(page.locator("#recipe-problem")).containsText("No ingredients were found.");
        assertThat(page.locator("#recipe-text")).hasValue("It rained all day and nobody cooked.");
        page.locator("#recipe-file")
                .setInputFiles(new FilePayload("noise.txt", "text/plain", new byte[] {(byte) 0xC3, 0x28, 0x41}));
        page.locator("button.go").click();
        assertThat(page.locator("#recipe-problem")).containsText("not text in UTF-8");
    }

    @Test
    public void aFileThatIsTooLargeIsToldSo() {
        byte[] large = "300 g flour\n".repeat(500_000).getBytes(StandardCharsets.UTF_8);
        page.locator("#recipe-file").setInputFiles(new FilePayload("large.txt", "text/plain", large));
        page.locator("button.go").click();
        assertThat(page.locator("main")).containsText("A file has up to 2 MB here.");
    }

    @Test
    public void itFitsAPhone() {
        try (BrowserContext phone = device(390, 844)) {
            Page small = page(phone);
            small.navigate("/recipes?example");
            small.locator("button.go").click();
            assertThat(small.locator(".says h2")).hasText("4 contradictions");
            assertTrue(
                    (Integer) small.evaluate("document.documentElement.scrollWidth") <= 390, "no sideways scrolling");
        }
    }
}
