package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.util.function.Consumer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Forms of the recipe page as nobody's browser would send them: an answer that says what is wrong, never a 500. */
public class RecipeHttpTest extends OpenKitchen {
    private BrowserContext device;
    private Page page;
    private String token;

    @BeforeClass
    public void withAToken() {
        device = device(800, 600);
        page = page(device);
        page.navigate("/recipes");
        token = device.cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
    }

    @AfterClass(alwaysRun = true)
    public void tidyUp() {
        device.close();
    }

    private APIResponse post(String path, Consumer<FormData> fields) {
        FormData form = FormData.create().set("_csrf", token);
        fields.accept(form);
        return page.request().post(path, RequestOptions.create().setForm(form));
    }

    private static void flour(FormData form) {
        form.append("line", "300 g flour");
        form.append("line", "150 g water");
        form.set("title", "Odd");
    }

    @DataProvider
    Object[][] odd() {
        return new Object[][] {
            {"/recipes/read", (Consumer<FormData>) form -> {}, 422, "No ingredients"},
            {"/recipes/read", (Consumer<FormData>) form -> form.set("line", "   "), 422, "No ingredients"},
            {"/recipes/read", (Consumer<FormData>) form -> many(form, 300), 422, "1 to 120 lines"},
            {"/recipes/read", (Consumer<FormData>) form -> many(form, 300), 422, "1 g flour\n1 g flour"},
            {
                "/recipes/read",
                (Consumer<FormData>) form -> {
                    flour(form);
                    form.set("place", "cellar-9");
                    form.set("meaning", "food:moon");
                },
                200,
                "cold-water dough"
            },
            {
                "/recipes/read",
                (Consumer<FormData>) form -> {
                    flour(form);
                    form.set("title", "<script>window.ran=1</script>".repeat(40));
                    form.set("steps", "Boil. ".repeat(8_000));
                },
                200,
                "&lt;script&gt;"
            },
            {
                "/recipes/read",
                (Consumer<FormData>) form -> {
                    flour(form);
                    form.set("steps", "x".repeat(60_000));
                },
                422,
                "50,000 characters"
            },
            {
                "/recipes/batch",
                (Consumer<FormData>) form -> {
                    flour(form);
                    form.set("eaters", "100000");
                    form.set("date", "soon");
                    form.set("clock", "25:61");
                },
                422,
                "A whole number from 1 to 200."
            },
            {"/recipes/batch", (Consumer<FormData>) RecipeHttpTest::flour, 422, "How many eat"},
        };
    }

    private static void many(FormData form, int lines) {
        for (int i = 0; i < lines; i++) {
            form.append("line", "1 g flour");
        }
    }

    @Test(dataProvider = "odd")
    public void oddFormsAreAnsweredInWords(String path, Consumer<FormData> fields, int status, String said) {
        APIResponse answer = post(path, fields);
        assertEquals(answer.status(), status, answer.text());
        assertTrue(answer.text().contains(said), answer.text());
        assertFalse(answer.text().contains("Exception"), answer.text());
        assertFalse(answer.text().contains("<script>window"), "what was typed is only text");
    }

    @Test
    public void withoutATokenNothingIsMade() {
        APIResponse refused = page.request()
                .post(
                        "/recipes/batch",
                        RequestOptions.create().setForm(FormData.create().set("line", "300 g flour")));
        assertEquals(refused.status(), 403);
    }
}
