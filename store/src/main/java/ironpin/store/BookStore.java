package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.OUTCOME;

import ironpin.batch.Batch;
import ironpin.book.FillingVerdict;
import ironpin.book.Happened;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.BatchRecord;
import ironpin.store.db.tables.records.HeardRecord;
import ironpin.store.db.tables.records.OutcomeRecord;
import ironpin.wording.Typed;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What came of past lots. */
public final class BookStore {
    private final Cupboard cupboard;

    public BookStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * What came of a lot of a batch that comes from elsewhere.
     *
     * @param lotNo which lot
     * @param style of it
     * @param outcome what came of it
     * @param at when it was written down
     */
    public record Came(int lotNo, String style, Outcome outcome, Instant at) {}

    /**
     * What happened to it there, as its document tells it.
     *
     * @param at when
     * @param what kind of thing
     * @param said in a sentence
     */
    public record Heard(Instant at, Happened.What what, String said) {}

    /** Keeps a batch that comes from elsewhere with everything that was written of it, all or nothing. @return its number */
    public long bring(Batch batch, Optional<String> source, List<Came> outcomes, List<Heard> story, Instant now) {
        return cupboard.write(dsl -> {
            long id = BatchStore.createWithin(dsl, batch, "imported", source, now);
            for (int i = 0; i < story.size(); i++) {
                Heard one = story.get(i);
                dsl.executeInsert(
                        new HeardRecord(id, i, Times.kept(one.at()), one.what().name(), Typed.clean(one.said())));
            }
            for (Came one : outcomes) {
                dsl.executeInsert(row(id, one.lotNo(), one.style(), one.outcome(), one.at()));
            }
            outcomes.stream()
                    .map(Came::at)
                    .max(Comparator.naturalOrder())
                    .ifPresent(last -> finish(BatchStore.locked(dsl, id), last));
            return id;
        });
    }

    /** Writes down what came of a lot, over what stood there before; with its last lot a batch goes into the Book. */
    public void record(long batchId, int lotNo, String style, Outcome outcome, Instant now) {
        cupboard.write(dsl -> {
            BatchRecord head = BatchStore.locked(dsl, batchId);
            dsl.deleteFrom(OUTCOME)
                    .where(OUTCOME.BATCH_ID.eq(batchId), OUTCOME.LOT_NO.eq(lotNo))
                    .execute();
            dsl.executeInsert(row(batchId, lotNo, style, outcome, now));
            Set<Integer> judged = dsl.select(OUTCOME.LOT_NO)
                    .from(OUTCOME)
                    .where(OUTCOME.BATCH_ID.eq(batchId))
                    .fetchSet(OUTCOME.LOT_NO);
            Batch plan = Revisions.load(dsl, batchId, head.getCurrentRevision());
            if (plan.lots().stream().allMatch(lot -> judged.contains(lot.no()))) {
                finish(head, now);
            }
            if (head.getStatus().equals(Status.DONE.name())) {
                StoryStore.tell(dsl, batchId, now);
            }
            return batchId;
        });
    }

    /** Puts a batch into the Book as it is, whether every lot has been judged or not. */
    public void finish(long batchId, Instant now) {
        cupboard.write(dsl -> {
            finish(BatchStore.locked(dsl, batchId), now);
            return batchId;
        });
    }

    private static void finish(BatchRecord head, Instant now) {
        if (!head.getStatus().equals(Status.DONE.name())) {
            head.setStatus(Status.DONE.name());
            head.setFinishedAt(Times.kept(now));
            head.store();
        }
    }

    /** What was written about the lots of a batch, by lot number. */
    public List<BookEntry> entries(long batchId) {
        return cupboard.remembered(
                new Question(Set.of(OUTCOME), "entries", batchId),
                dsl -> List.copyOf(dsl.selectFrom(OUTCOME)
                        .where(OUTCOME.BATCH_ID.eq(batchId))
                        .orderBy(OUTCOME.LOT_NO)
                        .fetch(BookStore::entry)));
    }

    /** The latest judged lots of the Book, the last one first. */
    public List<BookEntry> latest(int most) {
        return cupboard.remembered(
                new Question(Set.of(OUTCOME, BATCH), "latest entries", most),
                dsl -> List.copyOf(dsl.select(OUTCOME.asterisk())
                        .from(OUTCOME)
                        .join(BATCH)
                        .on(BATCH.ID.eq(OUTCOME.BATCH_ID))
                        .where(BATCH.STATUS.eq(Status.DONE.name()))
                        .orderBy(OUTCOME.RECORDED_AT.desc(), OUTCOME.BATCH_ID.desc())
                        .limit(most)
                        .fetchInto(OUTCOME)
                        .map(BookStore::entry)));
    }

    /** What came of one lot, if it was written down. */
    public Optional<Outcome> outcome(long batchId, int lotNo) {
        return entries(batchId).stream()
                .filter(entry -> entry.lotNo() == lotNo)
                .map(BookEntry::outcome)
                .findFirst();
    }

    /** The latest entry about a style, not counting one batch's own. */
    public Optional<BookEntry> last(String style, long exceptBatchId) {
        return cupboard.remembered(
                new Question(Set.of(OUTCOME), "last of " + style, exceptBatchId), dsl -> dsl.selectFrom(OUTCOME)
                        .where(OUTCOME.STYLE.eq(style), OUTCOME.BATCH_ID.ne(exceptBatchId))
                        .orderBy(OUTCOME.RECORDED_AT.desc())
                        .limit(1)
                        .fetchOptional(BookStore::entry));
    }

    static BookEntry entry(OutcomeRecord row) {
        Outcome outcome = new Outcome(
                row.getMade(),
                row.getBurst(),
                row.getLeaked(),
                row.getStuck(),
                new Mass(row.getDoughLeftUg()),
                new Mass(row.getFillingLeftUg()),
                SkinVerdict.valueOf(row.getSkin()),
                FillingVerdict.valueOf(row.getFilling()),
                Optional.ofNullable(row.getCoreMdeg()).map(Temperature::new),
                row.getNote(),
                Arrays.stream(row.getSeen().split(","))
                        .filter(one -> !one.isEmpty())
                        .map(Seen::valueOf)
                        .collect(Collectors.toSet()),
                Optional.ofNullable(row.getEaten()));
        return new BookEntry(
                row.getBatchId(), row.getLotNo(), row.getStyle(), Times.read(row.getRecordedAt()), outcome);
    }

    private static OutcomeRecord row(long batchId, int lotNo, String style, Outcome outcome, Instant now) {
        return new OutcomeRecord(
                batchId,
                lotNo,
                style,
                Times.kept(now),
                outcome.made(),
                outcome.burst(),
                outcome.leaked(),
                outcome.stuck(),
                outcome.doughLeft().micrograms(),
                outcome.fillingLeft().micrograms(),
                outcome.skin().name(),
                outcome.filling().name(),
                outcome.core().map(Temperature::millidegrees).orElse(null),
                outcome.note(),
                outcome.seen().stream().map(Seen::name).collect(Collectors.joining(",")),
                outcome.eaten().orElse(null));
    }
}
