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
            {"whole grams", (DoubleFunction<String>) grams -> Quantity.mass(grams, 0), 200.0},
            {"tenths of a gram", (DoubleFunction<String>) grams -> Quantity.mass(grams, 1), 100.0},
            {"tenths of a millimetre", (DoubleFunction<String>) mm -> Quantity.length(mm, 1), 5.0},
            {"whole millimetres", (DoubleFunction<String>) mm -> Quantity.length(mm, 0), 300.0},
            {"degrees", (DoubleFunction<String>) celsius -> Quantity.temperature(celsius), 100.0},
            {"per cent", (DoubleFunction<String>) percent -> Decimal.grouped(percent, 1), 100.0},
        };
    }

    @Test(dataProvider = "prints")
    public void theVerdictAgreesWithWhatIsPrinted(String what, DoubleFunction<String> print, double most) {
        Random random = new Random(8);
        for (int i = 0; i < 20_000; i++) {
            double low = random.nextDouble() * most;
            double high = low + random.nextDouble() * most / 10;
            double value = low + (random.nextDouble() * 1.4 - 0.2) * (high - low);
            Side side = Side.of(value, low, high, print);
            for (UnitSystem system : UnitSystem.values()) {
                double seen = number(system.say(print.apply(value)));
                double least = number(system.say(print.apply(low)));
                double greatest = number(system.say(print.apply(high)));
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
        DoubleFunction<String> print = percent -> Decimal.grouped(percent, 1);
        assertEquals(Side.of(54.64, 46.6, 54.6, print), Side.WITHIN);
        assertEquals(Side.of(54.66, 46.6, 54.6, print), Side.ABOVE);
        assertEquals(Side.of(46.56, 46.6, 54.6, print), Side.WITHIN);
        assertEquals(Side.of(46.54, 46.6, 54.6, print), Side.BELOW);
    }

    private static double number(String said) {
        return Double.parseDouble(said.replaceAll("[^-\\d.]", ""));
    }
}
