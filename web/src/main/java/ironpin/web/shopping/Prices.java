package ironpin.web.shopping;

import ironpin.batch.Batch;
import ironpin.pantry.Flour;
import ironpin.pantry.Price;
import ironpin.plan.BatchPlan;
import ironpin.shopping.Cost;
import ironpin.shopping.ShoppingItem;
import ironpin.shopping.ShoppingList;
import ironpin.store.KitStore;
import ironpin.store.ShoppingStore;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** What things cost in this kitchen's shops. */
@Component
public class Prices {
    private final ShoppingStore shopping;
    private final KitStore kit;

    Prices(ShoppingStore shopping, KitStore kit) {
        this.shopping = shopping;
        this.kit = kit;
    }

    /** As written on a list, or for flours as written in the kit. */
    Map<String, Price> of(List<ShoppingItem> items) {
        Map<String, Price> prices = new HashMap<>(shopping.prices());
        for (Flour flour : kit.load().flours()) {
            flour.price().ifPresent(price -> prices.putIfAbsent(flour.name().toLowerCase(Locale.ROOT), price));
        }
        prices.keySet().retainAll(items.stream().map(ShoppingItem::key).toList());
        return prices;
    }

    /** What a piece of a batch costs by today's prices, in the house's money; absent where something in it has no price. */
    public OptionalDouble ofAPiece(Batch batch, BatchPlan plan) {
        List<ShoppingItem> items =
                ShoppingList.of(batch, plan.balance(), kit.load().hand()).items();
        Cost cost = Cost.of(items, of(items));
        int pieces = plan.balance().pieces();
        return cost.whole() && pieces > 0 ? OptionalDouble.of(cost.perPiece(pieces)) : OptionalDouble.empty();
    }
}
