package ironpin.household;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import ironpin.quantity.CupStandard;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SpoonfulTest {
    private static Map<String, Spoonful> metric() {
        return Spoonful.all(CupStandard.METRIC).stream().collect(Collectors.toMap(Spoonful::said, Function.identity()));
    }

    /** Cups of 250 ml, spoons of 15 and 5: what is in it, how many different ones, how often something is filled. */
    @DataProvider
    public Object[][] filled() {
        return new Object[][] {
            {"1 pinch", 0.3125, 1, 1},
            {"2 pinches", 0.625, 1, 2},
            {"¼ tsp", 1.25, 1, 1},
            {"2¾ tsp", 13.75, 1, 3},
            {"1 tbsp", 15, 1, 1},
            {"½ tbsp", 7.5, 1, 1},
            {"3½ tbsp", 52.5, 1, 4},
            {"1 tbsp + ½ tsp", 17.5, 2, 2},
            {"3 tbsp + 2 tsp", 55, 2, 5},
            {"⅓ cup", 250 / 3.0, 1, 1},
            {"1 cup", 250, 1, 1},
            {"24¾ cups", 6187.5, 1, 25},
            {"¼ cup + 2½ tbsp", 100, 2, 4},
            {"1 cup + 1 tbsp", 265, 2, 2},
            {"1¾ cups + 3 tbsp", 482.5, 2, 5},
        };
    }

    @Test(dataProvider = "filled")
    public void holdsWhatItsPartsHold(String said, double millilitres, int measures, int fills) {
        Spoonful one = metric().get(said);
        assertEquals(one.millilitres(), millilitres, 1e-9);
        assertEquals(one.measures(), measures);
        assertEquals(one.fills(), fills);
    }

    /** What it costs to be off by parts, to wash a second measure, and to fill: by hand. */
    @Test
    public void offSecondMeasuresAndFillsCost() {
        Map<String, Spoonful> there = metric();
        assertEquals(Household.cost(there.get("3½ tbsp"), 52.5), 4 * 0.004, 1e-12);
        assertEquals(Household.cost(there.get("1 tbsp + ½ tsp"), 17.5), 0.03 + 2 * 0.004, 1e-12);
        assertEquals(Household.cost(there.get("1 cup"), 255), Math.log(1.02) + 0.004, 1e-12);
        assertEquals(Household.cost(there.get("1 cup"), 245), Math.log(250 / 245.0) + 0.004, 1e-12);
    }

    /** No empty ones, none that nobody would count, and no half spoons lost beside whole cups or other spoons. */
    @Test
    public void onlyWhatThereIsToFill() {
        Map<String, Spoonful> there = metric();
        for (String none : List.of(
                " tsp",
                "3 tsp",
                "4 tbsp",
                "¾ tbsp",
                "½ tbsp + 1 tsp",
                "1 cup + ½ tbsp",
                "1¼ cups + 2½ tbsp",
                "25 cups",
                "1 cups")) {
            assertFalse(there.containsKey(none), none);
        }
        // 2 pinches, 11 teaspoons, 7 tablespoons, 3 · 3 of both, 149 cups, 5 · 7 and 144 · 3 of them with tablespoons.
        assertEquals(there.size(), 2 + 11 + 7 + 9 + 149 + 35 + 432);
        assertEquals(Spoonful.all(CupStandard.US).size(), there.size());
    }
}
