package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.FOLD_LESSON;
import static ironpin.store.db.Tables.OUTCOME;
import static ironpin.store.db.Tables.TOLD;
import static ironpin.store.db.Tables.TOLD_LOT;
import static ironpin.store.db.Tables.TOLD_WORD;

import ironpin.batch.Batch;
import ironpin.book.Answers.Judged;
import ironpin.book.Outcome;
import ironpin.book.Told;
import ironpin.quantity.Mass;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.ToldLotRecord;
import ironpin.store.db.tables.records.ToldWordRecord;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;

/**
 * Finds past batches by their words. Every word of a batch is a row, so that the database's own index answers for the beginnings of words
 * too; what is written with a verdict is written with it, and what is older is caught up with before the first search.
 */
public final class StoryStore {
    private static final int AT_ONCE = 200;
    private static final int MOST_WORDS = 8;

    /** So many are asked for by number; of more all are read. */
    private static final int FEW = 500;

    private final Cupboard cupboard;

    /** A page of what was found. @param count of all */
    public record Found(List<Long> ids, int count) {}

    public StoryStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** Past batches in which all these words stand, or words that begin so; the latest served first. */
    public Found find(String text, int offset, int limit, Instant now) {
        catchUp(now);
        List<String> words =
                Told.split(text).stream().distinct().limit(MOST_WORDS).toList();
        return cupboard.read(dsl -> find(dsl, words, offset, limit));
    }

    private static Found find(DSLContext dsl, List<String> words, int offset, int limit) {
        // The rarest word first: what the others are asked about is little then.
        List<Condition> rarest = words.stream()
                .map(StoryStore::begins)
                .sorted(Comparator.comparingInt(word -> dsl.fetchCount(TOLD_WORD, word)))
                .toList();
        if (rarest.isEmpty()) {
            return new Found(List.of(), 0);
        }
        Set<Long> ids = new HashSet<>(with(dsl, rarest.get(0)));
        for (Condition word : rarest.subList(1, rarest.size())) {
            ids.retainAll(ids.size() <= FEW ? with(dsl, word.and(TOLD_WORD.BATCH_ID.in(ids))) : with(dsl, word));
        }
        Condition found = ids.size() <= FEW ? TOLD.BATCH_ID.in(ids) : DSL.noCondition();
        List<Long> order = dsl
                .select(TOLD.BATCH_ID)
                .from(TOLD)
                .join(BATCH)
                .on(BATCH.ID.eq(TOLD.BATCH_ID))
                .where(BATCH.STATUS.eq(Status.DONE.name()), found)
                .orderBy(TOLD.SERVED.desc(), TOLD.BATCH_ID.desc())
                .fetch(TOLD.BATCH_ID)
                .stream()
                .filter(ids::contains)
                .toList();
        return new Found(order.stream().skip(offset).limit(limit).toList(), order.size());
    }

    private static Condition begins(String word) {
        return TOLD_WORD.WORD.ge(word).and(TOLD_WORD.WORD.lt(word + Character.MAX_VALUE));
    }

    private static Set<Long> with(DSLContext dsl, Condition which) {
        return dsl.select(TOLD_WORD.BATCH_ID).from(TOLD_WORD).where(which).fetchSet(TOLD_WORD.BATCH_ID);
    }

    /** Every judged lot of the Book, as far as it is counted. */
    public List<Judged> judged(Instant now) {
        catchUp(now);
        return cupboard.remembered(
                new Question(Set.of(OUTCOME, TOLD_LOT, FOLD_LESSON), "judged", 0),
                dsl -> List.copyOf(dsl.select()
                        .from(OUTCOME)
                        .join(TOLD_LOT)
                        .on(TOLD_LOT.BATCH_ID.eq(OUTCOME.BATCH_ID), TOLD_LOT.LOT_NO.eq(OUTCOME.LOT_NO))
                        .leftJoin(FOLD_LESSON)
                        .on(FOLD_LESSON.BATCH_ID.eq(OUTCOME.BATCH_ID), FOLD_LESSON.LOT_NO.eq(OUTCOME.LOT_NO))
                        .orderBy(OUTCOME.RECORDED_AT, OUTCOME.BATCH_ID, OUTCOME.LOT_NO)
                        .fetch(row -> new Judged(
                                row.get(TOLD_LOT.FOLD),
                                row.get(TOLD_LOT.FILLING),
                                row.get(TOLD_LOT.COOKED),
                                row.get(OUTCOME.MADE),
                                row.get(OUTCOME.BURST),
                                new Mass(row.get(OUTCOME.DOUGH_LEFT_UG)).grams(),
                                new Mass(row.get(OUTCOME.FILLING_LEFT_UG)).grams(),
                                Optional.ofNullable(row.get(FOLD_LESSON.SECONDS_MS))
                                        .map(millis -> millis / 1_000.0)))));
    }

    private void catchUp(Instant now) {
        List<Long> missing = missing();
        while (!missing.isEmpty()) {
            List<Long> some = missing;
            cupboard.write(dsl -> {
                some.forEach(id -> tell(dsl, id, now));
                return some.size();
            });
            missing = missing();
        }
    }

    private List<Long> missing() {
        return cupboard.read(dsl -> dsl.select(BATCH.ID)
                .from(BATCH)
                .leftJoin(TOLD)
                .on(TOLD.BATCH_ID.eq(BATCH.ID))
                .where(BATCH.STATUS.eq(Status.DONE.name()), TOLD.BATCH_ID.isNull())
                .limit(AT_ONCE)
                .fetch(BATCH.ID));
    }

    /** Its words, over what they were. */
    static void tell(DSLContext dsl, long batchId, Instant now) {
        int revision = dsl.select(BATCH.CURRENT_REVISION)
                .from(BATCH)
                .where(BATCH.ID.eq(batchId))
                .fetchSingle()
                .value1();
        Batch batch = Revisions.load(dsl, batchId, revision);
        List<Outcome> outcomes =
                dsl.selectFrom(OUTCOME).where(OUTCOME.BATCH_ID.eq(batchId)).fetch(BookStore::entry).stream()
                        .map(BookEntry::outcome)
                        .toList();
        Set<String> words = Told.words(batch, outcomes);
        dsl.deleteFrom(TOLD_WORD).where(TOLD_WORD.BATCH_ID.eq(batchId)).execute();
        dsl.batchInsert(words.stream()
                        .map(word -> new ToldWordRecord(word, batchId))
                        .toList())
                .execute();
        dsl.deleteFrom(TOLD_LOT).where(TOLD_LOT.BATCH_ID.eq(batchId)).execute();
        dsl.batchInsert(batch.lots().stream()
                        .map(lot -> new ToldLotRecord(
                                batchId,
                                lot.no(),
                                lot.fold().label(),
                                batch.filling(lot.fillingNo()).name(),
                                lot.method().done()))
                        .toList())
                .execute();
        dsl.deleteFrom(TOLD).where(TOLD.BATCH_ID.eq(batchId)).execute();
        dsl.insertInto(TOLD)
                .columns(TOLD.BATCH_ID, TOLD.TOLD_AT, TOLD.SERVED)
                .values(batchId, Times.kept(now), batch.serving())
                .execute();
    }
}
