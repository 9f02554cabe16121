package ironpin.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.pantry.FoodName.Certainty;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Names as they are typed with floury hands: what is near a name is taken for it and said to be a guess, never a certainty. */
public class NameSlipsTest {
    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"carrots, grated", "carrot", Certainty.KNOWN},
            {"carots, grated", "carrot", Certainty.GUESSED},
            {"crarots", "carrot", Certainty.GUESSED},
            {"buckwheet flour", "flour-buckwheat", Certainty.GUESSED},
            {"spirng onions", "spring-onion", Certainty.GUESSED},
            {"moon dust", "", Certainty.UNKNOWN},
            {"eg", "", Certainty.UNKNOWN},
            {"water from the tap", "water", Certainty.KNOWN},
            {"egg to bind", "egg", Certainty.KNOWN},
            {"firm tofu in xyzzy broth", "tofu", Certainty.GUESSED},
            {"blimber (carrots)", "carrot", Certainty.GUESSED},
            {"blimber, carrots", "", Certainty.UNKNOWN},
            {"cherries", "berry", Certainty.KNOWN},
        };
    }

    @Test(dataProvider = "names")
    public void aNameIsTakenForWhatItIsNear(String said, String key, Certainty certainty) {
        FoodName name = FoodName.read(said);
        assertTrue(
                name.food().map(Food::key).orElse("").startsWith(key),
                said + ": " + name.food().map(Food::key));
        assertEquals(
                name.food().isEmpty(), key.isEmpty(), said + ": " + name.food().map(Food::key));
        assertEquals(name.certainty(), certainty, said);
        assertEquals(name.allergens().known(), certainty == Certainty.KNOWN, said);
    }

    @Test
    public void fatIsStatedOfMeatAlone() {
        assertEquals(FoodName.read("lamb mince, 18 % fat").fat(), Optional.of(Percentage.of(18)));
        assertEquals(FoodName.read("beef mince, 85 % lean").fat(), Optional.of(Percentage.of(15)));
        assertEquals(FoodName.read("milk, 3.5 % fat").fat(), Optional.empty());
        assertEquals(FoodName.read("lamb mince").fat(), Optional.empty());
    }

    @Test
    public void allergensAreSaidSureFirst() {
        Set<Allergen> none = Set.of();
        assertEquals(new Allergens(Set.of(Allergen.SESAME, Allergen.EGG), none, true).said(), "contains egg, sesame");
        assertEquals(
                new Allergens(Set.of(Allergen.EGG), Set.of(Allergen.FISH), true).said(), "contains egg; may hold fish");
        assertEquals(new Allergens(none, none, true).said(), "");
        assertEquals(new Allergens(none, none, false).said(), "allergens not known");
        assertEquals(new Allergens(none, Set.of(Allergen.SOY), false).said(), "may hold soy; the rest is not known");
    }

    @Test
    public void aPriceIsOfAKilogram() {
        assertEquals(Price.perKilogram(2.5).of(Mass.ofGrams(400)), 1.0, 1e-9);
        assertEquals(Price.perKilogram(2.5).perKilogram(), 2.5);
        assertThrows(Refused.class, () -> Price.perKilogram(1_000.01));
        assertThrows(Refused.class, () -> Price.perKilogram(-0.01));
        assertThrows(NotThere.class, () -> Foods.get("moon-dust"));
    }

    @Test
    public void onlyVegetablesWeep() {
        assertTrue(Foods.get("carrot").weeps());
        assertTrue(!Foods.get("beef").weeps() && !Foods.get("soy").weeps());
    }
}
