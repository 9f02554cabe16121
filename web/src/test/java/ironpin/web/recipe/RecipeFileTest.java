package ironpin.web.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.pantry.CsvResource;
import ironpin.quantity.CupStandard;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeReader;
import ironpin.recipe.UnreadableRecipe;
import ironpin.recipe.WrittenRecipe;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecipeFileTest {
    private static final String LINES = "\"recipeIngredient\":[\"300 g flour\",\"150 g water\"]";

    @DataProvider
    Object[][] files() {
        return CsvResource.rows(RecipeFileTest.class, "expected.csv").stream()
                .map(row -> new Object[] {row.get("file"), row})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "files")
    public void readsTheShapesOfTheWild(String file, Map<String, String> expected) {
        byte[] json = bytes(file + ".json");
        same(RecipeFile.read(json, file), expected);
        String page =
                "<!doctype html><html><head><title>A page</title><script type=\"application/ld+json\">{\"@type\":\"Person\"}"
                        + "</script><script type='application/ld+json'>"
                        + new String(json, StandardCharsets.UTF_8).replace("<script>alert('no')</script>", "")
                        + "</script></head><body><p>1000 g flour</p></body></html>";
        same(RecipeFile.read(page, file), expected);
    }

    private static void same(WrittenRecipe written, Map<String, String> expected) {
        assertEquals(written.title(), expected.get("title"));
        assertEquals(
                "" + written.lines().size(),
                expected.get("lines"),
                written.lines().toString());
        assertEquals(
                "" + written.steps().size(),
                expected.get("steps"),
                written.steps().toString());
        ReadRecipe read = new RecipeReader(CupStandard.US).read(written);
        assertEquals("" + read.pieces().orElseThrow(), expected.get("pieces"));
        assertEquals(read.yield().eaters().map(String::valueOf).orElse(""), expected.get("eaters"));
        assertEquals(read.doughs().get(0).flour().usual(), Double.parseDouble(expected.get("flour")), 0.06);
        assertEquals(read.doughs().get(0).hydration().usual(), Double.parseDouble(expected.get("hydration")), 0.06);
        assertEquals(read.style().method().vessel().name(), expected.get("vessel"));
        assertEquals(read.fillings().size(), 1);
        assertFalse(written.toString().contains("alert"), "a script is no step");
    }

    @Test
    public void readsAPageWithoutDataByItsText() {
        WrittenRecipe written = RecipeFile.read(
                "<html><body><nav>Menu 300 g nothing</nav><h1>Page crescents</h1><p>Makes 20</p><h2>Dough</h2><ul>"
                        + "<li>200 g flour</li><li>100 g water</li></ul><script>var a = '500 g sugar';</script></body></html>",
                "");
        assertEquals(written.title(), "Page crescents");
        assertEquals(written.lines().size(), 2, written.lines().toString());
    }

    @DataProvider
    Object[][] hostile() {
        String deep = "[".repeat(5_000) + "]".repeat(5_000);
        String nested = "{\"@type\":\"Recipe\",\"recipeIngredient\":".repeat(200) + "\"x\"" + "}".repeat(200);
        String many =
                "{\"@type\":\"Recipe\",\"recipeIngredient\":[" + "\"1 g flour\",".repeat(60_000) + "\"1 g salt\"]}";
        return new Object[][] {
            {deep, "60 deep"},
            {nested, "60 deep"},
            {many, "50,000 values"},
            {
                "{\"@type\":\"Recipe\",\"recipeIngredient\":[" + "\"1 g flour\",".repeat(300) + "\"1 g salt\"]}",
                "1 to 120 lines"
            },
            {"{\"@type\":\"Recipe\"", "cannot be read"},
            {"{\"@type\":\"Movie\",\"name\":\"300 g flour\"}", "without a schema.org Recipe"},
            {"{\"@type\":\"Recipe\",\"name\":\"Empty\"}", "No ingredients"},
            {"[1,2,3]", "without a schema.org Recipe"},
            {"<html><body><script>alert(1)</script></body></html>", "nothing to read"},
            {"x".repeat(2_100_000), "2 MB"},
            {
                "{\"@type\":\"Recipe\",\"@id\":{\"@id\":5},\"name\":{\"@id\":\"#a\"},\"recipeIngredient\":{\"@id\":\"#a\"}}",
                "No ingredients"
            },
        };
    }

    @Test(dataProvider = "hostile")
    public void refusesWhatCannotBeARecipe(String text, String reason) {
        UnreadableRecipe refused = expectThrows(UnreadableRecipe.class, () -> RecipeFile.read(text, ""));
        assertTrue(refused.getMessage().contains(reason), refused.getMessage());
        assertTrue(refused.getMessage().length() < 600, "short enough to show");
    }

    @Test
    public void neverAsksTheNetwork() {
        WrittenRecipe written = RecipeFile.read(
                "{\"@context\":[\"https://unreachable.invalid/context\",\"file:///etc/passwd\"],\"@type\":\"Recipe\","
                        + LINES + "}",
                "");
        assertEquals(written.lines().size(), 2);
    }

    @Test
    public void readsTextOfOtherEncodingsAndRefusesNonsense() {
        String text = "Crêpe-thin crescents\nDough\n300 g flour\n150 g water\n½ tsp salt";
        assertEquals(
                RecipeFile.read(("\uFEFF" + text).getBytes(StandardCharsets.UTF_8), "")
                        .title(),
                "Crêpe-thin crescents");
        assertEquals(
                RecipeFile.read(("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE), "")
                        .lines()
                        .size(),
                3);
        byte[] latin =
                ("<html><head><meta charset=\"iso-8859-1\"></head><body><h1>Crêpes</h1>\n<p>300 g flour</p></body></html>")
                        .getBytes(Charset.forName("ISO-8859-1"));
        assertEquals(RecipeFile.read(latin, "").title(), "Crêpes");
        UnreadableRecipe refused = expectThrows(
                UnreadableRecipe.class, () -> RecipeFile.read(text.getBytes(StandardCharsets.ISO_8859_1), ""));
        assertTrue(refused.getMessage().contains("not text in UTF-8"), refused.getMessage());
    }

    private static byte[] bytes(String file) {
        try (InputStream in = RecipeFileTest.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Read in one walk: when it was not, this took the better part of a minute. */
    @Test(timeOut = 20_000)
    public void manyEmptyLinesAreNoWork() {
        String page =
                "<html><body>" + "<br>".repeat(PageSize.MOST_TAGS - 10) + "300 g flour<br>150 g water</body></html>";
        assertEquals(RecipeFile.read(page, "").lines().size(), 2);
    }
}
