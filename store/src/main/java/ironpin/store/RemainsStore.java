package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.OUTCOME;
import static ironpin.store.db.Tables.USED_UP;

import ironpin.book.Remains;
import ironpin.quantity.Mass;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.UsedUpRecord;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;

/** What is left over of judged lots and not used yet. */
public final class RemainsStore {
    private static final int MOST = 12;

    private final Cupboard cupboard;

    public RemainsStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * Something that was left.
     *
     * @param batch which batch
     * @param lot which lot of it
     * @param what it is
     * @param left how much
     * @param since when it was written down
     */
    public record Lying(long batch, int lot, Remains.What what, Mass left, Instant since) {}

    /** The latest first. @param after nothing older is looked for */
    public List<Lying> lying(Instant after) {
        return cupboard
                .remembered(new Question(Set.of(OUTCOME, USED_UP, BATCH), "lying about", 0), RemainsStore::all)
                .stream()
                .filter(one -> one.since().isAfter(after))
                .toList();
    }

    private static List<Lying> all(DSLContext dsl) {
        Set<String> used = dsl.selectFrom(USED_UP).stream()
                .map(row -> key(row.getBatchId(), row.getLotNo(), Remains.What.valueOf(row.getWhat())))
                .collect(Collectors.toSet());
        long least = Remains.WORTH_KEEPING.micrograms();
        List<Lying> all = new ArrayList<>();
        dsl.selectFrom(OUTCOME)
                .where(OUTCOME.DOUGH_LEFT_UG.ge(least).or(OUTCOME.FILLING_LEFT_UG.ge(least)))
                .orderBy(OUTCOME.RECORDED_AT.desc(), OUTCOME.BATCH_ID.desc())
                .limit(MOST)
                .forEach(row -> {
                    Mass[] left = {new Mass(row.getDoughLeftUg()), new Mass(row.getFillingLeftUg())};
                    for (Remains.What what : Remains.What.values()) {
                        boolean worth = left[what.ordinal()].compareTo(Remains.WORTH_KEEPING) >= 0;
                        if (worth && !used.contains(key(row.getBatchId(), row.getLotNo(), what))) {
                            all.add(new Lying(
                                    row.getBatchId(),
                                    row.getLotNo(),
                                    what,
                                    left[what.ordinal()],
                                    Times.read(row.getRecordedAt())));
                        }
                    }
                });
        return List.copyOf(all);
    }

    private static String key(long batch, int lot, Remains.What what) {
        return batch + ":" + lot + ":" + what;
    }

    /** It is eaten, or thrown away. */
    public void used(long batch, int lot, Remains.What what, Instant now) {
        cupboard.write(dsl -> {
            UsedUpRecord row = new UsedUpRecord(batch, lot, what.name(), Times.kept(now));
            return dsl.insertInto(USED_UP)
                    .set(row)
                    .onDuplicateKeyUpdate()
                    .set(row)
                    .execute();
        });
    }
}
