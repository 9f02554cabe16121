package ironpin.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

public class QuantityTest {
    @Test
    public void tenthsOfAGramAddUpExactly() {
        assertEquals(Mass.ofGrams(0.1).plus(Mass.ofGrams(0.2)), Mass.ofGrams(0.3));
        assertEquals(Mass.ofGrams(18).times(72), Mass.ofGrams(1_296));
    }

    @Test
    public void wholePiecesAndTheRestMakeTheMassAgain() {
        Random random = new Random(1);
        for (int i = 0; i < 10_000; i++) {
            Mass mass = Mass.ofGrams(random.nextDouble() * 5_000);
            Mass piece = Mass.ofGrams(0.5 + random.nextDouble() * 60);
            long n = mass.wholePieces(piece);
            Mass rest = mass.minus(piece.times(n));
            assertTrue(!rest.isNegative() && rest.compareTo(piece) < 0, mass + " by " + piece);
        }
    }

    @Test
    public void nonsenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Mass.ofGrams(Double.NaN));
        assertThrows(IllegalArgumentException.class, () -> Mass.ofGrams(1e10));
        assertThrows(IllegalArgumentException.class, () -> Temperature.ofCelsius(-300));
        assertThrows(IllegalArgumentException.class, () -> Length.ofMillimetres(-1));
        assertThrows(IllegalArgumentException.class, () -> Percentage.of(Double.POSITIVE_INFINITY));
        assertThrows(IllegalArgumentException.class, () -> Band.grams(2, 1));
        assertThrows(ArithmeticException.class, () -> Mass.ofGrams(1).dividedBy(0));
        assertThrows(IllegalArgumentException.class, () -> Mass.ofGrams(1).wholePieces(Mass.ZERO));
    }

    @Test
    public void temperaturesReadInBothScales() {
        assertEquals(Temperature.ofCelsius(71).fahrenheit(), 159.8, 1e-9);
        assertEquals(Temperature.ofCelsius(-40).fahrenheit(), -40, 1e-9);
    }

    @Test
    public void bandsHoldTheirEnds() {
        Band<Percentage> band = Band.percent(46, 54);
        assertTrue(band.contains(Percentage.of(46)) && band.contains(Percentage.of(54)));
        assertTrue(!band.contains(Percentage.of(45.999999)));
        assertEquals(band.clamp(Percentage.of(60)), Percentage.of(54));
        assertEquals(band.clamp(Percentage.of(50)), Percentage.of(50));
        assertEquals(band.clamp(Percentage.of(12)), Percentage.of(46));
        assertEquals(Band.celsius(24, 27), new Band<>(Temperature.ofCelsius(24), Temperature.ofCelsius(27)));
    }

    /** What a refusal says of a quantity has its unit. */
    @Test
    public void refusalsNameQuantitiesWithTheirUnits() {
        assertEquals(Mass.ofGrams(12.5).toString(), "12.5 g");
        assertEquals(Length.ofMillimetres(80).toString(), "80.0 mm");
        assertEquals(Percentage.of(50).toString(), "50.0 %");
        assertEquals(Temperature.ofCelsius(22).toString(), "22.0 °C");
    }

    @Test
    public void aFineMassIsSaidFiner() {
        assertEquals(Quantity.fineGrams(8.26).render(UnitSystem.METRIC), "8.3 g");
        assertEquals(Quantity.mm(102.4).render(UnitSystem.METRIC), "102 mm");
        assertEquals(Quantity.fineMm(1.13).render(UnitSystem.METRIC), "1.1 mm");
        assertEquals(Quantity.weighed(Mass.ofGrams(9.94)).render(UnitSystem.METRIC), "9.9 g");
        assertEquals(Quantity.weighed(Mass.ofGrams(1_234)).render(UnitSystem.METRIC), "1,234 g");
    }
}
