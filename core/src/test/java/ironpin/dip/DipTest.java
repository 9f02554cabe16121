package ironpin.dip;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.refusal.Refused;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DipTest {
    @DataProvider
    public Object[][] dips() {
        return Dips.all().stream()
                .filter(dip -> !dip.parts().isEmpty())
                .map(dip -> new Object[] {dip})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "dips")
    public void everyEaterGetsTheSameAndRatiosHold(Dip dip) {
        List<Dip.Measure> one = dip.forEaters(1);
        double each = one.stream().mapToDouble(Dip.Measure::millilitres).sum();
        assertTrue(each >= 15 && each <= 20, "15 to 20 ml a head, not " + each);
        for (int eaters : new int[] {0, 2, 7, 200}) {
            List<Dip.Measure> all = dip.forEaters(eaters);
            for (int i = 0; i < one.size(); i++) {
                assertEquals(all.get(i).ingredient(), one.get(i).ingredient());
                assertEquals(all.get(i).millilitres(), eaters * one.get(i).millilitres(), 1e-9);
            }
        }
    }

    @Test
    public void sharpSoyIsThreeToTwoToAHalf() {
        List<Dip.Measure> dip = Dips.SHARP_SOY.forEaters(11);
        assertEquals(dip.get(0).millilitres() / dip.get(1).millilitres(), 1.5, 1e-9);
        assertEquals(dip.get(1).millilitres() / dip.get(2).millilitres(), 4, 1e-9);
        assertEquals(dip.get(0).millilitres(), 108, 1e-9);
    }

    /** A line is added, changed, named and left out, and where there is none it is refused. */
    @Test
    public void linesAreWritten() {
        Dip dip = Dips.SHARP_SOY.plus(new Dip.Part("honey", 0.25)).with(0, new Dip.Part("dark soy sauce", 1_000));
        assertEquals(dip.said(), "1000 dark soy sauce; 2 black rice vinegar; 0.5 ginger, in threads; 0.25 honey");
        assertEquals(dip.without(1).without(0).named(" Sweet ").said(), "0.5 ginger, in threads; 0.25 honey");
        assertEquals(dip.named(" Sweet ").name(), "Sweet");
        for (int index : new int[] {-1, 4}) {
            assertThrows(RuntimeException.class, () -> dip.without(index));
            assertThrows(RuntimeException.class, () -> dip.with(index, new Dip.Part("salt", 1)));
        }
        for (double parts : new double[] {0, 1_000.1, Double.NaN}) {
            assertThrows(Refused.class, () -> new Dip.Part("salt", parts));
        }
        Dip.Part part = new Dip.Part("salt", 1);
        assertThrows(Refused.class, () -> new Dip.Part(" ", 1));
        assertThrows(Refused.class, () -> new Dip.Part("s".repeat(61), 1));
        assertThrows(Refused.class, () -> dip.named(""));
        assertThrows(Refused.class, () -> dip.named("s".repeat(61)));
        assertEquals(
                new Dip("s".repeat(60), Collections.nCopies(20, part)).parts().size(), 20);
        assertThrows(Refused.class, () -> new Dip("Long", Collections.nCopies(21, part)));
        assertTrue(Dips.NONE.forEaters(5).isEmpty());
        assertEquals(Dips.NONE.millilitres(5), 0.0);
        assertEquals(Dips.named("Mint yoghurt").orElseThrow(), Dips.MINT_YOGHURT);
        assertTrue(Dips.named("Nobody's").isEmpty());
    }

    /** Honey is 1.4 times as heavy as water, and what nobody knows is taken for water. */
    @Test
    public void gramsAndMillilitresBelongTogether() {
        for (String name : List.of("honey", "vegetable oil", "mystery sauce")) {
            Dip.Part part = Dip.ofGrams(name, 40);
            assertEquals(new Dip.Measure(name, part.parts()).mass().grams(), 40, 0.1, name);
        }
        assertTrue(Dip.ofGrams("honey", 40).parts() < 32
                && Dip.ofGrams("vegetable oil", 40).parts() > 41);
        assertEquals(Dip.ofGrams("mystery sauce", 40).parts(), 40.0);
        assertEquals(Dip.ofGrams("mystery sauce", 0.001).parts(), 0.1);
        assertEquals(Dip.ofGrams("mystery sauce", 5_000).parts(), 1_000.0);
    }
}
