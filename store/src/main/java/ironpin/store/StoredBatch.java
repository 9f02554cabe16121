package ironpin.store;

import ironpin.batch.Batch;
import ironpin.quantity.Sentence;
import java.time.Instant;
import java.util.Optional;

/**
 * A batch as it is kept.
 *
 * @param id its number in the cupboard
 * @param status where it stands
 * @param revision which revision of the plan is the current one
 * @param startedAt when work began
 * @param finishedAt when it was judged
 * @param undo label of the change that undo takes back
 * @param redo label of the change that redo makes again
 * @param source the recipe it was made of, in its own words
 * @param batch the current plan
 */
public record StoredBatch(
        long id,
        Status status,
        int revision,
        Optional<Instant> startedAt,
        Optional<Instant> finishedAt,
        Optional<Sentence> undo,
        Optional<Sentence> redo,
        Optional<String> source,
        Batch batch) {}
