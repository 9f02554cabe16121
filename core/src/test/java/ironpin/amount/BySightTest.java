package ironpin.amount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import java.util.Optional;
import org.testng.annotations.Test;

public class BySightTest {
    private static final Legend MINE = Legend.in("1 walnut = 31 g; glass = 180 ml");

    private static double grams(String text, String of, Legend own) {
        return new AmountReader(CupStandard.METRIC, own)
                .read(text, Optional.of(Foods.get(of)))
                .mass()
                .grams();
    }

    /** A walnut takes up 20 ml, and dough weighs 1.22 g in each. */
    @Test
    public void aSizeIsReadAndSaidTheSameWay() {
        assertEquals(grams("walnut-sized", "dough", Legend.NONE), 24.4, 0.1);
        assertEquals(grams("about the size of a walnut", "dough", Legend.NONE), 24.4, 0.1);
        assertEquals(BySight.of(24.4, 1.22, Legend.NONE), Optional.of("a walnut"));
        assertEquals(BySight.of(63, 1.22, Legend.NONE), Optional.of("an egg"));
        assertTrue(BySight.of(4_000, 1.22, Legend.NONE).isEmpty());
    }

    @Test
    public void theCooksOwnWalnutGoesBeforeTheUsualOne() {
        assertEquals(grams("walnut-sized ball", "dough", MINE), 31, 0.01);
        assertEquals(grams("2 walnut-sized pieces", "filling", MINE), 62, 0.01);
        assertEquals(grams("a glass", "water", MINE), 180, 0.5);
        assertEquals(BySight.of(31, 1.22, MINE), Optional.of("a walnut"));
        // What is usually a walnut is none of this cook's.
        assertFalse(BySight.of(21, 1.22, MINE).equals(Optional.of("a walnut")));
    }
}
