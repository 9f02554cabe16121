package ironpin.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Lays jobs out one after another, each as early as what is laid already allows: the serial scheme of scheduling under limited
 * resources, with greatest gaps that are kept where that is possible by moving what came too early.
 */
final class Laying {
    private static final int NEVER = 1_000_000;

    private final Problem problem;
    private final int count;
    private final List<List<Integer>> into = new ArrayList<>();
    private final List<List<Integer>> outOf = new ArrayList<>();

    /** What each job begins to hold, and whether something is held until it is over. */
    private final List<List<Hold>> begins = new ArrayList<>();

    private final boolean[] ends;

    private int[] start;
    private int[] end;
    private int[] mode;
    private boolean[] laid;
    private List<List<int[]>> busy;
    private Set<Integer> sheltered;

    /** What a worker is busy with: kinds of entries in {@link #busy}. */
    private static final int RIGID = 0;

    private static final int YIELDS = 1;
    private static final int TOUCH = 2;

    Laying(Problem problem) {
        this.problem = problem;
        this.count = problem.jobs().size();
        for (int i = 0; i < count; i++) {
            into.add(new ArrayList<>());
            outOf.add(new ArrayList<>());
        }
        ends = new boolean[count];
        for (int i = 0; i < count; i++) {
            Moment from = Moment.start(i);
            begins.add(problem.holds().stream()
                    .filter(hold -> hold.from().equals(from))
                    .toList());
            Moment to = Moment.end(i);
            ends[i] = problem.holds().stream().anyMatch(hold -> hold.to().equals(to));
        }
        for (int i = 0; i < problem.lags().size(); i++) {
            Lag lag = problem.lags().get(i);
            outOf.get(lag.from().job()).add(i);
            into.get(lag.to().job()).add(i);
        }
    }

