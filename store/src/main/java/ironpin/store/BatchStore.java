package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.REVISION;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.batch.Batch;
import ironpin.quantity.Sentence;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.BatchRecord;
import ironpin.wording.Typed;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ObjIntConsumer;
import java.util.function.UnaryOperator;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record4;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;

/** Batches and the revisions of their plans. */
public final class BatchStore {
    private static final int SOURCE_LENGTH = 60_000;

    private static final int RECENT = 256;

    private final Cupboard cupboard;

    /** Plans read or written lately. A revision never changes while it is current, so it needs no second look. */
    private final Cache<Plan, Batch> recent =
            Caffeine.newBuilder().maximumSize(RECENT).build();

    /** Batches as they were read last, each with the count of writes then. */
    private final Cache<Long, Seen> lately =
            Caffeine.newBuilder().maximumSize(RECENT).build();

    private record Plan(long batchId, int revision) {}

    private record Seen(long writes, StoredBatch stored) {}

    public BatchStore(Cupboard cupboard) {
        this.cupboard = cupboard;
        cupboard.onRollback(recent::invalidateAll);
        cupboard.onRollback(lately::invalidateAll);
    }

    /** Keeps a new batch and returns its number. */
    public long create(Batch batch, String label, Instant now) {
        return create(batch, label, Optional.empty(), now);
    }

    /** The same for a batch that was made of a recipe. @param source the recipe in its own words, kept to 60,000 characters */
    public long create(Batch batch, String label, Optional<String> source, Instant now) {
        return cupboard.write(dsl -> createWithin(dsl, batch, label, source, now));
    }

    /** The same inside a write that is under way. */
    static long createWithin(DSLContext dsl, Batch batch, String label, Optional<String> source, Instant now) {
        long id = dsl.insertInto(BATCH)
                .set(BATCH.STATUS, Status.PLANNED.name())
                .set(BATCH.CURRENT_REVISION, 1)
                .set(BATCH.CREATED_AT, Times.kept(now))
                .set(
                        BATCH.SOURCE,
                        source.map(text -> text.substring(0, Math.min(SOURCE_LENGTH, text.length())))
                                .orElse(null))
                .returningResult(BATCH.ID)
                .fetchOne()
                .value1();
        Revisions.save(dsl, id, 1, batch, Sentence.of(label), now);
        DipStore.keepOf(dsl, batch, now);
        return id;
    }

    /** The batch as it stands. @throws NoSuchBatch if there is none */
    public StoredBatch load(long id) {
        if (cupboard.writing()) {
            return cupboard.read(dsl -> stored(dsl, head(dsl, id)));
        }
        long writes = cupboard.writes();
        Seen seen = lately.get(id, key -> new Seen(writes, cupboard.read(dsl -> stored(dsl, head(dsl, id)))));
        if (seen.writes() != writes) {
            seen = new Seen(writes, cupboard.read(dsl -> stored(dsl, head(dsl, id))));
            lately.put(id, seen);
        }
        return seen.stored();
    }

    /** Batches in these states, the latest served first. */
    public List<StoredBatch> list(Status status, int offset, int limit) {
        return numbers(status, offset, limit).stream().map(this::load).toList();
    }

    /** @throws NoSuchBatch if there is no such batch, whatever it holds */
    public void demandThere(long id) {
        cupboard.read(dsl -> head(dsl, id));
    }

    /**
     * A batch as a list shows it, without its plan.
     *
     * @param serving when it is on the table
     */
    public record Listed(long id, String title, Status status, LocalDateTime serving) {}

    /** Batches that are planned, those that come next first, then those that are past, the latest first. */
    public List<Listed> planned(LocalDateTime now) {
        return cupboard.read(dsl -> listed(dsl, BATCH.STATUS.eq(Status.PLANNED.name()))
                .orderBy(
                        DSL.when(REVISION.SERVING.ge(now), 0).otherwise(1),
                        DSL.when(REVISION.SERVING.ge(now), REVISION.SERVING),
                        REVISION.SERVING.desc(),
                        BATCH.ID)
                .fetch(BatchStore::listed));
    }

    /**
     * Batches of any state in whose title these words stand, the latest served first.
     *
     * @param most how many at most
     */
    public List<Listed> called(String words, int most) {
        return cupboard.read(dsl -> listed(dsl, REVISION.TITLE.containsIgnoreCase(words))
                .orderBy(REVISION.SERVING.desc(), BATCH.ID.desc())
                .limit(most)
                .fetch(BatchStore::listed));
    }

    private static SelectConditionStep<Record4<Long, String, String, LocalDateTime>> listed(
            DSLContext dsl, Condition which) {
        return dsl.select(BATCH.ID, REVISION.TITLE, BATCH.STATUS, REVISION.SERVING)
                .from(BATCH)
                .join(REVISION)
                .on(REVISION.BATCH_ID.eq(BATCH.ID), REVISION.NO.eq(BATCH.CURRENT_REVISION))
                .where(which);
    }

