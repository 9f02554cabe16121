package ironpin.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.util.function.Consumer;

/**
 * The best answer by a solver that learns from its dead ends (CP-SAT of OR-Tools), put to work from both sides: one search shows
 * what no answer can beat, another makes the answer there is better. Budgets count work and not seconds, so the same
 * problem always gives the same answer.
 */
public final class CpSat implements Solver {
    private static final int SEED = 1;

    /** Shares of the effort: laying out again and again, the two searches one after the other, less lying about. */
    private static final double LAYING = 0.2;

    private static final double SEARCHING = 0.55;

    /** Of the two searches, what is spent on showing what cannot be beaten. */
    private static final double PROVING = 0.4;

    private static final double WAITING = 0.2;

    /** As much of that again for fewer changes of job. */
    private static final double CHANGING = 0.25;

    /** Work the solver counts in a second, and layings in a second, on the machine docs/benchmarks.md was measured on. */
    private static final double WORK = 0.055;

    private static final double LAYINGS = 1_500;

    /** A machine that is busy with other things gives the whole up after so many times its seconds, and says what it knows. */
    private static final double PATIENCE = 10;

    /** So few jobs are searched through before a part of them can be chosen. */
    private static final int SMALL = 16;

    private CpSat() {}

    /**
     * The solver, or nobody where its library does not run on this machine.
     *
     * @param missing told why, if it does not
     */
    public static Solver orNobody(Consumer<Throwable> missing) {
        try {
            Loader.loadNativeLibraries();
            return new CpSat();
        } catch (RuntimeException | LinkageError e) {
            missing.accept(e);
            return Solver.NOBODY;
        }
    }

    @Override
    public Solved improve(Problem problem, Answer first, Duration effort) {
        double seconds = effort.toMillis() / 1_000.0;
        Answer laid = Draft.around(problem, first, (int) Math.max(1, seconds * LAYING * LAYINGS));
        Answer start = better(problem, first, laid);
        Checked known = Checked.of(problem, start);
        double work = seconds * SEARCHING * WORK;
        Until until = Until.in(seconds * PATIENCE);
        // One after the other: the second core belongs to whoever cooks.
        Found proven = start(problem, start, known, proving(work * PROVING, until));
        Found better = proven.optimal ? proven : start(problem, start, known, improving(work * (1 - PROVING), until));
        Answer best = better(problem, better(problem, start, proven.answer), better.answer);
        int least = Math.min(proven.beyond(), better.beyond());
        Checked now = Checked.of(problem, best);
        boolean done = proven.optimal || better.optimal;
        boolean unknown = !now.score().kept() || least == Integer.MAX_VALUE;
        int more = done ? 0 : unknown ? -1 : Math.max(0, least - ahead(known, now));
        if (!done && more != 0) {
            return new Solved(best, now, new Solved.Proof(false, more));
        }
        return calmer(problem, best, now, seconds * WAITING * WORK, until);
    }

    /** By how much an answer is better than another that keeps as much: what is less late, or starts later. */
    private static int ahead(Checked before, Checked now) {
        return before.score().late()
                - now.score().late()
                + Math.max(0, now.score().start() - before.score().start());
    }

    /**
     * What a search came to.
     *
     * @param answer the best it found
     * @param optimal whether there is no better
     * @param beyond ticks by which another might begin later than the one it began with; many where nothing is known
     */
    private record Found(Answer answer, boolean optimal, int beyond) {}