    /**
     * @param order smaller is laid first, of those that may be
     * @param urgent whether what has a greatest gap to something laid goes first, the tightest before all
     * @param chosen mode of each job; -1 for whichever is over first
     * @param release no earlier than this, by job
     */
    Answer lay(double[] order, boolean urgent, int[] chosen, int[] release) {
        start = new int[count];
        end = new int[count];
        mode = new int[count];
        laid = new boolean[count];
        sheltered = new HashSet<>();
        busy = new ArrayList<>();
        problem.workers().forEach(worker -> busy.add(new ArrayList<>()));
        for (int i = 0; i < count; i++) {
            Job job = problem.jobs().get(i);
            if (job.held().isPresent()) {
                place(i, heldMode(job, chosen[i]), job.held().getAsInt());
            }
        }
        for (int left = (int) problem.jobs().stream()
                        .filter(job -> job.held().isEmpty())
                        .count();
                left > 0;
                left--) {
            layNext(order, urgent, chosen, release);
        }
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            slots.add(new Answer.Slot(
                    start[i], end[i], problem.jobs().get(i).modes().isEmpty() ? -1 : mode[i]));
        }
        return new Answer(slots, sheltered);
    }

    private static int heldMode(Job job, int chosen) {
        return job.modes().isEmpty() ? -1 : Math.max(0, chosen);
    }

    private void layNext(double[] order, boolean urgent, int[] chosen, int[] release) {
        int best = -1;
        boolean bestOpen = false;
        double bestKey = 0;
        for (int i = 0; i < count; i++) {
            if (laid[i] || !ready(i)) {
                continue;
            }
            boolean open = begins.get(i).isEmpty() || roomFrom(i, earliest(i, release[i])) < NEVER;
            double key = urgent ? deadline(i) * 1e6 + order[i] : order[i];
            if (best < 0 || (open && !bestOpen) || (open == bestOpen && key < bestKey)) {
                best = i;
                bestOpen = open;
                bestKey = key;
            }
        }
        for (int i = 0; best < 0; i++) {
            // Each of those that are left waits for another of them: the first goes first, and is seen to be
            // impossible.
            best = laid[i] ? -1 : i;
        }
        place(best, release, chosen);
    }

    private boolean ready(int job) {
        for (int lag : into.get(job)) {
            int from = problem.lags().get(lag).from().job();
            if (from != job && !laid[from]) {
                return false;
            }
        }
        return true;
    }

    private int at(Moment moment) {
        return moment.edge() == Moment.Edge.START ? start[moment.job()] : end[moment.job()];
    }

    /** The earliest start by the orders that must be kept. */
    private int earliest(int job, int release) {
        int from = Math.max(problem.jobs().get(job).notBefore(), release);
        for (int number : into.get(job)) {
            Lag lag = problem.lags().get(number);
            if (!laid[lag.from().job()]) {
                continue;
            }
            int least = at(lag.from()) + lag.least();
            from = Math.max(
                    from,
                    lag.to().edge() == Moment.Edge.START
                            ? least
                            : least - problem.jobs().get(job).time());
        }
        for (int number : outOf.get(job)) {
            Lag lag = problem.lags().get(number);
            if (laid[lag.to().job()] && lag.most().isPresent() && lag.shelter().isEmpty()) {
                int kept = at(lag.to()) - lag.most().getAsInt();
                boolean begins = lag.from().edge() == Moment.Edge.START;
                from = Math.max(
                        from, begins ? kept : kept - problem.jobs().get(job).time());
            }
        }
        return from;
    }

    /** The latest start that keeps every greatest gap to what is laid. */
    private int deadline(int job) {
        int latest = NEVER;
        for (int number : into.get(job)) {
            Lag lag = problem.lags().get(number);
            if (lag.most().isPresent()) {
                int most = at(lag.from()) + lag.most().getAsInt();
                latest = Math.min(
                        latest,
                        lag.to().edge() == Moment.Edge.START
                                ? most
                                : most - problem.jobs().get(job).time());
            }
        }
        return latest;
    }

    private void place(int job, int[] release, int[] chosen) {
        Job what = problem.jobs().get(job);
        int from = earliest(job, release[job]);
        if (what.modes().isEmpty()) {
            int at = roomFrom(job, from);
            place(job, -1, at >= NEVER ? from : at);
            return;
        }
        int bestMode = -1;
        int bestStart = 0;
        int bestEnd = 0;
        for (int m = 0; m < what.modes().size(); m++) {
            if (chosen[job] >= 0 && chosen[job] != m) {
                continue;
            }
            int at = fit(job, m, from);
            int over = at >= NEVER ? NEVER : over(job, m, at);
            if (bestMode < 0 || over < bestEnd) {
                bestMode = m;
                bestStart = at;
                bestEnd = over;
            }
        }
        if (bestStart >= NEVER && chosen[job] >= 0) {
            // Whoever was to do it cannot any more: somebody else does.
            int[] anybody = chosen.clone();
            anybody[job] = -1;
            place(job, release, anybody);
            return;
        }
        // Nobody is there for it at any time: it lies where it would, and is seen to be impossible.
        place(job, bestMode, bestStart >= NEVER ? from : bestStart);
    }

    /** The earliest start from here at which workers and rooms are free; NEVER if there is none. */
    private int fit(int job, int m, int from) {
        int at = from;
        while (at < NEVER) {
            int moved = roomFrom(job, at);
            if (moved >= NEVER) {
                return NEVER;
            }
            int free = workersFrom(job, m, moved);
            if (free == at) {
                return at;
            }
            at = free;
        }
        return NEVER;
    }

    private int workersFrom(int job, int m, int from) {
        Job what = problem.jobs().get(job);
        int at = from;
        boolean moved = true;
        while (moved && at < NEVER) {
            moved = false;
            for (int worker : what.modes().get(m).workers()) {
                int next = what.manned()
                        ? mannedFrom(worker, what.yields(), at, spell(job, m, at))
                        : touchedFrom(worker, what, at);
                Worker who = problem.workers().get(worker);
                int first = what.manned() ? 0 : what.touches().get(0).offset();
                if (next + first < who.from()) {
                    next = who.from() - first;
                }
                int leaves = what.manned() ? over(job, m, next) : next + lastTouch(what);
                if (leaves > who.until()) {
                    return NEVER;
                }
                if (next != at) {
                    at = next;
                    moved = true;
                }
            }
        }
        return at;
    }

    private static int lastTouch(Job job) {
        Touch last = job.touches().get(job.touches().size() - 1);
        return last.offset() + last.length();
    }

    private int spell(int job, int m, int at) {
        return over(job, m, at) - at;
    }

    /** When a job that begins here is over. */
    private int over(int job, int m, int at) {
        Job what = problem.jobs().get(job);
        int until = at + what.time(m);
        if (!what.manned() || !what.yields()) {
            return until;
        }
        List<int[]> touches = new ArrayList<>();
        for (int worker : what.modes().get(m).workers()) {
            for (int[] one : busy.get(worker)) {
                if (one[2] == TOUCH && one[0] >= at) {
                    touches.add(one);
                }
            }
        }
        touches.sort(Comparator.comparingInt(one -> one[0]));
        for (int[] one : touches) {
            if (one[0] < until) {
                until += one[1] - one[0];
            }
        }
        return until;
    }

    private int mannedFrom(int worker, boolean yields, int at, int length) {
        int next = at;
        for (int[] one : busy.get(worker)) {
            boolean overlaps = next < one[1] && next + length > one[0];
            if (overlaps && yields && one[2] == TOUCH && one[0] > next) {
                continue;
            }
            if (overlaps) {
                next = one[1];
            }
        }
        return next;
    }

    private int touchedFrom(int worker, Job job, int at) {
        int next = at;
        for (Touch touch : job.touches()) {
            int from = next + touch.offset();
            int until = from + touch.length();
            for (int[] one : busy.get(worker)) {
                if (from < one[1] && until > one[0]) {
                    if (one[2] == YIELDS && from > one[0] && mayGrow(worker, one, touch.length())) {
                        continue;
                    }
                    return one[1] - touch.offset();
                }
            }
        }
        return next;
    }

    /** Whether a job that yields may take this much longer without pushing anything. */
    private boolean mayGrow(int worker, int[] one, int by) {
        int job = one[3];
        if (problem.jobs().get(job).modes().get(mode[job]).workers().size() > 1) {
            return false;
        }
        for (int[] other : busy.get(worker)) {
            if (other != one && other[0] < one[1] + by && other[1] > one[1]) {
                return false;
            }
        }
        for (int number : outOf.get(job)) {
            Lag lag = problem.lags().get(number);
            if (lag.from().edge() == Moment.Edge.END
                    && laid[lag.to().job()]
                    && at(lag.to()) < one[1] + by + lag.least()) {
                return false;
            }
        }
        return !ends[job] && one[1] + by <= problem.workers().get(worker).until();
    }

    /** The earliest start from here at which the rooms have space for what it begins to hold. */
    private int roomFrom(int job, int from) {
        int at = from;
        for (Hold hold : begins.get(job)) {
            int next = spaceFrom(hold, at);
            if (next >= NEVER) {
                return NEVER;
            }
            at = next;
        }
        return at;
    }

    private int spaceFrom(Hold hold, int from) {
        int at = from;
        int units = problem.rooms().get(hold.room()).units();
        if (hold.units() > units) {
            return NEVER;
        }
        int length = lasts(hold);
        boolean moved = true;
        while (moved) {
            moved = false;
            int used = hold.units();
            int nextFree = NEVER;
            for (Hold other : problem.holds()) {
                if (other == hold
                        || other.room() != hold.room()
                        || !laid[other.from().job()]) {
                    continue;
                }
                boolean open = !laid[other.to().job()];
                int until = open ? NEVER : at(other.to());
                // Holds that begin later are kept clear of as well where it is not known yet how long this one lasts.
                if (until > at && at(other.from()) - length < at) {
                    used += other.units();
                    nextFree = Math.min(nextFree, until);
                }
            }
            if (used > units) {
                if (nextFree >= NEVER) {
                    return NEVER;
                }
                at = nextFree;
                moved = true;
            }
        }
        return at;
    }

    /** How long something is held by one job, at most; many where it is held by several, or its job may take longer. */
    private int lasts(Hold hold) {
        Job job = problem.jobs().get(hold.from().job());
        if (hold.from().job() != hold.to().job() || job.yields()) {
            return NEVER;
        }
        return job.manned() ? job.modes().stream().mapToInt(Mode::time).max().orElse(NEVER) : job.time();
    }

    private void place(int job, int m, int at) {
        Job what = problem.jobs().get(job);
        mode[job] = m;
        start[job] = at;
        end[job] = m < 0 ? at + what.time() : over(job, m, at);
        laid[job] = true;
        if (m >= 0) {
            for (int worker : what.modes().get(m).workers()) {
                occupy(worker, job, what);
            }
        }
        for (int number : into.get(job)) {
            shelter(number);
        }
        for (int number : outOf.get(job)) {
            shelter(number);
        }
    }

    private void occupy(int worker, int job, Job what) {
        List<int[]> mine = busy.get(worker);
        if (what.manned()) {
            mine.add(new int[] {start[job], end[job], what.yields() ? YIELDS : RIGID, job});
        }
        for (Touch touch : what.touches()) {
            int from = start[job] + touch.offset();
            for (int[] one : mine) {
                if (one[2] == YIELDS && from > one[0] && from < one[1]) {
                    one[1] += touch.length();
                    end[one[3]] = one[1];
                }
            }
            mine.add(new int[] {from, from + touch.length(), TOUCH, job});
        }
        mine.sort(Comparator.comparingInt(one -> one[0]));
    }

    private void shelter(int number) {
        Lag lag = problem.lags().get(number);
        if (lag.shelter().isEmpty()
                || !laid[lag.from().job()]
                || !laid[lag.to().job()]
                || at(lag.to()) - at(lag.from()) <= lag.most().orElse(NEVER)) {
            return;
        }
        Lag.Shelter where = lag.shelter().get();
        if (at(lag.to()) - at(lag.from()) <= where.most().orElse(NEVER)
                && used(where.room(), at(lag.from()), at(lag.to())) + where.units()
                        <= problem.rooms().get(where.room()).units()) {
            sheltered.add(number);
        }
    }

    /** The most that is in a room at any time of a span, held and sheltered. */
    private int used(int room, int from, int until) {
        List<int[]> spans = new ArrayList<>();
        for (Hold hold : problem.holds()) {
            if (hold.room() == room && laid[hold.from().job()] && laid[hold.to().job()]) {
                spans.add(new int[] {at(hold.from()), at(hold.to()), hold.units()});
            }
        }
        for (int number : sheltered) {
            Lag lag = problem.lags().get(number);
            if (lag.shelter().orElseThrow().room() == room) {
                spans.add(new int[] {
                    at(lag.from()), at(lag.to()), lag.shelter().get().units()
                });
            }
        }
        int most = 0;
        for (int[] at : spans) {
            int sum = 0;
            int moment = Math.max(at[0], from);
            if (at[1] <= from || at[0] >= until) {
                continue;
            }
            for (int[] other : spans) {
                sum += other[0] <= moment && other[1] > moment ? other[2] : 0;
            }
            most = Math.max(most, sum);
        }
        return most;
    }

    /** What to release later so that a gap that is too long could be kept: the job it begins with, by as much as it is too long. */
    static int[] released(Problem problem, Answer answer, Checked checked, int[] before) {
        int[] release = Arrays.copyOf(before, before.length);
        boolean changed = false;
        for (var one : checked.longer().entrySet()) {
            Lag lag = problem.lags().get(one.getKey());
            int job = lag.from().job();
            if (problem.jobs().get(job).held().isEmpty() && job != lag.to().job()) {
                release[job] = Math.max(release[job], answer.slots().get(job).start() + one.getValue());
                changed = true;
            }
        }
        return changed ? release : before;
    }
}
