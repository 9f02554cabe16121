package ironpin.store;

import static ironpin.store.db.Tables.EXPERIMENT;

import ironpin.quantity.Sentence;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.ExperimentRecord;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Changes that were made because of what a lot showed. */
public final class ExperimentStore {
    private final Cupboard cupboard;

    public ExperimentStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * A change.
     *
     * @param batchId in which batch it is made
     * @param lotNo in which lot
     * @param fromBatch where what led to it was seen
     * @param fromLot in which lot
     * @param style of both
     * @param cause key of the cause it is made for
     * @param label the change, as on its button
     */
    public record Begun(
            long batchId, int lotNo, long fromBatch, int fromLot, String style, String cause, Sentence label) {}

    /** Writes down that a change is tried. */
    public void begin(Begun begun, Instant now) {
        cupboard.write(dsl -> {
            ExperimentRecord row = new ExperimentRecord(
                    begun.batchId(),
                    begun.lotNo(),
                    begun.fromBatch(),
                    begun.fromLot(),
                    begun.style(),
                    begun.cause(),
                    Labels.written(begun.label()),
                    Times.kept(now));
            return dsl.insertInto(EXPERIMENT)
                    .set(row)
                    .onDuplicateKeyUpdate()
                    .set(row)
                    .execute();
        });
    }

    /** Those tried in a batch. */
    public List<Begun> in(long batchId) {
        return cupboard.remembered(
                new Question(Set.of(EXPERIMENT), "in", batchId),
                dsl -> List.copyOf(dsl.selectFrom(EXPERIMENT)
                        .where(EXPERIMENT.BATCH_ID.eq(batchId))
                        .orderBy(EXPERIMENT.LOT_NO, EXPERIMENT.CAUSE)
                        .fetch(ExperimentStore::begun)));
    }

    /** One for each cause and lot that changes were begun from, but for those begun from a batch or tried in it. */
    public List<Begun> elsewhere(long batchId) {
        return cupboard.remembered(new Question(Set.of(EXPERIMENT), "elsewhere", batchId), dsl -> dsl
                .selectFrom(EXPERIMENT)
                .where(EXPERIMENT.BATCH_ID.ne(batchId), EXPERIMENT.FROM_BATCH.ne(batchId))
                .orderBy(EXPERIMENT.BEGUN_AT, EXPERIMENT.BATCH_ID)
                .fetch(ExperimentStore::begun)
                .stream()
                .collect(Collectors.toMap(
                        one -> List.of(one.cause(), one.fromBatch(), one.fromLot()),
                        one -> one,
                        (one, later) -> one,
                        LinkedHashMap::new))
                .values()
                .stream()
                .toList());
    }

    /** All that were begun from the same lot for the same cause, the first one first. */
    public List<Begun> alike(Begun one) {
        return cupboard.read(dsl -> List.copyOf(dsl.selectFrom(EXPERIMENT)
                .where(
                        EXPERIMENT.CAUSE.eq(one.cause()),
                        EXPERIMENT.FROM_BATCH.eq(one.fromBatch()),
                        EXPERIMENT.FROM_LOT.eq(one.fromLot()))
                .orderBy(EXPERIMENT.BEGUN_AT, EXPERIMENT.BATCH_ID)
                .fetch(ExperimentStore::begun)));
    }

    private static Begun begun(ExperimentRecord row) {
        return new Begun(
                row.getBatchId(),
                row.getLotNo(),
                row.getFromBatch(),
                row.getFromLot(),
                row.getStyle(),
                row.getCause(),
                Labels.read(row.getLabel()));
    }
}
