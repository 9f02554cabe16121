package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import ironpin.batch.Appetite;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.devices.scale.ScaleTraits;
import ironpin.devices.scale.SimulatedHand;
import ironpin.plan.BatchPlan;
import ironpin.portion.Tally;
import ironpin.quantity.Mass;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.WorkStore;
import ironpin.store.WorkStore.What;
import ironpin.style.Styles;
import ironpin.web.kitchen.ScaleDesk;
import ironpin.wrapper.Fold;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A lot cut, weighed, rolled, filled and closed in front of the application, with the simulated scale beside it. */
public class HandsAtWorkTest extends OpenKitchen {
    private static final int PIECES = 40;

    private long id;

    @BeforeMethod
    public void lot() throws InterruptedException {
        // A scale that settles at once and trembles little, so that a test does not wait for it.
        bean(ScaleDesk.class)
                .simulate(
                        new SimulatedHand(1.01, 0.03, 0.0005, 3),
                        new ScaleTraits(
                                Mass.ofGrams(0.1),
                                Mass.ofGrams(3_000),
                                Duration.ofMillis(10),
                                0,
                                0,
                                Duration.ofMinutes(30)));
        empty();
        id = bean(BatchStore.class)
                .create(
                        CountField.PIECES.write(
                                Styles.start(
                                        Styles.get("boiled-crescent"),
                                        "Forty crescents",
                                        LocalDateTime.now().plusDays(1).withHour(19),
                                        4,
                                        Appetite.USUAL),
                                Address.lot(1),
                                PIECES),
                        "new",
                        Instant.now());
    }

    @AfterMethod(alwaysRun = true)
    public void leaveNothing() {
        bean(BatchStore.class).delete(id);
    }

    /** Nothing lies on it, and nothing is tared away. */
    private static void empty() throws InterruptedException {
        bean(ScaleDesk.class).put(Mass.ZERO);
        Thread.sleep(100);
        bean(ScaleDesk.class).wake();
    }

    private List<Mass> weights(What what) {
        return bean(WorkStore.class).weights(new WorkStore.Of(id, 1), what);
    }

    private static void open(Page page, String path) {
        page.navigate(path);
        page.waitForLoadState();
    }

    /** Puts the next piece of the simulated hand on, and takes it with the key. */
    private void weigh(Page page) {
        int before = weights(What.DOUGH).size();
        ScaleDesk desk = bean(ScaleDesk.class);
        page.waitForResponse("**/scale/put", () -> page.locator("[data-put]").click());
        page.waitForCondition(() -> desk.read().settled()
                && page.locator("[data-scale-mass]")
                        .textContent()
                        .equals(desk.shown().said().get("METRIC")));
        page.locator("h2").first().click();
        page.keyboard().press("w");
        page.waitForCondition(() -> weights(What.DOUGH).size() == before + 1);
    }

