package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.pantry.Food;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import ironpin.quantity.Temperature;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CompositionTest {
    private static final Temperature HOT = Temperature.ofCelsius(75);

    private static Aspic tray(double mm) {
        return new Aspic(Length.ofMillimetres(mm), 1, Temperature.ofCelsius(4));
    }

    @Test
    public void saltIsCountedFromEveryLine() {
        // 900 g with 30 g of light soy (0.16) and 5 g of salt.
        SaltShare share = new SaltShare(Mass.ofGrams(900), Mass.ofGrams(30 * 0.16 + 5));
        assertEquals(share.share().percent(), 1.09, 0.005);
        assertEquals(share.toReach(Percentage.of(1.3)).grams(), 1.9, 0.05);
        assertEquals(share.toDilute(Percentage.of(1.3)), Mass.ZERO);
        assertEquals(food("light soy sauce").salt().usual(), 0.16, 1e-9);
        Composition made = Composition.of(FillingFormula.of(
                FillingLine.of("pork mince", 100 - 100 * 35 / 900.0),
                FillingLine.of("light soy sauce", 100 * 30 / 900.0),
                FillingLine.of("fine salt", 100 * 5 / 900.0)));
        assertEquals(100 * made.salt().usual(), share.share().percent(), 1e-4);
        assertEquals(made.salt().low(), made.salt().high(), "nothing in it is open");
    }

    @Test
    public void saltAddedReachesTheWishAndTooMuchIsDiluted() {
        Random random = new Random(12);
        for (int i = 0; i < 2_000; i++) {
            double filling = 100 + random.nextInt(3_000);
            SaltShare share = new SaltShare(Mass.ofGrams(filling), Mass.ofGrams(filling * random.nextDouble() * 0.03));
            Percentage wanted = Percentage.of(0.5 + random.nextDouble() * 2);
            Mass add = share.toReach(wanted);
            Mass dilute = share.toDilute(wanted);
            SaltShare after = new SaltShare(
                    share.filling().plus(add).plus(dilute), share.salt().plus(add));
            assertEquals(after.share().percent(), wanted.percent(), 1e-3);
            assertTrue(add.isZero() || dilute.isZero());
        }
        assertThrows(IllegalArgumentException.class, () -> new SaltShare(Mass.ofGrams(5), Mass.ofGrams(6)));
        assertThrows(IllegalArgumentException.class, () -> new SaltShare(Mass.ofGrams(500), Mass.ZERO)
                .toReach(Percentage.of(30)));
    }

    @DataProvider
    public Object[][] salts() {
        return new Object[][] {
            {"fine salt", 1.0},
            {"light soy", 0.16},
            {"dark soy sauce", 0.15},
            {"fish sauce", 0.23},
            {"oyster sauce", 0.10},
            {"miso", 0.11},
            {"stock powder", 0.475},
            {"feta, crumbled", 0.03},
        };
    }

    @Test(dataProvider = "salts")
    public void seasoningsCarryTheirSalt(String line, double salt) {
        assertEquals(food(line).salt().usual(), salt, 1e-9);
    }

    private static Food food(String line) {
        return Spoken.of(line).food().orElseThrow();
    }

    @Test
    public void linesAreHeardWithTheirFatAndTheirTreatment() {
        Food lamb = food("lamb mince, 12 % fat");
        assertEquals(lamb.fat(), 0.12);
        assertEquals(
                lamb.water()
                        + lamb.fat()
                        + lamb.protein()
                        + lamb.starch()
                        + lamb.salt().usual(),
                1,
                1e-9);
        assertEquals(food("cabbage, salted and squeezed").salt(), new Spread(0.004, 0.010, 0.016));
        assertEquals(food("cabbage, blanched").salt(), Spread.of(0));
        assertEquals(Spoken.of("potatoes, boiled").done(), Optional.of(Treatment.COOK), "boiled is not oiled");
        assertEquals(Spoken.of("salted cabbage").done(), Optional.empty(), "it came out of a jar");
        assertTrue(Spoken.of("moon dust").food().isEmpty());
    }

    @Test
    public void unknownSaltIsNeverCountedAsNothing() {
        Composition cured =
                Composition.of(FillingFormula.of(FillingLine.of("lamb", 80), FillingLine.of("salted cabbage", 20)));
        assertEquals(cured.salt().low(), 0.2 * 0.008, 1e-9);
        assertEquals(cured.salt().high(), 0.2 * 0.04, 1e-9);
        assertEquals(cured.saltOpen(), List.of("salted cabbage"));
        assertTrue(cured.saltKnown());
        Composition odd =
                Composition.of(FillingFormula.of(FillingLine.of("lamb", 80), FillingLine.of("moon dust", 20)));
        assertFalse(odd.saltKnown());
        assertEquals(odd.notSure(), List.of("moon dust"));
    }

    @Test
    public void thePartsOfAFillingAddUp() {
        for (Style style : Styles.all()) {
            Composition made = Composition.of(style.filling().formula());
            double sum = 0;
            for (Composition.Part part : Composition.Part.values()) {
                assertTrue(made.share(part) >= -1e-9, style.key() + " " + part);
                sum += made.share(part);
            }
            assertEquals(sum, 1, 1e-6);
            assertEquals(made.unknown(), List.of(), style.key());
            assertTrue(
                    style.filling().kind() == FillingKind.SWEET
                            || Composition.SALT_BAND.contains(
                                    Percentage.ofFraction(made.salt().usual())),
                    style.key() + made.salt());
        }
        Composition odd =
                Composition.of(FillingFormula.of(FillingLine.of("lamb", 60), FillingLine.of("moon dust", 40)));
        assertEquals(odd.share(Composition.Part.OTHER), 0.4, 1e-9);
        assertEquals(odd.unknown(), List.of("moon dust"));
    }

    @Test
    public void fatAndLiquidOfTheCrescents() {
        FillingFormula formula = Styles.get("boiled-crescent").filling().formula();
        Composition made = Composition.of(formula);
        // 55.2 % lamb of 20 % fat with 3.2 % oil: (11.04 + 3.2) / 58.4.
        assertEquals(made.fatOfMeat().orElseThrow().percent(), 14.24 / 58.4 * 100, 1e-3);
        assertEquals(made.liquidOfMeat().orElseThrow().percent(), 10 / 0.552, 1e-3);
        FillingFormula leaf = Styles.get("steamed-leaf").filling().formula();
        assertTrue(Composition.of(leaf).fatOfMeat().isEmpty());
        assertTrue(Composition.of(leaf).liquidOfMeat().isEmpty());
    }

    @Test
    public void aShallowTraySetsAndADeepTubDoesNot() {
        Duration shallow = tray(6).cools(HOT, Temperature.ofCelsius(12));
        assertEquals(shallow.toSeconds() / 60.0, 91, 0.5);
        Duration deep = tray(50).cools(HOT, Temperature.ofCelsius(12));
        assertEquals(deep.toSeconds() / 3600.0, 12.6, 0.05);
        assertTrue(tray(6).meetsTheCoolingRule(HOT));
        assertFalse(tray(50).meetsTheCoolingRule(HOT));
        Aspic rack = new Aspic(Length.ofMillimetres(12), 2, Temperature.ofCelsius(4));
        assertEquals(rack.constant(), tray(6).constant());
        Aspic warm = new Aspic(Length.ofMillimetres(2), 1, Temperature.ofCelsius(6));
        assertFalse(warm.meetsTheCoolingRule(HOT), "a warm fridge never reaches 5 °C");
        assertThrows(IllegalArgumentException.class, () -> tray(6).cools(HOT, Temperature.ofCelsius(3)));
        assertThrows(IllegalArgumentException.class, () -> tray(500));
    }

    @Test
    public void gelatinIsAShareOfAllOfIt() {
        assertEquals(Aspic.gelatin(Mass.ofGrams(485), Percentage.of(3)).grams(), 15, 1e-3);
        assertEquals(
                Aspic.reducedTo(Mass.ofGrams(1_000), Percentage.of(1.2), Percentage.of(3))
                        .grams(),
                400,
                1e-3);
        assertEquals(Aspic.soupPerPiece(Mass.ofGrams(18), Percentage.of(25)).grams(), 4.5, 1e-6);
        assertThrows(
                IllegalArgumentException.class,
                () -> Aspic.reducedTo(Mass.ofGrams(1_000), Percentage.of(4), Percentage.of(3)));
    }

    @Test
    public void beforeSqueezingThereIsMoreVegetableAndMoreOfAll() {
        FillingFormula squeezed = FillingFormula.of(
                FillingLine.of("lamb mince, 20 % fat", 74), FillingLine.of("carrot, salted and squeezed", 26));
        FillingFormula.Raw raw = squeezed.beforeSqueezing().orElseThrow();
        // 65 % of the carrot is left: 26 parts were 40.
        assertEquals(raw.times(), 1.14, 1e-9);
        assertEquals(raw.formula().lines().get(1).share().percent(), 100 * 40 / 114.0, 1e-5);
        assertEquals(raw.formula().lines().get(1).ingredient(), "carrot");
        assertTrue(raw.formula().beforeSqueezing().isEmpty());
        assertTrue(
                FillingFormula.of(FillingLine.of("feta", 100)).beforeSqueezing().isEmpty());
    }
}
