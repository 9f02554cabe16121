package ironpin.store;

import static ironpin.store.db.Tables.PRICE;
import static ironpin.store.db.Tables.SHOPPING;

import ironpin.pantry.Price;
import ironpin.quantity.Mass;
import ironpin.store.db.tables.records.PriceRecord;
import ironpin.store.db.tables.records.ShoppingRecord;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What a cook said of the shopping for a batch. */
public final class ShoppingStore {
    private static final int KEY_LENGTH = 100;

    private final Cupboard cupboard;

    public ShoppingStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * What is known of one item.
     *
     * @param have at home
     * @param inBasket whether it has been bought
     */
    public record Said(Mass have, boolean inBasket) {
        /** Nothing at home and nothing bought. */
        public static final Said NOTHING = new Said(Mass.ZERO, false);
    }

    /** What was said of each item, by its key. */
    public Map<String, Said> of(long batchId) {
        return cupboard.read(dsl -> dsl.selectFrom(SHOPPING)
                .where(SHOPPING.BATCH_ID.eq(batchId))
                .fetchMap(SHOPPING.ITEM, row -> new Said(new Mass(row.getHaveUg()), row.getInBasket())));
    }

    /** Prices that were written down, by the item's key. */
    public Map<String, Price> prices() {
        return cupboard.read(dsl -> dsl.selectFrom(PRICE).fetchMap(PRICE.ITEM, row -> new Price(row.getPriceMilli())));
    }

    /** Writes down what an item costs, or that it is not known. */
    public void price(String item, Optional<Price> price) {
        String key = item.length() <= KEY_LENGTH ? item : item.substring(0, KEY_LENGTH);
        cupboard.write(dsl -> price.map(one -> {
                    PriceRecord row = new PriceRecord(key, one.thousandths());
                    return dsl.insertInto(PRICE)
                            .set(row)
                            .onDuplicateKeyUpdate()
                            .set(row)
                            .execute();
                })
                .orElseGet(() -> dsl.deleteFrom(PRICE).where(PRICE.ITEM.eq(key)).execute()));
    }

    /** Changes what is said of an item, from what was said of it before. @throws NoSuchBatch if there is no such batch */
    public void change(long batchId, String item, UnaryOperator<Said> change) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, batchId);
            String key = item.length() <= KEY_LENGTH ? item : item.substring(0, KEY_LENGTH);
            ShoppingRecord before = dsl.fetchOne(SHOPPING, SHOPPING.BATCH_ID.eq(batchId), SHOPPING.ITEM.eq(key));
            Said said = change.apply(
                    before == null ? Said.NOTHING : new Said(new Mass(before.getHaveUg()), before.getInBasket()));
            ShoppingRecord row = new ShoppingRecord(batchId, key, said.have().micrograms(), said.inBasket());
            return dsl.insertInto(SHOPPING)
                    .set(row)
                    .onDuplicateKeyUpdate()
                    .set(row)
                    .execute();
        });
    }
}
