package ironpin.style;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.pantry.Food;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a cook says in a line, and what is made of it. */
public class OrderTest {
    private static final Style USUAL = Styles.get("boiled-crescent");

    @DataProvider
    public Object[][] lines() {
        return new Object[][] {
            {"24 pork dumplings for three, boiled, at seven", "boiled-crescent/pork-cabbage 24 3 19:00"},
            {"24 of pork, for 3, at seven", "boiled-crescent/pork-cabbage 24 3 19:00"},
            {"a dozen soup purses at half past six", "soup-purse/pork-soup 12 - 18:30"},
            {"40 steamed leaves with mushrooms for 5 people by 19:30", "steamed-leaf/mushroom-root 40 5 19:30"},
            {"potato half-moons, two dozen", "soured-moon/potato-onion 24 - -"},
            {"fried turnovers at 8pm for six", "fried-turnover/beef-olive - 6 20:00"},
            {"sweet breads for four", "sweet-bread/walnut-sugar - 4 -"},
            {"chicken from a pack, quick, at noon", "pack-moon/chicken-chive - - 12:00"},
            {"dumplings in broth for 2", "broth-square/prawn-pork - 2 -"},
            {"vegetarian for four", "boiled-crescent/mushroom-root - 4 -"},
            {"60 for ten", "boiled-crescent/lamb-carrot 60 10 -"},
            {"at one", "boiled-crescent/lamb-carrot - - 13:00"},
            {"at 11:59", "boiled-crescent/lamb-carrot - - 23:59"},
            {"at 9 am", "boiled-crescent/lamb-carrot - - 09:00"},
            {"at 24", "boiled-crescent/lamb-carrot - - -"},
            {"at 19:60", "boiled-crescent/lamb-carrot - - -"},
            {"1 for 1", "boiled-crescent/lamb-carrot 1 1 -"},
            {"0 for 0", "boiled-crescent/lamb-carrot - - -"},
            {"", "boiled-crescent/lamb-carrot - - -"},
        };
    }

    @Test(dataProvider = "lines")
    public void aLineIsHeard(String line, String wanted) {
        Order order = Order.read(line, USUAL);
        String heard = order.style().key() + "/" + order.style().filling().key() + " " + said(order.pieces()) + " "
                + said(order.eaters()) + " " + said(order.at().map(LocalTime::toString));
        assertEquals(heard, wanted, line);
    }

    /** One eater of usual appetite eats the usual number; the other fillings of a start stay behind the one that was asked for. */
    @Test
    public void aStartSaysWhatItIs() {
        double piece = USUAL.doughEach().plus(USUAL.fillingEach()).grams();
        assertEquals(USUAL.gramsEach(Appetite.USUAL), USUAL.usualPerEater() * piece, 1e-9);
        assertEquals(USUAL.perEater(Appetite.USUAL), USUAL.usualPerEater());
        String second = USUAL.fillings().get(1).key();
        Style turned = USUAL.filledWith(second);
        assertEquals(turned.filling().key(), second);
        assertEquals(turned.fillings().size(), USUAL.fillings().size());
        assertEquals(Set.copyOf(turned.fillings()), Set.copyOf(USUAL.fillings()));
        assertEquals(USUAL.filledWith("moon-dust"), USUAL);
        assertEquals(USUAL.said(USUAL.method()), "boiled crescents");
        assertEquals(USUAL.said(Styles.get("steamed-leaf").method()), "begun as boiled crescents, which");
    }

    private static String said(Optional<?> value) {
        return value.map(Object::toString).orElse("-");
    }

    @Test
    public void whatThereIsOfOneThingIsHeld() {
        Order.Held held = Order.read("I have 700 g of beef, what can I make", USUAL)
                .held()
                .orElseThrow();
        assertEquals(held.mass().grams(), 700, 1e-9);
        assertEquals(held.food().key(), "beef");
        assertEquals(
                Order.read("500 g mince", USUAL).held().map(Order.Held::food).map(Food::key), Optional.of("mince"));
        assertEquals(Order.read("24 of pork", USUAL).held(), Optional.empty());
    }

    /** What a filling has none of is not used up by it. */
    @Test
    public void whatThereIsIsALineOfTheFillingOrNone() {
        Order.Held mince = Order.read("500 g mince", USUAL).held().orElseThrow();
        assertEquals(mince.lineIn(USUAL.filling().formula()), OptionalInt.of(0));
        assertEquals(mince.lineIn(Styles.get("griddle-bread").filling().formula()), OptionalInt.empty());
        Order.Held feta = Order.read("200 g of feta", USUAL).held().orElseThrow();
        assertEquals(feta.lineIn(Styles.get("griddle-bread").filling().formula()), OptionalInt.of(1));
        assertEquals(feta.lineIn(USUAL.filling().formula()), OptionalInt.empty());
    }

    /** A word is no promise: who must avoid something reads the plan. */
    @Test
    public void nothingIsPromisedByAWord() {
        assertEquals(Order.read("gluten-free shells for two", USUAL).not(), List.of("gluten-free"));
        assertEquals(Order.read("vegan ones, xyzzy", USUAL).not(), List.of("vegan", "xyzzy"));
        Style meatless = Order.read("vegetarian pan ones", USUAL).style();
        assertTrue(
                meatless.filling().formula().lines().stream()
                        .noneMatch(line -> line.ingredient().matches(".*(?:pork|beef|lamb|stock|bacon).*")),
                meatless.filling().name());
    }
}
