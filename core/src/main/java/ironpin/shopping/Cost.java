package ironpin.shopping;

import ironpin.pantry.Price;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the things on a list cost, as far as prices are known: what the plan uses, not what is left in a pack.
 *
 * @param sum of everything whose price is known, in the cook's own money
 * @param priced how many things have a price
 * @param items how many things there are
 */
public record Cost(double sum, int priced, int items) {
    /** @param prices for a kilogram, or for a pack of what comes in packs, by the item's key */
    public static Cost of(List<ShoppingItem> items, Map<String, Price> prices) {
        double sum = 0;
        int priced = 0;
        for (ShoppingItem item : items) {
            Optional<Price> price = Optional.ofNullable(prices.get(item.key()));
            if (price.isPresent()) {
                priced++;
                sum += item.packs().isPresent()
                        ? item.packs().get() * price.get().perKilogram()
                        : price.get().of(item.needed());
            }
        }
        return new Cost(sum, priced, items.size());
    }

    /** Whether nothing is missing. */
    public boolean whole() {
        return priced == items;
    }

    /** For one of so many pieces. @param pieces 1 or more */
    public double perPiece(int pieces) {
        return sum / pieces;
    }
}
