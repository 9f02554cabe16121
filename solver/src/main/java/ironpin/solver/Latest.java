package ironpin.solver;

import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The latest each job can start and end where the target is in time and every gap is kept: longest ways through orders, lengths and
 * greatest gaps. What is due early has to be worked off early, which shows what no plan can beat.
 */
final class Latest {
    static final int NEVER = 1_000_000;

    private final Problem problem;
    private final List<int[]> bounds = new ArrayList<>();
    private final int[] latest;

    Latest(Problem problem) {
        this.problem = problem;
        int jobs = problem.jobs().size();
        latest = new int[2 * jobs];
        Arrays.fill(latest, NEVER);
        for (int i = 0; i < jobs; i++) {
            job(i);
        }
        for (Lag lag : problem.lags()) {
            lag(lag);
        }
        boolean moved = true;
        for (int round = 0; moved && round <= 2 * jobs; round++) {
            moved = false;
            for (int[] bound : bounds) {
                int by = latest[bound[0]] >= NEVER ? NEVER : latest[bound[0]] + bound[2];
                if (by < latest[bound[1]]) {
                    latest[bound[1]] = by;
                    moved = true;
                }
            }
        }
    }

    private static int node(Moment moment) {
        return 2 * moment.job() + (moment.edge() == Moment.Edge.START ? 0 : 1);
    }

    /** The second is no later than the first and this much. */
    private void bound(int from, int to, int by) {
        bounds.add(new int[] {from, to, by});
    }

    private void job(int number) {
        Job job = problem.jobs().get(number);
        boolean manned = !job.modes().isEmpty() && job.touches().isEmpty();
        bound(2 * number + 1, 2 * number, -(manned ? shortest(job) : job.time()));
        if (!manned) {
            bound(2 * number, 2 * number + 1, job.time());
        }
        if (number == problem.target()) {
            latest[2 * number + 1] = problem.due();
        }
        job.held().ifPresent(at -> latest[2 * number] = Math.min(latest[2 * number], at));
    }

    private void lag(Lag lag) {
        if (lag.least() != Lag.EITHER) {
            bound(node(lag.to()), node(lag.from()), -lag.least());
        }
        if (lag.most().isPresent()) {
            int most = lag.most().getAsInt();
            int longest = lag.shelter()
                    .map(where -> Math.max(most, where.most().orElse(NEVER)))
                    .orElse(most);
            if (longest < NEVER) {
                bound(node(lag.from()), node(lag.to()), longest);
            }
        }
    }

    private static int shortest(Job job) {
        return job.modes().stream().mapToInt(one -> one.time()).min().orElse(0);
    }

    int start(int job) {
        return latest[2 * job];
    }

    int end(int job) {
        return latest[2 * job + 1];
    }
}
