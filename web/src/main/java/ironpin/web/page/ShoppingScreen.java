package ironpin.web.page;

import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.shopping.Aisle;
import ironpin.shopping.ShoppingItem;
import ironpin.store.ShoppingStore;
import ironpin.store.StoredBatch;
import ironpin.web.picture.Say;
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
 * @param refused a value that was not taken
 */
public record ShoppingScreen(
        StoredBatch stored,
        List<ShoppingItem> items,
        Map<String, ShoppingStore.Said> said,
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
     */
    public record Row(ShoppingItem item, int no, Mass have, boolean inBasket, String typed, String error) {
        public String key() {
            return item.key();
        }

        public String name() {
            return item.name();
        }

        /** What the plan needs, in words. */
        public String needed() {
            return item.packs().map(packs -> Say.count(packs, "pack", "packs")).orElseGet(() -> fine(item.needed()));
        }

        /** What is left to buy, in words. */
        public String buy() {
            if (done()) {
                return "enough";
            }
            return item.packs()
                    .map(packs -> Say.count(packs, "pack", "packs"))
                    .orElseGet(() -> Say.grams(item.toBuy(have).grams()));
        }

        /** Whether there is enough at home. */
        public boolean done() {
            return item.toBuy(have).isZero();
        }

        private static String fine(Mass mass) {
            return mass.grams() < 20 ? Say.fineGrams(mass.grams()) : Say.grams(mass.grams());
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
        Optional<FieldError> mine = refused.filter(error -> error.field().equals(item.key()));
        String shown = known.have().isZero()
                ? "0"
                : Quoted.number(Dimension.MASS, known.have().grams(), 0);
        return new Row(
                item,
                no,
                known.have(),
                known.inBasket(),
                mine.map(FieldError::typed).orElse(shown),
                mine.map(FieldError::message).orElse(""));
    }
}
