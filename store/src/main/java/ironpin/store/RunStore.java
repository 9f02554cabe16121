package ironpin.store;

import static ironpin.store.db.Tables.STEP_DONE;
import static ironpin.store.db.Tables.TIMER;
import static org.jooq.impl.DSL.max;

import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.TimerRecord;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jooq.DSLContext;

/** What has been ticked off and what is being timed. */
public final class RunStore {
    private final Cupboard cupboard;

    public RunStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** When each finished task was ticked, by its key. */
    public Map<String, Instant> done(long batchId) {
        return cupboard.remembered(new Question(Set.of(STEP_DONE), "done", batchId), dsl -> {
            Map<String, Instant> done = new TreeMap<>();
            dsl.selectFrom(STEP_DONE)
                    .where(STEP_DONE.BATCH_ID.eq(batchId))
                    .forEach(row -> done.put(row.getTaskKey(), Times.read(row.getDoneAt())));
            return Collections.unmodifiableMap(done);
        });
    }

    /** Ticks a task; ticking it again keeps the first time. */
    public void tick(long batchId, String taskKey, Instant now) {
        tick(batchId, taskKey, null, now);
    }

    /** Ticks a task. @param person who did it, by name; null where nobody said so */
    public void tick(long batchId, String taskKey, String person, Instant now) {
        cupboard.write(dsl -> dsl.insertInto(STEP_DONE)
                .set(STEP_DONE.BATCH_ID, batchId)
                .set(STEP_DONE.TASK_KEY, taskKey)
                .set(STEP_DONE.DONE_AT, Times.kept(now))
                .set(STEP_DONE.BY_PERSON, person)
                .onDuplicateKeyIgnore()
                .execute());
    }

    /** Takes a tick back. */
    public void untick(long batchId, String taskKey) {
        cupboard.write(dsl -> dsl.deleteFrom(STEP_DONE)
                .where(STEP_DONE.BATCH_ID.eq(batchId), STEP_DONE.TASK_KEY.eq(taskKey))
                .execute());
    }

    /**
     * Takes the last move back, whatever it was: what was ticked, started or stopped at that moment together.
     *
     * @return when that was; nothing where nothing had been done
     */
    public Optional<Instant> takeBack(long batchId) {
        return cupboard.write(dsl -> {
            OffsetDateTime last = Stream.of(
                            dsl.select(max(STEP_DONE.DONE_AT)).from(STEP_DONE).where(STEP_DONE.BATCH_ID.eq(batchId)),
                            dsl.select(max(TIMER.STARTED_AT)).from(TIMER).where(TIMER.BATCH_ID.eq(batchId)),
                            dsl.select(max(TIMER.STOPPED_AT)).from(TIMER).where(TIMER.BATCH_ID.eq(batchId)))
                    .map(query -> query.fetchOne().value1())
                    .filter(Objects::nonNull)
                    .max(Comparator.comparing(OffsetDateTime::toInstant))
                    .orElse(null);
            if (last == null) {
                return Optional.empty();
            }
            dsl.deleteFrom(STEP_DONE)
                    .where(STEP_DONE.BATCH_ID.eq(batchId), STEP_DONE.DONE_AT.eq(last))
                    .execute();
            dsl.deleteFrom(TIMER)
                    .where(TIMER.BATCH_ID.eq(batchId), TIMER.STARTED_AT.eq(last))
                    .execute();
            dsl.update(TIMER)
                    .setNull(TIMER.STOPPED_AT)
                    .where(TIMER.BATCH_ID.eq(batchId), TIMER.STOPPED_AT.eq(last))
                    .execute();
            return Optional.of(Times.read(last));
        });
    }

    /**
     * A minute more on a timer of this batch, counted from now where it has rung; one that has been stopped stays as it is.
     *
     * @throws NotThere if this batch never had such a timer
     */
    public void addMinute(long batchId, long timerId, Instant now) {
        cupboard.write(dsl -> {
            demandTimer(dsl, batchId, timerId);
            dsl.selectFrom(TIMER)
                    .where(TIMER.BATCH_ID.eq(batchId), TIMER.ID.eq(timerId), TIMER.STOPPED_AT.isNull())
                    .fetchOptional()
                    .ifPresent(row -> {
                        long run = Duration.between(Times.read(row.getStartedAt()), now)
                                .toSeconds();
                        row.setSeconds(Math.max(row.getSeconds(), run) + 60);
                        row.update();
                    });
            return timerId;
        });
    }

    /** Timers of a batch that have not been stopped, the first to ring first. */
    public List<RunningTimer> timers(long batchId) {
        return cupboard.remembered(
                new Question(Set.of(TIMER), "timers", batchId), dsl -> dsl
                        .selectFrom(TIMER)
                        .where(TIMER.BATCH_ID.eq(batchId), TIMER.STOPPED_AT.isNull())
                        .fetch(RunStore::timer)
                        .stream()
                        .sorted(Comparator.comparing(RunningTimer::endsAt))
                        .toList());
    }

    /**
     * Starts a timer and returns its number.
     *
     * @param spell key of the task's timed spell; empty for the whole task
     * @param length above 0, at most 7 days
     * @throws IllegalArgumentException outside that range
     */
    public long startTimer(long batchId, String taskKey, String spell, Duration length, Instant now) {
        if (length.isNegative() || length.isZero() || length.compareTo(Duration.ofDays(7)) > 0) {
            throw new Refused("a timer runs for up to 7 days, not " + length);
        }
        return cupboard.write(dsl -> dsl.insertInto(TIMER)
                .set(TIMER.BATCH_ID, batchId)
                .set(TIMER.TASK_KEY, taskKey)
                .set(TIMER.SPELL, spell)
                .set(TIMER.STARTED_AT, Times.kept(now))
                .set(TIMER.SECONDS, length.toSeconds())
                .returningResult(TIMER.ID)
                .fetchOne()
                .value1());
    }

    /**
     * Stops a timer of this batch; one that has been stopped stays as it is.
     *
     * @throws NotThere if this batch never had such a timer
     */
    public void stopTimer(long batchId, long timerId, Instant now) {
        cupboard.write(dsl -> {
            demandTimer(dsl, batchId, timerId);
            return dsl.update(TIMER)
                    .set(TIMER.STOPPED_AT, Times.kept(now))
                    .where(TIMER.BATCH_ID.eq(batchId), TIMER.ID.eq(timerId), TIMER.STOPPED_AT.isNull())
                    .execute();
        });
    }

    private static void demandTimer(DSLContext dsl, long batchId, long timerId) {
        if (!dsl.fetchExists(TIMER, TIMER.BATCH_ID.eq(batchId), TIMER.ID.eq(timerId))) {
            throw NotThere.called("timer", String.valueOf(timerId));
        }
    }

    private static RunningTimer timer(TimerRecord row) {
        return new RunningTimer(
                row.getId(),
                row.getTaskKey(),
                row.getSpell(),
                Times.read(row.getStartedAt()),
                Duration.ofSeconds(row.getSeconds()),
                Optional.ofNullable(Times.read(row.getStoppedAt())));
    }
}
