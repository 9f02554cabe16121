package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.amount.UnreadableAmount;
import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Dimension;
import ironpin.quantity.UnitSystem;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TypedValueTest {
    private static Optional<TypedValue> read(String text, Dimension dimension, UnitSystem units) {
        return TypedValue.read(
                text,
                "%",
                Optional.ofNullable(dimension),
                units,
                Optional.of(Foods.get("flour-plain")),
                CupStandard.METRIC);
    }

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"620", Dimension.MASS, UnitSystem.METRIC, 620.0},
            {"620 g", Dimension.MASS, UnitSystem.METRIC, 620.0},
            {"620,5", Dimension.MASS, UnitSystem.METRIC, 620.5},
            {"2", Dimension.MASS, UnitSystem.US, 56.69904625},
            {"2 oz", Dimension.MASS, UnitSystem.METRIC, 56.69904625},
            {"2 oz", Dimension.MASS, UnitSystem.US, 56.69904625},
            {"50 g", Dimension.MASS, UnitSystem.US, 50.0},
            {"1 cup", Dimension.MASS, UnitSystem.US, 250 * 0.51},
            {"half a pound", Dimension.MASS, UnitSystem.METRIC, 226.796185},
            {"96", Dimension.TEMPERATURE, UnitSystem.METRIC, 96.0},
            {"212", Dimension.TEMPERATURE, UnitSystem.US, 100.0},
            {"212 °F", Dimension.TEMPERATURE, UnitSystem.METRIC, 100.0},
            {"212F", Dimension.TEMPERATURE, UnitSystem.METRIC, 100.0},
            {"35 °C", Dimension.TEMPERATURE, UnitSystem.US, 35.0},
            {"102", Dimension.LENGTH, UnitSystem.METRIC, 102.0},
            {"10 cm", Dimension.LENGTH, UnitSystem.METRIC, 100.0},
            {"4", Dimension.LENGTH, UnitSystem.US, 101.6},
            {"4 in", Dimension.LENGTH, UnitSystem.METRIC, 101.6},
            {"4\"", Dimension.LENGTH, UnitSystem.METRIC, 101.6},
            {"95 mm", Dimension.LENGTH, UnitSystem.US, 95.0},
            {"52,5 %", null, UnitSystem.US, 52.5},
        };
    }

    @Test(dataProvider = "typed")
    public void whatIsTypedIsReadInItsUnits(String text, Dimension dimension, UnitSystem units, double metric) {
        assertEquals(read(text, dimension, units).orElseThrow().metric(), metric, 1e-4);
    }

    @Test
    public void onlyWordsAreToldHowTheyWereRead() {
        assertTrue(read("620", Dimension.MASS, UnitSystem.METRIC)
                .orElseThrow()
                .reading()
                .isEmpty());
        assertTrue(read("620 g", Dimension.MASS, UnitSystem.US)
                .orElseThrow()
                .reading()
                .isEmpty());
        assertEquals(
                read("2 cups", Dimension.MASS, UnitSystem.METRIC)
                        .orElseThrow()
                        .reading()
                        .orElseThrow()
                        .said(),
                "2 metric cups plain flour");
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"hot", Dimension.TEMPERATURE},
            {"96 g", Dimension.TEMPERATURE},
            {"wide", Dimension.LENGTH},
            {"10 °C", Dimension.LENGTH},
            {"10 g", null},
            {"", Dimension.LENGTH},
        };
    }

    @Test(dataProvider = "nonsense")
    public void whatIsNoNumberIsNotGuessed(String text, Dimension dimension) {
        assertTrue(read(text, dimension, UnitSystem.METRIC).isEmpty());
    }

    @Test
    public void aMassThatCannotBeReadSaysWhere() {
        assertThrows(UnreadableAmount.class, () -> read("flour", Dimension.MASS, UnitSystem.METRIC));
        assertThrows(UnreadableAmount.class, () -> read("", Dimension.MASS, UnitSystem.METRIC));
    }
}
