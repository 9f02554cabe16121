package ironpin.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * An answer held against its problem, whoever found it.
 *
 * @param score how good it is
 * @param longer ticks by which a gap is longer than it may be, by the number of the lag
 * @param wrong what must be kept and is not
 */
public record Checked(Score score, Map<Integer, Integer> longer, List<Wrong> wrong) {
    /** Looks at everything. */
    public static Checked of(Problem problem, Answer answer) {
        return new Checking(problem, answer).all();
    }

    private static final class Checking {
        private final Problem problem;
        private final Answer answer;
        private final Map<Integer, Integer> longer = new LinkedHashMap<>();
        private final List<Wrong> wrong = new ArrayList<>();
        private final List<List<Busy>> busy = new ArrayList<>();
        /** Touches alone, by worker: what a job that yields is interrupted by. */
        private final List<List<Busy>> touches = new ArrayList<>();

        private int broken;
        private int waiting;
        private int changes;

        private Checking(Problem problem, Answer answer) {
            this.problem = problem;
            this.answer = answer;
        }

        private Checked all() {
            for (int worker = 0; worker < problem.workers().size(); worker++) {
                List<Busy> all = Busy.of(problem, answer, worker);
                busy.add(all);
                touches.add(all.stream().filter(Busy::touch).toList());
            }
            lags();
            for (int worker = 0; worker < problem.workers().size(); worker++) {
                worker(worker);
            }
            for (int job = 0; job < problem.jobs().size(); job++) {
                job(job);
            }
            for (int room = 0; room < problem.rooms().size(); room++) {
                room(room);
            }
            int end = answer.slots().get(problem.target()).end();
            int excess = longer.entrySet().stream()
                    .mapToInt(one ->
                            one.getValue() * problem.lags().get(one.getKey()).weight())
                    .sum();
            Score score = new Score(broken, excess, Math.max(0, end - problem.due()), start(), waiting, changes);
            return new Checked(score, longer, List.copyOf(wrong));
        }

        private int start() {
            int first = Integer.MAX_VALUE;
            for (int job = 0; job < problem.jobs().size(); job++) {
                if (problem.jobs().get(job).held().isEmpty()) {
                    first = Math.min(first, answer.slots().get(job).start());
                }
            }
            return first == Integer.MAX_VALUE ? problem.due() : first;
        }

        private void miss(Wrong what) {
            broken += what.ticks();
            wrong.add(what);
        }

        private void lags() {
            for (int i = 0; i < problem.lags().size(); i++) {
                Lag lag = problem.lags().get(i);
                int gap = answer.gap(lag);
                if (gap < lag.least()) {
                    miss(new Wrong(
                            Wrong.Kind.TOO_SOON, i, lag.from().job(), lag.to().job(), lag.least() - gap));
                    continue;
                }
                waiting += lag.least() == Lag.EITHER ? 0 : gap - lag.least();
                int most = lag.most().orElse(Integer.MAX_VALUE);
                if (answer.sheltered().contains(i)) {
                    most = lag.shelter().orElseThrow().most().orElse(Integer.MAX_VALUE);
                }
                if (gap > most) {
                    longer.put(i, gap - most);
                }
            }
        }

        private void job(int number) {
            Job job = problem.jobs().get(number);
            Answer.Slot slot = answer.slots().get(number);
            int early = job.notBefore() - slot.start();
            if (early > 0) {
                miss(Wrong.misplaced(number, early));
            }
            if (job.held().isPresent() && job.held().getAsInt() != slot.start()) {
                miss(Wrong.misplaced(number, Math.abs(job.held().getAsInt() - slot.start())));
            }
            int expected = job.time(slot.mode()) + (job.yields() ? interruptions(number) : 0);
            if (slot.end() - slot.start() != expected) {
                miss(Wrong.misplaced(number, 1));
            }
        }

        private int interruptions(int number) {
            Answer.Slot slot = answer.slots().get(number);
            int sum = 0;
            for (int worker :
                    problem.jobs().get(number).modes().get(slot.mode()).workers()) {
                for (Busy one : touches.get(worker)) {
                    if (one.start() >= slot.start() && one.end() <= slot.end()) {
                        sum += one.end() - one.start();
                    }
                }
            }
            return sum;
        }

        private void worker(int number) {
            Worker worker = problem.workers().get(number);
            List<Busy> all = busy.get(number);
            String trade = "";
            for (int i = 0; i < all.size(); i++) {
                Busy one = all.get(i);
                Job job = problem.jobs().get(one.job());
                int out = Math.max(0, worker.from() - one.start()) + Math.max(0, one.end() - worker.until());
                if (out > 0) {
                    miss(new Wrong(Wrong.Kind.AWAY, number, one.job(), -1, out));
                }
                if (!one.touch()) {
                    changes += trade.isEmpty() || trade.equals(job.trade()) ? 0 : 1;
                    trade = job.trade();
                }
                for (int k = i + 1; k < all.size() && all.get(k).start() < one.end(); k++) {
                    Busy other = all.get(k);
                    boolean within = (job.yields() && !one.touch() && other.touch() && other.end() <= one.end())
                            || (problem.jobs().get(other.job()).yields()
                                    && !other.touch()
                                    && one.touch()
                                    && other.start() <= one.start()
                                    && one.end() <= other.end());
                    if (!within) {
                        miss(new Wrong(
                                Wrong.Kind.AT_ONCE,
                                number,
                                one.job(),
                                other.job(),
                                Math.min(one.end(), other.end()) - other.start()));
                    }
                }
            }
        }

        private void room(int number) {
            List<int[]> steps = new ArrayList<>();
            for (Hold hold : problem.holds()) {
                if (hold.room() == number) {
                    steps.add(new int[] {answer.at(hold.from()), hold.units()});
                    steps.add(new int[] {answer.at(hold.to()), -hold.units()});
                }
            }
            for (int lag : answer.sheltered()) {
                Lag one = problem.lags().get(lag);
                if (one.shelter().orElseThrow().room() == number) {
                    steps.add(new int[] {
                        answer.at(one.from()), one.shelter().get().units()
                    });
                    steps.add(
                            new int[] {answer.at(one.to()), -one.shelter().get().units()});
                }
            }
            steps.sort(Comparator.<int[]>comparingInt(step -> step[0]).thenComparingInt(step -> step[1]));
            int units = problem.rooms().get(number).units();
            int used = 0;
            for (int i = 0; i < steps.size(); i++) {
                used += steps.get(i)[1];
                if (used > units && i + 1 < steps.size() && steps.get(i + 1)[0] > steps.get(i)[0]) {
                    miss(new Wrong(Wrong.Kind.FULL, number, -1, -1, steps.get(i + 1)[0] - steps.get(i)[0]));
                }
            }
        }
    }
}
