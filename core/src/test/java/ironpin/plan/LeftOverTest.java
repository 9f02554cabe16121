package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Whatever is offered against leftovers leaves less over, and what must be bought comes last. */
public class LeftOverTest {
    private static Batch held(double flour, double filling) {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "S", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        batch = Pins.move(batch, 1, Pin.BOTH);
        return FillingField.FILLING.write(
                DoughField.FLOUR.write(batch, Address.dough(1), flour), Address.filling(1), filling);
    }

    private static double over(Balance balance) {
        return balance.dough(1).left().grams() + balance.filling(1).left().grams();
    }

    @Test
    public void everyIdeaThatIsOfferedHelps() {
        Random random = new Random(23);
        int offered = 0;
        for (int i = 0; i < 300; i++) {
            Batch batch = held(60 + random.nextInt(600), 60 + random.nextInt(1_200));
            Balance balance = Balancer.solve(batch);
            List<Fix> fixes = balance.dough(1).left().grams() > 1
                    ? LeftOver.ofDough(batch, balance.dough(1))
                    : LeftOver.ofFilling(batch, balance.filling(1));
            for (Fix fix : fixes) {
                assertTrue(over(Balancer.solve(fix.applyTo(batch))) < over(balance) - 1, fix + " in " + balance);
                offered++;
            }
        }
        assertTrue(offered > 200, "only " + offered);
    }

    @Test
    public void tooMuchDoughIsWeighedLessBeforeAnythingIsBought() {
        Batch batch = held(800, 200);
        List<Fix> fixes = LeftOver.ofDough(batch, Balancer.solve(batch).dough(1));
        assertEquals(fixes.get(0).number().field(), DoughField.FLOUR);
        assertTrue(fixes.get(0).value() < 800, fixes.toString());
        assertEquals(fixes.get(1).number().field(), FillingField.FILLING);
        assertTrue(fixes.get(1).value() > 200, fixes.toString());
        Balance after = Balancer.solve(fixes.get(0).applyTo(batch));
        assertTrue(after.dough(1).left().grams() < 15, after.toString());
    }

    /** What stays in the bowl is not spoken of; a gram and more is. */
    @Test
    public void aGramIsWorthNaming() {
        assertFalse(LeftOver.worthNaming(Mass.ofGrams(0.99)));
        assertTrue(LeftOver.worthNaming(Mass.ofGrams(1)));
    }
}
