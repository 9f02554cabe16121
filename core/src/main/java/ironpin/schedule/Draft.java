package ironpin.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A good answer at once: a handful of orders, the gaps that came out too long mended where that is possible, and then a search
 * around the best of them. The same problem always gives the same answer.
 */
public final class Draft {
    /** How many times jobs are laid out where somebody can wait a moment for it. */
    public static final int AT_ONCE = 60;

    private static final int MENDINGS = 3;

    /** Ticks by which a target is let be later at first, and at most, where it cannot be in time. */
    private static final int FIRST_LATER = 2;

    private static final int MOST_LATER = 2_048;

    /** How often each lateness is laid out before the next is tried. */
    private static final int LATER_TRIES = 12;

    /** A tick of a gap that is too long weighs as much as so many of an earlier start, on the way. */
    private static final double EXCESS = 3;

    private static final double HOTTEST = 20;
    private static final double COLDEST = 0.5;
    private static final long SEED = 20_261_128;

    private final Problem problem;
    private final boolean backwards;
    private final Problem turned;
    private final Laying laying;
    private final int count;
    private int tries;

    private double[] bestOrder;
    private int[] bestModes;
    private boolean bestUrgent;
    private int[] bestRelease;
    private Answer best;
    private Score bestScore;
    private int latest = Integer.MAX_VALUE;

    private Draft(Problem problem, boolean backwards, int tries) {
        this.problem = problem;
        this.backwards = backwards;
        this.turned = backwards ? problem.mirrored() : problem;
        this.laying = new Laying(turned);
        this.count = problem.jobs().size();
        this.tries = tries;
    }

    /**
     * The day laid out backwards from when the target is due, as late as possible. Where something that is held, or somebody who
     * comes late, does not let it be in time, the target is as late as it has to be.
     *
     * @param tries how many layings it may take, at least 1
     */
    public static Answer backwards(Problem problem, int tries) {
        Answer inTime = backwards(problem, 0, tries);
        Answer best = Checked.of(problem, inTime).score().broken() > 0 && anchored(problem)
                ? later(problem, inTime, Math.min(tries, LATER_TRIES))
                : inTime;
        return Afterwards.soon(problem, best);
    }

    /**
     * The same, in the order of an answer to a problem of the same jobs where that can be kept.
     *
     * @param like whose order it is
     * @param tries how many layings it may take, at least 1
     */
    public static Answer backwards(Problem problem, Answer like, int tries) {
        Draft draft = new Draft(inTime(problem, 0), true, tries);
        draft.like(like);
        return draft.best;
    }

    private static Answer backwards(Problem problem, int late, int tries) {
        Draft draft = new Draft(inTime(problem, late), true, tries);
        draft.search();
        return draft.best;
    }

    /** The target is over when it is due, and so much later. */
    private static Problem inTime(Problem problem, int late) {
        List<Job> jobs = new ArrayList<>(problem.jobs());
        Job target = jobs.get(problem.target());
        if (target.held().isEmpty()) {
            jobs.set(problem.target(), target.at(problem.due() + late - target.time(0)));
        }
        return problem.with(jobs);
    }

    /** Whether a later target could help: else everything would only be later with it. */
    private static boolean anchored(Problem problem) {
        Job target = problem.jobs().get(problem.target());
        return target.held().isEmpty()
                && (problem.jobs().stream().anyMatch(job -> job.held().isPresent() || job.notBefore() > Job.ANY_TIME)
                        || problem.workers().stream().anyMatch(worker -> worker.from() > Job.ANY_TIME));
    }

    /** The least lateness that was found to keep what must be kept; the answer in time where no lateness that is tried does. */
    private static Answer later(Problem problem, Answer inTime, int tries) {
        Answer kept = inTime;
        int before = 0;
        int late = FIRST_LATER;
        while (late <= MOST_LATER && kept == inTime) {
            Answer found = backwards(problem, late, tries);
            if (Checked.of(problem, found).score().broken() == 0) {
                kept = found;
            } else {
                before = late;
                late *= 2;
            }
        }
        if (kept == inTime) {
            return inTime;
        }
        while (late - before > 1) {
            int middle = (before + late) / 2;
            Answer found = backwards(problem, middle, tries);
            if (Checked.of(problem, found).score().broken() == 0) {
                kept = found;
                late = middle;
            } else {
                before = middle;
            }
        }
        return kept;
    }

    /**
     * The day from what is held on, each job as early as possible and no earlier than it may be.
     *
     * @param like an answer whose order is to be kept where it can be
     * @param tries how many layings it may take, at least 1: with one it is the same order, whatever follows
     */
    public static Answer forwards(Problem problem, Answer like, int tries) {
        Draft draft = new Draft(problem, false, tries);
        boolean kept = draft.like(like);
        if (draft.tries > 0 && !kept) {
            draft.search();
        }
        return draft.best;
    }

    /**
     * More layings: of a day that has begun around an answer there is, of another backwards; it may be worse than that answer.
     *
     * @param tries how many layings it may take, at least 1
     */
    public static Answer around(Problem problem, Answer known, int tries) {
        boolean running = problem.jobs().stream().anyMatch(job -> job.notBefore() > Job.ANY_TIME);
        if (!running) {
            return backwards(problem, tries);
        }
        Draft draft = new Draft(problem, false, tries);
        draft.like(known);
        draft.search();
        return draft.best;
    }

    /** @return whether its order keeps what must be kept, before it is only put off */
    private boolean like(Answer known) {
        double[] order = new double[count];
        int[] modes = new int[count];
        for (int i = 0; i < count; i++) {
            Answer.Slot slot = known.slots().get(i);
            order[i] = (backwards ? -slot.end() : slot.start()) + i * 1e-3;
            modes[i] = known.slots().get(i).mode();
        }
        boolean kept = attempt(order, false, modes).kept();
        if (!backwards) {
            offer(later(known));
        }
        // A table that has been called is never later for the sake of a gap.
        latest = bestScore.late();
        return kept;
    }

