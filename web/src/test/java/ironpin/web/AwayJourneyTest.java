package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.batch.edit.Lanes;
import ironpin.store.BatchStore;
import ironpin.store.RunStore;
import ironpin.store.RunningTimer;
import ironpin.store.WorkStore;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The kitchen is gone for ten minutes while somebody cooks. */
public class AwayJourneyTest extends LeftKitchen {
    private static final Duration GONE = Duration.ofMinutes(10);
    private static final long SUPPER = 4;

    private final List<String> sent = new ArrayList<>();

    public AwayJourneyTest() {
        super(820, 1180);
    }

    @BeforeMethod
    public void nothingIsSentYet() {
        sent.clear();
    }

    /** A bench that has what it needs to go on, and then has no kitchen. */
    private Page alone() {
        Page page = device.newPage();
        page.clock().install();
        page.onRequest(request -> {
            if (request.url().endsWith("/meanwhile")) {
                sent.add(request.postData());
            }
        });
        page.waitForResponse(
                answer -> answer.url().endsWith("/away") && answer.ok(),
                () -> page.navigate(at("/batches/" + SUPPER + "/bench")));
        page.waitForFunction("() => navigator.serviceWorker.controller");
        page.waitForResponse(answer -> answer.url().endsWith("/away") && answer.ok(), () -> page.locator("[data-begin]")
                .click());
        kitchen.close();
        assertThat(page.locator("#screen")).hasAttribute("data-place", "away");
        return page;
    }

    private static Locator title(Page page) {
        return page.locator("article:not([hidden]) h1");
    }

    private static void press(Page page) {
        // Nobody presses twice within a moment.
        page.clock().fastForward(1_000);
        page.locator("[data-away=press]").click();
    }

    private static void leafTo(Page page, String what) {
        for (int i = 0; i < 40 && page.locator("article:not([hidden]) " + what).count() == 0; i++) {
            page.locator("[data-away=after]").click();
        }
    }

    @Test
    public void aSupperGoesOnForTenMinutesWithoutTheKitchen() {
        Page page = alone();
        List<String> done = new ArrayList<>();
        Locator waits = page.locator("#away-timers .countdown");
        while (waits.count() == 0) {
            assertTrue(done.size() < 12, "no timer began: " + done);
            done.add(title(page).innerText());
            press(page);
        }
        page.locator("article:not([hidden]) [data-line]").first().click();
        leafTo(page, ".away-weigh");
        page.locator("article:not([hidden]) [data-tapped]").click();
        leafTo(page, ".away-weigh");
        page.locator("article:not([hidden]) [name=grams]").fill("17.2");
        page.locator("article:not([hidden]) .away-weigh button.chip").click();
        int many = done.size() + 3;
        assertThat(page.locator("#away-waiting")).hasText(many + " presses wait.");
        String next = title(page).innerText();

        page.reload();
        assertThat(page.locator("#away-waiting")).hasText(many + " presses wait.");
        assertThat(title(page)).hasText(next);
        double before = minutes(waits.first().innerText());
        Instant ends = Instant.now().plusMillis((long) (before * 60_000));
        page.clock().fastForward(GONE.toMillis());
        assertThat(waits.first()).not().hasText(Pattern.compile("^" + (int) before + ":"));
        assertEquals(minutes(waits.first().innerText()), before - 10, 0.5, "the timer went on");

        // What was looked at before opens, what was not says so.
        page.navigate(at("/kit"));
        assertThat(page.locator("h1")).hasText("The kitchen is not reached");
        page.navigate(at("/batches/" + SUPPER + "/run"));
        assertThat(title(page)).hasText(next);

        KitchenClock.moveTo(Instant.now().plus(GONE));
        start(port);
        assertThat(page.locator("#screen")).hasAttribute("data-place", "bench");
        RunStore runs = kitchen.getBean(RunStore.class);
        WorkStore work = kitchen.getBean(WorkStore.class);
        Map<String, Instant> ticked = runs.done(SUPPER);
        assertEquals(sent.size(), many, sent.toString());
        long over = sent.stream().filter(body -> body.contains("value=over")).count();
        assertEquals(ticked.size(), over + 1, "steps that are over, and a line: " + ticked);
        ticked.forEach((key, at) -> assertTrue(
                at.isBefore(Instant.now().plusSeconds(60)), key + " was pressed ten minutes ago, not when it arrived"));
        assertEquals(runs.timers(SUPPER).size(), 1);
        RunningTimer timer = runs.timers(SUPPER).get(0);
        assertEquals(timer.endsAt().toEpochMilli(), ends.toEpochMilli(), 20_000);
        assertEquals(lots(work), List.of(17.2));

        // Whatever arrives twice is taken once.
        for (String body : List.copyOf(sent)) {
            page.evaluate(
                    "body => fetch('/batches/4/meanwhile', {method: 'POST', body: new URLSearchParams(body)}).then(a => a.text())",
                    body);
        }
        assertEquals(runs.done(SUPPER), ticked);
        assertEquals(lots(work), List.of(17.2));
        assertEquals(runs.timers(SUPPER).size(), 1);
    }

    private static double minutes(String shown) {
        String[] parts = shown.split(":");
        return Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]) / 60.0;
    }

    private static List<Double> lots(WorkStore work) {
        return List.of(1, 2, 3).stream()
                .flatMap(lot -> work.weights(new WorkStore.Of(SUPPER, lot), WorkStore.What.FILLING).stream())
                .map(mass -> mass.grams())
                .toList();
    }

    @Test
    public void whatCannotBeTakenSaysSo() {
        Page page = alone();
        leafTo(page, ".away-weigh");
        String lot = page.locator("article:not([hidden]) .away-weigh").getAttribute("data-lot");
        page.locator("article:not([hidden]) [data-tapped]").click();
        leafTo(page, ".away-weigh");
        page.locator("article:not([hidden]) [name=grams]").fill("9000");
        page.locator("article:not([hidden]) .away-weigh button.chip").click();

        // On another page the lot was left out meanwhile.
        start(0);
        kitchen.getBean(BatchStore.class)
                .change(SUPPER, "left out", batch -> Lanes.drop(batch, Integer.parseInt(lot)), Instant.now());
        kitchen.close();
        start(port);
        Locator refused = page.locator("#away-refused");
        assertThat(refused).containsText("One more shaped");
        assertThat(refused.locator("li")).hasCount(2);
        assertThat(page.locator("#away-waiting")).isHidden();
        page.locator("#away-seen").click();
        assertThat(page.locator("#screen")).hasAttribute("data-place", "bench");
    }
}
