package ironpin.shopping;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.PackField;
import ironpin.pantry.Price;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

public class CostTest {
    @Test
    public void gramsAndPacksAreCountedEachTheirWay() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "S", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        // 28 pieces more in wrappers of 9 g, 30 in a pack: one pack.
        Batch wrapped = PackField.WRAPPED.write(batch, Address.filling(1), 28);
        List<ShoppingItem> items =
                ShoppingList.of(wrapped, Balancer.solve(wrapped)).items();
        Map<String, Price> prices = Map.of(
                "round wrappers, thick", Price.perKilogram(2.40), "all-round wheat flour", Price.perKilogram(1.20));
        Cost cost = Cost.of(items, prices);
        double flour = Balancer.solve(wrapped).dough(1).made().flour().grams();
        assertEquals(cost.sum(), 2.40 + 1.20 * flour / 1_000, 1e-6);
        assertEquals(cost.priced(), 2);
        assertFalse(cost.whole());
        assertEquals(cost.perPiece(100), cost.sum() / 100, 1e-12);
    }

    @Test
    public void everythingPricedCostsItsMass() {
        RandomBatches batches = new RandomBatches(17);
        for (int i = 0; i < 200; i++) {
            Batch batch = batches.next();
            List<ShoppingItem> items =
                    ShoppingList.of(batch, Balancer.solve(batch)).items();
            Map<String, Price> prices = new HashMap<>();
            items.forEach(item -> prices.put(item.key(), Price.perKilogram(1)));
            Cost cost = Cost.of(items, prices);
            double expected = items.stream()
                    .mapToDouble(item -> Optional.ofNullable(item.packs().orElse(null))
                            .map(Integer::doubleValue)
                            .orElse(item.needed().grams() / 1_000))
                    .sum();
            assertEquals(cost.sum(), expected, 1e-6);
            assertTrue(cost.whole());
        }
    }
}
