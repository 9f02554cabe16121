package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FillingFormulaTest {
    @Test
    public void linesAddUpToTheWholeExactly() {
        Random random = new Random(52);
        for (Style style : Styles.all()) {
            FillingFormula formula = style.filling().formula();
            for (int i = 0; i < 500; i++) {
                Mass total = new Mass(1 + random.nextInt(2_000_000_000));
                List<Mass> masses = formula.masses(total);
                assertEquals(masses.stream().reduce(Mass.ZERO, Mass::plus), total);
                assertEquals(masses.size(), formula.lines().size());
            }
        }
    }

    @Test
    public void aChangedShareIsThatShareAndTheRestKeepsItsProportions() {
        Random random = new Random(53);
        for (Style style : Styles.all()) {
            FillingFormula formula = style.filling().formula();
            for (int i = 0; i < 300; i++) {
                int index = random.nextInt(formula.lines().size());
                double percent = 0.1 + random.nextDouble() * 98;
                FillingFormula changed = formula.withShare(index, Percentage.of(percent));
                assertEquals(changed.lines().get(index).share().percent(), percent, 1e-5);
                int a = (index + 1) % formula.lines().size();
                int b = (index + 2) % formula.lines().size();
                if (b != index) {
                    double before = formula.lines().get(a).share().percent()
                            / formula.lines().get(b).share().percent();
                    double after = changed.lines().get(a).share().percent()
                            / changed.lines().get(b).share().percent();
                    assertEquals(after, before, before * 0.01);
                }
            }
        }
    }

    @Test
    public void whatDoesNotAddUpIsRefused() {
        FillingLine lamb = FillingLine.of("lamb", 60);
        assertThrows(IllegalArgumentException.class, () -> FillingFormula.of(lamb, FillingLine.of("leek", 39)));
        assertThrows(IllegalArgumentException.class, () -> FillingFormula.of());
        assertThrows(IllegalArgumentException.class, () -> FillingLine.of(" ", 10));
        assertThrows(IllegalArgumentException.class, () -> FillingLine.of("leek", 0));
        assertThrows(IllegalArgumentException.class, () -> FillingLine.of("leek", 101));
    }

    @DataProvider
    public Object[][] cores() {
        return new Object[][] {
            {"lamb mince", 71, "beef, pork and lamb"},
            {"chicken mince", 74, "poultry"},
            {"prawns", 63, "fish and shellfish"},
            {"beaten eggs", 71, "egg"},
            {"firm tofu", 74, ""},
            {"feta", 74, ""},
            {"cooked lentils", 74, ""},
            {"minced meat", 74, "meat of a kind that is not said"},
            {"chicken stock", 74, ""},
            {"hard-boiled eggs", 74, ""},
        };
    }

    @Test(dataProvider = "cores")
    public void coreTemperaturesFollowWhatIsRawInTheFilling(String line, double celsius, String because) {
        SafeCore core = SafeCore.of(FillingFormula.of(FillingLine.of(line, 60), FillingLine.of("cabbage", 40)));
        assertEquals(core.core().celsius(), celsius);
        assertEquals(core.because(), because);
        assertEquals(core.mindRaw(), !because.isEmpty());
    }

    @Test
    public void mixedMeatsTakeTheHottestAndAnUnknownLineTakesTheHottestThereIs() {
        FillingFormula mixed = FillingFormula.of(
                FillingLine.of("prawns", 40), FillingLine.of("pork mince", 50), FillingLine.of("chicken stock", 10));
        assertEquals(SafeCore.of(mixed).core().celsius(), 71, "stock is no meat");
        assertEquals(
                SafeCore.of(mixed.plus(FillingLine.of("chicken thigh", 5)))
                        .core()
                        .celsius(),
                74);
        SafeCore odd = SafeCore.of(FillingFormula.of(FillingLine.of("prawns", 90), FillingLine.of("moon dust", 10)));
        assertEquals(odd.core().celsius(), 74);
        assertEquals(odd.unknown(), List.of("moon dust"));
        SafeCore fried = SafeCore.of(FillingFormula.of(FillingLine.of("lamb mince", 100)));
        assertTrue(fried.mindRaw());
    }

    @Test
    public void aFillingIsWhatMostOfItIs() {
        assertEquals(kind("lamb mince", 30, "cabbage", 70), FillingKind.RED_MEAT);
        assertEquals(kind("lamb mince", 10, "cabbage", 90), FillingKind.VEGETABLE, "ten per cent of meat season it");
        assertEquals(kind("chicken stock", 20, "pork mince", 80), FillingKind.RED_MEAT);
        assertEquals(kind("feta", 55, "spinach", 45), FillingKind.CHEESE);
        assertEquals(kind("potatoes", 60, "hard cheese", 40), FillingKind.PULSE);
        assertEquals(kind("red bean paste", 90, "butter", 10), FillingKind.SWEET);
    }

    private static FillingKind kind(String one, double percent, String other, double rest) {
        return FillingKind.mostly(FillingFormula.of(FillingLine.of(one, percent), FillingLine.of(other, rest)));
    }

    @Test
    public void aLineThatGoesLeavesTheOthersInProportion() {
        FillingFormula three = FillingFormula.of(
                FillingLine.of("lamb mince", 50), FillingLine.of("carrots, grated", 30), FillingLine.of("leeks", 20));
        FillingFormula two = three.without(1);
        assertEquals(two.lines().stream().map(FillingLine::ingredient).toList(), List.of("lamb mince", "leeks"));
        assertEquals(two.lines().get(0).share().percent(), 50 / 0.7, 1e-5);
        assertEquals(two.lines().get(1).share().percent(), 20 / 0.7, 1e-5);
        FillingFormula one = two.without(0);
        assertEquals(one.lines().get(0).share().percent(), 100, 1e-5);
        assertEquals(one.without(0), one);
        assertThrows(NotThere.class, () -> three.without(3));
    }

    @DataProvider
    public Object[][] mostly() {
        return new Object[][] {
            {FillingKind.RED_MEAT, "lamb mince 40; cabbage, shredded 60"},
            {FillingKind.SEAFOOD, "prawns 60; leeks 40"},
            {FillingKind.VEGETABLE, "cabbage, shredded 70; lamb mince 5; leeks 25"},
            {FillingKind.CHEESE, "feta 70; leeks 30"},
            {FillingKind.SWEET, "curd cheese 75; sugar 25"},
        };
    }

    @Test(dataProvider = "mostly")
    public void aFillingIsAboutItsMeatOrElseItsHeaviestPart(FillingKind kind, String lines) {
        FillingLine[] parts = Stream.of(lines.split("; "))
                .map(line ->
                        FillingLine.of(line.replaceAll(" \\d+$", ""), Double.parseDouble(line.replaceAll(".* ", ""))))
                .toArray(FillingLine[]::new);
        assertEquals(FillingKind.mostly(FillingFormula.of(parts)), kind);
    }

    @Test
    public void stockCoolsInTimeOnlyInAColdEnoughFridge() {
        assertTrue(Aspic.TRAY.meetsTheCoolingRule(Temperature.ofCelsius(80)));
        assertTrue(Aspic.TRAY.meetsTheCoolingRule(Temperature.ofCelsius(4)));
        Aspic deep = new Aspic(Length.ofMillimetres(90), 1, Aspic.TRAY.fridge());
        assertFalse(deep.meetsTheCoolingRule(Temperature.ofCelsius(80)));
        Aspic warm = new Aspic(Aspic.TRAY.depth(), 2, Temperature.ofCelsius(5));
        assertFalse(warm.meetsTheCoolingRule(Temperature.ofCelsius(80)));
        // Cooling from 85 to 12 °C at 4 °C takes ln(81/8) time constants; from 12 to 12 none.
        Temperature hot = Temperature.ofCelsius(85);
        Temperature set = Temperature.ofCelsius(12);
        double ratio = (double) Aspic.TRAY.cools(hot, set).toSeconds()
                / Aspic.TRAY.cools(hot, Temperature.ofCelsius(21)).toSeconds();
        double fridge = Aspic.TRAY.fridge().celsius();
        assertEquals(ratio, Math.log((85 - fridge) / (12 - fridge)) / Math.log((85 - fridge) / (21 - fridge)), 1e-3);
        assertEquals(Aspic.TRAY.cools(set, set).toSeconds(), 0);
        assertThrows(Refused.class, () -> Aspic.TRAY.cools(set, hot));
        assertThrows(Refused.class, () -> Aspic.TRAY.cools(hot, Aspic.TRAY.fridge()));
        assertEquals(
                Aspic.reducedTo(Mass.ofGrams(600), Percentage.of(2), Percentage.of(6))
                        .grams(),
                200,
                1e-6);
        assertEquals(
                Aspic.reducedTo(Mass.ofGrams(600), Percentage.of(6), Percentage.of(6))
                        .grams(),
                600,
                1e-6);
        assertThrows(Refused.class, () -> Aspic.reducedTo(Mass.ofGrams(1), Percentage.of(7), Percentage.of(6)));
    }
}
