package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import ironpin.quantity.Mass;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OutcomeTest {
    private static Outcome of(int made, int burst, int leaked, int stuck, double dough, double filling, String note) {
        return new Outcome(
                made,
                burst,
                leaked,
                stuck,
                Mass.ofGrams(dough),
                Mass.ofGrams(filling),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.empty(),
                note);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {-1, 0, 0, 0, 0.0, 0.0, ""},
            {5_001, 0, 0, 0, 0.0, 0.0, ""},
            {10, 11, 0, 0, 0.0, 0.0, ""},
            {10, -1, 0, 0, 0.0, 0.0, ""},
            {10, 0, 11, 0, 0.0, 0.0, ""},
            {10, 0, 0, 11, 0.0, 0.0, ""},
            {10, 0, 0, 0, -0.1, 0.0, ""},
            {10, 0, 0, 0, 0.0, -0.1, ""},
            {10, 0, 0, 0, 0.0, 0.0, "x".repeat(2_001)},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefused(
            int made, int burst, int leaked, int stuck, double dough, double filling, String note) {
        assertThrows(IllegalArgumentException.class, () -> of(made, burst, leaked, stuck, dough, filling, note));
    }

    @Test
    public void sharesAreOfThePiecesMade() {
        assertEquals(of(60, 4, 1, 0, 0, 0, "").share(5), 5.0 / 60);
        assertEquals(of(0, 0, 0, 0, 0, 0, "").share(0), 0.0);
    }
}
