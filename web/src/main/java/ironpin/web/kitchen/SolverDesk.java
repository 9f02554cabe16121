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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Thinks about days while their cooks read: each time a day has become better, or is proven, the pages that show it are told.
 * Nobody ever waits for it.
 */
@Component
public class SolverDesk {
    private static final Logger LOG = LoggerFactory.getLogger(SolverDesk.class);

    /** How hard it thinks, one time after another, until there is nothing left to find. */
    private static final List<Duration> EFFORTS = List.of(Duration.ofSeconds(2), Duration.ofSeconds(8));

    private static final int REMEMBERED = 64;

    private final Bell bell;
    private final Solver solver =
            CpSat.orNobody(missing -> LOG.warn("plans are not made better: the solver does not run here", missing));
    private final Cache<Problem, Solved> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** The day each batch is thought about, so that one that was changed meanwhile is not thought about any more. */
    private final Map<Long, Problem> wanted = new ConcurrentHashMap<>();

    /** A plan that is just being changed is not thought about yet. */
    private static final Duration QUIET = Duration.ofMillis(1_500);

    private final ScheduledExecutorService thinker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "clock");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    SolverDesk(Bell bell) {
        this.bell = bell;
    }

    /** The best that is known of a day by now; nothing before it was thought about. */
    public Optional<Solved> known(DayPlan day) {
        return Optional.ofNullable(known.getIfPresent(Layout.problem(day)));
    }

    /** Thinks about a day of a batch, if that has not been done. */
    public void think(long batch, DayPlan day) {
        Problem problem = Layout.problem(day);
        if (solver == Solver.NOBODY
                || problem.equals(wanted.put(batch, problem))
                || known.getIfPresent(problem) != null) {
            return;
        }
        thinker.schedule(() -> think(batch, problem, day), QUIET.toMillis(), TimeUnit.MILLISECONDS);
    }

    /** Whoever thinks here, for a question that has to be answered at once. */
    public Solver solver() {
        return solver;
    }

    /** Whether it still thinks about a day. */
    public boolean thinking(long batch, DayPlan day) {
        return Layout.problem(day).equals(wanted.get(batch)) && solver != Solver.NOBODY;
    }

    private void think(long batch, Problem problem, DayPlan day) {
        if (!problem.equals(wanted.get(batch))) {
            return;
        }
        Solved best = Layout.first(day);
        for (int i = 0;
                i < EFFORTS.size()
                        && problem.equals(wanted.get(batch))
                        && !best.proof().all();
                i++) {
            Solved found = solver.improve(problem, best.answer(), EFFORTS.get(i));
            boolean last = i == EFFORTS.size() - 1 || found.proof().all();
            boolean better = found.checked().score().compareTo(best.checked().score()) < 0;
            best = better || !found.proof().equals(best.proof()) ? found : best;
            known.put(problem, best);
            if (last) {
                wanted.remove(batch, problem);
            }
            if ((better || last) && !thinker.isShutdown()) {
                bell.ring(batch, "");
            }
        }
    }

    @PreDestroy
    void close() {
        thinker.shutdownNow();
    }
}
