package ironpin.book;

import ironpin.batch.edit.Fix;
import ironpin.quantity.Sentence;
import java.util.Optional;

/**
 * The one change for next time.
 *
 * @param seen what was seen, with its figure
 * @param change what to do about it
 * @param fix the change as an edit of the plan, where a number does it
 */
public record Suggestion(Sentence seen, Sentence change, Optional<Fix> fix) {}
