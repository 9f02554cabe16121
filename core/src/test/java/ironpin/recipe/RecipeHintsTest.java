package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.amount.AmountReader;
import ironpin.cook.VesselKind;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Figures in sentences, each beside a sentence that looks like it and says nothing. */
public class RecipeHintsTest {
    private static RecipeHints hints(String method) {
        WrittenRecipe written = new WrittenRecipe(
                "Crescents", "", List.of(), List.of(new WrittenRecipe.Line("", "300 g flour")), List.of(method), "");
        return RecipeHints.of(written, List.of(), new AmountReader(CupStandard.US));
    }

    @DataProvider
    Object[][] counts() {
        return new Object[][] {
            {"Divide the dough into 24 equal pieces.", 24},
            {"Cut into 2 portions for resting.", null},
            {"Roll into a rope and cut it into twelve even pieces.", 12},
            {"Cut the dough into 3 ropes, then each into 10.", 30},
            {"Divide into two pieces; later divide into 18 balls.", 18},
            {"Cut the rope into twenty-eight equal pieces.", 28},
            {"Divide the dough into seventeen balls.", 17},
            {"Chop the cabbage into 1 cm pieces.", null},
            {"Shape the dough in 16 walnut-sized balls.", 16},
            {"Roll into 4 logs and cut 25 pieces from each.", 100},
            {"Divide the dough into 30 x 13g pieces.", 30},
            {"Steam in 3 batches from each side.", null},
        };
    }

