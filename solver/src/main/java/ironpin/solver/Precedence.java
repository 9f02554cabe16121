package ironpin.solver;

import ironpin.schedule.Lag;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;

/** Which jobs are wholly before which, whatever the answer. */
final class Precedence {
    private final boolean[][] before;

    Precedence(Problem problem) {
        int count = problem.jobs().size();
        before = new boolean[count][count];
        for (Lag lag : problem.lags()) {
            if (lag.least() != Lag.EITHER
                    && lag.from().edge() == Moment.Edge.END
                    && lag.to().edge() == Moment.Edge.START) {
                before[lag.from().job()][lag.to().job()] = true;
            }
        }
        for (int via = 0; via < count; via++) {
            for (int from = 0; from < count; from++) {
                for (int to = 0; before[from][via] && to < count; to++) {
                    before[from][to] |= before[via][to];
                }
            }
        }
    }

    /** Whether one of the two is always before the other. */
    boolean fixed(int one, int other) {
        return before[one][other] || before[other][one];
    }
}
