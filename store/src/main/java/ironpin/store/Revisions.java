package ironpin.store;

import static ironpin.store.db.Tables.REVISION;

import ironpin.batch.Batch;
import ironpin.format.BatchFormat;
import ironpin.quantity.Sentence;
import ironpin.store.db.tables.records.RevisionRecord;
import java.time.Instant;
import org.jooq.DSLContext;
import org.jooq.JSON;

/** Plans in their written form, one row a revision. */
final class Revisions {
    private Revisions() {}

    static void save(DSLContext dsl, long batchId, int no, Batch plan, Sentence label, Instant now) {
        dsl.executeInsert(new RevisionRecord(
                batchId,
                no,
                Labels.written(label),
                Times.kept(now),
                plan.title(),
                plan.serving(),
                JSON.valueOf(BatchFormat.write(plan))));
    }

    /** @throws org.jooq.exception.NoDataFoundException if there is no such revision */
    static Batch load(DSLContext dsl, long batchId, int no) {
        return BatchFormat.plan(dsl.select(REVISION.PLAN)
                .from(REVISION)
                .where(REVISION.BATCH_ID.eq(batchId), REVISION.NO.eq(no))
                .fetchSingle()
                .value1()
                .data());
    }
}
