package ironpin.web.shopping;

import ironpin.household.Household;
import ironpin.pantry.Price;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.shopping.Aisle;
import ironpin.shopping.Cost;
import ironpin.shopping.ShoppingItem;
import ironpin.store.ShoppingStore;
import ironpin.store.StoredBatch;
import ironpin.web.numbers.OwnNumbers;
import ironpin.web.page.Eaten;
import ironpin.web.page.FieldError;
import ironpin.wording.Count;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The shopping for a batch as its page shows it.
 *
 * @param stored the batch
 * @param items what it needs
 * @param said what the cook said of them
 * @param prices for a kilogram or a pack, by the item's key
 * @param pieces of all lots
 * @param eaten what somebody must know before they eat of each lot
 * @param refused a value that was not taken
 */
public record ShoppingScreen(
        StoredBatch stored,
        List<ShoppingItem> items,
        Map<String, ShoppingStore.Said> said,
        Map<String, Price> prices,
        int pieces,
        List<Eaten> eaten,
        Optional<FieldError> refused) {
    /**
     * A line of the list.
     *
     * @param item what
     * @param no its place, for ids
     * @param have at home
     * @param inBasket whether it has been bought
     * @param typed what stands in its field
     * @param error what is allowed, if what was typed is not
     * @param price for a kilogram or a pack, as its field shows it
     * @param priceError what is allowed, if the price is not
     * @param cost of what is needed; empty without a price
     * @param allergens in it, as far as is known
     */
    public record Row(
            ShoppingItem item,
            int no,
            Mass have,
            boolean inBasket,
            Sentence typed,
            Sentence error,
            String price,
            Sentence priceError,
            String cost,
            String allergens) {
        public String key() {
            return item.key();
        }

        public String name() {
            return item.name();
        }

        /** What the plan needs, in words. */
        public Sentence needed() {
            return item.packs()
                    .map(packs -> Sentence.of(Count.of(packs, "pack", "packs")))
                    .orElseGet(() -> Household.weighed(item.name(), item.needed()));
        }

        /** What is left to buy, in words. */
        public Sentence buy() {
            if (done()) {
                return Sentence.of("enough");
            }
            return item.packs()
                    .map(packs -> Sentence.of(Count.of(packs, "pack", "packs")))
                    .orElseGet(() -> Quantity.grams(item.toBuy(have).grams()));
        }

        /** Whether there is enough at home. */
        public boolean done() {
            return item.toBuy(have).isZero();
        }
    }

    public long id() {
        return stored.id();
    }

    public String title() {
        return stored.batch().title();
    }

    /** Every line, by aisle. */
    public List<Row> rows() {
        return IntStream.range(0, items.size()).mapToObj(this::row).toList();
    }

    /** The aisles that something stands in. */
    public List<Aisle> aisles() {
        return Arrays.stream(Aisle.values())
                .filter(aisle -> items.stream().anyMatch(item -> item.aisle() == aisle))
                .toList();
    }

    /** The lines of one aisle. */
    public List<Row> in(Aisle aisle) {
        return rows().stream().filter(row -> row.item().aisle() == aisle).toList();
    }

    /** How many lines are neither at home nor in the basket. */
    public long open() {
        return rows().stream().filter(row -> !row.done() && !row.inBasket()).count();
    }

    private Row row(int no) {
        ShoppingItem item = items.get(no);
        ShoppingStore.Said known = said.getOrDefault(item.key(), ShoppingStore.Said.NOTHING);
        Optional<FieldError> mine = refused.filter(
                error -> error.field().equals(item.key()) && !error.of(item.key(), ShoppingController.PRICE));
        Optional<FieldError> priced = refused.filter(error -> error.of(item.key(), ShoppingController.PRICE));
        Sentence shown = known.have().isZero()
                ? Sentence.of("0")
                : Quantity.number(Dimension.MASS, known.have().grams(), 0);
        Optional<Price> price = Optional.ofNullable(prices.get(item.key()));
        return new Row(
                item,
                no,
                known.have(),
                known.inBasket(),
                mine.map(one -> Sentence.of(one.typed())).orElse(shown),
                mine.map(FieldError::message).orElse(Sentence.EMPTY),
                priced.map(FieldError::typed)
                        .orElse(price.map(one -> Decimal.trimmed(one.perKilogram(), 2))
                                .orElse("")),
                priced.map(FieldError::message).orElse(Sentence.EMPTY),
                price.isEmpty()
                        ? ""
                        : Decimal.fixed(Cost.of(List.of(item), prices).sum(), 2),
                item.allergens().said());
    }

    /** What it costs in all and for a piece, as far as prices are known. */
    public String costs(OwnNumbers numbers) {
        Cost cost = Cost.of(items, prices);
        if (cost.priced() == 0 || pieces == 0) {
            return "Write prices down, and the cost of a piece follows.";
        }
        String of = cost.whole() ? "" : " so far: " + cost.priced() + " of " + cost.items() + " have a price";
        return numbers.sum(Decimal.fixed(cost.sum(), 2)) + " in all, "
                + numbers.sum(Decimal.fixed(cost.perPiece(pieces), 2)) + " for each of "
                + pieces + " pieces" + of + ".";
    }
}
