package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.FillingComposing;
import ironpin.kit.Kit;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** From a plan to a full basket. */
public class ShoppingTest extends OpenKitchen {
    private BrowserContext phone;
    private Page page;
    private long id;

    @BeforeMethod
    public void withAList() {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("griddle-bread")),
                "Market day",
                LocalDateTime.of(2026, 12, 12, 19, 0),
                12,
                Appetite.USUAL,
                Kit.usual());
        batch = FillingComposing.add(batch, 2, "=cmd|moon \"dust\"");
        id = bean(BatchStore.class).create(batch, "new", Instant.now());
        phone = device(390, 844);
        page = page(phone);
        page.navigate("/batches/" + id + "/shopping");
    }

    @AfterMethod(alwaysRun = true)
    public void home() {
        phone.close();
        bean(BatchStore.class).delete(id);
    }

    private Locator row(String name) {
        return page.locator(".shopping tr").filter(new Locator.FilterOptions().setHasText(name));
    }

    @Test
    public void whatStandsAtHomeIsTakenOffAndWhatIsBoughtIsTicked() {
        Locator flour = row("All-round wheat flour");
        assertThat(flour).containsText("601 g");
        assertThat(flour).containsText("1,000 g");
        String open = page.locator(".subtitle").innerText();
        flour.locator("input[id^=have-]").fill("2 cups");
        flour.locator("input[id^=have-]").press("Enter");
        assertThat(flour).containsText("500 g");
        flour.locator("input[id^=have-]").fill("900");
        flour.locator("input[id^=have-]").press("Enter");
        assertThat(flour).containsText("enough");
        assertThat(page.locator(".subtitle")).not().hasText(open);
        flour.locator("input[id^=have-]").fill("plenty");
        flour.locator("input[id^=have-]").press("Enter");
        assertThat(flour.locator(".field-error")).hasText("Between 0 and 50000 g.");
        assertEquals(flour.locator("input[id^=have-]").inputValue(), "plenty");
        row("lamb mince").locator("input[type=checkbox]").check();
        assertThat(row("lamb mince")).hasClass(Pattern.compile("done"));
        page.reload();
        assertThat(row("lamb mince").locator("input[type=checkbox]")).isChecked();
        assertThat(row("All-round wheat flour")).containsText("enough");
        String text =
                page.request().get("/batches/" + id + "/shopping/list.txt").text();
        assertTrue(text.contains("[x] 700 g  lamb mince, 20 % fat"), text);
        assertTrue(!text.contains("All-round"), text);
    }

    @Test
    public void theTableIsCsvThatNoProgramRuns() {
        String csv = page.request().get("/batches/" + id + "/shopping/list.csv").text();
        String[] lines = csv.split("\r\n");
        assertEquals(lines[0], "aisle,item,needed_g,have_g,to_buy_g,packs,in_basket,price,cost,allergens");
        assertTrue(csv.contains("\"flour\",\"All-round wheat flour\",601,0,1000,,false"), csv);
        assertTrue(csv.contains("\"'=cmd|moon \"\"dust\"\"\""), csv);
        assertEquals(page.request().get("/batches/4711/shopping").status(), 404);
    }

    @Test
    public void pricesGiveTheCostOfAPiece() {
        Locator lamb = row("lamb mince");
        Locator price = lamb.locator("input[name=value]").last();
        price.fill("lots");
        price.press("Enter");
        assertThat(lamb).containsText("Between 0 and 1,000, or empty.");
        price.fill("11.50");
        price.press("Enter");
        // 55.2 % of 1,101 g at 11.50 a kilogram.
        assertThat(lamb).containsText("6.99");
        assertThat(page.locator(".costs")).containsText("for each of 72 pieces so far:");
        price.fill("");
        price.press("Enter");
        assertThat(lamb).not().containsText("6.99");
    }
}
