package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.store.BatchStore;
import java.time.Instant;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** A cook writes numbers and hours as at home: the browser says how, the kit may say otherwise, and what is typed is read that way. */
public class NumbersOfTheHouseTest extends OpenKitchen {
    private static final String COMMA = "1.234,5";

    /** Whatever the hour at which the demo is looked at. */
    private static final Pattern HALF_A_DAY = Pattern.compile("\\b1?\\d:\\d\\d [ap]m\\b");

    private static BrowserContext in(String locale) {
        return device(new Browser.NewContextOptions().setViewportSize(1280, 800), locale);
    }

    private static long supper() {
        BatchStore batches = bean(BatchStore.class);
        Batch batch = batches.load(4).batch().withTitle("Version 2.5 of 1.500");
        return batches.create(batch, "numbers", Instant.now());
    }

    @Test
    public void aCommaStandsWhereThisCookWritesIt() throws Exception {
        long id = supper();
        BatchStore batches = bean(BatchStore.class);
        try (BrowserContext device = in("de-DE")) {
            Page page = page(device);
            page.navigate("/batches/" + id + "/dough");
            assertThat(page.locator("html")).hasAttribute("data-numbers", "comma");
            Locator water = page.locator("#hydration-1");
            water.fill("52,5");
            water.press("Enter");
            assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("→ 52,5 %"));
            assertEquals(DoughField.HYDRATION.read(batches.load(id).batch(), null, Address.dough(1)), 52.5, 1e-9);
            assertThat(water).hasValue("52,5");
            water.press("ArrowUp");
            assertThat(water).hasValue(Pattern.compile("53(,0)?"));
            Locator flour = page.locator("#flour-1");
            flour.fill("1,2 kg");
            flour.press("Enter");
            assertThat(flour).hasValue("1200");
            flour.fill("1.500");
            flour.press("Enter");
            assertThat(flour).hasValue("1500");
            // Where both ways of reading its mark make sense, the page says which it took.
            page.navigate("/batches/" + id + "/filling");
            Locator lamb = page.locator("#filling-grams-1-1");
            lamb.fill("1.100");
            lamb.press("Enter");
            assertThat(lamb).hasValue(Pattern.compile("1100(,0)?"));
            assertThat(page.locator("main")).containsText("Taken for 1100 g, not for 1,1 g.");
            page.navigate("/batches/" + id + "/dough");
            // Pictures are drawn in points, whatever is written on them.
            assertEquals(page.locator("svg[viewBox*=',']").count(), 0);
            page.navigate("/kit");
            press(page, "1,234.5");
            page.navigate("/batches/" + id + "/dough");
            assertThat(page.locator("#flour-1")).hasValue("1500");
            assertThat(page.locator("main")).containsText("1,500 g");
            page.navigate("/kit");
            press(page, COMMA);
            byte[] ruler = page.context()
                    .request()
                    .get("/batches/" + id + "/ruler.pdf?lot=1")
                    .body();
            String printed = new PDFTextStripper().getText(Loader.loadPDF(ruler));
            assertEquals(Pattern.compile("\\d\\.\\d").matcher(printed).find(), false, printed);
            assertEquals(Pattern.compile("\\d,\\d").matcher(printed).find(), true, printed);
        }
    }

    @Test
    public void hoursAndMoneyAreTheirsToo() {
        try (BrowserContext device = in("en-US")) {
            Page page = page(device);
            page.navigate("/batches/4/clock");
            assertThat(page.locator("main")).containsText(HALF_A_DAY);
            page.navigate("/kit");
            press(page, "18 o’clock");
            page.getByLabel("Sign of your money").fill("€");
            press(page, "Keep");
            page.navigate("/batches/4/shopping");
            assertThat(page.locator("main")).containsText("price €");
            page.navigate("/batches/4/clock");
            assertThat(page.locator("main")).not().containsText(HALF_A_DAY);
        }
    }
}
