package ironpin.web.kitchen;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.clock.DayPlan;
import ironpin.clock.Layout;
import ironpin.schedule.Problem;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import ironpin.solver.CpSat;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Thinks about days while their cooks read: each time a day has become better, or is proven, the pages that show it are told.
 * Nobody ever waits for it.
 */
@Component
public class SolverDesk {
    private static final Logger LOG = LoggerFactory.getLogger(SolverDesk.class);

    private static final int REMEMBERED = 64;

    private final Bell bell;

    /** How hard it thinks, one time after another, until there is nothing left to find. */
    private final List<Duration> efforts;

    private final Solver solver =
            CpSat.orNobody(missing -> LOG.warn("plans are not made better: the solver does not run here", missing));
    private final Cache<Problem, Solved> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** The day of each batch of which something was known last. */
    private final Cache<Long, Problem> last =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** A page asks several times about the same day. */
    private final Cache<DayPlan, Problem> problems =
            Caffeine.newBuilder().weakKeys().maximumSize(REMEMBERED).build();

    /** Days that have been thought about to the end. */
    private final Cache<Problem, Boolean> over =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /**
     * The day each batch is thought about, so that one that was changed meanwhile is not thought about any more.
     *
     * @param since when it was asked for
     */
    private record Wanted(Problem problem, Instant since) {}

    private final Map<Long, Wanted> wanted = new ConcurrentHashMap<>();

    /** What had to wait for others for longer than this is asked for again by whoever still looks at it. */
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** A plan that is just being changed is not thought about yet. */
    private static final Duration QUIET = Duration.ofMillis(1_500);

    private final ScheduledExecutorService thinker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "clock");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    SolverDesk(Bell bell, @Value("${ironpin.efforts:2s,8s}") List<Duration> efforts) {
        this.bell = bell;
        this.efforts = List.copyOf(efforts);
    }

    /** The best that is known of a day by now; nothing before it was thought about. */
    public Optional<Solved> known(DayPlan day) {
        return Optional.ofNullable(known.getIfPresent(problem(day)));
    }

    /**
     * The best that is known of a batch's day by now. Where the day was only moved, by a later table or somebody's hours, what was
     * known of it before goes along as long as it is better than a first answer.
     */
    public Optional<Solved> known(long batch, DayPlan day) {
        Problem problem = problem(day);
        Solved found = known.getIfPresent(problem);
        Problem before = last.getIfPresent(batch);
        if (found == null && before != null) {
            found = Optional.ofNullable(known.getIfPresent(before))
                    .flatMap(best -> best.carried(before, problem))
                    .filter(best -> better(best, Layout.first(day)))
                    .orElse(null);
            if (found != null) {
                known.put(problem, found);
            }
        }
        if (found != null) {
            last.put(batch, problem);
        }
        return Optional.ofNullable(found);
    }

    private Problem problem(DayPlan day) {
        return problems.get(day, Layout::problem);
    }

    private static boolean better(Solved one, Solved other) {
        return one.checked().score().compareTo(other.checked().score()) < 0;
    }

    /** A plan that was found elsewhere, where nothing better is known of the day. */
    public void remember(DayPlan day, Solved found) {
        known.asMap().merge(problem(day), found, (old, now) -> better(now, old) ? now : old);
    }

    /** Thinks about a day of a batch, if that has not been done. */
    public void think(long batch, DayPlan day) {
        Problem problem = problem(day);
        if (solver == Solver.NOBODY || wants(batch, problem)) {
            return;
        }
        if (over.getIfPresent(problem) != null) {
            wanted.remove(batch);
            return;
        }
        wanted.put(batch, new Wanted(problem, Instant.now()));
        later(batch, problem, day, 0, QUIET);
    }

    /** Whoever thinks here, for a question that has to be answered at once. */
    public Solver solver() {
        return solver;
    }

    /** Whether it still thinks about a day. */
    public boolean thinking(long batch, DayPlan day) {
        return wants(batch, problem(day));
    }

    private boolean wants(long batch, Problem problem) {
        Wanted now = wanted.get(batch);
        return now != null && now.problem().equals(problem);
    }

    private void later(long batch, Problem problem, DayPlan day, int effort, Duration pause) {
        if (!thinker.isShutdown()) {
            thinker.schedule(() -> think(batch, problem, day, effort), pause.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    /** One effort; the next one waits until others have had theirs. */
    private void think(long batch, Problem problem, DayPlan day, int effort) {
        Wanted asked = wanted.get(batch);
        if (asked == null || !asked.problem().equals(problem)) {
            return;
        }
        if (effort == 0 && asked.since().plus(PATIENCE).isBefore(Instant.now())) {
            wanted.remove(batch, asked);
            bell.ring(batch, "");
            return;
        }
        Solved best = known(day).orElseGet(() -> Layout.first(day));
        Solved found = solver.improve(problem, best.answer(), efforts.get(effort));
        boolean better = better(found, best);
        boolean more = better || !found.proof().equals(best.proof());
        known.put(problem, more ? found : best);
        boolean last = effort == efforts.size() - 1 || found.proof().all();
        if (last) {
            over.put(problem, true);
            wanted.remove(batch, asked);
        } else {
            later(batch, problem, day, effort + 1, Duration.ZERO);
        }
        if ((better || last) && !thinker.isShutdown()) {
            bell.ring(batch, "");
        }
    }

    @PreDestroy
    void close() {
        thinker.shutdownNow();
    }
}