    private static Listed listed(Record4<Long, String, String, LocalDateTime> row) {
        return new Listed(row.value1(), Typed.clean(row.value2()), Status.valueOf(row.value3()), row.value4());
    }

    /** Numbers of batches in this state, the latest served first; each may be loaded by itself. */
    public List<Long> numbers(Status status, int offset, int limit) {
        return cupboard.read(dsl -> dsl.select(BATCH.ID)
                .from(BATCH)
                .join(REVISION)
                .on(REVISION.BATCH_ID.eq(BATCH.ID), REVISION.NO.eq(BATCH.CURRENT_REVISION))
                .where(BATCH.STATUS.eq(status.name()))
                .orderBy(REVISION.SERVING.desc(), BATCH.ID.desc())
                .offset(offset)
                .limit(limit)
                .fetch(BATCH.ID));
    }

    /** Numbers of batches in this state that are served between two times, the earliest first. */
    public List<Long> numbers(Status status, LocalDateTime from, LocalDateTime to) {
        return cupboard.read(dsl -> dsl.select(BATCH.ID)
                .from(BATCH)
                .join(REVISION)
                .on(REVISION.BATCH_ID.eq(BATCH.ID), REVISION.NO.eq(BATCH.CURRENT_REVISION))
                .where(BATCH.STATUS.eq(status.name()), REVISION.SERVING.between(from, to))
                .orderBy(REVISION.SERVING, BATCH.ID)
                .fetch(BATCH.ID));
    }

    /** How many batches are in this state. */
    public int count(Status status) {
        return cupboard.remembered(
                new Question(Set.of(BATCH), status.name(), 0),
                dsl -> dsl.fetchCount(BATCH, BATCH.STATUS.eq(status.name())));
    }

    /**
     * Makes a new revision of the plan; revisions that were undone before are gone.
     *
     * @throws NoSuchBatch if there is none
     */
    public StoredBatch change(long id, String label, UnaryOperator<Batch> change, Instant now) {
        return change(id, label, change, now, (dsl, revision) -> {});
    }

    /**
     * The same for a change that names something by its place: only if the same stands there as when it was looked at.
     *
     * @param seen revision that was looked at; 0 for any
     * @param bearer what stands at the place, by what it is called
     * @throws MovedOn if something else stands there by now, or the revision that was looked at is gone
     */
    public StoredBatch changeSeen(
            long id,
            int seen,
            Function<Batch, String> bearer,
            Sentence label,
            UnaryOperator<Batch> change,
            Instant now) {
        return written(id, dsl -> {
            BatchRecord head = locked(dsl, id);
            int current = head.getCurrentRevision();
            String there = bearer.apply(plan(dsl, id, current));
            if (seen != 0 && seen != current && !there.equals(bearerThen(dsl, id, seen, bearer))) {
                throw new MovedOn(id);
            }
            return stored(dsl, change(dsl, head, label, change, now, (same, revision) -> {}));
        });
    }

    /** Whoever has just written a batch need not read it: as it was written it stands, unless another write came between. */
    private StoredBatch written(long id, Function<DSLContext, StoredBatch> change) {
        if (cupboard.writing()) {
            return cupboard.write(change);
        }
        Seen seen = cupboard.write(dsl -> new Seen(cupboard.writes() + 1, change.apply(dsl)));
        lately.put(id, seen);
        return seen.stored();
    }

    private String bearerThen(DSLContext dsl, long id, int seen, Function<Batch, String> bearer) {
        if (!dsl.fetchExists(REVISION, REVISION.BATCH_ID.eq(id), REVISION.NO.eq(seen))) {
            throw new MovedOn(id);
        }
        return bearer.apply(plan(dsl, id, seen));
    }

    /** @param also what else is written with the new revision, all or nothing */
    StoredBatch change(
            long id, String label, UnaryOperator<Batch> change, Instant now, ObjIntConsumer<DSLContext> also) {
        return written(id, dsl -> stored(dsl, changeWithin(dsl, id, Sentence.of(label), change, now, also)));
    }

    /** The same inside a write that is under way. */
    BatchRecord changeWithin(
            DSLContext dsl,
            long id,
            Sentence label,
            UnaryOperator<Batch> change,
            Instant now,
            ObjIntConsumer<DSLContext> also) {
        return change(dsl, locked(dsl, id), label, change, now, also);
    }

