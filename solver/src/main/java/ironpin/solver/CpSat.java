package ironpin.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import java.time.Duration;

/**
 * The best answer by a solver that learns from its dead ends (CP-SAT of OR-Tools). One thread and a budget that counts work and
 * not seconds: the same problem always gives the same answer.
 */
public final class CpSat implements Solver {
    private static final int SEED = 1;

    /** What the solver is given for the second question, of the effort there is. */
    private static final double FOR_WAITING = 0.35;

    private CpSat() {}

    /**
     * The solver, or nobody where its library does not run on this machine.
     *
     * @param missing told why, if it does not
     */
    public static Solver orNobody(java.util.function.Consumer<Throwable> missing) {
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
        Checked known = Checked.of(problem, first);
        Model model = new Model(problem, first, known);
        long range = model.range();
        LinearExpr weightiest = LinearExpr.newBuilder()
                .addTerm(model.late, range)
                .addTerm(model.first, -1)
                .add(LinearExpr.weightedSum(
                        new com.google.ortools.sat.LinearArgument[] {model.excess}, new long[] {range * range * 4}))
                .build();
        model.cp.minimize(weightiest);
        double seconds = effort.toMillis() / 1_000.0;
        CpSolver start = solver(seconds * (1 - FOR_WAITING));
        CpSolverStatus status = start.solve(model.cp);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return new Solved(first, known, Solved.Proof.NONE);
        }
        Answer best = better(problem, first, model.answer(values(start)));
        boolean proven = status == CpSolverStatus.OPTIMAL;
        int more = proven ? 0 : (int) Math.round(start.objectiveValue() - start.bestObjectiveBound());
        if (!proven) {
            return new Solved(best, Checked.of(problem, best), new Solved.Proof(false, more));
        }
        // The same start and no gap longer, with less lying about.
        Checked now = Checked.of(problem, best);
        Model second = new Model(problem, best, now);
        Score score = now.score();
        second.cp.addGreaterOrEqual(second.first, score.start());
        second.cp.addLessOrEqual(second.late, score.late());
        second.cp.addLessOrEqual(second.excess, score.excess());
        second.cp.minimize(second.waiting);
        CpSolver wait = solver(seconds * FOR_WAITING);
        CpSolverStatus less = wait.solve(second.cp);
        boolean found = less == CpSolverStatus.OPTIMAL || less == CpSolverStatus.FEASIBLE;
        Answer calm = found ? better(problem, best, second.answer(values(wait))) : best;
        return new Solved(calm, Checked.of(problem, calm), new Solved.Proof(less == CpSolverStatus.OPTIMAL, 0));
    }

    private static Answer better(Problem problem, Answer known, Answer found) {
        Score before = Checked.of(problem, known).score();
        Score after = Checked.of(problem, found).score();
        return after.compareTo(before) < 0 ? found : known;
    }

    private static CpSolver solver(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(SEED)
                .setMaxDeterministicTime(seconds)
                // A machine that is busy with other things gives up some time later, and says so.
                .setMaxTimeInSeconds(seconds * 10);
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
