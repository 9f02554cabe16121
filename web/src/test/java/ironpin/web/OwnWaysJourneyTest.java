package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.store.StartStore;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What a cook says in their own way: measures, minutes, rounds, heights, sizes, and starts of their own. */
public class OwnWaysJourneyTest extends OpenKitchen {
    /** A batch of its own, so that no other test meets it. @return its address */
    private static String begin(Page page, String said) {
        page.navigate("/batches/new");
        page.locator("#wish-said").fill(said);
        page.locator("#wish-said").blur();
        assertThat(page.locator("#wish-heard")).containsText("Heard");
        page.getByText("Make this plan").click();
        page.waitForURL(Pattern.compile(".*/batches/\\d+/table.*"));
        return page.url().replaceAll(".*(/batches/\\d+)/.*", "$1");
    }

    @Test
    public void aDoughIsReadInCupsAndStaysAsWet() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            String batch = begin(page, "24 pork dumplings for three");
            page.navigate(batch + "/dough");
            assertThat(page.locator(".fills").first()).isHidden();
            page.locator("[data-units]").first().click();
            assertThat(page.locator("[data-units]").first()).hasText("oz · °F");
            assertThat(page.locator(".fills").first()).containsText("cup");
            page.locator("[data-units]").first().click();
            assertThat(page.locator("[data-units]").first()).hasText("g · spoons");
            assertThat(page.locator("#dough-lines")).containsText("% in cups and spoons");
            // The same measures stand at the step, on the sheet and on the list.
            String flour = page.locator(".fills").first().textContent();
            page.navigate(batch + "/sheet");
            assertThat(page.locator("main")).containsText(flour);
            page.navigate(batch + "/shopping");
            assertThat(page.locator("main")).containsText("cup");
            page.locator("[data-units]").first().click();
            assertThat(page.locator("[data-units]").first()).hasText("g · °C");
        }
    }

    @Test
    public void aCookSaysHowLongKneadingTakesThem() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            String batch = begin(page, "20 lamb crescents for two");
            page.navigate(batch + "/clock");
            Locator knead = page.locator("[id='minutes-dough-1.knead']");
            String usual = knead.inputValue();
            knead.fill("half");
            knead.press("Enter");
            assertThat(page.locator(".day-steps .field-error")).hasText("From 1 to 600 minutes, as a number.");
            assertThat(knead).hasValue("half");
            knead.fill("3 min");
            knead.press("Enter");
            assertThat(page.locator(".day-steps .field-error")).hasCount(0);
            assertThat(knead).hasValue("3");
            page.navigate("/kit");
            assertThat(page.locator(".own-minutes")).containsText("Knead");
            page.locator(".own-minutes .drop").first().click();
            assertThat(page.locator(".own-minutes")).hasCount(0);
            page.navigate(batch + "/clock");
            assertThat(knead).hasValue(usual);
        }
    }

    @Test
    public void roundsHeightsAndSizesAreSaidAsTheyAreDone() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            String batch = begin(page, "24 pan-fried crescents for two");
            page.navigate(batch + "/cook");
            Locator round = page.getByLabel(Pattern.compile("^pieces a round"));
            round.fill("6");
            round.press("Enter");
            assertThat(page.locator("#content")).containsText("of at most 6 in the");
            round.fill("200");
            round.press("Enter");
            assertThat(page.locator("#content")).containsText("200 a round, as you said, are more than");
            page.getByText("As many as it takes").click();
            assertThat(page.locator("#content")).not().containsText("as you said");
            Locator pour =
                    page.getByLabel(Pattern.compile("water poured in first")).last();
            pour.fill("half-way up");
            pour.press("Enter");
            assertThat(page.locator(".reading")).containsText("half-way up:");
            page.navigate(batch + "/portion");
            Locator each = page.getByLabel(Pattern.compile("^dough in a piece")).first();
            each.fill("walnut-sized");
            each.press("Enter");
            assertThat(each).hasValue("24.4");
            assertThat(page.locator(".by-sight")).hasText("as large as a walnut (est.)");
            page.navigate(batch + "/run");
            page.locator("#left-mass").fill("60 g");
            page.getByText("What now?").click();
            assertThat(page.locator(".left-ways li").first()).containsText("2 more pieces of 24.4 g");
            assertThat(page.locator("#left-mass")).hasValue("60 g");
        }
    }

    @Test
    public void aBatchIsKeptAsAStartAndBegunFromAgain() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            begin(page, "16 griddle breads for four");
            page.locator("summary", new Page.LocatorOptions().setHasText("More"))
                    .click();
            page.locator("#start-name").fill("House breads");
            page.getByText("Keep as a start").click();
            assertThat(page.locator(".own-starts li")).hasCount(1);
            long id = bean(StartStore.class).all().get(0).id();
            String document = page.request().get("/api/v1/starts/" + id).text();
            assertTrue(document.contains("\"House breads\""), document);
            page.locator("#start-name-" + id).fill("Moss's breads");
            page.locator("#start-name-" + id).press("Enter");
            assertThat(page.locator("#start-name-" + id)).hasValue("Moss's breads");
            // The file that went out comes in under the name it had.
            page.locator("#start-file")
                    .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                            "house.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
            page.getByText("Bring it in").click();
            assertThat(page.locator(".own-starts li")).hasCount(2);
            page.getByLabel("move House breads up").click();
            assertThat(page.locator(".own-starts li").first().locator("input.words"))
                    .hasValue("House breads");
            page.navigate("/batches/new");
            page.locator("#wish-eaters").fill("8");
            page.locator(".own button", new Page.LocatorOptions().setHasText("Moss's breads"))
                    .click();
            assertThat(page).hasTitle(Pattern.compile("Moss's breads"));
            assertThat(page.locator("#content")).containsText("32");
            page.navigate("/starts");
            page.getByLabel("remove House breads").click();
            page.getByLabel("remove Moss's breads").click();
            assertThat(page.locator(".own-starts li")).hasCount(0);
        }
    }
}
