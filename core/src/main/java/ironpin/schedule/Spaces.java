package ironpin.schedule;

import java.util.ArrayList;
import java.util.List;

/** What space the rooms have beside what is laid. */
final class Spaces {
    /** No room has this space at any time. */
    static final int NEVER = 1_000_000;

    private final Problem problem;
    private final List<List<Hold>> begins = new ArrayList<>();

    Spaces(Problem problem) {
        this.problem = problem;
        for (int i = 0; i < problem.jobs().size(); i++) {
            Moment from = Moment.start(i);
            begins.add(problem.holds().stream()
                    .filter(hold -> hold.from().equals(from))
                    .toList());
        }
    }

    /** Whether a job begins to hold something. */
    boolean matterTo(int job) {
        return !begins.get(job).isEmpty();
    }

    /** The earliest start from here at which there is space for what a job begins to hold. */
    int from(int job, int from, Laid laid) {
        int at = from;
        for (Hold hold : begins.get(job)) {
            at = spaceFrom(hold, at, laid);
            if (at >= NEVER) {
                return NEVER;
            }
        }
        return at;
    }

    private int spaceFrom(Hold hold, int from, Laid laid) {
        int units = problem.rooms().get(hold.room()).units();
        if (hold.units() > units) {
            return NEVER;
        }
        int length = lasts(hold);
        int at = from;
        while (at < NEVER) {
            int used = hold.units();
            int nextFree = NEVER;
            for (Hold other : problem.holds()) {
                if (other == hold
                        || other.room() != hold.room()
                        || !laid.has(other.from().job())) {
                    continue;
                }
                int until = laid.has(other.to().job()) ? laid.at(other.to()) : NEVER;
                // Holds that begin later are kept clear of as well where it is not known yet how long this one lasts.
                if (until > at && laid.at(other.from()) - length < at) {
                    used += other.units();
                    nextFree = Math.min(nextFree, until);
                }
            }
            if (used <= units) {
                return at;
            }
            at = nextFree;
        }
        return NEVER;
    }

    /** How long something is held by one job, at most; many where it is held by several, or its job may take longer. */
    private int lasts(Hold hold) {
        Job job = problem.jobs().get(hold.from().job());
        if (hold.from().job() != hold.to().job() || job.yields()) {
            return NEVER;
        }
        return job.manned() ? job.modes().stream().mapToInt(Mode::time).max().orElse(NEVER) : job.time();
    }

    /** Whether a gap that is laid needs its shelter, and finds space in it. */
    boolean shelters(Lag lag, Laid laid) {
        if (lag.shelter().isEmpty()
                || !laid.has(lag)
                || laid.gap(lag) <= lag.most().orElse(NEVER)) {
            return false;
        }
        Lag.Shelter where = lag.shelter().get();
        return laid.gap(lag) <= where.most().orElse(NEVER)
                && used(where.room(), laid.at(lag.from()), laid.at(lag.to()), laid) + where.units()
                        <= problem.rooms().get(where.room()).units();
    }

    private record Use(int from, int until, int units) {}

    /** The most that is in a room at any time of a span, held and sheltered. */
    private int used(int room, int from, int until, Laid laid) {
        List<Use> uses = new ArrayList<>();
        for (Hold hold : problem.holds()) {
            if (hold.room() == room
                    && laid.has(hold.from().job())
                    && laid.has(hold.to().job())) {
                uses.add(new Use(laid.at(hold.from()), laid.at(hold.to()), hold.units()));
            }
        }
        for (int number : laid.sheltered()) {
            Lag lag = problem.lags().get(number);
            Lag.Shelter where = lag.shelter().orElseThrow();
            if (where.room() == room) {
                uses.add(new Use(laid.at(lag.from()), laid.at(lag.to()), where.units()));
            }
        }
        int most = 0;
        for (Use use : uses) {
            if (use.until > from && use.from < until) {
                int moment = Math.max(use.from, from);
                most = Math.max(
                        most,
                        uses.stream()
                                .filter(other -> other.from <= moment && other.until > moment)
                                .mapToInt(Use::units)
                                .sum());
            }
        }
        return most;
    }
}
