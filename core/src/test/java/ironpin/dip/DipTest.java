package ironpin.dip;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

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
}
