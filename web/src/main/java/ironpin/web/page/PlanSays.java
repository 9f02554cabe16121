package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.clock.Forecast;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What a plan says by itself, whoever looks and whenever: worked out when it is first asked for, and kept with the plan.
 * How late a day is changes by the minute, so what speaks of it is never kept.
 */
public final class PlanSays {
    private static final Set<Station> BY_THE_MINUTE = EnumSet.of(Station.TABLE, Station.CLOCK);

    private record At(Station station, int lot) {}

    private final BatchPlan plan;
    private final Map<At, List<Finding>> findings = new ConcurrentHashMap<>();
    private final Map<Object, Object> told = new ConcurrentHashMap<>();
    private final Once<Map<Station, Finding.Level>> worst = new Once<>(this::worstOfEach);
    private final Once<List<Eaten>> eaten = new Once<>(() -> Eaten.of(plan()));

    PlanSays(BatchPlan plan) {
        this.plan = plan;
    }

    BatchPlan plan() {
        return plan;
    }

    /** The most pressing level at a station, over all lots. */
    Finding.Level worst(Station station) {
        return worst.get().get(station);
    }

    List<Eaten> eaten() {
        return eaten.get();
    }

    /** Anything else that follows from the plan alone. @param question one that is equal whenever the same is asked */
    @SuppressWarnings("unchecked")
    public <T> T once(Object question, Function<BatchPlan, T> how) {
        return (T) told.computeIfAbsent(question, asked -> how.apply(plan));
    }

    List<Finding> findings(Station station, int lot, Optional<Forecast> late) {
        return BY_THE_MINUTE.contains(station)
                ? Findings.at(station, plan, lot, late)
                : findings.computeIfAbsent(new At(station, lot), at -> Findings.at(station, plan, lot, late));
    }

    private Map<Station, Finding.Level> worstOfEach() {
        Map<Station, Finding.Level> found = new EnumMap<>(Station.class);
        for (Station station : Station.values()) {
            found.put(station, Findings.worst(station, plan));
        }
        return found;
    }

    /** Two that ask at once may both work it out; they come to the same. */
    private static final class Once<T> {
        private final Supplier<T> how;
        private volatile T known;

        Once(Supplier<T> how) {
            this.how = how;
        }

        T get() {
            T found = known;
            if (found == null) {
                found = how.get();
                known = found;
            }
            return found;
        }
    }
}
