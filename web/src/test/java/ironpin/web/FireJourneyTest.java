package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import ironpin.batch.Appetite;
import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.kit.Stove;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.store.BatchStore;
import ironpin.store.FireStore;
import ironpin.store.FreezerStore;
import ironpin.store.KitStore;
import ironpin.store.RunStore;
import ironpin.store.StoveStore;
import ironpin.store.WorkStore.Of;
import ironpin.style.Styles;
import ironpin.web.kitchen.FireDesk;
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

/** A lot at the fire: its spells put together and dragged, its rounds run with timers and probe, its pieces frozen and taken out. */
public class FireJourneyTest extends OpenKitchen {
    private long id;

    @BeforeMethod
    public void lot() {
        id = create("boiled-crescent", 20);
    }

    @AfterMethod(alwaysRun = true)
    public void leaveNothing() {
        bean(FireDesk.class).out(new Of(id, 1));
        bean(BatchStore.class).delete(id);
    }

    private static long create(String style, int toFreezer) {
        return bean(BatchStore.class)
                .create(
                        CountField.TO_FREEZER.write(
                                Styles.start(
                                        Styles.get(style),
                                        "At the fire",
                                        LocalDateTime.now().plusDays(1).withHour(19),
                                        4,
                                        Appetite.USUAL),
                                Address.lot(1),
                                toFreezer),
                        "new",
                        Instant.now());
    }

    private Lot lotNow() {
        return bean(BatchStore.class).load(id).batch().lot(1);
    }

    private List<Spell> spells() {
        return BatchPlan.of(bean(BatchStore.class).load(id).batch()).lot(1).spells();
    }

    private Page cook(BrowserContext device) {
        Page page = page(device);
        page.navigate("/batches/" + id + "/cook");
        return page;
    }

