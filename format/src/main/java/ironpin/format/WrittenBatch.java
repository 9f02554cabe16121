package ironpin.format;

import ironpin.batch.Batch;
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
 */
public record WrittenBatch(Batch batch, List<Came> outcomes, Optional<String> source) {
    /**
     * What came of a lot.
     *
     * @param lotNo which lot
     * @param recordedAt when it was written down
     * @param outcome what came of it
     */
    public record Came(int lotNo, Instant recordedAt, Outcome outcome) {}
}
