package ironpin.store;

import static ironpin.store.db.Tables.FORGOTTEN;
import static ironpin.store.db.Tables.PACED;

import ironpin.quantity.Belief;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.PacedRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How long people took for what they did, against what the plan counted with. */
public final class PaceStore {
    private static final double MILLION = 1e6;

    /** Nothing is known of somebody: percent of the time the plan counts with, give or take (est.). */
    static final Belief UNKNOWN = new Belief(100, 30, 0);

    /** Percent from one task to the next. */
    private static final double SCATTER = 25;

    private final Cupboard cupboard;

    public PaceStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** Somebody finished something. @param seen real time by the time the plan counts with, above 0 */
    public void took(long batchId, String taskKey, String person, double seen, Instant now) {
        cupboard.write(dsl -> dsl.insertInto(PACED)
                .set(PACED.BATCH_ID, batchId)
                .set(PACED.TASK_KEY, taskKey)
                .set(PACED.PERSON, person)
                .set(PACED.SEEN_MILLIONTHS, Math.round(seen * MILLION))
                .set(PACED.DONE_AT, Times.kept(now))
                .execute());
    }

    /** A task was not finished after all. */
    public void forget(long batchId, String taskKey) {
        cupboard.write(dsl -> dsl.deleteFrom(PACED)
                .where(PACED.BATCH_ID.eq(batchId), PACED.TASK_KEY.eq(taskKey))
                .execute());
    }

    /** What was learned at this moment is taken back. */
    public void takeBack(long batchId, Instant at) {
        cupboard.write(dsl -> dsl.deleteFrom(PACED)
                .where(PACED.BATCH_ID.eq(batchId), PACED.DONE_AT.eq(Times.kept(at)))
                .execute());
    }

    /**
     * What was timed last.
     *
     * @param taskKey of the task
     * @param seen real time by the time the plan counted with
     */
    public record Timed(String taskKey, double seen) {}

    /** What was timed last in a batch. */
    public Optional<Timed> last(long batchId) {
        return cupboard.read(dsl -> dsl.selectFrom(PACED)
                .where(PACED.BATCH_ID.eq(batchId))
                .orderBy(PACED.DONE_AT.desc(), PACED.ID.desc())
                .limit(1)
                .fetchOptional(row -> new Timed(row.getTaskKey(), row.getSeenMillionths() / MILLION)));
    }

    /** Percent of the time the plan counts with that somebody takes, by everything they did under this name. */
    public Belief pace(String person) {
        return cupboard.remembered(new Question(Set.of(PACED, FORGOTTEN), "pace of " + person, 0), dsl -> {
            Unminded unminded = Unminded.of(dsl);
            return after(dsl.selectFrom(PACED).where(PACED.PERSON.eq(person)).orderBy(PACED.DONE_AT, PACED.ID).stream()
                    .filter(row -> !unminded.is(key(row)))
                    .toList());
        });
    }

    static Belief after(List<PacedRecord> rows) {
        Belief belief = UNKNOWN;
        for (PacedRecord row : rows) {
            belief = belief.after(percent(row), SCATTER, 1);
        }
        return belief;
    }

    static double percent(PacedRecord row) {
        return 100 * row.getSeenMillionths() / MILLION;
    }

    static String key(PacedRecord row) {
        return Unminded.key("paced", row.getId());
    }
}
