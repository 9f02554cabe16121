package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import ironpin.store.RunStore;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A finger that trembles: the second of two taps was meant for the step that stood there before. Three seconds here, for slow machines. */
public class SecondTapTest extends OpenKitchen {
    public SecondTapTest() {
        super("--ironpin.second-tap=3s");
    }

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {{"run"}, {"bench"}};
    }

    @Test(dataProvider = "pages")
    public void twoTapsAreOneStep(String where) {
        Page page = page(device(820, 1180));
        page.navigate("/batches/4/" + where);
        Locator done = page.locator("[data-done]").first();
        if (where.equals("bench") && done.textContent().contains("Begin")) {
            done.click();
            assertThat(done).not().hasText(Pattern.compile("Begin"));
            page.waitForTimeout(3200);
        }
        RunStore runs = bean(RunStore.class);
        int before = runs.done(4).size();
        String title = page.locator("#now-title").textContent();
        done.click();
        assertThat(page.locator("#now-title")).not().hasText(title);
        done.click();
        page.waitForTimeout(3200);
        assertEquals(runs.done(4).size(), before + 1, "two taps, the second too soon");
        done.click();
        page.waitForTimeout(3200);
        assertEquals(runs.done(4).size(), before + 2, "a press of its own counts");
    }
}
