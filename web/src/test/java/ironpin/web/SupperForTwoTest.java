package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import ironpin.clock.DayPlan;
import ironpin.clock.Forecast;
import ironpin.clock.TaskKey;
import ironpin.kit.Kit;
import ironpin.store.BatchStore;
import ironpin.web.demo.LanternNight;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.Ringing;
import ironpin.web.page.Run;
import ironpin.web.page.RunStep;
import ironpin.web.page.Screens;
import ironpin.web.run.MinuteHand;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The lantern-night supper, cooked by two in front of two pages from the flour to the plates, while the clock goes on. */
public class SupperForTwoTest extends OpenKitchen {
    private static final Duration LATE = Duration.ofMinutes(25);

    /** What should be over by now is taken to be over in a moment. */
    private static final Duration TICK = Duration.ofSeconds(30);

    private BrowserContext tablet;
    private BrowserContext phone;
    private Page[] pages;
    private long id;
    private Instant now;

    @BeforeMethod
    public void twoPages() {
        LocalDateTime serving = LocalDateTime.now().plusDays(1).toLocalDate().atTime(19, 30);
        id = bean(BatchStore.class).create(LanternNight.supper(serving, Kit.usual()), "new", Instant.now());
        tablet = device(820, 1180);
        // The phone's owner has been elsewhere: the kitchen's clock counts.
        phone = device(new Browser.NewContextOptions().setViewportSize(390, 844).setTimezoneId("Asia/Tokyo"));
        pages = new Page[] {page(tablet), page(phone)};
    }

    @AfterMethod(alwaysRun = true)
    public void tidyUp() {
        KitchenClock.moveTo(null);
        tablet.close();
        phone.close();
        bean(BatchStore.class).delete(id);
    }

    @Test
    public void twoCookTheLanternSupper() {
        ZonedDateTime starts = run().forecast().table().latestStart();
        go(starts.toInstant());
        for (int who : new int[] {0, 1}) {
            pages[who].navigate("/batches/" + id + "/bench?who=" + (who + 1));
        }
        pages[0].locator("[data-begin]").click();
        for (Page page : pages) {
            assertThat(page.locator("[data-begin]")).hasCount(0);
        }
        ZonedDateTime promised = run().forecast().serving();
        boolean delayed = false;
        int presses = 0;
        for (int turn = 0; turn < 400 && run().now().isPresent(); turn++) {
            go(soonest());
            for (int who : new int[] {0, 1}) {
                Optional<RunStep> step = run().now(who).filter(one -> !over(one).isAfter(now.plus(TICK)));
                if (step.isEmpty()) {
                    continue;
                }
                if (!delayed && who == 1 && step.get().slot().task().of() instanceof TaskKey.Shaped) {
                    delayed = true;
                    promised = late();
                    break;
                }
                agree();
                press(who, step.get());
                presses++;
            }
        }
        agree();
        assertTrue(delayed && presses > 60, presses + " presses");
        for (Page page : pages) {
            assertThat(page.locator("#now-title")).hasText("Everything is on the table.");
        }
        Instant served = run().forecast().standing().done().get(DayPlan.SERVE);
        assertFalse(served.isAfter(promised.toInstant().plusSeconds(90)), "on the table at " + served);
    }

    /** Nobody presses anything: both pages say how late it is all the same, and one press calls another table on both. */
    private ZonedDateTime late() {
        assertThat(pages[0].locator("#late")).hasCount(0);
        go(now.plus(LATE));
        Forecast forecast = run().forecast();
        assertTrue(forecast.isLate(), "not late");
        agree();
        pages[0].locator("#late button").first().click();
        for (Page page : pages) {
            assertThat(page.locator("#late")).hasCount(0);
            assertThat(page.locator(".bench-said")).containsText("Planned again");
        }
        ZonedDateTime called = run().forecast().serving();
        assertFalse(called.isBefore(forecast.serving()), called + " before " + forecast.serving());
        return called;
    }

    private Run run() {
        return bean(Screens.class).of(id, Optional.empty(), 1).run();
    }

    /** Time goes by, and the pages hear of it. */
    private void go(Instant time) {
        now = time;
        KitchenClock.moveTo(time);
        bean(MinuteHand.class).look();
    }

    /** When somebody is through with what is theirs to do, or a timer rings, or something must go on the fire. */
    private Instant soonest() {
        Run run = run();
        Stream<Instant> through =
                Stream.of(0, 1).flatMap(who -> run.now(who).stream()).map(this::over);
        Stream<Instant> rings = run.timers().stream().map(Ringing::endsAt);
        Stream<Instant> begin = run.steps().stream()
                .filter(step -> step.ready() && step.press().sent().equals("start"))
                .map(step -> step.slot().start().toInstant());
        return Stream.concat(through, Stream.concat(rings, begin).filter(at -> at.isAfter(now)))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private Instant over(RunStep step) {
        Instant at = step.press().sent().equals("start")
                ? step.slot().start().toInstant()
                : step.slot().end().toInstant();
        if (step.rings()) {
            return now;
        }
        return at.isBefore(now) ? now : at;
    }

    private void press(int who, RunStep step) {
        Page page = pages[who];
        assertThat(page.locator("#now-title")).hasText(step.slot().task().title());
        page.waitForResponse(answer -> answer.url().endsWith("/moves"), () -> page.locator("[data-done]")
                .click());
    }

    /** Each page shows what its own hands do now, and both the same timers, the same table and the same lateness. */
    private void agree() {
        Run run = run();
        assertEquals(run.forecast().table().clashes(), List.of());
        List<Long> timers = run.timers().stream().map(Ringing::id).sorted().toList();
        long rings = bean(Bell.class).count(id);
        for (int who : new int[] {0, 1}) {
            Page page = pages[who];
            page.waitForCondition(
                    () -> Long.parseLong(page.locator("#kitchen-clock").getAttribute("data-rings")) >= rings);
            Optional<String> title = run.now(who).map(step -> step.slot().task().title());
            assertThat(page.locator("#now-title"))
                    .hasText(title.orElse(
                            run.now().isPresent()
                                    ? "Nothing is left for " + (who == 0 ? "Juniper" : "Moss") + "."
                                    : "Everything is on the table."));
            assertThat(page.locator("[data-ends]")).hasCount(timers.size());
            assertEquals(
                    page.locator("[data-timer]").all().stream()
                            .map(one -> Long.valueOf(one.getAttribute("data-timer")))
                            .sorted()
                            .toList(),
                    timers);
            assertThat(page.locator("#late")).hasCount(run.forecast().isLate() ? 1 : 0);
        }
        if (run.forecast().isLate()) {
            assertEquals(
                    pages[0].locator("#late").innerText(),
                    pages[1].locator("#late").innerText());
        }
    }
}
