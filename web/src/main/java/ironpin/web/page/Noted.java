package ironpin.web.page;

import ironpin.quantity.Sentence;
import ironpin.store.BookEntry;
import ironpin.store.LoggedCorrection;
import ironpin.store.LoggedTasting;
import java.util.List;
import java.util.Optional;

/**
 * What is written down about a batch and about those before it.
 *
 * @param past how many batches are in the Book
 * @param lastTime what was said of the last one of its style
 * @param entries about this batch
 * @param nextChanges what the judgements of a cooked batch suggest to change, as on a button
 * @param corrections made at the bench that stand
 * @param tastings of test patties that stand
 */
public record Noted(
        int past,
        Optional<LastTime> lastTime,
        List<BookEntry> entries,
        List<Sentence> nextChanges,
        List<LoggedCorrection> corrections,
        List<LoggedTasting> tastings) {
    static final Noted NOTHING = new Noted(0, Optional.empty(), List.of(), List.of(), List.of(), List.of());
}
