package ironpin.store;

import ironpin.book.Outcome;
import java.time.Instant;

/**
 * What came of one lot, and where it is written.
 *
 * @param batchId in which batch
 * @param lotNo of which lot
 * @param style key of its style
 * @param recordedAt when it was written down
 * @param outcome what came of it
 */
public record BookEntry(long batchId, int lotNo, String style, Instant recordedAt, Outcome outcome) {}