    /** The same answer with everything that has not begun as much later as the first of it has to be: no worse than being late by that. */
    private Answer later(Answer known) {
        int by = 0;
        for (int i = 0; i < count; i++) {
            Job job = problem.jobs().get(i);
            if (job.held().isEmpty()) {
                by = Math.max(by, job.notBefore() - known.slots().get(i).start());
            }
        }
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Answer.Slot slot = known.slots().get(i);
            int start = problem.jobs().get(i).held().orElse(slot.start() + by);
            slots.add(new Answer.Slot(start, start + slot.end() - slot.start(), slot.mode()));
        }
        return new Answer(slots, known.sheltered());
    }

    /** Takes it if it is better; its order is searched around no more than before. */
    private void offer(Answer answer) {
        Score score = Checked.of(problem, answer).score();
        if (score.compareTo(bestScore) < 0) {
            best = answer;
            bestScore = score;
        }
    }

    private void search() {
        int[] any = new int[count];
        Arrays.fill(any, -1);
        double[] tail = tails();
        double[] listed = new double[count];
        for (int i = 0; i < count; i++) {
            listed[i] = backwards ? -i : i;
        }
        for (boolean urgent : new boolean[] {true, false}) {
            attempt(tail, urgent, any);
            attempt(listed, urgent, any);
        }
        anneal(new SplittableRandom(SEED));
    }

    /** Goes on from what was laid last, also where that is a little worse: less and less so towards the end. */
    private void anneal(SplittableRandom random) {
        if (tries <= 0) {
            return;
        }
        int all = tries;
        double[] order = bestOrder;
        int[] modes = bestModes;
        boolean urgent = bestUrgent;
        double cost = cost(bestScore);
        while (tries > 0) {
            double heat = HOTTEST * Math.pow(COLDEST / HOTTEST, 1 - (double) tries / all);
            double[] changed = Arrays.copyOf(order, count);
            int[] other = Arrays.copyOf(modes, count);
            boolean turned = random.nextInt(40) == 0 ? !urgent : urgent;
            shake(changed, other, random);
            double found = cost(attempt(changed, turned, other));
            if (found <= cost || random.nextDouble() < Math.exp((cost - found) / heat)) {
                order = changed;
                modes = other;
                urgent = turned;
                cost = found;
            }
        }
    }

    private static double cost(Score score) {
        return 1e5 * score.broken()
                + EXCESS * score.excess()
                + EXCESS * score.late()
                - score.start()
                + 1e-3 * score.waiting()
                + 1e-3 * score.changes();
    }

    private void shake(double[] order, int[] modes, SplittableRandom random) {
        for (int moves = 1 + random.nextInt(2); moves > 0; moves--) {
            int a = random.nextInt(count);
            int b = random.nextInt(count);
            if (random.nextInt(3) == 0) {
                int choices = problem.jobs().get(a).modes().size();
                modes[a] = choices == 0 ? -1 : random.nextInt(choices + 1) - 1;
            } else if (random.nextBoolean()) {
                double swap = order[a];
                order[a] = order[b];
                order[b] = swap;
            } else {
                order[a] = order[b] + (random.nextBoolean() ? 1e-4 : -1e-4) * (1 + random.nextInt(9));
            }
        }
    }

    /** Negated length of the longest chain that hangs on each job. */
    private double[] tails() {
        double[] tail = new double[count];
        boolean moved = true;
        for (int i = 0; i < count; i++) {
            tail[i] = turned.jobs().get(i).time(0);
        }
        for (int round = 0; moved && round <= count; round++) {
            moved = false;
            for (Lag lag : turned.lags()) {
                double longer = tail[lag.to().job()]
                        + Math.max(0, lag.least())
                        + turned.jobs().get(lag.from().job()).time(0);
                if (lag.from().job() != lag.to().job()
                        && longer > tail[lag.from().job()] + 1e-9) {
                    tail[lag.from().job()] = longer;
                    moved = true;
                }
            }
        }
        double[] order = new double[count];
        for (int i = 0; i < count; i++) {
            order[i] = -tail[i];
        }
        return order;
    }

    /** The best score on the way. */
    private Score attempt(double[] order, boolean urgent, int[] modes) {
        int[] release = new int[count];
        Arrays.fill(release, Job.ANY_TIME);
        if (bestRelease != null && Arrays.equals(order, bestOrder)) {
            release = Arrays.copyOf(bestRelease, count);
        }
        Score reached = null;
        for (int mending = 0; mending < MENDINGS && tries > 0; mending++) {
            tries--;
            Answer laid = laying.lay(order, urgent, modes, release);
            Answer answer = backwards ? laid.mirrored() : laid;
            Checked checked = Checked.of(problem, answer);
            reached = reached == null || checked.score().compareTo(reached) < 0 ? checked.score() : reached;
            if (best == null
                    || (checked.score().late() <= latest && checked.score().compareTo(bestScore) < 0)) {
                best = answer;
                bestScore = checked.score();
                bestOrder = order;
                bestModes = modes;
                bestUrgent = urgent;
                bestRelease = release;
            }
            if (checked.longer().isEmpty()) {
                return reached;
            }
            Checked asLaid = backwards ? Checked.of(turned, laid) : checked;
            int[] mended = Laying.released(turned, laid, asLaid, release);
            if (mended == release) {
                return reached;
            }
            release = mended;
        }
        return reached;
    }
}
