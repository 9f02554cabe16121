package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.time.Duration;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HeatUpTest {
    private static final Spell BOIL =
            Spell.of(Fire.BOIL, Duration.ofMinutes(6), Flame.HIGH).covered();

    private static Vessel pot(double litres, double watts) {
        return Vessel.of(VesselKind.POT, Length.ofMillimetres(260), 1, watts).withWater(Mass.ofGrams(litres * 1_000));
    }

    @DataProvider
    public Object[][] pots() {
        return new Object[][] {{4, 1_500}, {2, 1_500}, {6, 2_200}, {1.5, 800}};
    }

    /** The same pot under the cook's clock, second by second, boils when it is said to. */
    @Test(dataProvider = "pots")
    public void aPotBoilsWhenItIsSaidTo(double litres, double watts) {
        Vessel pot = pot(litres, watts);
        PotWater water = new PotWater(pot, Medium.TAP);
        water.begin(BOIL);
        int seconds = 0;
        while (water.celsius(true) < Medium.BOILS && seconds < 7_200) {
            water.advance(1, 0);
            seconds++;
        }
        double said = HeatUp.of(pot, BOIL).toSeconds();
        assertTrue(said >= seconds - 10 && said <= seconds + 75, said + " s, not " + seconds);
    }

    /** Worked by hand: 1,500 J/K from 20 to 195 °C with 900 W less 2 W/K at half the way; 700 J/K to 165 °C with 800 W. */
    @Test
    public void platesAndPansAreHotSooner() {
        Spell griddled = Spell.of(Fire.GRIDDLE, Duration.ofMinutes(3), Flame.MEDIUM);
        Spell fried = Spell.of(Fire.PAN, Duration.ofMinutes(3), Flame.MEDIUM);
        assertEquals(HeatUp.of(Vessel.usual(VesselKind.GRIDDLE), griddled), Duration.ofMinutes(7));
        assertEquals(HeatUp.of(Vessel.usual(VesselKind.PAN), fried), Duration.ofMinutes(3));
        assertEquals(HeatUp.of(Vessel.usual(VesselKind.PAN), fried.withCold(true)), Duration.ofMinutes(1));
        // A hob that hardly makes up for what is lost never gets there: it says the longest there is.
        assertEquals(HeatUp.of(pot(20, 100), BOIL), Duration.ofMinutes(Spell.LONGEST.toMinutes()));
    }
}
