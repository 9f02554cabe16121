package ironpin.dough;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Flours;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How wet a dough of its family lies when it is made of something else than usual. */
public class DoughBandTest {
    @DataProvider
    public Object[][] bands() {
        return new Object[][] {
            {DoughFamily.EGG, true, 0.0, 44, 54},
            {DoughFamily.EGG, false, 0.0, 34, 46},
            {DoughFamily.COLD_WATER, false, 0.5, 46, 54},
            {DoughFamily.CLEAR_STARCH, true, 0.0, 65, 95},
            {DoughFamily.CLEAR_STARCH, true, 0.65, 115, 165},
            {DoughFamily.CLEAR_STARCH, true, 1.0, 115, 165},
            // Half of 65 %: half the way from 65–95 to 115–165.
            {DoughFamily.CLEAR_STARCH, true, 0.325, 90, 130},
        };
    }

    @Test(dataProvider = "bands")
    public void theBandSlidesFromTapiocaToWheatStarch(
            DoughFamily family, boolean poured, double wheatStarch, int low, int high) {
        Band<Percentage> band = DoughBand.of(family, poured, wheatStarch);
        assertEquals(band.low().percent(), low, 1e-6);
        assertEquals(band.high().percent(), high, 1e-6);
    }

    @Test
    public void starchesAreToldApartByName() {
        long wheat = Flours.all().stream().filter(DoughBand::isWheatStarch).count();
        assertEquals(wheat, 1);
        assertTrue(Flours.all().stream().noneMatch(one -> DoughBand.isWheatStarch(one.withName("tapioca"))));
        assertEquals(
                Flours.all().stream()
                        .filter(one -> DoughBand.isWheatStarch(one.withName("wheat")))
                        .count(),
                Flours.all().stream()
                        .filter(one -> one.kind() == FlourKind.STARCH)
                        .count());
    }

    /** A twentieth of it nobody feels. */
    @Test
    public void aFlourThatNobodyKnowsIsNamedOnceItIsFelt() {
        Flour wheat = Flours.get("all-round");
        Flour rye = Flours.all().stream()
                .filter(one -> one.kind() == FlourKind.OTHER)
                .findFirst()
                .orElseThrow();
        assertEquals(StrangeFlour.in(Map.of(wheat, 95.0, rye, 5.0)), Optional.empty());
        assertEquals(StrangeFlour.in(Map.of(wheat, 94.0, rye, 6.0)), Optional.of(rye));
        assertEquals(StrangeFlour.in(Map.of(wheat, 100.0)), Optional.empty());
    }
}
