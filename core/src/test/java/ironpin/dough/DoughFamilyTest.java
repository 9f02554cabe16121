package ironpin.dough;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Band;
import java.time.Duration;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The families' bands, as practice has them. */
public class DoughFamilyTest {
    @DataProvider
    public Object[][] families() {
        return new Object[][] {
            {DoughFamily.COLD_WATER, 46, 54, 15, 30, 30, 60},
            {DoughFamily.WARM_WATER, 50, 56, 40, 60, 30, 90},
            {DoughFamily.PART_SCALDED, 48, 58, 85, 100, 15, 60},
            {DoughFamily.FULL_SCALD, 58, 68, 95, 100, 15, 30},
            {DoughFamily.EGG, 44, 54, 15, 30, 30, 90},
            {DoughFamily.SOFT_ENRICHED, 45, 58, 10, 25, 15, 30},
            {DoughFamily.WHOLEMEAL, 62, 75, 15, 45, 20, 30},
            {DoughFamily.OILED_SHEET, 48, 56, 30, 40, 30, 90},
            {DoughFamily.MAIZE, 130, 200, 35, 50, 10, 15},
            {DoughFamily.CLEAR_STARCH, 65, 95, 98, 100, 0, 0},
        };
    }

    @Test(dataProvider = "families")
    public void bandsAreThoseOfPractice(
            DoughFamily family, int dryest, int wettest, int coolest, int hottest, int least, int most) {
        assertEquals(family.hydration(), Band.percent(dryest, wettest));
        assertEquals(family.water(), Band.celsius(coolest, hottest));
        assertEquals(family.rest(), new Band<>(Duration.ofMinutes(least), Duration.ofMinutes(most)));
        assertEquals(family.onlyBoiling(), coolest >= 98);
        assertTrue(family.stretch() >= 0.10 && family.stretch() <= 0.35, family.stretch() + "");
    }

    @DataProvider
    public Object[][] waters() {
        return new Object[][] {
            {DoughAddition.WATER, 1.0},
            {DoughAddition.EGG, 0.75},
            {DoughAddition.YOLK, 0.50},
            {DoughAddition.MILK, 0.87},
            {DoughAddition.YOGHURT, 0.85},
            {DoughAddition.SOURED_CREAM, 0.72},
            {DoughAddition.BUTTER, 0.16},
            {DoughAddition.HONEY, 0.17},
            {DoughAddition.OIL, 0.0},
            {DoughAddition.LARD, 0.0},
            {DoughAddition.SALT, 0.0},
        };
    }

    @Test(dataProvider = "waters")
    public void additionsBringTheirWater(DoughAddition addition, double share) {
        assertEquals(addition.waterShare(), share);
    }
}
