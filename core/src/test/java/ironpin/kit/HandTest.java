package ironpin.kit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.quantity.Mass;
import ironpin.shopping.ShoppingItem;
import ironpin.shopping.ShoppingList;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.Random;
import org.testng.annotations.Test;

public class HandTest {
    /** A simulated cook with a liking of their own: it is found, and the stated range holds it about as often as it says. */
    @Test
    public void theLikingOfSaltIsFoundAndItsRangeIsHonest() {
        Random random = new Random(5);
        int held = 0;
        int cooks = 400;
        for (int i = 0; i < cooks; i++) {
            double likes = 1.2 + 0.12 * random.nextGaussian();
            Hand hand = Hand.UNKNOWN;
            for (int patty = 0; patty < 8; patty++) {
                double made = hand.salt().mean();
                double felt = likes + 0.1 * random.nextGaussian();
                PattyVerdict verdict = felt > made + 0.1
                        ? PattyVerdict.BLAND
                        : felt < made - 0.1 ? PattyVerdict.SALTY : PattyVerdict.RIGHT;
                hand = hand.tasted(verdict, made);
            }
            assertEquals(hand.salt().lessons(), 8);
            held += likes >= hand.salt().low() && likes <= hand.salt().high() ? 1 : 0;
        }
        assertTrue(held > 0.75 * cooks, "held " + held + " of " + cooks);
    }

    @Test
    public void aDryPattySaysNothingAboutSalt() {
        assertEquals(Hand.UNKNOWN.tasted(PattyVerdict.DRY, 0.7), Hand.UNKNOWN);
    }

    @Test
    public void whatIsWeighedMovesWhatIsBought() {
        assertEquals(Hand.UNKNOWN.left("carrot", Treatment.SALT).mean(), 65, 1e-9);
        assertEquals(
                Hand.UNKNOWN.raw("carrot", Treatment.SALT, Mass.ofGrams(130)).grams(), 200, 1e-6);
        Hand hand = Hand.UNKNOWN;
        double before = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 6; i++) {
            hand = hand.weighed("carrot", Treatment.SALT, Mass.ofGrams(400), Mass.ofGrams(200));
            double now = hand.left("carrot", Treatment.SALT).mean();
            assertTrue(now < before && now > 50, "towards 50: " + now);
            before = now;
        }
        assertEquals(before, 50, 5);
        assertEquals(hand.left("cabbage", Treatment.SALT).mean(), 65, 1e-9);
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "S", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        double usual = carrot(ShoppingList.of(batch, Balancer.solve(batch)));
        double own = carrot(ShoppingList.of(batch, Balancer.solve(batch), hand));
        assertEquals(own / usual, 65 / before, 1e-6);
    }

    private static double carrot(ShoppingList list) {
        return list.items().stream()
                .filter(item -> item.key().equals("carrots"))
                .map(ShoppingItem::needed)
                .findFirst()
                .orElseThrow()
                .grams();
    }
}