    @Test
    public void aLotOfFortyIsMadeAndTheBookHoldsIt() {
        try (BrowserContext tablet = device(1280, 800);
                BrowserContext phone = device(390, 844)) {
            Page page = page(tablet);
            Page other = page(phone);
            String portion = "/batches/" + id + "/portion?lot=1";
            open(page, portion);
            open(other, portion);
            page.locator("#simulated-scale summary").click();
            int trades = 0;
            for (int i = 0; i < PIECES; i++) {
                weigh(page);
                Locator trade = page.locator(".trade button");
                if (i > PIECES / 2 && trade.count() > 0 && trades < 3) {
                    trade.click();
                    trades++;
                    page.waitForTimeout(150);
                }
            }
            assertThat(page.locator(".scale-target")).containsText("all weighed");
            assertThat(other.locator(".scale-target")).containsText("all weighed");
            assertEquals(weights(What.DOUGH).size(), PIECES);
            Tally tally = new Tally(Mass.ofGrams(15 * PIECES), PIECES, weights(What.DOUGH));
            assertTrue(tally.left().grams() < 15 * Tally.BAND + 1, "left over: " + tally.left());
            long inBand = weights(What.DOUGH).stream().filter(tally::inBand).count();
            assertTrue(inBand >= PIECES - 3, inBand + " in the band");

            // Rolled: the rim is asked for, and the width follows.
            open(page, "/batches/" + id + "/roll?lot=1");
            String wide = page.locator("#disc-1").inputValue();
            page.locator("#rim-1").fill("1");
            page.locator("#rim-1").press("Enter");
            page.waitForCondition(() -> !page.locator("#disc-1").inputValue().equals(wide));
            assertThat(page.locator("#rim-1")).hasValue("1");

            // Filled and closed: spoonfuls typed, a tap a piece with the space bar, two faults.
            open(page, "/batches/" + id + "/fold?lot=1");
            for (String grams : new String[] {"18.4", "17.9", "18"}) {
                page.locator("#weigh-typed").fill(grams);
                page.locator("#weigh-typed").press("Enter");
                assertThat(page.locator("#weigh-typed")).hasValue("");
            }
            page.waitForCondition(() -> weights(What.FILLING).size() == 3);
            for (int i = 1; i <= PIECES; i++) {
                page.locator("h2").first().click();
                page.keyboard().press(" ");
                assertThat(page.locator(".pace-said")).containsText(i + " ");
                int counted = i;
                page.waitForCondition(() ->
                        bean(WorkStore.class).taps(new WorkStore.Of(id, 1)).size() == counted);
            }
            assertThat(page.locator(".pace-said")).containsText("All 40 done");
            page.locator("#fault-piece").fill("2");
            page.locator("button[value=BURST]").click();
            assertThat(page.locator(".faults")).containsText("Piece 2");
            assertThat(page.locator(".faults")).containsText("17.9 g");
            page.locator("button[value=GAP]").click();
            assertThat(page.locator("button[value=GAP] strong")).hasText("1");
            page.locator("#fault-piece").fill("41");
            page.locator("button[value=TORN]").click();
            assertThat(page.locator("#refused")).containsText("1 to 40");

            // Judged: the counts are there already, and the Book keeps all of it.
            open(page, "/batches/" + id + "/book?lot=1");
            assertThat(page.locator("#judge-burst")).hasValue("1");
            assertThat(page.locator("#judge-leaked")).hasValue("1");
            page.locator(".judge .go").click();
            assertThat(page.locator(".saved")).isVisible();
            open(page, "/book");
            Locator past = page.locator("body");
            assertThat(past).containsText("40 pieces weighed");
            assertThat(past).containsText("3 spoonfuls weighed");
            assertThat(past).containsText("Pace, to roll, fill and fold");
            assertThat(past).containsText("Faults: 1 burst, 1 gap in the seam");
            assertTrue(bean(KitStore.class)
                            .load()
                            .hand()
                            .handiwork(Fold.PLEATED_CRESCENT)
                            .seconds()
                            .lessons()
                    > 0);
        }
    }

