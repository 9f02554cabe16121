package ironpin.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Lays jobs out one after another, each as early as what is laid already allows: the serial scheme of scheduling under limited
 * resources, with greatest gaps that are kept where that is possible by moving what came too early.
 */
final class Laying {
    private static final int NEVER = Spaces.NEVER;

    private final Problem problem;
    private final int count;
    private final Spaces spaces;
    private final List<List<Lag>> into = new ArrayList<>();
    private final List<List<Lag>> outOf = new ArrayList<>();

    /** Numbers of the gaps that may be longer in a shelter. */
    private final List<Integer> sheltering = new ArrayList<>();

    /** Whether something is held until a job is over. */
    private final boolean[] ends;

    private Laid laid;
    private List<Diary> diaries;

    Laying(Problem problem) {
        this.problem = problem;
        this.count = problem.jobs().size();
        this.spaces = new Spaces(problem);
        this.ends = new boolean[count];
        for (int i = 0; i < count; i++) {
            into.add(new ArrayList<>());
            outOf.add(new ArrayList<>());
            Moment to = Moment.end(i);
            ends[i] = problem.holds().stream().anyMatch(hold -> hold.to().equals(to));
        }
        for (int i = 0; i < problem.lags().size(); i++) {
            Lag lag = problem.lags().get(i);
            outOf.get(lag.from().job()).add(lag);
            into.get(lag.to().job()).add(lag);
            if (lag.shelter().isPresent()) {
                sheltering.add(i);
            }
        }
    }

    /**
     * @param order smaller is laid first, of those that may be
     * @param urgent whether what has a greatest gap to something laid goes first, the tightest before all
     * @param chosen mode of each job; -1 for whichever is over first
     * @param release no earlier than this, by job
     */
    Answer lay(double[] order, boolean urgent, int[] chosen, int[] release) {
        laid = new Laid(problem);
        diaries = problem.workers().stream().map(worker -> new Diary()).toList();
        int left = count;
        for (int i = 0; i < count; i++) {
            Job job = problem.jobs().get(i);
            if (job.held().isPresent()) {
                place(
                        i,
                        job.modes().isEmpty() ? -1 : Math.max(0, chosen[i]),
                        job.held().getAsInt());
                left--;
            }
        }
        for (; left > 0; left--) {
            place(next(order, urgent, release), release, chosen);
        }
        return laid.answer();
    }

    private int next(double[] order, boolean urgent, int[] release) {
        int best = -1;
        boolean bestOpen = false;
        double bestKey = 0;
        for (int i = 0; i < count; i++) {
            if (laid.has(i) || !ready(i)) {
                continue;
            }
            boolean open = !spaces.matterTo(i) || spaces.from(i, earliest(i, release[i]), laid) < NEVER;
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
            best = laid.has(i) ? -1 : i;
        }
        return best;
    }

    private boolean ready(int job) {
        return into.get(job).stream().mapToInt(lag -> lag.from().job()).allMatch(from -> from == job || laid.has(from));
    }

    /** When a job begins of which this moment is then. */
    private int start(Moment moment, int tick) {
        return moment.edge() == Moment.Edge.START
                ? tick
                : tick - problem.jobs().get(moment.job()).time();
    }

    /** The earliest start by the orders that must be kept. */
    private int earliest(int job, int release) {
        int from = Math.max(problem.jobs().get(job).notBefore(), release);
        for (Lag lag : into.get(job)) {
            if (laid.has(lag.from().job())) {
                from = Math.max(from, start(lag.to(), laid.at(lag.from()) + lag.least()));
            }
        }
        for (Lag lag : outOf.get(job)) {
            if (laid.has(lag.to().job())
                    && lag.most().isPresent()
                    && lag.shelter().isEmpty()) {
                from = Math.max(
                        from, start(lag.from(), laid.at(lag.to()) - lag.most().getAsInt()));
            }
        }
        return from;
    }

    /** The latest start that keeps every greatest gap to what is laid. */
    private int deadline(int job) {
        int latest = NEVER;
        for (Lag lag : into.get(job)) {
            if (lag.most().isPresent()) {
                latest = Math.min(
                        latest, start(lag.to(), laid.at(lag.from()) + lag.most().getAsInt()));
            }
        }
        return latest;
    }

    private void place(int job, int[] release, int[] chosen) {
        Job what = problem.jobs().get(job);
        int from = earliest(job, release[job]);
        if (what.modes().isEmpty()) {
            int at = spaces.from(job, from, laid);
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
            int moved = spaces.from(job, at, laid);
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
                        ? diaries.get(worker).free(at, over(job, m, at) - at, what.yields())
                        : touchedFrom(worker, what, at);
                Worker who = problem.workers().get(worker);
                int first = what.manned() ? 0 : what.touches().get(0).offset();
                next = Math.max(next, who.from() - first);
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

    /** When a job that begins here is over. */
    private int over(int job, int m, int at) {
        Job what = problem.jobs().get(job);
        int until = at + what.time(m);
        if (!what.manned() || !what.yields()) {
            return until;
        }
        List<Diary.Entry> touches = new ArrayList<>();
        for (int worker : what.modes().get(m).workers()) {
            diaries.get(worker).touchesFrom(at, touches);
        }
        touches.sort(Comparator.comparingInt(Diary.Entry::from));
        for (Diary.Entry one : touches) {
            if (one.from() < until) {
                until += one.until() - one.from();
            }
        }
        return until;
    }

    private int touchedFrom(int worker, Job job, int at) {
        for (Touch touch : job.touches()) {
            int from = at + touch.offset();
            Diary.Entry busy = diaries.get(worker)
                    .inTheWay(from, from + touch.length(), one -> mayGrow(worker, one, touch.length()));
            if (busy != null) {
                return busy.until() - touch.offset();
            }
        }
        return at;
    }

    /** Whether a job that yields may take this much longer without pushing anything. */
    private boolean mayGrow(int worker, Diary.Entry one, int ticks) {
        int until = one.until() + ticks;
        return laid.workers(one.job()).size() == 1
                && diaries.get(worker).mayGrow(one, ticks)
                && outOf.get(one.job()).stream()
                        .noneMatch(lag -> lag.from().edge() == Moment.Edge.END
                                && laid.has(lag.to().job())
                                && laid.at(lag.to()) < until + lag.least())
                && !ends[one.job()]
                && until <= problem.workers().get(worker).until();
    }

    private void place(int job, int m, int at) {
        Job what = problem.jobs().get(job);
        laid.put(job, m, at, m < 0 ? at + what.time() : over(job, m, at));
        if (m >= 0) {
            what.modes().get(m).workers().forEach(worker -> occupy(diaries.get(worker), job, what));
        }
        for (int number : sheltering) {
            Lag lag = problem.lags().get(number);
            if ((lag.from().job() == job || lag.to().job() == job) && spaces.shelters(lag, laid)) {
                laid.shelter(number);
            }
        }
    }

    private void occupy(Diary diary, int job, Job what) {
        int start = laid.at(Moment.start(job));
        if (what.manned()) {
            Diary.Kind kind = what.yields() ? Diary.Kind.INTERRUPTIBLE : Diary.Kind.THROUGHOUT;
            diary.keep(new Diary.Entry(start, laid.at(Moment.end(job)), kind, job));
        }
        for (Touch touch : what.touches()) {
            diary.touch(start + touch.offset(), touch.length(), job)
                    .forEach(longer -> laid.until(longer.job(), longer.until()));
        }
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
