package ironpin.store;

import static ironpin.store.db.Tables.LAID;
import static ironpin.store.db.Tables.LAID_OUT;

import ironpin.store.Cupboard.Question;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Days as they were laid out when their work began, and whenever they were planned again. */
public final class LaidStore {
    private final Cupboard cupboard;

    public LaidStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * A task at its time.
     *
     * @param start from
     * @param end until
     * @param people numbers of those who do it, from 0
     */
    public record At(Instant start, Instant end, List<Integer> people) {}

    /**
     * A day laid out.
     *
     * @param revision of the batch it was laid out for
     * @param at when it was laid out
     * @param said what changed by it, in a sentence; may be empty
     * @param tasks by their keys
     */
    public record Laid(int revision, Instant at, String said, Map<String, At> tasks) {}

    /** How a batch is laid out; nothing before its work has begun. */
    public Optional<Laid> of(long batchId) {
        return cupboard.remembered(
                new Question(Set.of(LAID_OUT, LAID), "laid", batchId), dsl -> dsl.selectFrom(LAID_OUT)
                        .where(LAID_OUT.BATCH_ID.eq(batchId))
                        .fetchOptional()
                        .map(row -> {
                            Map<String, At> tasks = new TreeMap<>();
                            dsl.selectFrom(LAID)
                                    .where(LAID.BATCH_ID.eq(batchId))
                                    .forEach(one -> tasks.put(
                                            one.getTaskKey(),
                                            new At(
                                                    Times.read(one.getStartsAt()),
                                                    Times.read(one.getEndsAt()),
                                                    people(one.getPeople()))));
                            return new Laid(
                                    row.getRevision(),
                                    Times.read(row.getLaidAt()),
                                    row.getSaid(),
                                    Collections.unmodifiableMap(tasks));
                        }));
    }

    private static List<Integer> people(String text) {
        return text.isEmpty()
                ? List.of()
                : Arrays.stream(text.split(",")).map(Integer::valueOf).toList();
    }

    /** Keeps a day as it is laid out now, in place of what was kept before. */
    public void keep(long batchId, Laid laid) {
        cupboard.write(dsl -> {
            dsl.deleteFrom(LAID).where(LAID.BATCH_ID.eq(batchId)).execute();
            dsl.deleteFrom(LAID_OUT).where(LAID_OUT.BATCH_ID.eq(batchId)).execute();
            dsl.insertInto(LAID_OUT)
                    .set(LAID_OUT.BATCH_ID, batchId)
                    .set(LAID_OUT.REVISION, laid.revision())
                    .set(LAID_OUT.LAID_AT, Times.kept(laid.at()))
                    .set(LAID_OUT.SAID, laid.said())
                    .execute();
            laid.tasks().forEach((key, at) -> dsl.insertInto(LAID)
                    .set(LAID.BATCH_ID, batchId)
                    .set(LAID.TASK_KEY, key)
                    .set(LAID.STARTS_AT, Times.kept(at.start()))
                    .set(LAID.ENDS_AT, Times.kept(at.end()))
                    .set(LAID.PEOPLE, at.people().stream().map(String::valueOf).collect(Collectors.joining(",")))
                    .execute());
            return laid;
        });
    }
}
