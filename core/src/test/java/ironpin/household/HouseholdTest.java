package ironpin.household;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.amount.AmountReader;
import ironpin.batch.Appetite;
import ironpin.batch.Dough;
import ironpin.batch.balance.WeighedDough;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.quantity.Measured;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HouseholdTest {
    /** Worked by hand from the densities of foods.csv, spoons of 15 and 5 ml, cups of 236.6 and 250 ml. */
    @DataProvider
    public Object[][] said() {
        return new Object[][] {
            // 34.5 g / 1.15 = 30 ml
            {"soy sauce", 34.5, "34.5 g (2 tbsp)", "2 tbsp"},
            {"water", 250, "250 g (1 cup)", "1 cup + 1 tbsp (8.8 oz)"},
            {"water", 100, "100 g (¼ cup + 2½ tbsp)", "⅓ cup + 1½ tbsp (3.5 oz)"},
            {"minced pork", 400, "400 g", "14.1 oz"},
            {"egg", 50, "50 g (about 1 egg)", "about 1 egg"},
            {"garlic", 12, "12.0 g (about 3 cloves)", "about 3 cloves"},
            {"nothing anybody knows", 40, "40.0 g", "1.411 oz"},
            {"water", 9_000, "9,000 g", "19.84 lb"},
        };
    }

    @Test(dataProvider = "said")
    public void aMassIsSaidInTheMeasureThatPeopleUse(String name, double grams, String spoons, String us) {
        Mass mass = Mass.ofGrams(grams);
        assertEquals(Household.weighed(name, mass).render(UnitSystem.SPOONS), spoons);
        assertEquals(Household.weighed(name, mass).render(UnitSystem.US), us);
    }

    @Test
    public void metricUnitsSayTheMassAlone() {
        assertEquals(Household.weighed("soy sauce", Mass.ofGrams(34.5)).render(UnitSystem.METRIC), "34.5 g");
        assertEquals(Household.fills("soy sauce", Mass.ofGrams(34.5)).render(UnitSystem.METRIC), "");
        assertEquals(Household.fills("soy sauce", Mass.ofGrams(34.5)).render(UnitSystem.SPOONS), "2 tbsp");
        assertEquals(Household.fills("minced pork", Mass.ofGrams(400)).render(UnitSystem.SPOONS), "");
    }

    /** Whatever the mass: what is said, read back as a cook would type it, is within what is admitted, and 3 % where nothing is. */
    @Test
    public void whatIsSaidReadsBackAsWhatWasWeighed() {
        Random random = new Random(20261130);
        List<String> wrong = new ArrayList<>();
        int read = 0;
        for (Food food : Foods.all()) {
            double grams = Math.exp(random.nextDouble(Math.log(1), Math.log(2_000)));
            for (CupStandard standard : List.of(CupStandard.US, CupStandard.METRIC)) {
                Optional<String> said =
                        Household.of(food, Mass.ofGrams(grams), standard).map(Measured.Spooned::said);
                if (said.isPresent() && FoodName.read(food.label()).food().equals(Optional.of(food))) {
                    boolean counted = said.get().matches("about \\d+ (egg|clove).*");
                    boolean admitted = said.get().contains("%") || said.get().contains("pinch");
                    String amount = said.get().replaceAll("^about |, \\d+ % .*", "");
                    double back = new AmountReader(standard)
                            .read(amount, Optional.of(food))
                            .mass()
                            .grams();
                    read++;
                    if (Math.abs(back / grams - 1) > (counted ? 0.25 : admitted ? 0.5 : 0.036)) {
                        wrong.add(grams + " g of " + food.label() + ": " + said.get() + " is " + back);
                    }
                }
            }
        }
        assertTrue(read > 300, read + " read");
        assertEquals(wrong.toString(), "[]");
    }

    /** Doughs of every size and wetness: measured in cups they are as wet as planned, within what a hand can feel. */
    @Test
    public void aDoughInCupsIsAsWetAsItWasPlanned() {
        Random random = new Random(7);
        double worstAlone = 0;
        for (int i = 0; i < 400; i++) {
            double flour = random.nextDouble(120, 1_200);
            double water = flour * random.nextDouble(0.36, 0.7);
            List<DoughInCups.Line> lines = List.of(
                    new DoughInCups.Line(Foods.get("flour-plain"), Mass.ofGrams(flour), 0, true),
                    new DoughInCups.Line(Foods.get("water"), Mass.ofGrams(water), 1, false),
                    new DoughInCups.Line(Foods.get("salt"), Mass.ofGrams(flour * 0.01), 0, false));
            for (CupStandard standard : List.of(CupStandard.US, CupStandard.METRIC)) {
                double planned = 100 * water / flour;
                double measured = DoughInCups.measuredHydration(lines, standard);
                assertTrue(Math.abs(measured - planned) < 1.0, flour + " g, " + planned + " % became " + measured);
                worstAlone = Math.max(worstAlone, Math.abs(alone(lines, standard) - planned));
            }
        }
        // The control: each line to its own nearest measure moves some doughs by more than two points.
        assertTrue(worstAlone > 2, worstAlone + " points at worst");
    }

    private static double alone(List<DoughInCups.Line> lines, CupStandard standard) {
        double flour = lines.get(0).mass().grams() * ratio(lines.get(0), standard);
        return 100 * lines.get(1).mass().grams() * ratio(lines.get(1), standard) / flour;
    }

    private static double ratio(DoughInCups.Line line, CupStandard standard) {
        double ml = Household.millilitres(line.food(), line.mass());
        return Household.nearest(ml, standard, 1).get(0).millilitres() / ml;
    }

    @Test
    public void nothingIsSaidOfADoughThatIsNotMade() {
        Dough dough = Styles.start(
                        Styles.get("boiled-crescent"),
                        "Supper",
                        LocalDateTime.of(2026, 11, 30, 19, 0),
                        4,
                        Appetite.USUAL)
                .doughs()
                .get(0);
        assertTrue(WeighedDough.of(dough, dough.formula().fromFlour(Mass.ZERO))
                .lines()
                .isEmpty());
        assertFalse(WeighedDough.of(dough, dough.formula().fromFlour(Mass.ofGrams(500)))
                .inCups()
                .render(UnitSystem.US)
                .isEmpty());
    }
}
