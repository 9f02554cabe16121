package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import java.util.List;
import org.testng.annotations.Test;

/** Colours and letters are the system's until a cook says otherwise, and then that on every page of this browser. */
public class LookTest extends OpenKitchen {
    private static String look(Page page) {
        return (String) page.evaluate("(style => style.backgroundColor + ' ' + style.fontSize)"
                + "(getComputedStyle(document.documentElement))");
    }

    @Test
    public void whatACookLikesHoldsOnEveryPage() {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            page.navigate("/kit");
            String day = look(page);
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            String night = look(page);
            assertNotEquals(night, day);
            press(page, "light");
            assertEquals(look(page), day, "light by night");
            press(page, "150 %");
            page.navigate("/batches/4/dough");
            assertEquals(look(page), day.replace("16px", "24px"));
            page.navigate("/kit");
            press(page, "as the system has it");
            press(page, "100 %");
            assertEquals(look(page), night);
            device.addCookies(List.of(new Cookie("ironpin-look", "x-999").setUrl(address())));
            page.navigate("/kit");
            assertEquals(look(page), night, "what is none is passed by");
        }
    }
}