    /** A border follows the finger, the picture and the sentences with it; let go, it is kept, and can be undone. */
    @Test
    public void aBorderIsDraggedAndTheCurvesFollow() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            page.fill("#cold-waters-1", "2");
            page.press("#cold-waters-1", "Enter");
            assertThat(page.locator(".spells > li")).hasCount(3);
            Duration before = Cooking.time(spells());
            Locator end = page.locator(".round-picture [data-mark='3'] circle");
            BoundingBox box = end.boundingBox();
            String said = page.locator(".round-picture").getAttribute("aria-label");
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.mouse().down();
            page.mouse().move(box.x - 60, box.y + 4);
            page.mouse().move(box.x - 120, box.y + 4);
            // Shorter spells: the verdict is another while the finger is still down, and nothing is kept yet.
            assertThat(page.locator(".says")).containsText("until the late ones have");
            assertTrue(
                    !page.locator(".round-picture").getAttribute("aria-label").equals(said));
            assertEquals(Cooking.time(spells()), before);
            String undoes = page.locator("[data-undo]").getAttribute("title");
            page.mouse().up();
            assertThat(page.locator("[data-undo]")).not().hasAttribute("title", undoes);
            assertTrue(Cooking.time(spells()).compareTo(before) < 0, spells().toString());
            page.locator("[data-undo]").click();
            assertThat(page.locator("[data-undo]")).hasAttribute("title", undoes);
            assertEquals(Cooking.time(spells()), before);
        }
    }

    /** Every number and box of a spell is the cook's, with what it does beside it. */
    @Test
    public void spellsAreTheCooksToChange() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            page.fill("#cold-waters-1", "1");
            page.press("#cold-waters-1", "Enter");
            assertThat(page.locator(".spells > li")).hasCount(2);
            page.fill("#spell-pour-1-2", "300");
            page.press("#spell-pour-1-2", "Enter");
            assertThat(page.locator("#spell-1")).containsText("pour in 300 g of cold water");
            page.locator("#form-spell-1 input[name=lid]").check();
            assertThat(page.locator("#spell-1")).containsText("Lid on");
            page.selectOption("#form-add-spell select", Fire.PAN.name());
            page.locator("#form-add-spell button").click();
            assertThat(page.locator(".spells > li")).hasCount(3);
            assertThat(page.locator("#spell-2")).containsText("under it (est.)");
            page.fill("#spell-minutes-1-3", "999");
            page.press("#spell-minutes-1-3", "Enter");
            assertThat(page.locator("#spell-minutes-1-3-error")).containsText("180");
            assertThat(page.locator("#spell-minutes-1-3")).hasValue("999");
            page.locator("#form-drop-spell-2 button").click();
            assertThat(page.locator(".spells > li")).hasCount(2);
            page.selectOption("#start", Start.FREEZER.name());
            assertThat(page.locator(".says")).containsText("from the freezer, not thawed");
            assertEquals(lotNow().cooking().from(), Start.FREEZER);
            page.locator("#form-as-school button").click();
            assertThat(page.locator(".spells > li")).hasCount(4);
            assertEquals(spells(), lotNow().method().ready(plan().share().piece(), lotNow().vessel(), Start.FREEZER));
            page.locator("#compared").scrollIntoViewIfNeeded();
            assertThat(page.locator("#compared tr.present")).containsText("(planned)");
            assertThat(page.locator("#compared tbody tr")).hasCount(9);
        }
    }

    private LotPlan plan() {
        return BatchPlan.of(bean(BatchStore.class).load(id).batch()).lot(1);
    }

    /** The section shows the moment that is chosen: colder than at the end, in figures and in colours. */
    @Test
    public void theSectionPlays() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            String end = page.locator(".section-core").textContent();
            page.locator("[data-moment]").fill("2");
            assertThat(page.locator("[data-said]")).containsText("0 min");
            assertThat(page.locator(".section-core")).not().hasText(end);
            assertThat(page.locator("#section [data-cell='0-0']")).hasClass("heat-3");
            page.locator("[data-play]").click();
            assertThat(page.locator("[data-play]")).hasText("Stop");
            assertThat(page.locator("#section [data-cell='0-0']")).not().hasClass("heat-3");
        }
    }

    /** A piece that is dragged in its vessel goes where it may, and no further than the wall. */
    @Test
    public void aDraggedPieceStaysInTheVessel() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            Locator piece = page.locator("[data-laid]").last();
            BoundingBox box = piece.boundingBox();
            String before = piece.getAttribute("transform");
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.mouse().down();
            page.mouse().move(box.x + 900, box.y + box.height / 2);
            page.waitForCondition(() -> !piece.getAttribute("transform").equals(before));
            page.mouse().up();
            BoundingBox vessel = page.locator(".vessel-picture .vessel").boundingBox();
            BoundingBox now = piece.boundingBox();
            assertTrue(now.x + now.width <= vessel.x + vessel.width + 2, "it left the vessel");
        }
    }

    /** A round goes in: timers run, hob and probe are watched, a reading is logged and learned from, and the Book has all of it. */
    @Test
    public void aRoundIsRunWithTimersAndProbe() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            page.locator("[data-in]").click();
            page.locator("[data-out]").waitFor();
            assertEquals(bean(RunStore.class).timers(id).size(), spells().size());
            // What hob and probe show comes by itself.
            String left = page.locator("[data-fire-left]").textContent();
            assertThat(page.locator("[data-fire-left]")).not().hasText(left);
            assertThat(page.locator("[data-fire-read]")).containsText("°C");
            page.fill(".fire input[name=value]", "hot");
            page.press(".fire input[name=value]", "Enter");
            assertThat(page.locator("#probe-error")).containsText("−30 to 150 °C");
            assertThat(page.locator(".fire input[name=value]")).hasValue("hot");
            page.locator("[data-out]").click();
            page.locator("[data-in]").waitFor();
            assertEquals(bean(RunStore.class).timers(id).size(), 0, "nothing rings for a round that is out");

            // A round that went in four minutes ago, to have something to read.
            Of of = new Of(id, 1);
            FireStore fire = bean(FireStore.class);
            bean(FireDesk.class).in(fire.in(of, 24, Instant.now().minusSeconds(240)));
            page.reload();
            page.fill(".fire input[name=value]", "52");
            page.press(".fire input[name=value]", "Enter");
            assertThat(page.locator(".fire")).containsText("52 °C in the middle after 4 min");
            assertThat(page.locator(".fire")).containsText("times the model in 1 reading");
            assertThat(page.locator(".fire input[name=value]")).hasValue("");
            page.locator("[data-probe]").click();
            assertThat(page.locator(".fire")).containsText("times the model in 1 reading");
            page.waitForCondition(
                    () -> fire.rounds(of).stream().anyMatch(one -> one.probed().size() == 2));
            double taught = bean(KitStore.class)
                    .load()
                    .hand()
                    .correction(lotNow().method())
                    .mean();
            assertTrue(taught > 1 && taught < 1.3, "simulated and typed pieces warm more slowly: " + taught);
            page.navigate("/batches/" + id + "/book");
            assertThat(page.locator(".rest")).containsText("At the fire");
            assertThat(page.locator(".rest")).containsText("52 °C in the middle");
            long next = create("boiled-crescent", 0);
            double used = bean(BatchStore.class)
                    .load(next)
                    .batch()
                    .lot(1)
                    .cooking()
                    .correction()
                    .mean();
            bean(BatchStore.class).delete(next);
            assertEquals(used, 1, 1e-9, "a batch that is put together without the kit knows nothing of it");
        }
    }

    /** A burner is tested once and remembered; a vessel of the kit is taken on it with one press. */
    @Test
    public void aBurnerIsTestedAndAVesselTaken() {
        StoveStore stoves = bean(StoveStore.class);
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/stove");
            page.fill("#form-test [name=minutes]", "soon");
            page.locator("#form-test .go").click();
            assertThat(page.locator(".field-error")).containsText("“soon” is no number");
            assertThat(page.locator("#form-test [name=minutes]")).hasValue("soon");
            page.fill("#form-test [name=minutes]", "3");
            page.locator("#form-test .go").click();
            assertThat(page.locator("tbody").first()).containsText("1 boil-off");
            // 100 g from 15 °C: (2257 + 4.18·85)·100/180 = 1,451 W.
            assertEquals(stoves.load().burners().get(0).watts(), 1_451, 1);
            page.navigate("/batches/" + id + "/cook");
            page.locator(".soonest button").first().click();
            page.waitForCondition(() -> Math.abs(lotNow().vessel().watts() - 1_451) < 1);
        } finally {
            stoves.change(stove -> Stove.usual());
        }
    }

    /** Pieces are bagged and labelled, and come out again into a plan in which nothing is made. */
    @Test
    public void piecesGoInAndComeOut() throws IOException {
        long stash = 0;
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/freezer");
            Locator put = page.locator("#form-put-" + id + "-1");
            assertThat(put).containsText("on the tray (est.)");
            put.locator("button").click();
            assertThat(page.locator(".bags")).containsText("Boiled crescents");
            assertThat(page.locator("#form-put-" + id + "-1")).hasCount(0);
            Download labels =
                    page.waitForDownload(() -> page.getByText("Labels to print").click());
            String head = new String(Files.readAllBytes(labels.path()), StandardCharsets.ISO_8859_1);
            assertTrue(head.startsWith("%PDF"));
            Locator row = page.locator(".bags tbody tr").last();
            row.locator("input[name=pieces]").fill("99");
            row.getByText("Plan to cook them").click();
            assertThat(page.locator(".field-error")).containsText("1 to 20 pieces can be taken, not 99");
            row.locator("input[name=pieces]").fill("12");
            row.getByText("Plan to cook them").click();
            page.waitForURL("**/cook");
            stash = Long.parseLong(page.url().replaceAll(".*/batches/(\\d+)/.*", "$1"));
            assertThat(page.locator(".says")).containsText("Straight from the freezer, not thawed");
            assertEquals(
                    bean(FreezerStore.class).stock().stream()
                            .filter(bag -> bag.batch().filter(one -> one == id).isPresent())
                            .map(FreezerStore.Bag::left)
                            .toList(),
                    List.of(8));
            page.navigate("/batches/" + stash + "/dough");
            assertThat(page.locator(".says")).containsText("nothing is made for them");
        } finally {
            bean(FreezerStore.class).stock().stream()
                    .filter(bag -> bag.batch().filter(one -> one == id).isPresent())
                    .forEach(bag -> bean(FreezerStore.class).take(bag.id(), bag.left()));
            if (stash > 0) {
                bean(BatchStore.class).delete(stash);
            }
        }
    }

    /** Every way of cooking has its page, its picture and its card, and no sentence of it is wrong-footed by a pan or a dish. */
    @Test
    public void everyWayOfCookingIsShown() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = cook(device);
            for (String way : new String[] {
                "steam/cold",
                "pan-fry-steam/skirt",
                "shallow-fry/half-way",
                "griddle/last",
                "bake/fan",
                "boil/then-fried"
            }) {
                bean(BatchStore.class)
                        .change(id, way, batch -> batch.withMethod(1, CookMethod.ofKey(way)), Instant.now());
                page.reload();
                assertThat(page.locator(".round-picture")).isVisible();
                assertThat(page.locator(".section-picture")).isVisible();
                assertThat(page.locator(".vessel-picture")).isVisible();
                assertThat(page.locator(".spells > li")).hasCount(spells().size());
                assertThat(page.locator(".says")).containsText("(est.)");
            }
        }
    }
}
