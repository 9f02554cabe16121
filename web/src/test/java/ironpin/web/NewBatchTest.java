package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.Status;
import ironpin.style.Styles;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The way into a plan with odd wishes, and the way back through a long Book. */
public class NewBatchTest extends OpenKitchen {
    @DataProvider
    public Object[][] oddWishes() {
        return new Object[][] {
            {"wish-eaters", "0", "A whole number from 1 to 200."},
            {"wish-eaters", "201", "A whole number from 1 to 200."},
            {"wish-eaters", "4.5", "A whole number from 1 to 200."},
            {"wish-eaters", "all of us", "A whole number from 1 to 200."},
        };
    }

    @Test(dataProvider = "oddWishes")
    public void anOddWishIsKeptAndExplained(String field, String typed, String message) {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/batches/new?style=steamed-leaf");
            page.locator("#" + field).fill(typed);
            page.locator("#" + field).press("Enter");
            assertThat(page.locator(".field-error")).hasText(message);
            assertThat(page.locator("#" + field)).hasValue(typed);
            assertThat(page.locator("#style-steamed-leaf")).isChecked();
            assertThat(page.locator(".preview")).hasCount(0);
            int before = bean(BatchStore.class).count(Status.PLANNED);
            page.getByText("Make this plan").click();
            assertThat(page.locator(".field-error")).hasText(message);
            assertEquals(bean(BatchStore.class).count(Status.PLANNED), before);
            page.locator("#" + field).fill("6");
            page.locator("#" + field).press("Enter");
            assertThat(page.locator(".preview")).containsText("54 steamed leaves");
        }
    }

    /** "24 pork dumplings for three, boiled, at seven" is typed on a phone and the plan made: three things to do. */
    @Test
    public void aWishInALineBecomesAPlan() {
        try (BrowserContext device = device(390, 844)) {
            Page page = page(device);
            page.navigate("/batches/new");
            page.locator("#wish-said").fill("24 pork dumplings for three, boiled, at seven");
            page.locator("#wish-said").blur();
            assertThat(page.locator("#wish-heard"))
                    .containsText("Boiled crescents with pork, cabbage and ginger, 24 pieces, 3 eat, at 19:00.");
            assertThat(page.locator("#wish-pieces")).hasValue("24");
            BoundingBox button = page.getByText("Make this plan").boundingBox();
            assertTrue(button.y + button.height < 844, "the plan's button is on the first screen");
            page.getByText("Make this plan").click();
            assertThat(page).hasTitle(Pattern.compile("pork, cabbage and ginger"));
            assertThat(page.locator("#content")).containsText("24");
            page.navigate("/batches/new?said=700+g+of+beef,+gluten-free,+what+can+I+make");
            assertThat(page.locator("#wish-heard")).containsText("700 g of beef mince used up");
            assertThat(page.locator("#wish-heard")).containsText("Not understood: “gluten-free”");
            // Another filling has none of it, and a number that is set holds whatever there is.
            page.locator("#wish-filling").selectOption("pork-cabbage");
            assertThat(page.locator("#wish-heard")).containsText("nothing done with the beef mince");
            page.navigate("/batches/new?said=24+pork+dumplings,+700+g+of+pork");
            assertThat(page.locator("#wish-heard")).containsText("24 pieces, nothing done with the pork mince");
        }
    }

    /** What there is of one line is typed beyond what the plan holds: what could be done is offered, and one press does it. */
    @Test
    public void whatThereIsOfALineIsUsedUp() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Mince", LocalDateTime.of(2031, 1, 1, 19, 0), 4, Appetite.USUAL);
        long id = bean(BatchStore.class).create(batch, "new", Instant.parse("2030-12-01T00:00:00Z"));
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/batches/" + id + "/filling");
            Locator lamb = page.locator("#filling-grams-1-1");
            lamb.fill("2000");
            lamb.press("Enter");
            assertThat(page.locator("#form-filling-grams-1-1 .field-error")).isVisible();
            assertThat(lamb).hasValue("2000");
            Locator way = page.locator("#form-filling-grams-1-1 .ways button");
            assertThat(way).containsText("Use all 2,000 g: ");
            String pieces = way.textContent().replaceAll(".*: (\\d+) pieces", "$1");
            way.click();
            assertThat(page.locator("#form-filling-grams-1-1 .field-error")).hasCount(0);
            assertThat(page.locator("#filling-grams-1-1"))
                    .hasValue(Pattern.compile("(?:1,999|2,000|2000|1999)(?:\\.\\d)?"));
            assertEquals(
                    Balancer.solve(bean(BatchStore.class).load(id).batch())
                            .lot(1)
                            .pieces(),
                    Integer.parseInt(pieces));
        }
    }

    @Test
    public void addressesWithNonsenseStillOfferAPlan() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = device.newPage();
            for (String query : new String[] {"?style=deep-fried", "?date=soon", "?time=late", "?eaters="}) {
                page.navigate("/batches/new" + query);
                assertThat(page.getByText("Make this plan")).isVisible();
            }
            page.navigate("/batches/new?style=deep-fried");
            assertThat(page.locator(".preview")).containsText("48 boiled crescents");
        }
    }

    @Test
    public void theBookTurnsItsPages() {
        List<Long> written = new ArrayList<>();
        BatchStore batches = bean(BatchStore.class);
        for (int i = 0; i < 14; i++) {
            Batch batch = Styles.start(
                    Styles.get("griddle-bread"),
                    "Old " + i,
                    LocalDateTime.of(2020, 1, 1 + i, 19, 0),
                    4,
                    Appetite.USUAL);
            long id = batches.create(batch, "new", Instant.parse("2020-01-01T00:00:00Z"));
            Outcome outcome = new Outcome(
                    8,
                    0,
                    0,
                    0,
                    Mass.ZERO,
                    Mass.ZERO,
                    SkinVerdict.RIGHT,
                    FillingVerdict.RIGHT,
                    Optional.empty(),
                    "note " + i);
            bean(BookStore.class).record(id, 1, "griddle-bread", outcome, Instant.parse("2020-02-01T00:00:00Z"));
            written.add(id);
        }
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/book");
            assertThat(page.locator(".past-batch")).hasCount(12);
            page.getByText("Older").click();
            assertThat(page.locator(".pages")).containsText(Pattern.compile("page 2 of \\d"));
            assertTrue(page.locator(".past-batch").count() >= 5);
            assertThat(page.locator(".book")).containsText("“note 0”");
            page.getByText("Newer").click();
            assertThat(page.locator(".pages")).containsText("page 1 of");
            page.navigate("/book?page=99");
            assertThat(page.locator(".book")).containsText("“note 0”");
        } finally {
            written.forEach(batches::delete);
        }
    }
}