    private BatchRecord change(
            DSLContext dsl,
            BatchRecord head,
            Sentence label,
            UnaryOperator<Batch> change,
            Instant now,
            ObjIntConsumer<DSLContext> also) {
        long id = head.getId();
        int current = head.getCurrentRevision();
        Batch before = plan(dsl, id, current);
        Batch after = change.apply(before);
        if (!after.equals(before)) {
            Condition undone = REVISION.BATCH_ID.eq(id).and(REVISION.NO.gt(current));
            // Asked first: rows of other tables go with a row that is deleted, so a delete forgets all that is
            // remembered.
            if (dsl.fetchExists(REVISION, undone)) {
                // What was tasted in them is gone with them.
                cupboard.changesKit();
                dsl.deleteFrom(REVISION).where(undone).execute();
            }
            Revisions.save(dsl, id, current + 1, after, label, now);
            DipStore.keepOf(dsl, after, now);
            recent.put(new Plan(id, current + 1), after);
            moveTo(dsl, head, current + 1);
            also.accept(dsl, current + 1);
        }
        return head;
    }

    private Batch plan(DSLContext dsl, long id, int revision) {
        return recent.get(new Plan(id, revision), plan -> Revisions.load(dsl, id, revision));
    }

    /** Takes the last change back; at the first revision nothing happens. */
    public StoredBatch undo(long id) {
        return undo(id, 0);
    }

    /**
     * Takes the last change back, if it is the one that was looked at; at the first revision nothing happens.
     *
     * @param seen revision that was looked at; 0 for any
     * @throws MovedOn if another one stands by now: its change would be taken back unseen
     */
    public StoredBatch undo(long id, int seen) {
        return step(id, seen, -1);
    }

    /** Makes the last change that was taken back again; at the last revision nothing happens. */
    public StoredBatch redo(long id) {
        return redo(id, 0);
    }

    /** The same, if the plan still stands as it was looked at. @throws MovedOn if it does not */
    public StoredBatch redo(long id, int seen) {
        return step(id, seen, 1);
    }

    /** Work begins. */
    public StoredBatch start(long id, Instant now) {
        return written(id, dsl -> {
            BatchRecord head = locked(dsl, id);
            if (head.getStatus().equals(Status.PLANNED.name())) {
                head.setStatus(Status.RUNNING.name());
                head.setStartedAt(Times.kept(now));
                head.store();
            }
            return stored(dsl, head);
        });
    }

    /** Takes a batch out of the cupboard with everything that belongs to it. */
    public void delete(long id) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            locked(dsl, id).delete();
            return id;
        });
    }

    static BatchRecord locked(DSLContext dsl, long id) {
        BatchRecord head =
                dsl.selectFrom(BATCH).where(BATCH.ID.eq(id)).forUpdate().fetchOne();
        if (head == null) {
            throw new NoSuchBatch(id);
        }
        return head;
    }

    private StoredBatch step(long id, int seen, int by) {
        return written(id, dsl -> {
            BatchRecord head = locked(dsl, id);
            if (seen != 0 && seen != head.getCurrentRevision()) {
                throw new MovedOn(id);
            }
            int target = head.getCurrentRevision() + by;
            boolean there = dsl.fetchExists(REVISION, REVISION.BATCH_ID.eq(id), REVISION.NO.eq(target));
            if (there) {
                // Tastings stand with their revisions.
                cupboard.changesKit();
                moveTo(dsl, head, target);
            }
            return stored(dsl, head);
        });
    }

    private static void moveTo(DSLContext dsl, BatchRecord head, int revision) {
        head.setCurrentRevision(revision);
        dsl.update(BATCH)
                .set(BATCH.CURRENT_REVISION, revision)
                .where(BATCH.ID.eq(head.getId()))
                .execute();
    }

    private static BatchRecord head(DSLContext dsl, long id) {
        return Optional.ofNullable(dsl.fetchOne(BATCH, BATCH.ID.eq(id))).orElseThrow(() -> new NoSuchBatch(id));
    }

    private StoredBatch stored(DSLContext dsl, BatchRecord head) {
        int revision = head.getCurrentRevision();
        Map<Integer, String> labels = dsl.select(REVISION.NO, REVISION.LABEL)
                .from(REVISION)
                .where(REVISION.BATCH_ID.eq(head.getId()), REVISION.NO.between(revision - 1, revision + 1))
                .fetchMap(REVISION.NO, REVISION.LABEL);
        return new StoredBatch(
                head.getId(),
                Status.valueOf(head.getStatus()),
                revision,
                Optional.ofNullable(Times.read(head.getStartedAt())),
                Optional.ofNullable(Times.read(head.getFinishedAt())),
                labels.containsKey(revision - 1) ? Optional.of(Labels.read(labels.get(revision))) : Optional.empty(),
                Optional.ofNullable(labels.get(revision + 1)).map(Labels::read),
                Optional.ofNullable(head.getSource()).map(Typed::clean),
                plan(dsl, head.getId(), revision));
    }
}
