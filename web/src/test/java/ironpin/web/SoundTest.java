package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.store.BatchStore;
import ironpin.store.RunStore;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A device rings as it was told to, flashes only in quiet hours, tells outside the page, and says since when nobody came. */
public class SoundTest extends OpenKitchen {
    private static final String RINGS = "() => { const it = document.getElementById('ring');"
            + " return it && !it.paused ? Math.round(it.volume * 100) : -1; }";

    private static long supperWithATimer(Duration left) {
        BatchStore batches = bean(BatchStore.class);
        long id = batches.create(batches.load(4).batch().withTitle("Rings"), "sound", Instant.now());
        batches.start(id, Instant.now());
        bean(RunStore.class).startTimer(id, "filling-1.make", "", left, Instant.now());
        return id;
    }

    private static void open(Page page) {
        page.locator("[data-sounds]").click();
    }

    @Test
    public void itRingsAsThisDeviceWasTold() {
        long id = supperWithATimer(Duration.ofMinutes(5));
        try (BrowserContext device = device(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setPermissions(List.of("notifications")))) {
            // A browser without windows shows no notices, and says that it was told not to.
            device.addInitScript("Object.defineProperty(Notification, 'permission', { get: () => 'granted' })");
            Page page = page(device);
            page.clock().install();
            page.navigate("/batches/" + id + "/run");
            open(page);
            Locator sounds = page.locator("#sounds");
            sounds.locator("[name=kind]").selectOption("bell");
            sounds.locator("[name=volume]").fill("30");
            page.locator("[data-try-sound]").click();
            page.waitForFunction("() => (" + RINGS + ")() === 30");
            assertThat(sounds.locator("[data-notices]")).containsText("the system tells of a timer");
            sounds.getByText("Close").click();
            page.clock().fastForward(4_000);
            page.waitForFunction("() => document.getElementById('ring').paused");

            KitchenClock.moveTo(Instant.now().plus(Duration.ofMinutes(6)));
            page.clock().fastForward(Duration.ofMinutes(6).toMillis());
            page.reload();
            page.locator("h1, h2").first().click();
            page.waitForFunction("() => (" + RINGS + ")() === 30");
            assertThat(page.locator("html")).hasClass(Pattern.compile("rings"));
            assertThat(page.locator(".countdown.ringing").first())
                    .hasAttribute("data-since", Pattern.compile("\\d\\d:\\d\\d"));

            // In quiet hours it flashes only.
            open(page);
            sounds.locator("[name=from]").fill("00:00");
            sounds.locator("[name=to]").fill("23:59");
            page.reload();
            page.locator("h1, h2").first().click();
            assertThat(page.locator("html")).hasClass(Pattern.compile("rings"));
            assertEquals(page.evaluate("() => (" + RINGS + ")()"), -1);
        } finally {
            KitchenClock.moveTo(null);
        }
    }
}