    private static Found start(Problem problem, Answer first, Checked known, CpSolver solver) {
        Model model = new Model(problem, first, known);
        long range = model.range();
        model.cp.minimize(LinearExpr.newBuilder()
                .addTerm(model.late, range)
                .addTerm(model.first, -1)
                .add(LinearExpr.weightedSum(new LinearArgument[] {model.excess}, new long[] {range * range * 4}))
                .build());
        CpSolverStatus status = solver.solve(model.cp);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return new Found(first, false, Integer.MAX_VALUE);
        }
        Score score = known.score();
        double value = (double) range * score.late() - score.start();
        int beyond = score.kept() && score.late() == 0
                ? (int) Math.max(0, Math.round(value - solver.bestObjectiveBound()))
                : Integer.MAX_VALUE;
        return new Found(model.answer(values(solver)), status == CpSolverStatus.OPTIMAL, beyond);
    }

    /** The same start and no gap longer, with less lying about. */
    private static Solved calmer(Problem problem, Answer best, Checked now, double work, Until until) {
        Model model = new Model(problem, best, now);
        Score score = now.score();
        model.cp.addGreaterOrEqual(model.first, score.start());
        model.cp.addLessOrEqual(model.late, score.late());
        model.cp.addLessOrEqual(model.excess, score.excess());
        model.cp.minimize(model.waiting);
        CpSolver solver = problem.jobs().size() <= SMALL ? solver(work, until) : improving(work, until);
        CpSolverStatus status = solver.solve(model.cp);
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        Answer calm = found ? better(problem, best, model.answer(values(solver))) : best;
        Answer steady = steadier(problem, calm, work * CHANGING, until);
        return new Solved(steady, Checked.of(problem, steady), new Solved.Proof(status == CpSolverStatus.OPTIMAL, 0));
    }

    /** The same start, no gap longer and no more waiting, with fewer changes from one trade to another. */
    private static Answer steadier(Problem problem, Answer calm, double work, Until until) {
        Checked now = Checked.of(problem, calm);
        if (!now.score().kept()) {
            return calm;
        }
        Model model = new Model(problem, calm, now);
        model.cp.addGreaterOrEqual(model.first, now.score().start());
        model.cp.addLessOrEqual(model.late, now.score().late());
        model.cp.addLessOrEqual(model.waiting, now.score().waiting());
        model.cp.minimize(TradeChanges.of(model));
        CpSolver solver = problem.jobs().size() <= SMALL ? solver(work, until) : improving(work, until);
        CpSolverStatus status = solver.solve(model.cp);
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return found ? better(problem, calm, model.answer(values(solver))) : calm;
    }

    private static Answer better(Problem problem, Answer known, Answer found) {
        Score before = Checked.of(problem, known).score();
        Score after = Checked.of(problem, found).score();
        return after.compareTo(before) < 0 ? found : known;
    }

    /** From what no answer can beat downwards. */
    private static CpSolver proving(double work, Until until) {
        CpSolver solver = solver(work, until);
        solver.getParameters().setUseObjectiveLbSearch(true).setNumWorkers(1);
        return solver;
    }

    /** From the answer there is upwards: two searches in turn, one of which changes a part of it at a time. */
    private static CpSolver improving(double work, Until until) {
        CpSolver solver = solver(work, until);
        solver.getParameters().setNumWorkers(2).setInterleaveSearch(true);
        return solver;
    }

    /** When patience ends: one moment for all searches, so that a short one is not given up for a stall of the machine. */
    private record Until(long nanos) {
        static Until in(double seconds) {
            return new Until(System.nanoTime() + (long) (seconds * 1e9));
        }

        double seconds() {
            return Math.max(0, (nanos - System.nanoTime()) / 1e9);
        }
    }

    private static CpSolver solver(double work, Until until) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(SEED)
                .setLinearizationLevel(0)
                .setCpModelProbingLevel(0)
                .setMaxPresolveIterations(1)
                .setSymmetryLevel(0)
                .setMaxDeterministicTime(work)
                .setMaxTimeInSeconds(until.seconds());
        return solver;
    }

    private static Model.Values values(CpSolver solver) {
        return new Model.Values() {
            @Override
            public long of(IntVar variable) {
                return solver.value(variable);
            }

            @Override
            public boolean is(Literal literal) {
                return solver.booleanValue(literal);
            }
        };
    }
}