    @Test
    public void aLostStreamIsSaidAndNothingIsLost() {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/portion?lot=1");
            page.locator("#simulated-scale summary").click();
            weigh(page);
            page.locator("button:has-text('Pull its plug')").click();
            assertThat(page.locator("[data-scale-state]")).hasText("not connected");
            assertThat(page.locator("[data-weigh]")).isDisabled();
            // The scale's plug is out, the typed weight is not.
            page.locator("#weigh-typed").fill("15.5");
            page.locator("#weigh-typed").press("Enter");
            page.waitForCondition(() -> weights(What.DOUGH).size() == 2);
            page.locator("button:has-text('Plug it in')").click();
            assertThat(page.locator("[data-scale-state]")).hasText("settled");

            page.locator("button:has-text('Overload it')").click();
            assertThat(page.locator("[data-scale-state]")).containsText("overloaded");
            page.locator("button:has-text('Take it off')").click();
            assertThat(page.locator("[data-scale-state]")).hasText("settled");

            // The kitchen itself is out of reach: said, and caught up with afterwards.
            // Asked in the same breath, since this page's stream goes on and may speak at any moment.
            Object said = page.evaluate("() => { document.dispatchEvent(new CustomEvent('ironpin:lost'));"
                    + " return document.querySelector('[data-scale-state]').textContent"
                    + " + ', ' + document.querySelector('[data-weigh]').disabled; }");
            assertEquals(said, "not connected to the kitchen, true");
            bean(ScaleDesk.class).put(Mass.ofGrams(14.8));
            assertThat(page.locator("[data-scale-mass]")).hasText("14.8 g");
            weigh(page);
            assertEquals(weights(What.DOUGH).size(), 3);
        }
    }

    @Test
    public void tareAndBackAndAFile() throws IOException, InterruptedException {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/portion?lot=1");
            bean(ScaleDesk.class).put(Mass.ofGrams(220));
            assertThat(page.locator("[data-scale-mass]")).hasText("220.0 g");
            page.locator("h2").first().click();
            page.keyboard().press("z");
            assertThat(page.locator("[data-scale-mass]")).hasText("0.0 g");
            bean(ScaleDesk.class).put(Mass.ofGrams(235.2));
            assertThat(page.locator("[data-scale-mass]")).hasText("15.2 g");
            page.locator("[data-weigh]").click();
            page.waitForCondition(() -> weights(What.DOUGH).size() == 1);
            assertEquals(weights(What.DOUGH).get(0).grams(), 15.2, 0.051);

            Download saved = page.waitForDownload(() -> page.locator(".files a").click());
            String text = Files.readString(saved.path());
            assertTrue(text.startsWith("place,grams,meant_g"), text);
            assertTrue(text.contains("1,15.2"), text);
            load(page, "grams\n14.5\n15.5\n16\n");
            page.waitForCondition(() -> weights(What.DOUGH).size() == 3);
            load(page, "grams\n14.5\nheavy\n");
            assertThat(page.locator("#refused")).containsText("Line 3 says “heavy”");
            load(page, "pieces\n14.5\n");
            assertThat(page.locator("#refused")).containsText("“grams”");
            assertEquals(weights(What.DOUGH).size(), 3);
            page.locator("button:has-text('Last one back')").click();
            page.waitForCondition(() -> weights(What.DOUGH).size() == 2);
            page.locator("#weigh-typed").fill("a handful of it");
            page.locator("#weigh-typed").press("Enter");
            assertThat(page.locator("#weigh-error")).containsText("0.1 to 500 g");
            assertThat(page.locator("#weigh-typed")).hasValue("a handful of it");
        } finally {
            empty();
        }
    }

    private static void load(Page page, String text) {
        if (page.locator("details:has(input[type=file])[open]").count() == 0) {
            page.locator("summary:has-text('Load weights')").click();
        }
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("w.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
        page.locator("form:has(input[type=file]) button").click();
        page.waitForLoadState();
    }

    /** A real scale's script takes the simulated one's place as long as it is heard of. */
    @Test(priority = 5)
    public void aScriptFeedsARealScale() {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/portion?lot=1");
            assertThat(page.locator("[data-scale-simulated]")).isVisible();
            // As a script does it: again and again, whether anybody listens or not.
            page.waitForCondition(() -> {
                APIResponse answer = reading(tablet, "{\"grams\": 31.4, \"settled\": true}");
                assertEquals(answer.status(), 200, answer.text());
                assertTrue(answer.text().contains("\"simulated\":false"), answer.text());
                return page.locator("[data-scale-mass]").textContent().equals("31.4 g");
            });
            assertThat(page.locator("[data-scale-simulated]")).isHidden();
            page.locator("[data-weigh]").click();
            page.waitForCondition(() -> weights(What.DOUGH).size() == 1);
            assertEquals(weights(What.DOUGH).get(0).grams(), 31.4, 1e-6);
            assertEquals(reading(tablet, "{\"grams\": \"much\"}").status(), 400);
            assertThat(page.locator("[data-scale-simulated]")).isVisible();
        }
    }

    private static APIResponse reading(BrowserContext device, String json) {
        return device.request()
                .post(
                        "/api/v1/scale/readings",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(json));
    }

    /** Pieces of 18 g with a school that trims: the plan, the ribbon and the picture follow. */
    @Test
    public void theSchoolChangesTheBalanceAndThePicture() {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/portion?lot=1");
            double ropes = made();
            page.locator("#portion-school").selectOption("CUTTER");
            assertThat(page.locator(".sheet-picture")).isVisible();
            assertThat(page.locator(".ribbon")).containsText("trimmings over");
            assertThat(page.locator("#rope-1")).hasCount(0);
            assertTrue(made() > 1.02 * ropes, made() + " against " + ropes);
            assertEquals(
                    page.locator(".sheet-picture .stroke-1").count(),
                    Math.min(
                            PIECES,
                            BatchPlan.of(bean(BatchStore.class).load(id).batch())
                                    .lot(1)
                                    .sheet()
                                    .orElseThrow()
                                    .rollings()
                                    .get(0)
                                    .pieces()));
            page.locator("#portion-school").selectOption("HALVING");
            assertThat(page.locator(".rope-picture")).isVisible();
            assertThat(page.locator(".says")).containsText("2 × 2 × 2 × 5");
            page.locator("#portion-school").selectOption("RING");
            assertThat(page.locator(".says")).containsText("round before it is cut open");
        }
    }

    private double made() {
        return BatchPlan.of(bean(BatchStore.class).load(id).batch())
                .balance()
                .dough(1)
                .made()
                .total()
                .grams();
    }

    /** A width dragged along its ruler: the picture and the numbers follow before anything is kept. */
    @Test
    public void aWidthIsDragged() {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/roll?lot=1");
            var box = page.locator(".pin-handle").boundingBox();
            double y = box.y + box.height / 2;
            page.mouse().move(box.x + box.width / 2, y);
            page.mouse().down();
            page.mouse().move(box.x + box.width / 2 - 20, y);
            page.mouse().move(box.x + box.width / 2 - 30, y);
            page.waitForCondition(
                    () -> Double.parseDouble(page.locator("#disc-1").inputValue()) < 95);
            assertEquals(
                    bean(BatchStore.class)
                            .load(id)
                            .batch()
                            .lot(1)
                            .shape()
                            .disc()
                            .millimetres(),
                    102,
                    1e-9);
            page.mouse().up();
            page.waitForCondition(() -> bean(BatchStore.class)
                            .load(id)
                            .batch()
                            .lot(1)
                            .shape()
                            .disc()
                            .millimetres()
                    < 95);
            // The width follows now: another dough keeps the rim.
            page.locator("button:has-text('held: Rolled width')").click();
            assertThat(page.locator(".rows")).containsText("the width follows");
            String rim = page.locator("#rim-1").inputValue();
            String wide = page.locator("#disc-1").inputValue();
            page.locator("#dough-each-1").fill("17");
            page.locator("#dough-each-1").press("Enter");
            page.waitForCondition(() -> !page.locator("#disc-1").inputValue().equals(wide));
            assertThat(page.locator("#rim-1")).hasValue(rim);
        }
    }

    /** How much of a canvas is painted, and where its middle of paint lies across. */
    private static final String PAINT =
            """
            () => {
              const canvas = document.querySelector("canvas[data-closing]");
              const { data, width, height } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height - 40);
              let count = 0;
              let across = 0;
              for (let at = 3; at < data.length; at += 4) {
                if (data[at]) {
                  count += 1;
                  across += ((at - 3) / 4) % width;
                }
              }
              return [count / (width * height), across / count / width];
            }
            """;

    private static double[] paint(Page page) {
        List<?> seen = (List<?>) page.evaluate(PAINT);
        return new double[] {((Number) seen.get(0)).doubleValue(), ((Number) seen.get(1)).doubleValue()};
    }

    @Test
    public void everyClosingIsDrawnStepByStep() {
        try (BrowserContext calm = device(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setReducedMotion(ReducedMotion.REDUCE))) {
            Page page = page(calm);
            for (Fold fold : Fold.values()) {
                open(page, "/closings/" + fold.name());
                page.waitForFunction("() => document.querySelector('[data-step][aria-current]')");
                assertThat(page.locator("[data-closing-play]")).hasText("Play");
                for (int step = 0; step < fold.steps().size(); step++) {
                    page.locator("[data-step]").nth(step).click();
                    assertThat(page.locator("[data-step]").nth(step)).hasAttribute("aria-current", "step");
                    double painted = paint(page)[0];
                    assertTrue(painted > 0.02 && painted < 0.9, fold + " step " + step + ": " + painted);
                }
            }
            // In a left hand the rope runs the other way.
            open(page, "/closings/PLEATED_CRESCENT");
            page.waitForFunction("() => document.querySelector('[data-step][aria-current]')");
            page.locator("[data-step]").nth(1).click();
            double right = paint(page)[1];
            page.locator("[data-left-hand]").check();
            assertEquals(paint(page)[1], 1 - right, 0.01);
            page.locator("[data-left-hand]").uncheck();
        }
    }

    @Test
    public void aFoldIsChosenFromTheAtlasAndItsPictureMoves() {
        try (BrowserContext tablet = device(1280, 800)) {
            Page page = page(tablet);
            open(page, "/batches/" + id + "/fold?lot=1");
            page.locator(".closing-card[value=PURSE]").click();
            assertThat(page.locator("h2").first()).hasText("Round purse");
            assertThat(page.locator(".closing-steps li")).hasCount(4);
            page.waitForFunction("() => document.querySelector('[data-closing-play]').textContent === 'Pause'");
            double before = paint(page)[0];
            page.waitForCondition(() -> Math.abs(paint(page)[0] - before) > 0.01);
            page.locator(".closing-card[value=TRIANGLE]").click();
            assertThat(page.locator("h2").first()).hasText("Triangle with joined corners");
            assertThat(page.locator(".says")).containsText("seam");
        }
    }

    @Test
    public void anEyeIsTrained() {
        try (BrowserContext phone = device(390, 844)) {
            Page page = page(phone);
            open(page, "/practice");
            page.locator("#guess").fill("heavy");
            page.locator("#guess").press("Enter");
            assertThat(page.locator(".field-error")).containsText("0.5 to 500 g");
            assertThat(page.locator("#guess")).hasValue("heavy");
            for (int i = 0; i < 3; i++) {
                double truth =
                        Double.parseDouble(page.locator("input[name=truth]").inputValue());
                page.locator("#guess").fill(String.format(java.util.Locale.ROOT, "%.2f", 1.2 * truth));
                page.locator("#guess").press("Enter");
                assertThat(page.locator(".drill-result")).containsText("20 % too much");
            }
            assertThat(page.locator("main")).containsText("20 % too much on the whole");
            // At 5 pixels a millimetre a card is 428 pixels wide, and the ball grows with it.
            double small = page.locator(".drill svg").boundingBox().width;
            page.locator("[data-per-mm]").fill("5");
            assertEquals(
                    ((Number) page.evaluate(
                                    "document.querySelector('[data-gauge-shape]').style.width.replace('px', '') * 1"))
                            .doubleValue(),
                    428,
                    0.5);
            assertEquals(page.locator(".drill svg").boundingBox().width / small, 5 / (96 / 25.4), 0.02);
            page.locator("[data-beat-seconds]").fill("0.3");
            page.locator("[data-beat-start]").click();
            for (int i = 0; i < 4; i++) {
                page.locator("[data-beat-tap]").click();
                page.waitForTimeout(60);
            }
            assertThat(page.locator("[data-beat-said]")).containsText("faster than the beat");
        }
    }
}
