package ironpin.quantity;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DecimalTest {
    @DataProvider
    public Object[][] written() {
        return new Object[][] {
            {1_090.909, 1, "1,090.9", "1090.9", "1090.9"},
            {1_090.0, 1, "1,090.0", "1090.0", "1090"},
            {0.05, 1, "0.1", "0.1", "0.1"},
            {-0.04, 1, "0.0", "0.0", "0"},
            {-1_234.5, 0, "-1,235", "-1235", "-1235"},
            {999_999.96, 1, "1,000,000.0", "1000000.0", "1000000"},
            {12.0305, 3, "12.031", "12.031", "12.031"},
            {7, 2, "7.00", "7.00", "7"},
            {100, 0, "100", "100", "100"},
            {0.0101, 3, "0.010", "0.010", "0.01"},
        };
    }

    @Test(dataProvider = "written")
    public void numbersAreWrittenAsInABook(double value, int decimals, String grouped, String fixed, String trimmed) {
        assertEquals(Decimal.grouped(value, decimals), grouped);
        assertEquals(Decimal.fixed(value, decimals), fixed);
        assertEquals(Decimal.trimmed(value, decimals), trimmed);
    }

    @Test
    public void theyAgreeWithTheJdk() {
        Random random = new Random(51);
        DecimalFormat[] jdk = new DecimalFormat[5];
        for (int decimals = 0; decimals < jdk.length; decimals++) {
            jdk[decimals] = new DecimalFormat(
                    "#,##0" + (decimals == 0 ? "" : "." + "0".repeat(decimals)),
                    DecimalFormatSymbols.getInstance(Locale.ROOT));
        }
        for (int i = 0; i < 20_000; i++) {
            int decimals = random.nextInt(5);
            // Values on a grid ten times finer, away from ties, so that half up and half even agree.
            double grid = Math.pow(10, decimals + 1);
            long steps = random.nextInt(2_000_000_000);
            double value = (steps - Math.floorMod(steps, 10) + 1 + random.nextInt(3)) / grid;
            assertEquals(Decimal.grouped(value, decimals), jdk[decimals].format(value));
            BigDecimal exact = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
            assertEquals(Decimal.fixed(value, decimals), exact.toPlainString());
            assertEquals(new BigDecimal(Decimal.trimmed(value, decimals)).compareTo(exact), 0);
        }
    }

    @Test
    public void whatIsNoNumberIsStillWritten() {
        assertEquals(Decimal.fixed(Double.NaN, 1), "NaN");
        assertEquals(Decimal.grouped(Double.NEGATIVE_INFINITY, 1), "-Infinity");
        assertEquals(Decimal.fixed(1e15, 1), "1.0E15");
    }
}
