package ironpin.amount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class IngredientsTest {
    /** Starting densities of practice, g/ml. */
    @DataProvider
    public Object[][] densities() {
        return new Object[][] {
            {"water", 1.00},
            {"milk", 1.03},
            {"oil", 0.92},
            {"soy-sauce", 1.15},
            {"vinegar", 1.01},
            {"honey", 1.42},
            {"fine-salt", 1.2},
            {"flaky-salt", 0.6},
            {"sugar", 0.85},
            {"minced-meat", 1.02},
            {"cheese", 0.42},
            {"potato", 0.95},
        };
    }

    @Test(dataProvider = "densities")
    public void densitiesAreThoseOfPractice(String key, double density) {
        assertEquals(Ingredients.get(key).density().usual(), density);
    }

    @Test
    public void flourLiesBetweenSpoonedAndScooped() {
        Ingredient flour = Ingredients.get("plain-flour");
        double cup = 236.588;
        assertEquals(cup * flour.density().usual(), 120, 1);
        double scooped = cup * flour.scooped().orElseThrow();
        assertTrue(scooped >= 140 && scooped <= 150, scooped + " g");
    }

    @Test
    public void everyNameMeansOneThing() {
        Set<String> names = new HashSet<>();
        for (Ingredient one : Ingredients.all()) {
            assertTrue(!one.label().isBlank());
            for (String name : one.names()) {
                assertTrue(names.add(name), name + " means two things");
                assertEquals(Ingredients.named(name).orElseThrow(), one, name);
                assertEquals(Ingredients.named("about " + name + ", chopped").orElseThrow(), one, name);
            }
            assertEquals(Ingredients.named(one.label()).orElseThrow(), one, "its own label reads back");
            assertEquals(one.piece().isPresent(), !one.pieceWord().isEmpty());
        }
        assertTrue(Ingredients.named("gravel").isEmpty());
        assertTrue(Ingredients.named("salted caramel").isEmpty());
        assertThrows(IllegalArgumentException.class, () -> Ingredients.get("gravel"));
        assertThrows(IllegalArgumentException.class, () -> new Spread(2, 1, 3));
    }
}
