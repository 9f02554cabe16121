package ironpin.kit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.Test;

public class StoveTest {
    private static final Mass WATER = Mass.ofGrams(100);

    /** 100 g from 20 °C: 100·(2257 + 4.18·80) J = 259 kJ, in 216 s 1,200 W. */
    private static Burner boiledOff(Burner burner, int seconds) {
        return burner.tested(WATER, Duration.ofSeconds(seconds), Temperature.ofCelsius(20));
    }

    /** A first test takes the guess's place; then each counts as much as those before, up to four. */
    @Test
    public void testsAreAveraged() {
        Burner once = boiledOff(new Burner("left", 3_000, 0), 216);
        assertEquals(once.watts(), 1_200, 2);
        assertEquals(once.tests(), 1);
        Burner twice = boiledOff(once, 432);
        assertEquals(twice.watts(), 900, 2, "the mean of 1,200 and 600");
        Burner often = new Burner("left", 1_000, 50);
        assertEquals(boiledOff(often, 432).watts(), 900, 2, "three parts of 1,000 and one of 600");
        assertEquals(boiledOff(often, 432).tests(), 51);
        assertThrows(Refused.class, () -> boiledOff(often, 42));
        assertThrows(Refused.class, () -> boiledOff(often, 2_700));
    }

    @Test
    public void namesAndCountsAreBounded() {
        for (double watts : new double[] {99, 6_001, Double.NaN}) {
            assertThrows(Refused.class, () -> new Burner("left", watts, 0));
        }
        for (double watts : new double[] {100, 6_000}) {
            assertEquals(new Burner("b".repeat(40), watts, 0).watts(), watts);
        }
        Vessel pot = Vessel.usual(VesselKind.POT);
        for (String name : List.of(" ", "n".repeat(41))) {
            assertThrows(Refused.class, () -> new Burner(name, 1_000, 0));
            assertThrows(Refused.class, () -> new OwnVessel(name, pot));
        }
        Burner burner = new Burner("left", 1_000, 0);
        OwnVessel own = new OwnVessel("n".repeat(40), pot);
        assertEquals(
                new Stove(Collections.nCopies(8, burner), Collections.nCopies(30, own))
                        .vessels()
                        .size(),
                30);
        assertEquals(new Stove(List.of(burner), List.of()).burners(), List.of(burner));
        assertThrows(Refused.class, () -> new Stove(List.of(), List.of()));
        assertThrows(Refused.class, () -> new Stove(Collections.nCopies(9, burner), List.of()));
        assertThrows(Refused.class, () -> new Stove(List.of(burner), Collections.nCopies(31, own)));
    }
}
