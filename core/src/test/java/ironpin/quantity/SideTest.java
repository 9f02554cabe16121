package ironpin.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import java.util.function.DoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A verdict and the figures that are printed beside it agree, in whichever units they are read. */
public class SideTest {
    @DataProvider
    Object[][] prints() {
        return new Object[][] {
            {"whole grams", (DoubleFunction<Sentence>) grams -> Quantity.mass(grams, 0), 0, 200.0},
            {"tenths of a gram", (DoubleFunction<Sentence>) grams -> Quantity.mass(grams, 1), 1, 100.0},
            {"tenths of a millimetre", (DoubleFunction<Sentence>) mm -> Quantity.length(mm, 1), 1, 5.0},
            {"whole millimetres", (DoubleFunction<Sentence>) mm -> Quantity.length(mm, 0), 0, 300.0},
            {"degrees", (DoubleFunction<Sentence>) celsius -> Quantity.celsius(celsius), 0, 100.0},
            {"per cent", (DoubleFunction<Sentence>) percent -> Sentence.of(Decimal.grouped(percent, 1)), 1, 100.0},
        };
    }

    @Test(dataProvider = "prints")
    public void theVerdictAgreesWithWhatIsPrinted(
            String what, DoubleFunction<Sentence> print, int decimals, double most) {
        Random random = new Random(8);
        for (int i = 0; i < 20_000; i++) {
            double low = random.nextDouble() * most;
            double high = low + random.nextDouble() * most / 10;
            double value = low + (random.nextDouble() * 1.4 - 0.2) * (high - low);
            Side side = Side.of(value, low, high, decimals);
            for (UnitSystem system : UnitSystem.values()) {
                double seen = number(print.apply(value).render(system));
                double least = number(print.apply(low).render(system));
                double greatest = number(print.apply(high).render(system));
                boolean agrees =
                        switch (side) {
                            case BELOW -> seen < least;
                            case WITHIN -> seen >= least && seen <= greatest;
                            case ABOVE -> seen > greatest;
                        };
                assertTrue(agrees, what + ": " + value + " " + side + " of " + low + " to " + high + " in " + system);
            }
        }
    }

    @Test
    public void whatIsPrintedLikeAnEdgeLiesOnIt() {
        assertEquals(Side.of(54.64, 46.6, 54.6, 1), Side.WITHIN);
        assertEquals(Side.of(54.66, 46.6, 54.6, 1), Side.ABOVE);
        assertEquals(Side.of(46.56, 46.6, 54.6, 1), Side.WITHIN);
        assertEquals(Side.of(46.54, 46.6, 54.6, 1), Side.BELOW);
    }

    private static double number(String said) {
        return Double.parseDouble(said.replaceAll("[^-\\d.]", ""));
    }
}
