package ironpin.format;

import ironpin.batch.Batch;
import ironpin.book.Happened;
import ironpin.book.Outcome;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A batch with what is known of it, as it is exported and imported.
 *
 * @param batch what the cook wants
 * @param outcomes what came of its lots
 * @param source the recipe it was made of, in its own words
 * @param story what happened to it, in order
 */
public record WrittenBatch(Batch batch, List<Came> outcomes, Optional<String> source, List<Told> story) {
    /** Lines of a story that a document takes along. */
    public static final int LONGEST_STORY = 5_000;

    /** Letters of one line. */
    public static final int LONGEST_LINE = 1_000;

    /** A plan of which nothing else is known. */
    public WrittenBatch(Batch batch) {
        this(batch, List.of(), Optional.empty(), List.of());
    }

    public WrittenBatch {
        outcomes = List.copyOf(outcomes);
        story = List.copyOf(story);
    }

    /**
     * Something that happened.
     *
     * @param at when
     * @param what kind of thing
     * @param said in a sentence, metric
     */
    public record Told(Instant at, Happened.What what, String said) {}

    /**
     * What came of a lot.
     *
     * @param lotNo which lot
     * @param recordedAt when it was written down
     * @param outcome what came of it
     */
    public record Came(int lotNo, Instant recordedAt, Outcome outcome) {}
}
