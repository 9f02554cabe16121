package ironpin.store;

import static ironpin.store.db.Tables.CARD;

import ironpin.rehearsal.Card;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.CardRecord;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.impl.DSL;

/** How well each card is known. */
public final class CardStore {
    private final Cupboard cupboard;

    public CardStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * How well a card is known.
     *
     * @param box from 0
     * @param asked when it was last asked, as the number of that answer; 0 for never
     */
    public record Known(int box, long asked) {}

    /** Of every card. */
    public Map<Card, Known> all() {
        return cupboard.remembered(new Question(Set.of(CARD), "cards", 0), dsl -> {
            Map<Card, Known> all = new EnumMap<>(Card.class);
            for (Card card : Card.values()) {
                all.put(card, new Known(0, 0));
            }
            dsl.selectFrom(CARD)
                    .forEach(row -> all.put(Card.valueOf(row.getCardKey()), new Known(row.getBox(), row.getAskedAs())));
            return Map.copyOf(all);
        });
    }

    /** Answers given so far. */
    public long answers() {
        return all().values().stream().mapToLong(Known::asked).max().orElse(0);
    }

    /** The one to ask next: the longest overdue, where a card in box n waits 2ⁿ answers of others. */
    public Card next() {
        long now = answers();
        return all().entrySet().stream()
                .max(Comparator.<Map.Entry<Card, Known>>comparingLong(one -> now
                                - one.getValue().asked()
                                - (1L << one.getValue().box()))
                        .thenComparing(one -> -one.getKey().ordinal()))
                .orElseThrow()
                .getKey();
    }

    /** An answer. */
    public void answered(Card card, boolean right) {
        cupboard.write(dsl -> {
            long asked = dsl.select(DSL.coalesce(DSL.max(CARD.ASKED_AS), 0L))
                            .from(CARD)
                            .fetchSingle()
                            .value1()
                    + 1;
            int box = dsl.select(CARD.BOX)
                    .from(CARD)
                    .where(CARD.CARD_KEY.eq(card.name()))
                    .fetchOptional(CARD.BOX)
                    .orElse(0);
            CardRecord row = new CardRecord(card.name(), Card.after(box, right), asked);
            return dsl.insertInto(CARD).set(row).onDuplicateKeyUpdate().set(row).execute();
        });
    }

    /** Every card with its box, in their order. */
    public List<Integer> boxes() {
        Map<Card, Known> all = all();
        return List.of(Card.values()).stream().map(card -> all.get(card).box()).toList();
    }
}
