package ironpin.store;

import static ironpin.store.db.Tables.CORRECTION;

import ironpin.batch.Batch;
import ironpin.dough.BenchFeel;
import ironpin.dough.Correction;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.CorrectionRecord;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Corrections at the bench: each is a change of the plan and a line of the log, kept together or not at all. */
public final class CorrectionStore {
    private final Cupboard cupboard;
    private final BatchStore batches;

    public CorrectionStore(Cupboard cupboard, BatchStore batches) {
        this.cupboard = cupboard;
        this.batches = batches;
    }

    /** Makes the change and writes the line. @throws NoSuchBatch if there is no such batch */
    public StoredBatch make(long id, String label, UnaryOperator<Batch> change, LoggedCorrection logged) {
        return batches.change(id, label, change, logged.madeAt(), (dsl, revision) -> {
            Correction made = logged.correction();
            dsl.executeInsert(new CorrectionRecord(
                    id,
                    revision,
                    logged.doughNo(),
                    made.feel().name(),
                    made.waterToAdd().micrograms(),
                    made.flourToAdd().micrograms(),
                    made.rest().toSeconds(),
                    logged.hydration().millionths(),
                    Times.kept(logged.madeAt()),
                    logged.before().millionths()));
        });
    }

    /** The corrections that stand: those of revisions that have not been undone, the first one first. */
    public List<LoggedCorrection> standing(long id) {
        int revision = batches.load(id).revision();
        return all(id).stream()
                .filter(row -> row.getRevision() <= revision)
                .map(CorrectionStore::logged)
                .toList();
    }

    /** Those of revisions that were undone too: what is remembered stays true while only the plan changes. */
    private List<CorrectionRecord> all(long id) {
        return cupboard.remembered(
                new Question(Set.of(CORRECTION), "corrections", id),
                dsl -> List.copyOf(dsl.selectFrom(CORRECTION)
                        .where(CORRECTION.BATCH_ID.eq(id))
                        .orderBy(CORRECTION.REVISION)
                        .fetch()));
    }

    private static LoggedCorrection logged(CorrectionRecord row) {
        Correction made = new Correction(
                BenchFeel.valueOf(row.getFeel()),
                new Mass(row.getWaterUg()),
                new Mass(row.getFlourUg()),
                Duration.ofSeconds(row.getRestS()));
        return new LoggedCorrection(
                row.getDoughNo(),
                made,
                new Percentage(row.getBeforeUpct()),
                new Percentage(row.getHydrationUpct()),
                Times.read(row.getMadeAt()));
    }
}
