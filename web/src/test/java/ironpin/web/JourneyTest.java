package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironpin.kit.Kit;
import ironpin.store.KitStore;
import java.time.Instant;
import java.time.LocalTime;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What a cook does, from "who eats" to "what to change next time", in a real browser. */
public class JourneyTest extends OpenKitchen {
    private BrowserContext laptop;
    private Page page;

    @BeforeMethod
    public void sitDown() {
        // What other journeys taught about flours would move every number.
        bean(KitStore.class).change("an ordinary kitchen", kit -> Kit.usual(), Instant.now());
        laptop = device(1280, 800);
        page = page(laptop);
    }

    @AfterMethod(alwaysRun = true)
    public void standUp() {
        laptop.close();
    }

    /** A new batch of the style, by clicking only; ends on its Table. */
    private void plan(String style, int moreEaters) {
        page.navigate("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New batch"))
                .click();
        page.locator(".style")
                .getByText(style, new Locator.GetByTextOptions().setExact(true))
                .click();
        for (int i = 0; i < moreEaters; i++) {
            page.getByLabel("one more").click();
            assertThat(page.locator("#wish-eaters")).hasValue(String.valueOf(5 + i));
        }
        page.getByText("Make this plan").click();
        page.waitForURL(Pattern.compile(".*/batches/\\d+/table"));
    }

    private void station(String name) {
        page.locator(".stop", new Page.LocatorOptions().setHasText(name))
                .first()
                .click();
        assertThat(page.locator(".stop.here .stop-name")).hasText(name);
    }

    private void type(String id, String value) {
        page.locator("#" + id).fill(value);
        page.locator("#" + id).press("Enter");
    }

    private Locator figure(String station) {
        return page.locator(".stop", new Page.LocatorOptions().setHasText(station))
                .first()
                .locator(".stop-figure");
    }

    @Test
    public void aFirstPlanTakesAFewClicksAndIsComplete() {
        page.navigate("/batches/new");
        page.getByText("Steamed leaves", new Page.GetByTextOptions().setExact(true))
                .click();
        Locator preview = page.locator(".preview");
        assertThat(preview).containsText("36 steamed leaves");
        page.getByLabel("one more").click();
        page.getByLabel("one more").click();
        assertThat(preview).containsText("54 steamed leaves");
        page.getByText("very hungry").click();
        assertThat(preview).containsText("72 steamed leaves");
        for (String fact : new String[] {
            "latest start", "Plain wheat flour", "Water at 96 °C", "Fine salt", "Rest", "Ropes", "Rounds", "dip"
        }) {
            assertThat(preview).containsText(Pattern.compile(fact, Pattern.CASE_INSENSITIVE));
        }
        page.getByText("Make this plan").click();
        assertThat(figure("Portion")).hasText("72 pieces");
    }

    @Test
    public void everyNumberFollowsAnEditAtOnceAndTheFocusStays() {
        plan("Boiled crescents", 2);
        station("Dough");
        page.evaluate("window.samePage = true");
        assertThat(page.locator("#flour-1")).hasValue("722");
        type("hydration-1", "52,5");
        assertThat(page.locator("#flour-1")).hasValue("710");
        assertThat(page.locator("svg.hydration-picture")).hasAttribute("aria-label", Pattern.compile("52.5 %"));
        assertEquals(page.evaluate("document.activeElement.id"), "hydration-1");
        page.locator("#hydration-1").press("ArrowUp");
        assertThat(page.locator("#flour-1")).hasValue("707");
        assertEquals(page.evaluate("document.activeElement.id"), "hydration-1");
        assertEquals(page.evaluate("window.samePage"), true);
        page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#hydration-1")).hasValue("52.5");
        page.locator("body").press("Control+z");
        assertThat(page.locator("#hydration-1")).hasValue("50");
        assertThat(page.locator("[data-undo]")).hasCount(0);
        page.locator("body").press("Control+Shift+Z");
        assertThat(page.locator("#hydration-1")).hasValue("52.5");
    }

    /** An undo that is pressed before one's own change is answered waits for it, and takes that back. */
    @Test
    public void anUndoWaitsForTheChangeBeforeIt() {
        plan("Boiled crescents", 0);
        station("Dough");
        type("hydration-1", "52");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", "Undo water 50 → 52 %");
        // A form that has just appeared is the browser's for a moment, before the script takes it over.
        page.waitForTimeout(800);
        page.evaluate(
                """
                const field = document.getElementById("hydration-1");
                field.value = "54";
                field.dispatchEvent(new Event("change", { bubbles: true }));
                document.querySelector("[data-undo]").click();
                """);
        assertThat(page.locator("[data-redo]")).hasAttribute("title", "Redo water 52 → 54 %");
        assertThat(page.locator("#hydration-1")).hasValue("52");
    }

    @Test
    public void nonsenseIsRefusedBesideTheFieldAndKept() {
        plan("Boiled crescents", 0);
        station("Dough");
        for (String nonsense : new String[] {"900", "-5", "", "wet", "1e9", "99999999999999", "52 g"}) {
            type("hydration-1", nonsense.isEmpty() ? " " : nonsense);
            assertThat(page.locator("#hydration-1-error")).hasText("Between 20 and 220 %.");
            assertEquals(page.locator("#hydration-1").inputValue().strip(), nonsense);
            assertThat(figure("Dough")).hasText("727 g");
        }
        page.locator("#hydration-1").press("Escape");
        type("hydration-1", "51 %");
        assertThat(page.locator("#hydration-1-error")).hasCount(0);
        assertThat(page.locator("[data-undo]")).hasAttribute("title", "Undo water 50 → 51 %");
    }

    @Test
    public void waterIsMixedFromTwoKettlesAndTheDoughCorrectedByFeel() {
        plan("Boiled crescents", 2);
        station("Dough");
        type("mixed-1", "100");
        assertThat(page.locator("#mixed-1-error")).hasText("Between 17 and 61 °C.");
        type("mixed-1", "45");
        assertThat(page.locator("svg.water-picture")).hasAttribute("aria-label", Pattern.compile("mix to 45 °C"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("crumbly +10.8 g water"))
                .click();
        assertThat(page.locator(".corrected"))
                .containsText("Felt crumbly: +10.8 g water (2.25 tsp), now 51.5 % water.");
        assertThat(page.locator("#hydration-1")).hasValue("51.5");
        assertThat(figure("Portion")).containsText("72 pieces");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("shrinks back +10 min rest"))
                .click();
        assertThat(page.locator("#rest-1")).hasValue("50");
        station("Book");
        assertThat(page.locator(".corrected li")).hasCount(2);
        page.locator("h2").first().click();
        page.locator("body").press("Control+z");
        assertThat(page.locator(".corrected li")).hasCount(1);
    }

    @Test
    public void thePinMovesToTheNumberTypedLast() {
        plan("Boiled crescents", 2);
        type("flour-1", "620");
        assertThat(page.locator("#pieces-1")).hasValue("61");
        assertThat(page.locator(".ribbon-wide")).containsText("13 g dough over");
        page.getByText("Hold flour and filling both").click();
        assertThat(page.locator(".ribbon-wide .left-over-text")).hasCount(0);
        type("filling-1", "1400");
        assertThat(page.locator(".finding").first()).containsText("pieces");
        assertThat(page.getByText("Flour and filling at hand decide together.")).isVisible();
        type("eaters-0", "3");
        assertThat(page.locator("#pieces-1")).hasValue("36");
        assertThat(page.getByText("The table decides: 3 eaters.")).isVisible();
    }

    @Test
    public void movingTheServingTimeMovesTheStartAsMuch() {
        plan("Boiled crescents", 0);
        station("Clock");
        LocalTime before = start();
        LocalTime serving = LocalTime.parse(page.locator("#serving-time").inputValue());
        page.locator("#serving-time").fill(serving.minusMinutes(45).toString());
        page.locator("#serving-time").dispatchEvent("change");
        assertThat(page.locator("h2").first()).containsText("table at " + serving.minusMinutes(45));
        assertEquals(start(), before.minusMinutes(45));
    }

    private LocalTime start() {
        // Late in the evening supper is after midnight, and the day stands before the time.
        String figure = figure("Clock").innerText().strip();
        return LocalTime.parse(figure.substring(figure.length() - "19:00".length()));
    }

    @Test
    public void aFindingOffersItsFix() {
        plan("Boiled crescents", 0);
        station("Fold");
        type("filling-each-1", "80");
        Locator stop = page.locator(".finding.stop");
        assertThat(stop)
                .containsText(
                        Pattern.compile("the fold holds\\s[56]\\d\\sg pulled as far as it goes,\\s34\\sg with ease"));
        assertThat(stop.getByText(Pattern.compile("Roll to\\s13\\d\\smm"))).isVisible();
        stop.getByText("Fill 33.7 g").click();
        assertThat(page.locator(".finding.stop")).hasCount(0);
        assertThat(page.locator("#filling-each-1")).hasValue("33.7");
    }

    @Test
    public void theKeyboardReachesEveryStation() {
        plan("Griddle breads", 0);
        String[] names = {"Table", "Dough", "Filling", "Portion", "Roll", "Fold", "Cook", "Clock", "Book"};
        for (int i = 0; i < names.length; i++) {
            page.locator("body").press(String.valueOf(i + 1));
            assertThat(page.locator(".stop.here .stop-name")).hasText(names[i]);
        }
        page.locator("body").press("?");
        assertThat(page.locator("#help")).isVisible();
        page.keyboard().press("Escape");
        page.locator("#judge-note").fill("b 1 z t");
        assertThat(page.locator(".stop.here .stop-name")).hasText("Book");
        page.locator("h2").first().click();
        page.locator("body").press("b");
        page.waitForURL(Pattern.compile(".*/bench.*"));
        double size = ((Number) page.evaluate(
                        "parseFloat(getComputedStyle(document.querySelector('.bench-weighed strong')).fontSize)"))
                .doubleValue();
        assertTrue(size >= 48, "bench numbers are only " + size + " px");
    }

    @Test
    public void timersLiveOnTheServerAndTwoScreensAgree() {
        plan("Boiled crescents", 0);
        page.getByText("Start now").click();
        page.waitForURL(Pattern.compile(".*/run.*"));
        page.getByText("Done, next").click();
        assertThat(page.locator("#now-title")).containsText("knead without stopping");
        page.getByText("Done, next").click();
        // The dough rests from the moment it is kneaded: nobody has to start its timer.
        assertThat(page.locator(".other-timers .countdown")).hasCount(1);
        try (BrowserContext tablet = device(820, 1180)) {
            Page second = page(tablet);
            second.navigate(page.url());
            Locator mine = page.locator(".other-timers .countdown");
            Locator theirs = second.locator(".other-timers .countdown");
            assertThat(theirs).hasText(Pattern.compile("(39|40):\\d\\d"));
            String ends = mine.getAttribute("data-ends");
            assertEquals(theirs.getAttribute("data-ends"), ends);
            page.reload();
            assertEquals(page.locator(".other-timers .countdown").getAttribute("data-ends"), ends);
            // The dough rests by itself, so hands go on.
            assertThat(second.locator("#now-title")).containsText("Carrots");
            assertThat(second.locator(".all-steps h2")).containsText("2 of");
            second.locator("[data-timer-stop]").click();
            assertThat(mine).hasCount(0);
            assertThat(page.locator("#now-title")).containsText("rests, covered");
        }
    }

    @Test
    public void anEditOnOneScreenShowsOnTheOther() {
        plan("Steamed leaves", 0);
        try (BrowserContext tablet = device(820, 1180)) {
            Page second = page(tablet);
            second.navigate(page.url().replace("/table", "/dough"));
            assertThat(second.locator("#flour-1")).hasValue("263");
            second.locator("#hydration-1").focus();
            second.locator("#hydration-1").fill("6");
            type("eaters-0", "8");
            assertThat(second.locator("#flour-1")).hasValue("526");
            assertEquals(second.locator("#hydration-1").inputValue(), "6", "what is being typed stays");
            assertEquals(second.evaluate("document.activeElement.id"), "hydration-1");
        }
    }

    @Test
    public void whatWentWrongIsTheOneChangeNextTime() {
        plan("Pan-fry-steamed crescents", 0);
        assertThat(page.locator(".last-time")).hasCount(0);
        station("Book");
        page.locator("#judge-made").fill("40");
        page.locator("#judge-burst").fill("41");
        page.locator("#judge-core").fill("hot");
        page.locator("#judge-note").fill("lid rattled");
        page.getByText("Write it down").click();
        assertThat(page.locator("#judge-burst-error")).hasText("A number from 0 to 40.");
        assertThat(page.locator("#judge-core-error")).hasText("A number from -30 to 130 °C.");
        assertThat(page.locator("#judge-note")).hasValue("lid rattled");
        page.locator("#judge-burst").fill("6");
        page.locator("#judge-core").fill("77.5");
        page.getByText("Write it down").click();
        assertThat(page.getByText("Written down.")).isVisible();
        page.getByText("All past batches").click();
        assertThat(page.locator(".past-batch").first()).containsText("40 pieces, 6 burst");
        assertThat(page.locator(".past-batch").first()).containsText("lid rattled");
        page.navigate("/batches/new?style=pan-crescent");
        assertThat(page.locator(".last-time")).containsText("Fill 10 % less");
        page.getByText("with last time's change").click();
        assertThat(page.locator(".preview")).containsText("14.0 g dough, 15.3 g filling");
        page.getByText("Make this plan").click();
        assertThat(page.locator(".last-time")).containsText("6 burst");
    }

    @Test
    public void aBatchCanBePrintedAndDeleted() {
        plan("Boiled crescents", 0);
        page.getByText("More", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Bench sheet to print").click();
        assertThat(page.locator(".sheet-made").last()).containsText("lamb mince");
        assertThat(page.locator(".sheet-clock tr")).not().hasCount(0);
        page.goBack();
        page.getByText("More", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Delete this batch").click();
        String deleted = page.url().replace("/delete", "/table");
        page.getByText("Delete it").click();
        assertThat(page.locator("h1")).hasText("The kitchen");
        assertEquals(page.request().get(deleted).status(), 404);
    }

    @Test
    public void schoolsAndFoldsAreChosenWhereTheyStand() {
        plan("Boiled crescents", 0);
        station("Cook");
        assertThat(page.locator(".spells > li")).hasCount(4);
        page.getByText("a steady simmer").click();
        assertThat(page.locator(".spells > li")).hasCount(2);
        assertThat(page.locator(".spells")).containsText("floating is steam inside, not safety");
        station("Fold");
        page.locator("#fold-choice [value=HALF_MOON]").click();
        assertThat(page.locator("h2").first()).hasText("Plain half-moon");
        assertThat(page.locator(".closing-steps li")).hasCount(4);
        page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("h2").first()).hasText("Crescent pleated on one side");
    }

    @Test
    public void appetiteAndTheFreezerChangeThePieces() {
        plan("Steamed leaves", 0);
        assertThat(page.locator("#pieces-1")).hasValue("36");
        page.getByText("very hungry").click();
        assertThat(page.locator("#pieces-1")).hasValue("48");
        type("to-freezer-1", "12");
        assertThat(page.locator("#pieces-1")).hasValue("60");
        assertThat(page.locator(".ribbon-wide")).containsText("12 to the freezer");
        type("each-1", "5");
        assertThat(page.locator("#pieces-1")).hasValue("32");
        assertThat(page.locator(".table-picture")).hasAttribute("aria-label", Pattern.compile("20 Steamed leaves"));
    }

    @Test
    public void aTitleIsTypedAndAnEmptyOneRefused() {
        plan("Griddle breads", 0);
        page.locator("#title").fill("Bread after the walk");
        page.locator("#title").press("Enter");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", "Undo title");
        page.locator("#title").fill(" ");
        page.locator("#title").press("Enter");
        assertThat(page.locator(".title-form .field-error")).hasText("1 to 80 characters.");
        page.navigate("/");
        assertThat(page.locator(".home")).containsText("Bread after the walk");
    }

    @Test
    public void onAPhoneAPlanIsMadeAndEdited() {
        laptop.close();
        laptop = device(390, 844);
        page = page(laptop);
        plan("Griddle breads", 1);
        assertThat(page.locator(".ribbon-narrow").first()).isVisible();
        assertThat(page.locator(".ribbon-wide").first()).isHidden();
        station("Roll");
        type("disc-1", "250");
        assertThat(page.locator(".finding.look, .finding.stop, .finding.good").first())
                .isVisible();
        assertThat(figure("Roll")).containsText("250 mm");
        page.getByText("Start now").click();
        page.waitForURL(Pattern.compile(".*/run.*"));
        page.getByText("Done, next").click();
        assertThat(page.locator(".all-steps h2")).containsText("1 of");
        page.locator(".ticks .tick").first().click();
        assertThat(page.locator(".all-steps h2")).containsText("0 of");
    }
}
