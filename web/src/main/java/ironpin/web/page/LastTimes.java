package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.book.NextChange;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.BookEntry;
import ironpin.store.BookStore;
import ironpin.store.CorrectionStore;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Looks up the last lot of a style: what was said of it, and how its dough was corrected. */
@Component
public class LastTimes {
    private final BatchStore batches;
    private final BookStore book;
    private final CorrectionStore corrections;
    private final Clock clock;

    LastTimes(BatchStore batches, BookStore book, CorrectionStore corrections, Clock clock) {
        this.batches = batches;
        this.book = book;
        this.corrections = corrections;
        this.clock = clock;
    }

    /** @param exceptBatchId a batch that does not count; 0 for none */
    public Optional<LastTime> before(LotPlan lot, long exceptBatchId) {
        return book.last(lot.lot().style(), exceptBatchId)
                .map(entry -> LastTime.of(entry, made(entry), lot, corrected(entry), clock.getZone()));
    }

    /** What the judged lot was wrapped in; of one that has been left out since nothing is known. */
    private NextChange.Skin made(BookEntry entry) {
        Batch batch = batches.load(entry.batchId()).batch();
        return batch.lots().stream()
                .filter(lot -> lot.no() == entry.lotNo())
                .findFirst()
                .map(lot -> NextChange.Skin.of(lot, batch.dough(lot.doughNo())))
                .orElse(new NextChange.Skin(Optional.empty()));
    }

    private List<Sentence> corrected(BookEntry entry) {
        // A lot that was judged may have been left out of its batch afterwards.
        Set<Integer> doughs = batches.load(entry.batchId()).batch().lots().stream()
                .filter(lot -> lot.no() == entry.lotNo())
                .map(Lot::doughNo)
                .collect(Collectors.toSet());
        return corrections.standing(entry.batchId()).stream()
                .filter(one -> doughs.contains(one.doughNo()))
                .map(Corrected::said)
                .toList();
    }
}
