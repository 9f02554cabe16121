package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A rehearsed evening, with fingers alone. */
public class RehearsalJourneyTest extends OpenKitchen {
    /** Taps the same way of each decision, and tells what the evening came to. */
    private static String play(Page page, int way) {
        for (int step = 1; step <= 10; step++) {
            assertThat(page.locator(".deciding > p").first()).hasText(step + " of 10");
            Locator options = page.locator(".options button");
            Locator one = options.nth(Math.min(way, options.count() - 1));
            assertTrue(one.boundingBox().height >= 44, "a finger finds it");
            one.tap();
        }
        assertThat(page.locator(".told h2")).containsText("came right");
        return page.locator(".told > p").first().innerText()
                + page.locator(".told table").innerText();
    }

    /** Whatever is answered, it is said what was right, and another is asked. */
    @Test
    public void anAnswerIsToldAndTheNextCardAsked() {
        try (BrowserContext phone = device(new Browser.NewContextOptions()
                .setHasTouch(true)
                .setIsMobile(true)
                .setViewportSize(390, 844))) {
            Page page = page(phone);
            page.navigate("/cards");
            for (int i = 0; i < 4; i++) {
                page.locator(".pair button").first().tap();
                assertThat(page.locator(".card-result")).isVisible();
            }
            assertThat(page.locator(".pair svg")).hasCount(2);
            String result = page.locator(".card-result").innerText();
            assertTrue(result.startsWith("Right: ") || result.startsWith("It was the one at the right: "), result);
            assertTrue(
                    page.evaluate("document.documentElement.scrollWidth <= 390").equals(true));
        }
    }

    @Test
    public void oneEveningIsPlayedTwiceOnAPhone() {
        try (BrowserContext phone = device(new Browser.NewContextOptions()
                .setHasTouch(true)
                .setIsMobile(true)
                .setViewportSize(390, 844))) {
            Page page = page(phone);
            page.navigate("/book");
            String book = page.locator(".subtitle").innerText();
            page.navigate("/kit");
            String kit = page.locator("main").innerText();
            page.navigate("/practice");
            page.getByText("Rehearse an evening").tap();
            page.getByText("Level 3", new Page.GetByTextOptions().setExact(true))
                    .tap();
            page.waitForURL(Pattern.compile(".*/rehearsal/3/\\d+$"));
            String number = page.url().replaceAll(".*/", "");
            String once = play(page, 1);
            assertThat(page.locator(".told tbody tr")).hasCount(10);
            assertTrue(once.contains("min late"), once);
            // Somebody else's number is the same evening.
            page.navigate("/rehearsal");
            page.locator("input[name=seed]").fill(number);
            page.locator("select[name=level]").selectOption("3");
            page.getByText("Begin it").tap();
            page.waitForURL(Pattern.compile(".*/rehearsal/3/" + number + "$"));
            assertEquals(play(page, 1), once);
            assertThat(page.getByText("This evening was played 2 times")).isVisible();
            page.getByText("The same evening again").tap();
            page.waitForURL(Pattern.compile(".*/rehearsal/3/" + number + "$"));
            assertTrue(!play(page, 0).equals(once), "other decisions, another evening");
            page.navigate("/rehearsal");
            assertThat(page.locator("svg.progress rect")).hasCount(3);
            assertTrue(
                    page.evaluate("document.documentElement.scrollWidth <= 390").equals(true));
            // Nothing of it is in the Book or in what the kitchen knows.
            page.navigate("/book");
            assertThat(page.locator(".subtitle")).hasText(book);
            page.navigate("/kit");
            assertEquals(page.locator("main").innerText(), kit);
            page.navigate("/rehearsal/3/" + number + "?did=9");
            assertThat(page.locator("main")).containsText("Decision 1 has the ways 1 to 4, not 10.");
        }
    }
}
