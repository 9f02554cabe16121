package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.BoundingBox;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.clock.Timetable;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.kit.Kit;
import ironpin.plan.BatchPlan;
import ironpin.store.BatchStore;
import ironpin.store.PaceStore;
import ironpin.store.RunStore;
import ironpin.style.Styles;
import ironpin.web.run.MinuteHand;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A supper planned for two, put where they want it, cooked on two benches, and late. */
public class ClockJourneyTest extends OpenKitchen {
    private static final int[][] SIZES = {{820, 1180}, {1280, 800}, {390, 844}};

    private final List<Long> made = new ArrayList<>();
    private BrowserContext laptop;
    private Page page;

    @BeforeMethod
    public void atTheDesk() {
        laptop = device(1280, 800);
        page = page(laptop);
    }

    @AfterMethod(alwaysRun = true)
    public void tidyUp() {
        laptop.close();
        made.forEach(bean(BatchStore.class)::delete);
        made.clear();
    }

    private long supper(LocalDateTime serving, int eaters, String... styles) {
        Batch batch = Styles.start(
                List.of(styles).stream().map(Styles::get).toList(),
                "Two cook",
                serving,
                eaters,
                Appetite.USUAL,
                Kit.usual());
        batch = batch.withCrew(batch.crew()
                .withPeople(List.of(Person.cook("Juniper"), Person.cook("Moss")))
                .withTrays(8)
                .withPlates(Plates.USUAL.going(Plates.Way.AS_READY)));
        long id = bean(BatchStore.class).create(batch, "new", Instant.now());
        made.add(id);
        return id;
    }

    private static LocalDateTime inHours(int hours) {
        return LocalDateTime.now().plusHours(hours).truncatedTo(ChronoUnit.HOURS);
    }

    @Test
    public void whoIsThereAndWhatThereIsMoveTheDay() {
        long id = supper(inHours(20), 4, "boiled-crescent");
        page.navigate("/batches/" + id + "/clock");
        Locator title = page.locator(".station h2").first();
        String two = title.innerText();
        page.getByText("Without Moss").click();
        assertThat(title).not().hasText(two);
        assertThat(page.locator(".person")).hasCount(1);
        page.locator("[data-undo]").click();
        assertThat(page.locator(".person")).hasCount(2);
        page.getByText("One more person").click();
        assertThat(page.locator(".person")).hasCount(3);
        page.locator("#person-2").fill("Moss");
        page.locator("#person-2").press("Enter");
        assertThat(page.locator("#refused")).containsText("Two people are called Moss");
        page.locator("#person-2").fill("Wren");
        page.locator("#person-2").press("Enter");
        assertThat(page.locator(".clock-picture")).containsText("Wren");
        // A child folds and stays away from everything else: nothing else is planned for them.
        Locator wren = page.locator(".person").nth(2);
        for (int i : new int[] {0, 1, 3}) {
            wren.locator("input[type=checkbox]").nth(i).uncheck();
        }
        page.locator("#plates-way").selectOption("TOGETHER");
        assertThat(title).containsText("table at");
        assertThat(page.getByLabel("kept warm for up to, min")).isVisible();
        for (String who :
                page.locator(".day-steps tbody tr:has(td:text-is('Wren')) th").allInnerTexts()) {
            assertTrue(who.contains("table") || who.contains("dip"), who);
        }
    }

    /** The plan is there at once, gets better, and says how good it is; nothing on the page moves for it. */
    @Test
    public void aPlanGetsBetterWhileItIsRead() {
        long id = supper(inHours(20), 3, "boiled-crescent");
        page.navigate("/batches/" + id + "/clock");
        double above = page.locator(".day-lanes").boundingBox().y;
        assertThat(page.locator(".clock-known"))
                .containsText(Pattern.compile("Proven|could begin at most"), patiently(60_000));
        assertEquals(page.locator(".day-lanes").boundingBox().y, above, 0.5);
    }

    /** A time of day, said with its weekday where the table is on another. */
    private static LocalTime clock(Locator said) {
        return LocalTime.parse(said.innerText().replaceAll("^[A-Za-z]+ ", ""));
    }

