package ironpin.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FloursTest {
    @DataProvider
    public Object[][] flours() {
        return new Object[][] {
            {"soft", FlourKind.WHEAT, 9.5},
            {"plain", FlourKind.WHEAT, 10.5},
            {"all-round", FlourKind.WHEAT, 11.5},
            {"strong", FlourKind.WHEAT, 12.5},
            {"wholemeal", FlourKind.WHOLEMEAL, 12.0},
            {"maize", FlourKind.MAIZE, 8.0},
            {"tapioca", FlourKind.STARCH, 0.2},
            {"wheat-starch", FlourKind.STARCH, 0.3},
        };
    }

    @Test(dataProvider = "flours")
    public void theCupboardHoldsThem(String key, FlourKind kind, double protein) {
        Flour flour = Flours.get(key);
        assertEquals(flour.kind(), kind);
        assertEquals(flour.protein(), Percentage.of(protein));
        assertTrue(!flour.name().isBlank());
        assertEquals(Flours.find(key).orElseThrow(), flour);
    }

    @Test
    public void whatIsNotThereIsSaid() {
        assertTrue(Flours.find("sawdust").isEmpty());
        assertThrows(IllegalArgumentException.class, () -> Flours.get("sawdust"));
        assertThrows(
                IllegalArgumentException.class, () -> Flour.labelled("x", "X", FlourKind.WHEAT, Percentage.of(26)));
        assertThrows(IllegalStateException.class, () -> CsvResource.rows(FloursTest.class, "nowhere.csv"));
    }
}
