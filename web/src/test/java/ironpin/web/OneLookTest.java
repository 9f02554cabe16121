package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import ironpin.batch.Station;
import ironpin.batch.edit.Lanes;
import ironpin.kit.Kit;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A station's picture, the numbers that move it and its gravest finding are seen together, without scrolling. */
public class OneLookTest extends OpenKitchen {
    /** How far down the page its parts reach, px; absent parts reach nowhere. */
    private static final String REACH =
            """
            () => {
              const bottom = (selector) => Math.max(0, ...[...document.querySelectorAll(selector)]
                .filter((one) => one.checkVisibility()).map((one) => one.getBoundingClientRect().bottom));
              return {
                chrome: bottom('.ribbon'),
                picture: bottom('.glance .picture svg'),
                numbers: bottom('.glance .field'),
                finding: bottom('.findings > .finding:first-child > p:first-of-type'),
                bar: document.querySelector('.next-line').getBoundingClientRect().top,
                wide: document.documentElement.scrollWidth,
              };
            }
            """;

    @DataProvider
    public Object[][] looks() {
        List<Object[]> looks = new ArrayList<>();
        for (int[] size : new int[][] {{1280, 800}, {820, 1180}}) {
            for (Station station : Station.values()) {
                for (int lot = 1; lot <= 3; lot++) {
                    looks.add(new Object[] {size[0], size[1], station, lot});
                }
            }
        }
        return looks.toArray(Object[][]::new);
    }

    private static double at(Map<?, ?> reach, String what) {
        return ((Number) reach.get(what)).doubleValue();
    }

    private Map<?, ?> reach(int width, int height, String path) {
        Browser.NewContextOptions options = new Browser.NewContextOptions().setViewportSize(width, height);
        try (BrowserContext device =
                device(width < 500 ? options.setHasTouch(true).setIsMobile(true) : options)) {
            Page page = page(device);
            page.navigate(path);
            return (Map<?, ?>) page.evaluate(REACH);
        }
    }

    @Test(dataProvider = "looks")
    public void everythingThatMattersIsInSight(int width, int height, Station station, int lot) {
        Map<?, ?> reach = reach(width, height, "/batches/4/" + station.key() + "?lot=" + lot);
        String where = station + " " + lot + " " + reach;
        assertTrue(at(reach, "chrome") > 100 && at(reach, "chrome") <= 190, where);
        assertTrue(at(reach, "finding") > 0 || station == Station.BOOK, where);
        assertTrue(at(reach, "picture") > 0 || station == Station.BOOK, where);
        assertTrue(at(reach, "numbers") > 0 || station == Station.CLOCK, where);
        for (String part : List.of("picture", "finding")) {
            assertTrue(at(reach, part) <= at(reach, "bar"), part + " at " + where);
        }
        assertTrue(station == Station.BOOK || at(reach, "numbers") <= at(reach, "bar"), where);
        assertEquals(at(reach, "wide"), width, 0.5, where);
    }

    /** What can be undone and done again stands in the page's head, beside a title as long as people make them. */
    @Test
    public void aLongTitleAndWhatCanBeUndoneTakeNoSecondLine() {
        BatchStore store = bean(BatchStore.class);
        long id = store.create(store.load(4).batch(), "long title", Instant.now());
        try (BrowserContext device = device(new Browser.NewContextOptions().setViewportSize(820, 1180))) {
            Page page = page(device);
            page.navigate("/batches/" + id + "/dough");
            for (String title :
                    List.of("The whole house at the long table", "The whole house and the neighbours too")) {
                page.fill("#title", title);
                page.press("#title", "Tab");
                page.waitForCondition(() -> title.equals(store.load(id).batch().title()));
                // Until the page shows it too: an undo is of what its page shows.
                page.waitForCondition(() -> page.locator("#from input[name=revision]")
                        .first()
                        .inputValue()
                        .equals(String.valueOf(store.load(id).revision())));
            }
            page.locator("[data-undo]").click();
            page.locator("[data-redo]").waitFor();
            page.locator("[data-undo]").waitFor();
            Map<?, ?> reach = (Map<?, ?>) page.evaluate(REACH);
            assertTrue(at(reach, "chrome") <= 190, reach.toString());
            assertEquals(at(reach, "wide"), 820, 0.5, reach.toString());
        }
        store.delete(id);
    }

    @Test
    public void sixLotsAndAPhoneLeaveRoomToo() {
        BatchStore store = bean(BatchStore.class);
        long id = store.create(
                Lanes.add(
                        Lanes.add(
                                Lanes.add(store.load(4).batch(), Styles.get("griddle-bread"), Kit.usual()),
                                Styles.get("pan-crescent"),
                                Kit.usual()),
                        Styles.get("steamed-leaf"),
                        Kit.usual()),
                "six lots",
                Instant.now());
        assertTrue(at(reach(1280, 800, "/batches/" + id + "/dough"), "chrome") <= 230);
        Map<?, ?> phone = reach(390, 844, "/batches/" + id + "/dough");
        assertTrue(at(phone, "chrome") <= 844 / 4.0, phone.toString());
        assertEquals(at(phone, "wide"), 390, 0.5);
        store.delete(id);
    }
}
