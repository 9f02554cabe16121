package ironpin.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FoodNameTest {
    private record Expected(String name, Set<Allergen> sure, Set<Allergen> maybe) {}

    private static List<Expected> names() throws IOException {
        try (BufferedReader table = new BufferedReader(
                new InputStreamReader(FoodNameTest.class.getResourceAsStream("names.csv"), StandardCharsets.UTF_8))) {
            return table.lines()
                    .skip(1)
                    .map(line -> line.split(";", -1))
                    .map(cells -> new Expected(cells[0], set(cells[1]), set(cells[2])))
                    .toList();
        }
    }

    private static Set<Allergen> set(String cell) {
        return Arrays.stream(cell.split(","))
                .filter(name -> !name.isEmpty())
                .map(Allergen::valueOf)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Names as recipes write them: nearly all are known, with their allergens, and the rest say that they are not. */
    @Test
    public void namesOfRecipesAreKnownOrSaidNotToBe() throws IOException {
        List<String> wrong = new ArrayList<>();
        int known = 0;
        List<Expected> names = names();
        for (Expected expected : names) {
            FoodName read = FoodName.read(expected.name());
            if (read.food().isEmpty()) {
                assertFalse(read.allergens().known(), expected.name() + " is never said to hold none");
                continue;
            }
            known++;
            boolean right = new TreeSet<>(read.allergens().sure()).equals(expected.sure())
                    && new TreeSet<>(read.allergens().maybe()).equals(expected.maybe());
            if (!right && read.known()) {
                wrong.add(expected.name() + " read as " + read.food().get().key() + " " + read.allergens());
            }
        }
        assertTrue(wrong.isEmpty(), wrong.toString());
        assertTrue(names.size() >= 400, "only " + names.size());
        assertTrue(known >= 0.95 * names.size(), "only " + known + " of " + names.size());
    }

    @DataProvider
    public Object[][] compounds() {
        return new Object[][] {
            {"peanut butter", "peanut-butter"},
            {"almond butter", "almond-butter"},
            {"fish stock", "stock-fish"},
            {"garlic salt", "garlic-salt"},
            {"coconut milk", "milk-coconut"},
            {"oyster mushrooms", "mushroom"},
            {"oyster sauce", "oyster-sauce"},
            {"egg noodles", "noodle-wheat"},
            {"water chestnuts", "lotus-root"},
            {"black pepper", "spice"},
            {"red pepper", "bell-pepper"},
            {"chestnut mushrooms", "mushroom"},
            {"flour, rice", "flour-rice"},
            {"stock, fish", "stock-fish"},
            {"Chilies", "chilli"},
            {"yogurt", "yoghurt"},
            {"2 large eggs", "egg"},
        };
    }

    @Test(dataProvider = "compounds")
    public void aCompoundIsNotItsFirstOrItsLastWord(String name, String key) {
        assertEquals(FoodName.read(name).food().map(Food::key).orElse("not known"), key);
        assertTrue(FoodName.read(name).known());
    }

    @DataProvider
    public Object[][] strangers() {
        return new Object[][] {
            {"moon dust"},
            {"chestnut cream"},
            {"chicken soup"},
            {"butter beans puree sauce"},
            {"salted caramel"},
            {"cheese crackers of the house"},
            {"x".repeat(300)},
            {""},
            {"½"},
        };
    }

    @Test(dataProvider = "strangers")
    public void whatIsNotUnderstoodIsNotKnown(String name) {
        FoodName read = FoodName.read(name);
        assertEquals(read.certainty(), FoodName.Certainty.UNKNOWN, name);
        assertEquals(read.allergens(), Allergens.NOT_KNOWN);
    }

    @Test
    public void aWordNobodyKnowsMakesAGuessWithoutAllergens() {
        FoodName read = FoodName.read("grandmother's lamb mince");
        assertEquals(read.certainty(), FoodName.Certainty.GUESSED);
        assertEquals(read.food().orElseThrow().key(), "lamb");
        assertFalse(read.allergens().known());
    }

    @Test
    public void alternativesMayHoldWhatEitherHolds() {
        FoodName either = FoodName.read("lard or butter");
        assertEquals(either.food().orElseThrow().key(), "lard");
        assertEquals(either.certainty(), FoodName.Certainty.GUESSED);
        assertEquals(either.allergens(), new Allergens(Set.of(), Set.of(Allergen.MILK), true));
        assertEquals(
                FoodName.read("tofu, marinated in soy sauce").allergens(),
                new Allergens(Set.of(Allergen.SOY), Set.of(Allergen.GLUTEN), true));
        assertEquals(FoodName.read("prawns and eggs").allergens().sure(), Set.of(Allergen.CRUSTACEANS, Allergen.EGG));
    }

    @DataProvider
    public Object[][] fats() {
        return new Object[][] {
            {"lamb mince, 12 % fat", 0.12},
            {"beef mince (80/20)", 0.20},
            {"ground beef, 85% lean", 0.15},
            {"pork mince with a fat content of 30 %", 0.30},
            {"extra lean beef mince", 0.05},
            {"fatty lamb mince", 0.30},
            {"pork belly", 0.41},
        };
    }

    @Test(dataProvider = "fats")
    public void fatIsHeardInWordsAndPerCent(String line, double fat) {
        assertEquals(FoodName.read(line).food().orElseThrow().fat(), fat, 1e-9, line);
    }

    @Test
    public void whatIsPreservedBringsSaltNobodyKnowsExactly() {
        Food plain = FoodName.read("carrots").food().orElseThrow();
        assertEquals(plain.salt().high(), 0.0);
        for (String line :
                List.of("pickled carrots", "carrots in brine", "salted carrots", "smoked chicken", "brined leeks")) {
            Food kept = FoodName.read(line).food().orElseThrow();
            assertTrue(kept.salt().low() >= 0.005 && kept.salt().high() >= 0.03, line + " " + kept.salt());
        }
        assertEquals(
                FoodName.read("carrots, salted and squeezed")
                        .food()
                        .orElseThrow()
                        .salt()
                        .high(),
                0.0,
                "the cook salts it");
    }

    @Test
    public void everyNameOfTheTableMeansOneThing() {
        Map<String, String> seen = new HashMap<>();
        for (Food food : Foods.all()) {
            for (String name : food.names()) {
                String other = seen.put(String.join(" ", Stem.words(name)), food.key());
                assertTrue(other == null || other.equals(food.key()), name + " means two things");
                assertEquals(
                        FoodName.read("finely chopped " + name)
                                .food()
                                .orElseThrow()
                                .key(),
                        food.key(),
                        name);
            }
            assertEquals(FoodName.read(food.label()).food().orElseThrow().key(), food.key());
        }
        assertTrue(Foods.all().size() > 280);
    }

    @DataProvider
    public Object[][] densities() {
        return new Object[][] {
            {"water", 1.00},
            {"milk", 1.03},
            {"oil", 0.92},
            {"soy", 1.15},
            {"vinegar", 1.01},
            {"honey", 1.42},
            {"salt", 1.2},
            {"salt-flaky", 0.6},
            {"sugar", 0.85},
            {"beef", 1.02},
            {"cheese", 0.42},
            {"potato-mashed", 0.95},
        };
    }

    @Test(dataProvider = "densities")
    public void densitiesAreThoseOfPractice(String key, double density) {
        assertEquals(Foods.get(key).measure().density().usual(), density);
    }

    @Test
    public void flourLiesBetweenSpoonedAndScooped() {
        Measure flour = Foods.get("flour-plain").measure();
        double cup = 236.588;
        assertEquals(cup * flour.density().usual(), 120, 1);
        double scooped = cup * flour.scooped().orElseThrow();
        assertTrue(scooped >= 140 && scooped <= 150, scooped + " g");
    }
}
