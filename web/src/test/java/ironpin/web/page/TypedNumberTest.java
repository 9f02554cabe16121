package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TypedNumberTest {
    @DataProvider
    public Object[][] understood() {
        return new Object[][] {
            {"52", "%", 52.0},
            {"52.5", "%", 52.5},
            {"52,5", "%", 52.5},
            {" 52,5 % ", "%", 52.5},
            {"52%", "%", 52.0},
            {"+7", "", 7.0},
            {"-7", "", -7.0},
            {"620 g", "g", 620.0},
            {"1,200", "g", 1_200.0},
            {"1,030 g", "g", 1_030.0},
            {"12,500.5", "", 12_500.5},
            {"1,234,567", "", 1_234_567.0},
            {"0,125", "", 0.125},
            {"1,2345", "", 1.2345},
            {"620g", "g", 620.0},
            {"71 °C", "°C", 71.0},
            {"0.000001", "", 0.000001},
            {"999999999999", "", 999_999_999_999.0},
        };
    }

    @Test(dataProvider = "understood")
    public void aCooksNumberIsUnderstood(String typed, String unit, double value) {
        assertEquals(TypedNumber.read(typed, unit).orElseThrow(), value);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"", "g"},
            {" ", "g"},
            {"wet", "%"},
            {"52 %", "g"},
            {"52 52", "g"},
            {"1,09,0", "g"},
            {"1e9", "g"},
            {"0x10", ""},
            {"NaN", ""},
            {"Infinity", ""},
            {"9999999999999", ""},
            {"--5", ""},
            {"5-", ""},
            {"1.2.3", ""},
            {"½", ""},
            {"5 <script>", ""},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsNoNumber(String typed, String unit) {
        assertTrue(TypedNumber.read(typed, unit).isEmpty(), typed);
    }
}
