package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.allergen.AllergenAnswer;
import ironpin.allergen.AllergenLines;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Unread;
import ironpin.kit.Kit;
import ironpin.pantry.Allergen;
import ironpin.quantity.CupStandard;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the steps, the title and the remarks name is in the dish, and follows it into the batch. */
public class FoodsSaidTest {
    private static final String LIST =
            "Crescents\nMakes 20\n200 g rice flour\n100 ml water\n300 g lamb mince\n\nMethod\n";

    private static AllergenAnswer answer(String steps) {
        return RecipeAllergens.of(read(steps));
    }

    private static ReadRecipe read(String steps) {
        return new RecipeReader(CupStandard.US).read(RecipeText.read(LIST + steps, ""));
    }

    private static Set<Allergen> set(String names) {
        return names.isEmpty()
                ? Set.of()
                : Arrays.stream(names.split(" ")).map(Allergen::valueOf).collect(Collectors.toCollection(TreeSet::new));
    }

    @DataProvider
    public Object[][] steps() {
        return new Object[][] {
            {"Mix well. Add 2 tbsp peanut butter.", "PEANUTS", "", true},
            {"Mix in 100 g cream cheese and a handful of peanuts.", "MILK PEANUTS", "", true},
            {"Fold; seal with egg wash; serve with peanut sauce and yoghurt.", "EGG PEANUTS MILK", "", true},
            {"Simmer the filling in coconut milk.", "", "SULPHITES", true},
            {"Fry with eggplant, nutmeg and butternut squash.", "", "", true},
            {"Roll into walnut-sized balls, each the size of a hazelnut.", "", "", true},
            {"Mix without egg. Use no butter.", "", "", true},
            {"Brush with butter or oil, if you like.", "", "MILK", true},
            {"Fry the pieces, then sprinkle with sesame seeds and serve.", "SESAME", "", true},
            {"Stir in the prawns and a splash of fish sauce.", "CRUSTACEANS FISH", "SULPHITES", true},
            {"Add 1 tbsp glimmer paste and knead.", "", "", false},
            {"Serve with glimmer dust.", "", "", false},
            {"Add the filling, cover with the lid and cook for 5 minutes.", "", "", true},
            {"Put the pieces in the boiling water and stir gently until they float.", "", "", true},
        };
    }

    @Test(dataProvider = "steps")
    public void foodsInStepsAreInTheAnswer(String steps, String sure, String maybe, boolean complete) {
        AllergenAnswer answer = answer(steps);
        assertEquals(answer.sure().keySet(), set(sure), steps + " " + answer.said());
        assertTrue(answer.maybe().keySet().containsAll(set(maybe)), steps + " " + answer.said());
        if (maybe.isEmpty()) {
            assertTrue(answer.maybe().isEmpty(), steps + " " + answer.said());
        }
        assertEquals(answer.known(), complete, steps + " " + answer.said());
    }

    /** A skin is of the dough that is mixed; where none is mixed it may be a bought one with egg in it. */
    @Test
    public void aSkinIsOfItsOwnDough() {
        assertEquals(answer("Roll the skins thin, put filling on each wrapper.").maybe(), Map.of());
        String bought =
                "Crescents\n300 g lamb mince\n1 tbsp flour for sealing\n\nMethod\nPut filling on each dumpling skin.";
        AllergenAnswer answer = RecipeAllergens.of(new RecipeReader(CupStandard.US).read(RecipeText.read(bought, "")));
        assertTrue(answer.maybe().containsKey(Allergen.EGG), answer.said());
    }

    /** The batch holds what its list could not, until the cook says what it is. */
    @Test
    public void whatWasNotReadGoesIntoTheBatch() {
        ReadRecipe recipe = new RecipeReader(CupStandard.US)
                .read(RecipeText.read(
                        LIST.replace("300 g lamb mince", "300 g lamb mince\n1 packet of glimmer relish")
                                + "Mix. Serve with peanut sauce.",
                        ""));
        Batch batch = RecipeBatch.of(recipe, LocalDateTime.of(2026, 11, 29, 19, 0), 4, Appetite.USUAL, Kit.usual());
        assertTrue(
                batch.unread().toString().contains("glimmer relish"),
                batch.unread().toString());
        AllergenAnswer answer = AllergenLines.ofLot(batch, batch.lots().get(0));
        assertFalse(answer.known(), answer.said());
        assertTrue(answer.sure().containsKey(Allergen.PEANUTS), answer.said());
        assertEquals(AllergenLines.ofSupper(batch).known(), false);
        while (!batch.unread().isEmpty()) {
            batch = Unread.drop(Unread.called(batch, 0, "salt"), 0);
        }
        assertTrue(AllergenLines.ofSupper(batch).known());
    }
}
