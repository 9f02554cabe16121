package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import ironpin.batch.Appetite;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.TableField;
import ironpin.kit.Kit;
import ironpin.store.BatchStore;
import ironpin.store.Status;
import ironpin.style.Styles;
import ironpin.web.kitchen.Bell;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What hands do without thinking: keys, lists, drafts, touches. */
public class HandsJourneyTest extends OpenKitchen {
    private BrowserContext laptop;
    private Page page;
    private long id;

    @BeforeMethod
    public void atTheCounter() {
        id = bean(BatchStore.class)
                .create(
                        Styles.start(
                                List.of(Styles.get("boiled-crescent"), Styles.get("pan-crescent")),
                                "Hands",
                                LocalDateTime.of(2026, 12, 12, 19, 0),
                                6,
                                Appetite.USUAL,
                                Kit.usual()),
                        "new",
                        Instant.now());
        laptop = device(1280, 900);
        page = page(laptop);
    }

    @AfterMethod(alwaysRun = true)
    public void tidyUp() {
        laptop.close();
        bean(BatchStore.class).delete(id);
    }

    private void at(String place) {
        page.navigate("/batches/" + id + "/" + place);
    }

    @Test
    public void enterAppliesInEveryFieldThatCanBeTypedIn() {
        for (String place :
                new String[] {"table", "dough", "filling", "portion", "roll", "fold", "cook", "clock", "book"}) {
            at(place);
            page.evaluate("document.querySelectorAll('details').forEach((one) => { one.open = true; })");
            assertEquals(
                    page.evaluate(
                            """
                            () => [...document.querySelectorAll('input:not([type=hidden]):not([type=radio]):not([type=checkbox]):not([type=range])')]
                              .filter((one) => !one.form?.hasAttribute('hx-trigger')
                                && !one.form?.querySelector('button:not([type=button])'))
                              .map((one) => one.id)
                            """),
                    List.of(),
                    place);
        }
        at("filling");
        page.locator("#filling-new").fill("spring onions");
        page.locator("#filling-new").press("Enter");
        assertThat(page.getByLabel("leave out spring onions")).not().hasCount(0);
    }

