package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.store.FireStore;
import ironpin.store.WorkStore;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A scale and a thermometer by the browser's radio: paired, read, lost and back. */
public class RadioTest extends OpenKitchen {
    @Test
    public void aScaleAndAThermometerFeedTheSamePorts() {
        long id = 4;
        FireStore fire = bean(FireStore.class);
        BrowserContext device = device(1280, 800);
        device.addInitScript(Path.of("src/test/resources/fake-radio.js"));
        Page page = page(device);
        page.navigate("/batches/" + id + "/portion");
        Locator mass = page.locator("[data-scale-mass]");
        Locator said = page.locator("[data-connected=scale]");
        page.locator("[data-connect=scale-radio]").click();
        assertThat(said).hasText("Reads Bench scale.");
        // 250 steps of 5 g.
        page.evaluate("() => fakeRadio.weight_scale.says(0, 0xfa, 0)");
        assertThat(mass).hasText(Pattern.compile("1,250(\\.0)? g"));
        assertThat(page.locator("[data-scale-simulated]")).isHidden();
        page.evaluate("() => fakeRadio.weight_scale.goes()");
        assertThat(said).hasText("Bench scale is lost; it is looked for.");
        assertThat(page.locator("[data-scale-simulated]")).isVisible();
        page.evaluate("() => fakeRadio.weight_scale.comes()");
        assertThat(said).hasText("Reads Bench scale.");
        page.evaluate("() => fakeRadio.weight_scale.says(0, 0x64, 0)");
        assertThat(mass).hasText(Pattern.compile("500(\\.0)? g"));

        page.navigate("/batches/" + id + "/cook");
        page.locator("#form-in button, [data-in]").first().click();
        assertThat(page.locator("[data-fire-probe]")).hasText("simulated probe");
        page.locator("[data-connect=probe-radio]").click();
        assertThat(page.locator("[data-connected=probe]")).hasText("Reads Needle.");
        // 732 times ten to the minus one.
        page.evaluate("() => fakeRadio.health_thermometer.says(0, 0xdc, 0x02, 0, 0xff)");
        assertThat(page.locator("[data-fire-read]")).hasText(Pattern.compile("73(\\.2)? °C"));
        assertThat(page.locator("[data-fire-probe]")).hasText("by the probe");
        page.locator("[data-probe]").click();
        page.waitForCondition(() -> fire.rounds(new WorkStore.Of(id, 1)).stream()
                .flatMap(round -> round.probed().stream())
                .anyMatch(one -> Math.abs(one.read().celsius() - 73.2) < 0.05));
    }
}