    @Test(dataProvider = "counts")
    public void piecesTheDoughIsDividedInto(String method, Integer count) {
        assertEquals(hints(method).count(), Optional.ofNullable(count));
    }

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {
            {"Divide into pieces of about 12 g.", 12.0, 12.0},
            {"Cut 10-12 g pieces.", 10.0, 12.0},
            {"Cut into balls, 15 grams each.", 15.0, 15.0},
            {"Each piece should weigh 18 g.", 18.0, 18.0},
            {"Put 15 g of filling on each.", null, null},
            {"Cut 5 cm squares, put 3 g on each.", null, null},
            {"Spoon 12 g into each and seal.", null, null},
            {"Add 20 g oil.", null, null},
        };
    }

    @Test(dataProvider = "sizes")
    public void gramsOfDoughInAPiece(String method, Double low, Double high) {
        Optional<Spread> each = hints(method).doughEach();
        assertEquals(each.map(Spread::low).orElse(null), low);
        assertEquals(each.map(Spread::high).orElse(null), high);
    }

    @DataProvider
    Object[][] fillings() {
        return new Object[][] {
            {"Place a tablespoon of filling in the middle.", 15.3},
            {"Put 2 tsp filling on each.", 10.2},
            {"Spoon 18 g of the filling onto it.", 18.0},
            {"Mix the filling with 2 tbsp of stock.", null},
            {"Makes about 1 lb filling.", null},
        };
    }

    @Test(dataProvider = "fillings")
    public void gramsOfFillingInAPiece(String method, Double grams) {
        Optional<Spread> each = hints(method).fillingEach();
        assertEquals(each.isPresent(), grams != null, method);
        if (grams != null) {
            assertEquals(each.get().usual(), grams, 0.01);
        }
    }

    @DataProvider
    Object[][] discs() {
        return new Object[][] {
            {"Roll each to a 9 cm circle.", 90.0},
            {"Roll into 3 1/2-inch rounds.", 88.9},
            {"Roll out circles of about 8–10 cm.", 90.0},
            {"Roll into discs, 4 inches across.", 101.6},
            {"Roll to 85 mm wide.", 85.0},
            {"A rope 3 cm thick.", null},
            {"Roll out to 1/8 inch and cut 3-inch circles.", 76.2},
            {"Roll thin (8-9 cm).", 85.0},
            {"Roll out the dough, cut 7 cm squares.", 70.0},
        };
    }

    @Test(dataProvider = "discs")
    public void widthOfAWrapper(String method, Double mm) {
        Optional<Double> wide = hints(method).disc().map(one -> one.millimetres());
        assertEquals(wide.isPresent(), mm != null, method);
        if (mm != null) {
            assertEquals(wide.get(), mm, 0.01);
        }
    }

    @DataProvider
    Object[][] waters() {
        return new Object[][] {
            {"Pour the boiling water over the flour.", 96.0},
            {"Boil a pot of boiling water.", null},
            {"Mix the flour with warm water.", 45.0},
            {"Stir in lukewarm water.", 38.0},
            {"Use water at 55 °C.", 55.0},
            {"Use 140 F water.", 60.0},
            {"Add iced water.", 4.0},
            {"Add hot tap water.", 55.0},
            {"Boil with 3 additions of cold water, about 7 min.", null},
        };
    }

    @Test(dataProvider = "waters")
    public void temperatureOfTheWater(String method, Double celsius) {
        Optional<Double> water = hints(method).waterC();
        assertEquals(water.isPresent(), celsius != null, method);
        if (celsius != null) {
            assertEquals(water.get(), celsius, 0.01);
        }
    }

    @DataProvider
    Object[][] vessels() {
        return new Object[][] {
            {"Boil for 6 minutes.", VesselKind.POT, 6},
            {"Drop them into a pot of water and simmer for 5-7 minutes.", VesselKind.POT, 6},
            {"Steam in a basket for 8 minutes.", VesselKind.BASKET, 8},
            {"Fry in a pan until golden, add water, cover with a lid and steam for 5 minutes.", VesselKind.PAN, 5},
            {"Griddle for 4 minutes a side.", VesselKind.GRIDDLE, 8},
            {"Toast in a dry pan for 3 minutes.", VesselKind.GRIDDLE, 3},
            {"Boil with 3 additions of cold water, about 7 min.", VesselKind.POT, 7},
            {"Enclose the filling and roll. Cook on a hot tawa for 2 mins a side.", VesselKind.GRIDDLE, 4},
        };
    }

    @Test(dataProvider = "vessels")
    public void whatItIsCookedInAndHowLong(String method, VesselKind vessel, int minutes) {
        assertEquals(hints(method).vessel().orElseThrow(), vessel);
        assertEquals(hints(method).cooking().orElseThrow().toMinutes(), minutes);
    }

    @DataProvider
    Object[][] rests() {
        return new Object[][] {
            {"Cover and rest for 30 minutes.", 30},
            {"Let it stand, covered, for 1 hour.", 60},
            {"Rest half an hour.", 30},
            {"Leave to rest 10 minutes; knead; rest 45 minutes.", 45},
            {"Let it rest in the fridge overnight.", 600},
            {"Serve the rest with a dip.", -1},
        };
    }

    @Test(dataProvider = "rests")
    public void theLongestRest(String method, int minutes) {
        long found = hints(method).rest().map(time -> time.toMinutes()).orElse(-1L);
        assertEquals(found, minutes, method);
    }

    @DataProvider
    Object[][] yields() {
        return new Object[][] {
            {"Makes 30", 30, 30, null},
            {"Makes 30–36 pieces", 30, 36, null},
            {"Serves 4", null, null, 4},
            {"Serves 4 (makes 32)", 32, 32, 4},
            {"Makes 3 dozen", 36, 36, null},
            {"4 servings (32 dumplings)", 32, 32, 4},
            {"Makes a dozen", 12, 12, null},
            {"Makes plenty", null, null, null},
            {"Makes 99999", null, null, null},
        };
    }

    @Test(dataProvider = "yields")
    public void whatItMakes(String text, Integer fewest, Integer most, Integer eaters) {
        RecipeYield yield = RecipeYield.read(text);
        assertEquals(yield.fewest(), Optional.ofNullable(fewest), text);
        assertEquals(yield.most(), Optional.ofNullable(most), text);
        assertEquals(yield.eaters(), Optional.ofNullable(eaters), text);
        assertTrue(yield.said().isPresent() == (fewest != null));
    }

    @DataProvider
    Object[][] restsInSentences() {
        return new Object[][] {
            {"When cool enough to handle, knead for 5 mins. Wrap and rest for 30 mins.", 30},
            {"Knead the dough (8-10 min), wrap in film and rest for 30 min. Roll by machine.", 30},
            {"Rest the dough for half an hour.", 30},
            {"Leave the filling in the fridge for 45 minutes.", null},
        };
    }

    @Test(dataProvider = "restsInSentences")
    public void minutesOfRest(String method, Integer minutes) {
        assertEquals(hints(method).rest().map(time -> (int) time.toMinutes()), Optional.ofNullable(minutes));
    }

    @DataProvider
    Object[][] yieldsInSteps() {
        return new Object[][] {
            {"Boil 8 min. Makes about 40.", 40, null},
            {"Roll thin, cut out 7-cm rounds, yields five dozen.", 60, null},
            {"Steam for 6 minutes. Serves 4.", null, 4},
            {"Steam 35 minutes. About 30 pieces.", 30, null},
            {"Add enough for 2 cups. This makes 24; serves 4 to 6.", 24, 4},
            {"It serves a crowd.", null, null},
        };
    }

    @Test(dataProvider = "yieldsInSteps")
    public void whatTheStepsSayItMakes(String method, Integer pieces, Integer eaters) {
        RecipeYield yield = RecipeYield.read(String.join("; ", YieldInSteps.of(List.of(method))));
        assertEquals(yield.fewest(), Optional.ofNullable(pieces));
        assertEquals(yield.eaters(), Optional.ofNullable(eaters));
    }

    @DataProvider
    Object[][] freezing() {
        return new Object[][] {
            {"Freeze half on a tray.", true},
            {"Raw pieces can be frozen for 3 months.", true},
            {"Serve with frozen peas.", false},
        };
    }

    @Test(dataProvider = "freezing")
    public void whetherItSpeaksOfTheFreezer(String method, boolean freezes) {
        assertEquals(hints(method).freezes(), freezes);
    }
}
