package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.List;
import java.util.Random;
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
            {FillingKind.RED_MEAT, 71, true},
            {FillingKind.POULTRY, 74, true},
            {FillingKind.SEAFOOD, 63, true},
            {FillingKind.EGG, 71, true},
            {FillingKind.VEGETABLE, 74, false},
            {FillingKind.CHEESE, 74, false},
            {FillingKind.PULSE, 74, false},
            {FillingKind.SWEET, 74, false},
        };
    }

    @Test(dataProvider = "cores")
    public void coreTemperaturesFollowPublicGuidance(FillingKind kind, double celsius, boolean raw) {
        assertEquals(kind.safeCore().celsius(), celsius);
        assertEquals(kind.raw(), raw);
        assertTrue(!kind.label().isBlank());
    }
}
