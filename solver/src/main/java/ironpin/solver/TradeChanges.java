package ironpin.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;

/** How often workers go from one trade to another: what each does follows one line, from one job to the next. */
final class TradeChanges {
    private final Model model;

    private TradeChanges(Model model) {
        this.model = model;
    }

    static LinearExpr of(Model model) {
        return new TradeChanges(model).all();
    }

    private LinearExpr all() {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int worker = 0; worker < model.problem.workers().size(); worker++) {
            line(worker, sum);
        }
        return sum.build();
    }

    private void line(int worker, LinearExprBuilder changes) {
        List<Integer> mine = new ArrayList<>();
        for (int i = 0; i < model.problem.jobs().size(); i++) {
            if (model.problem.jobs().get(i).touches().isEmpty()
                    && !model.doing(i, worker).isEmpty()) {
                mine.add(i);
            }
        }
        CircuitConstraint line = model.cp.addCircuit();
        line.addArc(0, 0, model.cp.newBoolVar("idle" + worker));
        for (int a = 0; a < mine.size(); a++) {
            int from = mine.get(a);
            BoolVar away = model.cp.newBoolVar("away" + from);
            model.cp.addEquality(
                    LinearExpr.newBuilder()
                            .add(LinearExpr.sum(model.doing(from, worker).toArray(new Literal[0])))
                            .add(away)
                            .build(),
                    1);
            line.addArc(a + 1, a + 1, away);
            line.addArc(0, a + 1, model.cp.newBoolVar("first" + from));
            line.addArc(a + 1, 0, model.cp.newBoolVar("last" + from));
            for (int b = 0; b < mine.size(); b++) {
                int to = mine.get(b);
                if (a != b) {
                    BoolVar next = model.cp.newBoolVar("n" + from + "." + to);
                    line.addArc(a + 1, b + 1, next);
                    model.cp.addGreaterOrEqual(model.start[to], model.end[from]).onlyEnforceIf(next);
                    boolean same = model.problem
                            .jobs()
                            .get(from)
                            .trade()
                            .equals(model.problem.jobs().get(to).trade());
                    changes.addTerm(next, same ? 0 : 1);
                }
            }
        }
    }
}
