package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.CorrectionStore;
import ironpin.store.RunStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Builds the screen of a batch as it stands now. */
@Component
class Screens {
    private final BatchStore batches;
    private final RunStore runs;
    private final BookStore book;
    private final CorrectionStore corrections;
    private final Clock clock;

    Screens(BatchStore batches, RunStore runs, BookStore book, CorrectionStore corrections, Clock clock) {
        this.corrections = corrections;
        this.batches = batches;
        this.runs = runs;
        this.book = book;
        this.clock = clock;
    }

    Screen of(long id, Optional<Station> station, int lotNo) {
        return of(batches.load(id), station, lotNo, Optional.empty());
    }

    /** @param lotNo which lane; the first if there is no such lot */
    Screen of(StoredBatch stored, Optional<Station> station, int lotNo, Optional<FieldError> refused) {
        BatchPlan plan = BatchPlan.of(stored.batch());
        LotPlan lot = plan.lots().stream()
                .filter(one -> one.lot().no() == lotNo)
                .findFirst()
                .orElse(plan.lots().get(0));
        Optional<LastTime> lastTime =
                book.last(lot.lot().style(), stored.id()).map(entry -> LastTime.of(entry, lot, clock.getZone()));
        Run run = Run.of(plan, runs.done(stored.id()), runs.timers(stored.id()), clock.instant());
        return new Screen(
                stored,
                plan,
                station,
                lot,
                batches.count(Status.DONE),
                lastTime,
                book.entries(stored.id()),
                corrections.standing(stored.id()).stream()
                        .filter(one -> one.doughNo() == lot.dough().no())
                        .toList(),
                run,
                LocalDateTime.now(clock),
                refused);
    }
}
