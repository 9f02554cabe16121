package ironpin.web.page;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.batch.Batch;
import ironpin.clock.DayPlan;
import ironpin.clock.Forecast;
import ironpin.clock.Layout;
import ironpin.clock.Standing;
import ironpin.clock.Timetable;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.schedule.Solved;
import ironpin.store.KitStore;
import ironpin.store.LaidStore;
import ironpin.store.LaidStore.At;
import ironpin.store.LaidStore.Laid;
import ironpin.store.RunStore;
import ironpin.store.RunningTimer;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.SolverDesk;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What follows from batches as they stand. The same batch in the same hands gives the same plan, so one that was worked out
 * lately is not worked out again: not for a list, and not for the next page. A day whose work has begun stays as it was laid
 * out, until something changes what is left of it.
 */
@Component
public class Plans {
    private static final int RECENT = 200;
    private static final int LOOKED_AT = 16;

    private final KitStore kit;
    private final LaidStore laid;
    private final RunStore runs;
    private final SolverDesk desk;
    private final Clock clock;
    /** By the batch itself, which the store hands out once for each revision: comparing whole batches takes longer. */
    private final Cache<Batch, Planned> recent =
            Caffeine.newBuilder().weakKeys().maximumSize(RECENT).build();

    private record Planned(Hand hand, BatchPlan plan) {}

    /** By the plan as it was worked out, as the day was laid out best by then. */
    private final Cache<BatchPlan, Better> better =
            Caffeine.newBuilder().weakKeys().maximumSize(RECENT).build();

    /** @param by what it was laid out by: an answer of the solver, or what was kept of a day under way */
    private record Better(Object by, BatchPlan plan) {}

    /** What is said holds its plan, so only as many are kept as are looked at. */
    private final Cache<BatchPlan, PlanSays> said =
            Caffeine.newBuilder().weakKeys().maximumSize(LOOKED_AT).build();

    Plans(KitStore kit, LaidStore laid, RunStore runs, SolverDesk desk, Clock clock) {
        this.kit = kit;
        this.laid = laid;
        this.runs = runs;
        this.desk = desk;
        this.clock = clock;
    }

    public BatchPlan of(StoredBatch stored) {
        BatchPlan plan = first(stored);
        return stored.status() == Status.RUNNING
                ? running(stored, plan)
                : desk.known(stored.id(), plan.day()).map(by -> laid(plan, by)).orElse(plan);
    }

    private BatchPlan first(StoredBatch stored) {
        Hand hand = kit.load().hand();
        Planned known = recent.getIfPresent(stored.batch());
        if (known == null || !known.hand().equals(hand)) {
            known = new Planned(hand, BatchPlan.of(stored.batch(), hand, clock.getZone()));
            recent.put(stored.batch(), known);
        }
        return known.plan();
    }

    /** What it says; the same as before for a plan that was handed out before. */
    PlanSays says(BatchPlan plan) {
        return said.get(plan, PlanSays::new);
    }

    private BatchPlan laid(BatchPlan plan, Solved by) {
        return laid(plan, by, () -> plan.laid(by));
    }

    /** The same answer to the same thing, so that what was worked out of it is found again. */
    private BatchPlan laid(BatchPlan plan, Object by, Supplier<BatchPlan> how) {
        Better known = better.getIfPresent(plan);
        if (known == null || known.by() != by) {
            known = new Better(by, how.get());
            better.put(plan, known);
        }
        return known.plan();
    }

    /** What changed when the day was last planned again; nothing where nothing did. */
    public Optional<String> said(long batch) {
        return laid.of(batch).map(Laid::said).filter(said -> !said.isEmpty());
    }

    /** How long each timer of a batch still takes, by the keys of their tasks. */
    static Map<String, List<Duration>> left(List<RunningTimer> timers, Instant now) {
        return timers.stream()
                .collect(Collectors.groupingBy(
                        RunningTimer::taskKey,
                        Collectors.mapping(timer -> Duration.between(now, timer.endsAt()), Collectors.toList())));
    }

    private synchronized BatchPlan running(StoredBatch stored, BatchPlan plan) {
        DayPlan day = plan.day();
        Optional<Laid> kept = laid.of(stored.id());
        if (kept.isEmpty()) {
            BatchPlan begun = desk.known(stored.id(), day).map(plan::laid).orElse(plan);
            laid.keep(stored.id(), laid(begun.timetable(), stored.revision(), ""));
            return begun;
        }
        if (kept.get().revision() == stored.revision()) {
            return laid(plan, kept.get(), () -> plan.laid(before(day, kept.get())));
        }
        Timetable before = before(day, kept.get());
        ZonedDateTime now = ZonedDateTime.now(clock);
        Standing standing = Standing.of(
                before,
                stored.startedAt(),
                runs.done(stored.id()),
                left(runs.timers(stored.id()), now.toInstant()),
                now);
        // A table that is called earlier or later takes along what nobody has begun.
        Duration later = before.find(DayPlan.SERVE)
                .map(slot -> Duration.between(slot.end(), day.serving()))
                .orElse(Duration.ZERO);
        Forecast again = again(stored, plan, before.forATable(later, standing::touched), standing);
        String said = Replanned.said(kept.get(), day, again, now);
        laid.keep(stored.id(), laid(again.table(), stored.revision(), said));
        return plan.laid(again.table());
    }

    /** Where nothing has been done yet and there is time, the day is new; else what is left of it keeps its order. */
    private Forecast again(StoredBatch stored, BatchPlan plan, Timetable before, Standing standing) {
        Timetable fresh =
                desk.known(stored.id(), plan.day()).map(plan::laid).orElse(plan).timetable();
        boolean untouched = standing.done().isEmpty()
                && standing.timed().isEmpty()
                && standing.begun().isEmpty();
        return untouched && !standing.now().isAfter(fresh.latestStart())
                ? Forecast.of(plan.day(), fresh, standing)
                : Forecast.again(plan.day(), before, standing);
    }

    private Timetable before(DayPlan day, Laid kept) {
        return Layout.kept(day, key -> Optional.ofNullable(kept.tasks().get(key))
                .map(at -> new Layout.Kept(zoned(at.start()), zoned(at.end()), at.people())));
    }

    private ZonedDateTime zoned(Instant at) {
        ZoneId zone = clock.getZone();
        return at.atZone(zone);
    }

    private Laid laid(Timetable table, int revision, String said) {
        Map<String, At> tasks = new HashMap<>();
        table.slots()
                .forEach(slot -> tasks.put(
                        slot.task().key(),
                        new At(slot.start().toInstant(), slot.end().toInstant(), slot.people())));
        return new Laid(revision, clock.instant(), said, tasks);
    }
}