    @Test
    public void whatIsPrintedCanBeTyped() {
        at("dough");
        page.locator("#flour-1").fill("1,200");
        page.locator("#flour-1").press("Enter");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("flour"));
        assertThat(page.locator("#flour-1")).hasValue(Pattern.compile("1,?200"));
        page.locator("#hydration-1").fill("wet");
        page.locator("#hydration-1").press("Escape");
        assertEquals(page.evaluate("document.activeElement.id"), "hydration-1");
        assertThat(page.locator("#hydration-1")).hasValue("50");
    }

    @Test
    public void aListIsLookedThroughBeforeItActs() {
        at("dough");
        Locator family = page.locator("#family");
        String flour = page.locator("#flour-1").inputValue();
        family.focus();
        family.press("ArrowDown");
        family.press("ArrowDown");
        String looking = family.inputValue();
        assertTrue(!looking.equals("COLD_WATER"), looking);
        // Whatever the list had sent by now would have been answered before the switch of units is.
        page.waitForTimeout(400);
        assertThat(page.locator("[data-undo]")).hasCount(0);
        assertThat(page.locator("#flour-1")).hasValue(flour);
        family.press("Escape");
        assertThat(family).hasValue("COLD_WATER");
        family.press("ArrowDown");
        String chosen = family.inputValue();
        family.press("Enter");
        assertThat(page.locator("[data-undo]")).hasCount(1);
        assertThat(family).hasValue(chosen);
        assertThat(page.locator("#family-moved")).containsText("→");
    }

    @Test
    public void aJudgementWaitsWhileAnotherPageIsLookedAt() {
        at("book?lot=1");
        page.locator("#judge-note").fill("rims were dry");
        page.locator("#judge-burst").fill("2");
        page.locator("input[name=skin]").first().check();
        page.locator(".stop", new Page.LocatorOptions().setHasText("Dough")).click();
        assertThat(page.locator("#flour-1")).isVisible();
        page.locator(".stop", new Page.LocatorOptions().setHasText("Book")).click();
        assertThat(page.locator("#judge-note")).hasValue("rims were dry");
        assertThat(page.locator("#judge-burst")).hasValue("2");
        assertThat(page.locator("input[name=skin]").first()).isChecked();
        page.locator("a.lane-name").nth(1).click();
        assertThat(page.locator("#judge-note")).hasValue("");
    }

    @Test
    public void lotsAreJudgedOneByOneAndCookedAgainWithTheChange() {
        at("book?lot=1");
        page.locator("#judge-made").fill("36");
        page.locator("#judge-burst").fill("6");
        page.getByText("Write it down").click();
        assertThat(page.locator("#unjudged")).containsText("Pan-fry-steamed crescents");
        assertEquals(bean(BatchStore.class).load(id).status(), Status.RUNNING);
        page.navigate("/");
        assertThat(page.locator("main")).containsText("Hands");
        at("book?lot=1");
        page.locator("#unjudged a").click();
        page.locator("#judge-made").fill("36");
        page.getByText("Write it down").click();
        assertThat(page.getByText("In the Book.")).isVisible();
        assertEquals(bean(BatchStore.class).load(id).status(), Status.DONE);
        double fill = bean(BatchStore.class)
                .load(id)
                .batch()
                .lots()
                .get(0)
                .fillingEach()
                .grams();
        page.locator(".next-line button", new Page.LocatorOptions().setHasText("changed: "))
                .click();
        page.waitForURL(Pattern.compile(".*/batches/(?!" + id + "/)\\d+/table.*"));
        long again = Long.parseLong(page.url().replaceAll(".*/batches/(\\d+)/.*", "$1"));
        var next = bean(BatchStore.class).load(again);
        assertEquals(next.batch().lots().size(), 2);
        assertEquals(next.status(), Status.PLANNED);
        assertEquals(next.batch().lots().get(0).fillingEach().grams(), fill * 0.9, 0.05);
        bean(BatchStore.class).delete(again);
    }

    /** A browser keeps six connections to a server; the eighth page shows what the first one changes all the same. */
    @Test
    public void eightPagesOfOneBrowserAllFollow() {
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Page one = page(laptop);
            one.navigate("/batches/" + id + "/dough");
            pages.add(one);
        }
        pages.get(0).locator("#hydration-1").fill("52");
        pages.get(0).locator("#hydration-1").press("Enter");
        for (Page one : pages) {
            assertThat(one.locator("#hydration-1")).hasValue("52");
        }
        pages.get(0).close();
        pages.get(1).locator("#hydration-1").fill("53");
        pages.get(1).locator("#hydration-1").press("Enter");
        assertThat(pages.get(7).locator("#hydration-1")).hasValue("53");
    }

    @Test
    public void whatDidNotArriveIsSaidAndSentAgain() {
        at("dough");
        page.route("**/plan", Route::abort);
        page.locator("#hydration-1").fill("52");
        page.locator("#hydration-1").press("Enter");
        Locator note = page.locator("#form-hydration-1 .unsaved-note");
        assertThat(note).containsText("Not saved.");
        assertThat(page.locator("#hydration-1")).hasValue("52");
        page.unroute("**/plan");
        // Another screen changes something meanwhile; what was typed here is not lost by it.
        bean(BatchStore.class)
                .change(id, "one more", batch -> TableField.EATERS.write(batch, Address.table(), 7), Instant.now());
        bean(Bell.class).ring(id, "other");
        assertThat(page.locator(".stop-figure").first()).containsText("7 eat");
        assertThat(page.locator("#hydration-1")).hasValue("52");
        note.locator("button").click();
        assertThat(note).hasCount(0);
        assertThat(page.locator("[data-undo]")).hasAttribute("title", Pattern.compile("→ 52 %"));
        errors.clear();
    }

    /** Before the page's script is there a press is the browser's own; it takes place, revision and token along all the same. */
    @Test
    public void aPressBeforeTheScriptCounts() {
        page.route("**/assets/app-*.js", Route::abort);
        at("dough");
        page.locator("#hydration-1").fill("52");
        page.locator("#hydration-1").press("Enter");
        page.locator("[data-undo]").waitFor();
        assertThat(page.locator("#hydration-1")).hasValue("52");
        assertThat(page.locator("a.stop.here")).containsText("Dough");
        page.unroute("**/assets/app-*.js");
        errors.clear();
    }

    @Test
    public void aLotIsCalledWhatTheCookCallsIt() {
        at("table");
        page.locator("#lot-name").fill("Moon boats");
        page.locator("#lot-name").press("Enter");
        assertThat(page.locator(".lane-current")).hasText("Moon boats");
        page.locator("#lot-name").fill(" ");
        page.locator("#lot-name").press("Enter");
        assertThat(page.locator("#form-lot-name .field-error")).isVisible();
        at("run");
        assertThat(page.locator(".all-steps")).containsText("moon boats");
        at("sheet");
        assertThat(page.locator("main")).containsText("moon boats");
    }

    @Test
    public void singleKeysCanBeSwitchedOffAndTheContentReachedAtOnce() {
        at("table");
        page.keyboard().press("Tab");
        assertThat(page.locator(".skip")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("#content")).isFocused();
        page.keyboard().press("2");
        assertThat(page.locator(".stop.here .stop-name")).hasText("Dough");
        page.keyboard().press("?");
        page.locator("#single-keys").uncheck();
        page.keyboard().press("Escape");
        page.keyboard().press("3");
        page.keyboard().press("b");
        page.waitForTimeout(400);
        assertThat(page.locator(".stop.here .stop-name")).hasText("Dough");
        page.reload();
        page.keyboard().press("4");
        page.waitForTimeout(400);
        assertThat(page.locator(".stop.here .stop-name")).hasText("Dough");
        page.evaluate("document.querySelector('[data-help]').click()");
        page.locator("#single-keys").check();
        page.keyboard().press("Escape");
        page.keyboard().press("4");
        assertThat(page.locator(".stop.here .stop-name")).hasText("Portion");
    }

    @Test
    public void theBenchIsEnteredLeftAndTakenBackByTouch() {
        try (BrowserContext tablet = device(
                new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true))) {
            Page touched = page(tablet);
            touched.navigate("/batches/" + id + "/table");
            touched.getByText("Start now").tap();
            touched.waitForURL(Pattern.compile(".*/run.*"));
            touched.locator(".bench-switch a").first().tap();
            touched.waitForURL(Pattern.compile(".*/bench.*"));
            String first = touched.locator("#now-title").innerText();
            touched.locator("[data-done]").tap();
            assertThat(touched.locator("#now-title")).not().hasText(first);
            touched.locator("[data-back]").tap();
            assertThat(touched.locator("#now-title")).hasText(first);
            touched.locator(".bench-leave").tap();
            touched.waitForURL(Pattern.compile(".*/run.*"));
        }
    }
}
