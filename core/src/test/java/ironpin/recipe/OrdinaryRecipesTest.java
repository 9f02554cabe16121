package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A contradiction is said only where no ordinary reading fits; what cannot be read otherwise still is one. */
public class OrdinaryRecipesTest {
    private static List<Finding> contradictions(String text) {
        ReadRecipe read = new RecipeReader(CupStandard.US).read(RecipeText.read(text, ""));
        return RecipeCheck.of(read, Corrections.NONE).contradictions();
    }

    private static String recipe(String dough, String filling, String steps) {
        return "Pieces\nMakes 40\nDough\n" + dough + "\nFilling\n" + filling + "\nMethod\nRest 40 min. " + steps;
    }

    @DataProvider
    public Object[][] ordinary() {
        String meat = "600 g lamb mince\n6 g salt";
        String dough = "400 g flour\n200 ml cold water\n4 g salt";
        return new Object[][] {
            {"eggs alone", recipe("400 g flour\n4 eggs\n4 g salt", meat, "Boil 8 minutes.")},
            {"five eggs", recipe("500 g flour\n5 eggs\n5 g salt", meat, "Boil 8 minutes.")},
            {
                "wheat starch with tapioca",
                recipe("150 g wheat starch\n50 g tapioca starch\n270 ml boiling water", meat, "Steam 7 minutes.")
            },
            {"tapioca alone", recipe("200 g tapioca starch\n160 ml boiling water", meat, "Steam 7 minutes.")},
            {"a spoon of salt", recipe("400 g flour\n200 ml water\n4 g (¾ tsp) salt", meat, "Boil 8 minutes.")},
            {"a cup of scallions", recipe(dough, meat + "\n¼ cup (25 g) scallions", "Boil 8 minutes.")},
            {"a pint", recipe("300 g flour\n150 ml/¼ pint water", meat, "Boil 8 minutes.")},
            {"a spoon of soy sauce", recipe(dough, meat + "\n1 tbsp (15 g) soy sauce", "Boil 8 minutes.")},
            {"soft by the cup", recipe("2 cups flour\n3/4 cup water\n1/2 tsp salt", meat, "Steam 10 minutes.")},
            {
                "a full purse",
                recipe(
                        dough,
                        "800 g pork mince\n8 g salt",
                        "Roll each to 9 cm, pleat and twist into a round purse. Steam 9 minutes.")
            },
        };
    }

    @Test(dataProvider = "ordinary")
    public void anOrdinaryRecipeIsNotContradicted(String what, String text) {
        assertEquals(contradictions(text), List.of(), what);
    }

    @DataProvider
    public Object[][] impossible() {
        String meat = "600 g lamb mince\n6 g salt";
        return new Object[][] {
            {"a tenth of the water", recipe("400 g flour\n20 ml cold water\n4 g salt", meat, "Boil 8 minutes.")},
            {"twice the flour", recipe("400 g flour\n700 ml cold water\n4 g salt", meat, "Boil 8 minutes.")},
            {
                "a spoon of salt that is three",
                recipe("400 g flour\n200 ml water\n15 g (1 tsp) salt", meat, "Boil 8 minutes.")
            },
            {"three cups that are one", recipe("400 g (1 cup) flour\n200 ml water\n4 g salt", meat, "Boil 8 minutes.")},
            {
                "a purse like a fist",
                recipe(
                        "400 g flour\n200 ml water",
                        "3 kg pork mince\n30 g salt",
                        "Roll each to 8 cm, pleat and twist into a round purse. Steam 9 minutes.")
            },
        };
    }

    @Test(dataProvider = "impossible")
    public void whatFitsNoReadingIsSaid(String what, String text) {
        assertFalse(contradictions(text).isEmpty(), what);
    }
}
