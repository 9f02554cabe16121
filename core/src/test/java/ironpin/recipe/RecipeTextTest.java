package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.CupStandard;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Where a line belongs when nothing says so, and what is no line at all. */
public class RecipeTextTest {
    private static ReadRecipe read(String text) {
        return new RecipeReader(CupStandard.US).read(RecipeText.read(text.replace(" / ", "\n"), ""));
    }

    private static List<String> places(String text) {
        return read(text).lines().stream()
                .map(line -> line.place().part() + ":" + line.status())
                .collect(Collectors.toList());
    }

    @Test
    public void groupsWithoutHeadingsAreToldByWhatStandsInThem() {
        String filling = "250 g curd cheese / 2 eggs / 40 g sugar";
        String dough = "1 egg / 300 g flour / 120 ml water / a pinch of salt";
        List<String> filled = List.of("FILLING:READ", "FILLING:READ", "FILLING:READ");
        List<String> skin = List.of("DOUGH:READ", "DOUGH:READ", "DOUGH:READ", "DOUGH:READ");
        List<String> both = places("Curd parcels / " + filling + " /  / " + dough);
        assertEquals(both.subList(0, 3), filled);
        assertEquals(both.subList(3, 7), skin);
        List<String> turned = places("Curd parcels / " + dough + " /  / " + filling);
        assertEquals(turned.subList(0, 4), skin);
        assertEquals(turned.subList(4, 7), filled);
    }

    @Test
    public void aTitleOverEverythingHeadsNoDough() {
        ReadRecipe read = read(
                "Spinach flatbreads (6) / 240 g flour / 140 ml warm water /  / 300 g spinach, blanched / 200 g feta / Rest 30 min.");
        assertEquals(read.written().title(), "Spinach flatbreads");
        assertEquals(read.doughs().size(), 1);
        assertEquals(read.fillings().get(0).lines().size(), 2);
        assertEquals(read.fillings().get(0).name(), "Filling");
    }

    @DataProvider
    Object[][] lists() {
        return new Object[][] {
            {"For the wrappers – 150 g wheat starch, 50 g tapioca starch, pinch of salt, 230 ml boiling water", 4},
            {"Pastry: 200 g strong white flour · 2 eggs · 1 yolk · pinch salt", 4},
            {"Dough: 500 g flour; 1 egg; 200 ml water; 1 tsp salt", 4},
        };
    }

    @Test(dataProvider = "lists")
    public void aListInOneLineIsTakenApart(String line, int items) {
        List<RecipeLine> lines = read("Parcels / " + line + " / Filling: 300 g pork mince, 5 g salt")
                .lines();
        assertEquals(lines.size(), items + 2, lines.toString());
        assertTrue(lines.stream().allMatch(one -> one.status() == RecipeLine.Status.READ), lines.toString());
        assertEquals(
                lines.stream()
                        .filter(one -> one.place().part() == Place.Part.DOUGH)
                        .count(),
                items);
    }

    @Test
    public void whatHoldsTwoAmountsIsNotReadAsTheFirst() {
        RecipeLine line =
                read("Breads / Dough / 300 g flour / 160 g water / Filling / 250 g feta crumbles, 120 g old moon rock")
                        .lines()
                        .get(2);
        assertEquals(line.status(), RecipeLine.Status.NOT_READ);
        assertTrue(line.trouble().contains("more than one amount"), line.trouble());
    }

    @Test
    public void anAmountOfBreadFlourIsNoHeading() {
        ReadRecipe read = read(
                "Pockets / For the dough: / - 1¾ cups bread flour (about 245 g) / - 130 g water / Filling / 200 g feta");
        assertEquals(read.doughs().get(0).flour().usual(), 245, 1e-6);
    }

    @Test
    public void brothAndGarlicYoghurtAreServedBeside() {
        List<String> places = places(
                "Wontons / Dough / 300 g flour / 150 g water / Filling / 300 g pork mince / 4 g salt"
                        + " / Broth (optional): 6 cups vegetable stock, 1 tbsp soy sauce /  / Garlic yoghurt / 300 g yoghurt / 2 cloves garlic");
        assertEquals(places.subList(4, 6), List.of("BESIDE:OUTSIDE", "BESIDE:OUTSIDE"));
        assertEquals(places.subList(6, 8), List.of("DIP:READ", "DIP:READ"));
    }

    @Test
    public void lentilsMayBeMeantDryAndThenNobodyIsAccused() {
        ReadRecipe read = read(
                "Lentil ones / Dough / 400 g flour / 200 g water / 4 g salt / Filling / 250 g brown lentils / 6 g salt"
                        + " / Makes 32 / Rest 30 min. Fill with 20 g each. Boil 5 minutes.");
        assertEquals(read.lines().get(3).status(), RecipeLine.Status.GUESSED);
        RecipeCheck check = RecipeCheck.of(read, Corrections.NONE);
        assertTrue(check.contradictions().isEmpty(), check.contradictions().toString());
        RecipeLine cooked =
                read("Lentil ones / Dough / 400 g flour / 200 g water / Filling / 250 g cooked brown lentils / 6 g salt")
                        .lines()
                        .get(2);
        assertEquals(cooked.status(), RecipeLine.Status.READ);
    }
}
