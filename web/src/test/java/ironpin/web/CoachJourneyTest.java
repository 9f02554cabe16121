package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What happened, why, what to change, and whether it helped. */
public class CoachJourneyTest extends OpenKitchen {
    private static String begin(Page page, String said) {
        page.navigate("/batches/new");
        page.locator("#wish-said").fill(said);
        page.locator("#wish-said").blur();
        assertThat(page.locator("#wish-heard")).containsText("Heard");
        page.getByText("Make this plan").click();
        page.waitForURL(Pattern.compile(".*/batches/\\d+/table.*"));
        return page.url().replaceAll(".*(/batches/\\d+)/.*", "$1");
    }

    private static void number(Page page, String label, String value) {
        page.getByLabel(Pattern.compile("^" + label)).first().fill(value);
    }

    private static void leave(Page page, String batch) {
        page.navigate(batch + "/delete");
        page.locator("form[action$='/delete'] button").click();
    }

    @Test
    public void aBurstBatchLeadsToACauseAChangeAndAClosedExperiment() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            String first = begin(page, "48 lamb crescents for four");
            page.navigate(first + "/fold");
            Locator filling =
                    page.getByLabel(Pattern.compile("^filling in a piece")).first();
            filling.fill("45");
            filling.press("Enter");
            assertThat(filling).hasValue("45");
            page.navigate(first + "/book");
            number(page, "Burst", "12");
            number(page, "Leaked", "3");
            page.getByLabel("broth cloudy").check();
            page.getByText("Write it down").click();
            assertThat(page.locator(".why h3")).hasText("Why, probably");
            assertThat(page.locator(".why li").first()).containsText("filled too full");
            assertThat(page.locator(".why li").first())
                    .containsText("times what this fold closes with ease, over 1.05");
            page.getByText("Try it next time: Fill 40.5 g").click();
            assertThat(page.locator(".tried")).containsText("Tried this time: Fill 40.5 g; not judged yet");
            String next = page.url().replaceAll(".*(/batches/\\d+)/.*", "$1");
            page.navigate(next + "/book");
            page.getByText("Write it down").click();
            assertThat(page.locator(".tried"))
                    .containsText("helped: 15 of 48 pieces before, 0 of 48 pieces after (over 99 % sure it is less)");
            assertThat(page.locator(".why")).hasCount(0);
            // Both are found by their words, and laid side by side.
            page.navigate("/book");
            page.keyboard().press("/");
            assertThat(page.locator("#book-words")).isFocused();
            page.locator("#book-words").fill("lamb cloudy");
            page.locator("#book-words").press("Enter");
            assertThat(page.locator(".past-batch")).hasCount(1);
            page.locator("#book-words").fill("faultl");
            page.locator("#book-words").press("Enter");
            assertThat(page.locator(".past-batch h2 a[href='" + next + "/book']"))
                    .hasCount(1);
            String numbers = first.replaceAll("\\D", "") + "&beside=" + next.replaceAll("\\D", "");
            page.navigate("/book/beside?beside=" + numbers);
            assertThat(page.locator(".beside").last()).containsText("filling in a piece");
            assertThat(page.locator(".beside").last()).containsText("40.5 g");
            assertThat(page.locator(".beside").first()).containsText("burst");
            page.navigate("/book/beside?beside=1");
            assertThat(page.locator(".field-error")).hasText("Mark two batches in the Book: these are 1.");
            String csv = page.request().get("/book.csv").text();
            assertEquals(
                    csv.lines()
                            .filter(line -> line.startsWith(first.replaceAll("\\D", "") + ","))
                            .count(),
                    1,
                    csv);
            assertTrue(csv.contains(",48,12,3,0,,"), csv);
            leave(page, next);
            leave(page, first);
        }
    }

    /** Only what such a lot can show is asked. */
    @Test
    public void whatIsAskedFollowsFromWhatItIs() {
        try (BrowserContext device = device(390, 844)) {
            Page page = page(device);
            String soup = begin(page, "16 soup purses for two");
            page.navigate(soup + "/book");
            assertThat(page.locator(".also-seen")).containsText("soup gone");
            assertThat(page.locator(".also-seen")).containsText("leathery");
            assertThat(page.locator(".also-seen")).not().containsText("oily");
            leave(page, soup);
            String bread = begin(page, "4 griddle breads for two");
            page.navigate(bread + "/book");
            assertThat(page.locator(".also-seen")).containsText("did not puff");
            assertThat(page.locator(".also-seen")).not().containsText("soup gone");
            leave(page, bread);
        }
    }
}
