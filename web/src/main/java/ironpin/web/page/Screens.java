package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.CorrectionStore;
import ironpin.store.HandStore;
import ironpin.store.KitStore;
import ironpin.store.RunStore;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.Bell;
import ironpin.web.kitchen.SolverDesk;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Builds the screen of a batch as it stands now. */
@Component
public class Screens {
    private final BatchStore batches;
    private final RunStore runs;
    private final BookStore book;
    private final CorrectionStore corrections;
    private final KitStore kit;
    private final Plans plans;
    private final HandStore hand;
    private final LastTimes lastTimes;
    private final Again again;
    private final SolverDesk desk;
    private final Bell bell;
    private final Clock clock;

    Screens(
            BatchStore batches,
            RunStore runs,
            BookStore book,
            CorrectionStore corrections,
            HandStore hand,
            KitStore kit,
            Plans plans,
            LastTimes lastTimes,
            Again again,
            SolverDesk desk,
            Bell bell,
            Clock clock) {
        this.desk = desk;
        this.bell = bell;
        this.lastTimes = lastTimes;
        this.again = again;
        this.kit = kit;
        this.plans = plans;
        this.corrections = corrections;
        this.hand = hand;
        this.batches = batches;
        this.runs = runs;
        this.book = book;
        this.clock = clock;
    }

    public Screen of(long id, Optional<Station> station, int lotNo) {
        // Counted before it is read: what is changed in between is noticed.
        long rings = bell.count(id);
        return of(batches.load(id), station, lotNo, Answered.NOTHING, rings);
    }

    /**
     * @param lotNo which lane; the first if there is no such lot
     * @param refused a value that was not taken
     * @param read how an amount in words was understood
     */
    public Screen of(
            StoredBatch stored,
            Optional<Station> station,
            int lotNo,
            Optional<FieldError> refused,
            Optional<ReadingNote> read) {
        return of(stored, station, lotNo, new Answered(refused, read), bell.count(stored.id()));
    }

    private Screen of(StoredBatch stored, Optional<Station> station, int lotNo, Answered answered, long rings) {
        BatchPlan plan = plans.of(stored);
        LotPlan lot = inHand(plan, lotNo);
        ZonedDateTime now = ZonedDateTime.now(clock);
        // Where the day stands on the page, or is about to begin, it may get better meanwhile.
        boolean day = station.isEmpty() || station.get() == Station.CLOCK;
        if (stored.status() == Status.PLANNED && day) {
            desk.think(stored.id(), plan.day());
        }
        return new Screen(
                stored,
                plans.says(plan),
                station,
                lot,
                kit.load(),
                new Noted(
                        batches.count(Status.DONE),
                        lastTimes.before(lot, stored.id()),
                        book.entries(stored.id()),
                        stored.status() == Status.DONE ? again.changes(stored) : List.of(),
                        corrections.standing(stored.id()),
                        hand.standing(stored.id())),
                Run.of(plan, stored.startedAt(), runs.done(stored.id()), runs.timers(stored.id()), now),
                now,
                answered,
                new Underway(
                        stored.status() == Status.RUNNING ? plans.said(stored.id()) : Optional.empty(),
                        desk.thinking(stored.id(), plan.day()),
                        rings));
    }

    /** The screen of a plan that is only tried: nothing of the run or the Book, so that it is there at once. */
    public Screen tried(StoredBatch stored, Batch batch, Station station, int lotNo) {
        BatchPlan plan = BatchPlan.of(batch, kit.load().hand(), clock.getZone());
        ZonedDateTime now = ZonedDateTime.now(clock);
        return new Screen(
                stored,
                new PlanSays(plan),
                Optional.of(station),
                inHand(plan, lotNo),
                kit.load(),
                Noted.NOTHING,
                Run.of(plan, Optional.empty(), Map.of(), List.of(), now),
                now,
                Answered.NOTHING,
                Underway.NOTHING);
    }

    private static LotPlan inHand(BatchPlan plan, int lotNo) {
        return plan.lots().stream()
                .filter(one -> one.lot().no() == lotNo)
                .findFirst()
                .orElse(plan.lots().get(0));
    }
}