    private static LocatorAssertions.ContainsTextOptions patiently(double millis) {
        return new LocatorAssertions.ContainsTextOptions().setTimeout(millis);
    }

    @Test
    public void aTaskIsHeldDraggedReleasedAndRefusedWithItsReason() {
        long id = supper(inHours(20), 3, "boiled-crescent");
        page.navigate("/batches/" + id + "/clock");
        Locator row = page.locator(".day-steps tr:has-text('Stir the dip.')");
        // The plan is as good as it gets before it is pulled about.
        assertThat(page.locator(".clock-known")).not().containsText("Still looking", patiently(60_000));
        LocalTime before = clock(row.locator("td").first());
        Locator dip = page.locator("[data-task='table.dip'] rect").first();
        BoundingBox box = dip.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 60, box.y + box.height / 2);
        page.mouse().up();
        assertThat(row.getByText("let go")).isVisible();
        // A bar that is pressed says what it is, and so do those that arrow keys come to.
        BoundingBox held = page.locator("[data-task='table.dip'] rect").first().boundingBox();
        page.mouse().click(held.x + held.width / 2, held.y + held.height / 2);
        assertThat(page.locator("#bar-said")).containsText("Stir the dip.");
        page.locator("#day-lanes").press("ArrowLeft");
        assertThat(page.locator("#bar-said")).not().containsText("Stir the dip.");
        assertThat(page.locator("#bar-said")).hasText(Pattern.compile("^([A-Z][a-z]+ )?\\d\\d:\\d\\d.*"));
        LocalTime after = clock(row.locator("td").first());
        long moved = Duration.between(after, before).toMinutes();
        assertTrue(moved >= 5 && moved <= 40, "from " + before + " to " + after);
        row.getByText("let go").click();
        assertThat(row.getByText("hold")).isVisible();
        page.evaluate("scrollTo(0, 0)");
        page.waitForTimeout(600);
        BoundingBox plates =
                page.locator("[data-task='table.serve'] rect").first().boundingBox();
        BoundingBox mix = page.locator("[data-task='dough-1.mix'] rect").first().boundingBox();
        page.mouse().move(mix.x + mix.width / 2, mix.y + mix.height / 2);
        page.mouse().down();
        page.mouse().move(plates.x, mix.y + mix.height / 2);
        page.mouse().up();
        assertThat(page.locator("#refused")).containsText("cannot be at", patiently(30_000));
        assertThat(page.locator(".day-steps tr:has-text('Weigh and mix')").getByText("hold"))
                .isVisible();
    }

    @Test
    public void aDayIsTakenAlongAsACalendar() {
        long id = supper(inHours(20), 3, "boiled-crescent");
        APIResponse answer = page.request().get("/batches/" + id + "/clock/day.ics");
        assertTrue(answer.headers().get("content-type").startsWith("text/calendar"));
        ICalendar calendar = Biweekly.parse(answer.text()).first();
        page.navigate("/batches/" + id + "/clock");
        // What two do stands in both lists.
        assertEquals(
                calendar.getEvents().size(),
                page.evaluate(
                        "new Set([...document.querySelectorAll('.day-steps tr[data-step]')].map(row => row.dataset.step)).size"));
        Instant first = null;
        for (VEvent event : calendar.getEvents()) {
            assertEquals(event.getAlarms().size(), 1, event.getSummary().getValue());
            Instant start = event.getDateStart().getValue().toInstant();
            assertTrue(event.getDateEnd().getValue().toInstant().isAfter(start));
            first = first == null || start.isBefore(first) ? start : first;
        }
        assertTrue(first.isAfter(Instant.now()));
        assertTrue(calendar.getEvents().stream().anyMatch(event -> event.getCategories().stream()
                .anyMatch(one -> one.getValues().contains("Moss"))));
        page.navigate("/batches/" + id + "/sheet?who=2");
        assertThat(page.locator("h1")).containsText("Moss");
        assertThat(page.locator(".sheet-clock tr").first()).isVisible();
    }

    /** Somebody has to go in the middle: the rest is planned again for who is left, and it is said what changed. */
    @Test
    public void whoHasToGoIsNotCountedOnAnyMore() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        page.navigate("/batches/" + id + "/table");
        page.getByText("Start now").click();
        page.waitForURL(Pattern.compile(".*/run.*"));
        page.getByText("Moss has to go").click();
        assertThat(page.locator(".said-again")).containsText("Planned again");
        page.navigate("/batches/" + id + "/clock");
        assertThat(page.locator(".day-steps td:text-is('Moss')")).hasCount(0);
        page.locator("[data-undo]").click();
        assertThat(page.locator(".day-steps td:text-is('Moss')").first()).isVisible();
    }

    /** A timer rings on every open page until somebody answers; a minute more silences it, and it outlives a reload. */
    @Test
    public void aTimerRingsOnBothPagesUntilSomebodyAnswers() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        page.navigate("/batches/" + id + "/table");
        page.getByText("Start now").click();
        page.waitForURL(Pattern.compile(".*/run.*"));
        try (BrowserContext tablet = device(820, 1180)) {
            Page second = page(tablet);
            second.navigate("/batches/" + id + "/bench?who=2");
            page.navigate("/batches/" + id + "/bench?who=1");
            // Somebody has touched both pages, so that a browser lets them sound.
            page.locator("#now-title").click();
            second.locator("#now-title").click();
            bean(RunStore.class).startTimer(id, "dough-1.rest", "", Duration.ofSeconds(2), Instant.now());
            page.reload();
            second.reload();
            page.locator("#now-title").click();
            second.locator("#now-title").click();
            for (Page one : new Page[] {page, second}) {
                one.waitForFunction("() => document.documentElement.classList.contains('rings')");
                one.waitForFunction("() => document.getElementById('ring')?.paused === false");
            }
            page.getByText("+1 min").first().click();
            for (Page one : new Page[] {page, second}) {
                one.waitForFunction("() => !document.documentElement.classList.contains('rings')");
                one.waitForFunction("() => document.getElementById('ring').paused");
                assertThat(one.locator("[data-ends]")).hasCount(1);
            }
            second.reload();
            assertThat(second.locator("[data-ends]")).hasCount(1);
        }
    }

    /** Keys and a thumb leaf through the steps without doing any; numbers and targets are as large as floury hands need. */
    @Test
    public void theBenchIsLeafedThroughAndLargeEnough() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        page.navigate("/batches/" + id + "/bench?who=1");
        page.locator("[data-begin]").click();
        assertThat(page.locator("[data-begin]")).hasCount(0);
        String first = page.locator("#now-title").innerText();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#now-title")).not().hasText(first);
        assertThat(page.locator("[data-done]")).hasCount(0);
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator("#now-title")).hasText(first);
        assertTrue(bean(RunStore.class).done(id).isEmpty());
        assertTrue(page.locator("[data-aloud]").getAttribute("data-text").startsWith(first));
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            double number = ((Number) page.evaluate(
                            "parseFloat(getComputedStyle(document.querySelector('.bench-weighed strong')).fontSize)"))
                    .doubleValue();
            assertTrue(number >= 48, "numbers are " + number + " px");
        }
        // With everything on it that can be: taken back, leafed both ways, moved on, read.
        page.locator("[data-done]").click();
        assertThat(page.locator("[data-back]")).isVisible();
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            assertEquals(page.evaluate("document.documentElement.scrollWidth <= innerWidth"), true);
            for (Locator key : page.locator(".bench-foot button:visible, .bench-foot a, .bench-who a")
                    .all()) {
                BoundingBox box = key.boundingBox();
                assertTrue(box.height >= 64 && box.width >= 44, key + " is " + box.width + " × " + box.height);
                assertFalse(box.y + box.height > size[1], key + " is below the edge");
                assertFalse(box.x < 0 || box.x + box.width > size[0], key + " sticks out");
            }
        }
    }

    /** A table that cannot be kept is not called in time by any line of the page. */
    @Test
    public void whatCannotBeInTimeIsNotCalledInTime() {
        LocalDateTime serving = LocalDate.now().plusDays(1).atTime(19, 0);
        long id = supper(serving, 3, "boiled-crescent");
        Person late = Person.cook("Juniper").withComes(Optional.of(LocalTime.of(18, 30)));
        alone(id, late);
        page.navigate("/batches/" + id + "/clock");
        Locator title = page.locator(".station h2").first();
        assertThat(title).containsText("Start by 18:30");
        assertThat(title).not().containsText("19:00");
        String said = page.locator("#late").innerText();
        assertTrue(said.contains("late for 19:00 (est.) as it is planned"), said);
        alone(id, late.withGoes(Optional.of(LocalTime.of(19, 0))));
        page.navigate("/batches/" + id + "/clock");
        assertThat(title).hasText("No plan for 19:00 goes together");
        assertThat(page.locator("#late")).containsText("would not be there for");
        assertThat(page.locator(".clock-known")).not().containsText("This plan holds");
    }

    private static void alone(long id, Person one) {
        bean(BatchStore.class)
                .change(id, "alone", batch -> batch.withCrew(batch.crew().withPeople(List.of(one))), Instant.now());
    }

    /** A minute that goes by takes nothing of what is typed and was not sent yet. */
    @Test
    public void aMinuteTakesNothingThatIsTyped() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        bean(BatchStore.class).start(id, Instant.now());
        for (String[] typed : new String[][] {{"book", "form[data-draft] input.field"}, {"filling", "#filling-new"}}) {
            page.navigate("/batches/" + id + "/" + typed[0]);
            Locator field = page.locator(typed[1]).first();
            field.fill("7");
            page.locator("main h2").first().click();
            String before = page.locator("#kitchen-clock").getAttribute("data-rings");
            bean(MinuteHand.class).look();
            assertThat(page.locator("#kitchen-clock")).not().hasAttribute("data-rings", before);
            assertThat(field).hasValue("7");
        }
    }

    /** A tick that was none: what only waited for it has not begun either. */
    @Test
    public void whatIsUntickedStopsWhatWaitedForIt() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        bean(BatchStore.class).start(id, Instant.now());
        page.navigate("/batches/" + id + "/run");
        for (String done :
                new String[] {"Weigh and mix the cold-water dough.", "The cold-water dough: knead without stopping."}) {
            page.locator(".ticks li", new Page.LocatorOptions().setHasText(done))
                    .locator("button")
                    .click();
        }
        assertThat(page.locator(".other-timers [data-ends]")).hasCount(1);
        Locator kneaded = page.locator(".ticks li", new Page.LocatorOptions().setHasText("knead without stopping"));
        kneaded.locator("button").click();
        assertThat(page.locator("[data-ends]")).hasCount(0);
        assertThat(kneaded.locator("button")).hasAttribute("aria-pressed", "false");
    }

    /** What is pressed before the page is ready for it counts all the same, and its page lives on at an address of its own. */
    @Test
    public void aPressBeforeTheScriptIsThereCounts() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        bean(BatchStore.class).start(id, Instant.now());
        page.navigate("/batches/" + id + "/bench?who=1");
        String first = page.locator("#now-title").innerText();
        page.evaluate("HTMLFormElement.prototype.submit.call(document.querySelector('.bench-move'))");
        page.waitForURL(Pattern.compile(".*/bench\\?.*who=1.*"));
        assertThat(page.locator("#now-title")).not().hasText(first);
        page.reload();
        assertThat(page.locator("#now-title")).not().hasText(first);
        assertEquals(bean(RunStore.class).done(id).size(), 1);
    }

    /** A finger leafs like the keys, and what is read aloud is what stands there; without a voice there is nothing to press. */
    @Test
    public void theBenchIsSwipedAndReadAloud() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        bean(BatchStore.class).start(id, Instant.now());
        page.navigate("/batches/" + id + "/bench");
        assertThat(page.locator("[data-aloud]")).isHidden();
        try (BrowserContext tablet = device(
                new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true))) {
            tablet.addInitScript("speechSynthesis.getVoices = () => [{}];"
                    + "speechSynthesis.speak = (what) => { window.heard = what.text; };");
            Page touched = page(tablet);
            touched.navigate("/batches/" + id + "/bench");
            String first = touched.locator("#now-title").innerText();
            touched.locator("[data-aloud]").click();
            assertTrue(((String) touched.evaluate("heard")).startsWith(first));
            swipe(tablet, touched, 600, 200);
            assertThat(touched.locator("#now-title")).not().hasText(first);
            swipe(tablet, touched, 200, 600);
            assertThat(touched.locator("#now-title")).hasText(first);
        }
        assertTrue(bean(RunStore.class).done(id).isEmpty());
    }

    private static void swipe(BrowserContext device, Page page, int from, int to) {
        CDPSession finger = device.newCDPSession(page);
        touch(finger, "touchStart", from);
        for (int step = 1; step <= 8; step++) {
            touch(finger, "touchMove", from + (to - from) * step / 8);
        }
        JsonObject up = new JsonObject();
        up.addProperty("type", "touchEnd");
        up.add("touchPoints", new JsonArray());
        finger.send("Input.dispatchTouchEvent", up);
        finger.detach();
    }

    private static void touch(CDPSession finger, String type, int x) {
        JsonObject point = new JsonObject();
        point.addProperty("x", x);
        point.addProperty("y", 500);
        JsonArray points = new JsonArray();
        points.add(point);
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        finger.send("Input.dispatchTouchEvent", event);
    }

    /** What was learned of somebody is offered, and counted with at one press. */
    @Test
    public void whatWasLearnedIsCountedWith() {
        long id = supper(inHours(20), 3, "boiled-crescent");
        PaceStore paces = bean(PaceStore.class);
        paces.took(id, "dough-1.mix", "Moss", 1.8, Instant.now());
        long percent = Math.round(paces.pace("Moss").mean());
        page.navigate("/batches/" + id + "/clock");
        page.getByText("Count with " + percent + " % for Moss").click();
        assertThat(page.getByText("Count with")).hasCount(0);
        assertEquals(
                bean(BatchStore.class).load(id).batch().crew().people().get(1).pace(), percent, 0);
        paces.forget(id, "dough-1.mix");
        assertEquals(paces.pace("Moss").lessons(), 0);
    }

    /** What somebody took longer for is learned under their name, and taken back with the step; a press too early is no pace. */
    @Test
    public void realTimesTeachAPace() {
        long id = supper(LocalDateTime.now().plusHours(3), 3, "boiled-crescent");
        BatchStore batches = bean(BatchStore.class);
        Timetable plan = BatchPlan.of(batches.load(id).batch()).timetable();
        Timetable.Slot first = plan.slots().get(0);
        Timetable.Slot next = plan.slots().stream()
                .filter(slot -> slot.task().after().contains(first.task().key()))
                .findFirst()
                .orElseThrow();
        assertEquals(next.people().size(), 1);
        String name = batches.load(id)
                .batch()
                .crew()
                .people()
                .get(next.people().get(0))
                .name();
        // The next step was to begin twelve minutes ago, and could.
        long early = Duration.between(
                        LocalDateTime.now().minusMinutes(12), next.start().toLocalDateTime())
                .toMinutes();
        batches.change(id, "sooner", batch -> batch.withServing(batch.serving().minusMinutes(early)), Instant.now());
        batches.start(id, Instant.now());
        Instant then = Instant.now().minus(Duration.ofMinutes(12));
        bean(RunStore.class).tick(id, first.task().key(), then);
        int before = bean(PaceStore.class).pace(name).lessons();
        page.navigate("/batches/" + id + "/bench?who=" + (next.people().get(0) + 1));
        assertThat(page.locator("#now-title")).hasText(next.task().title());
        page.locator("[data-done]").click();
        assertThat(page.locator("#now-title")).not().hasText(next.task().title());
        assertEquals(bean(PaceStore.class).pace(name).lessons(), before + 1);
        assertTrue(bean(PaceStore.class).pace(name).mean() > 100);
        // What follows is pressed at once: that says nothing of anybody.
        String after = page.locator("#now-title").innerText();
        page.locator("[data-done]").click();
        assertThat(page.locator("#now-title")).not().hasText(after);
        assertEquals(bean(PaceStore.class).pace(name).lessons(), before + 1);
        page.locator("[data-back]").click();
        assertThat(page.locator("#now-title")).hasText(after);
        page.locator("[data-back]").click();
        assertThat(page.locator("#now-title")).hasText(next.task().title());
        assertEquals(bean(PaceStore.class).pace(name).lessons(), before);
    }
}
