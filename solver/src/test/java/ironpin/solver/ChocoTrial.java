package ironpin.solver;

import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Hold;
import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Mode;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import ironpin.schedule.Touch;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.Constraint;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.solver.variables.Task;

/** The same problems put to another solver, to choose by measurement; only kept gaps, no excess. */
final class ChocoTrial implements Solver {
    private Problem problem;
    private Model model;
    private int low;
    private int high;
    private IntVar[] start;
    private IntVar[] end;
    private BoolVar[][] mode;

    @Override
    public Solved improve(Problem asked, Answer first, Duration effort) {
        problem = asked;
        Checked known = Checked.of(asked, first);
        low = first.slots().stream().mapToInt(Answer.Slot::start).min().orElse(0)
                - (known.score().kept() ? 0 : 200);
        high = first.slots().stream().mapToInt(Answer.Slot::end).max().orElse(0) + 1;
        model = new Model("day");
        int jobs = asked.jobs().size();
        start = new IntVar[jobs];
        end = new IntVar[jobs];
        mode = new BoolVar[jobs][];
        List<List<IntVar>> lengths = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            Job job = asked.jobs().get(i);
            start[i] = job.held().isPresent()
                    ? model.intVar(job.held().getAsInt())
                    : model.intVar("s" + i, Math.max(low, job.notBefore()), high);
            end[i] = model.intVar("e" + i, low - 1, high + 1);
            mode[i] = model.boolVarArray("x" + i, job.modes().size());
            List<IntVar> length = new ArrayList<>(List.of(start[i]));
            if (!job.modes().isEmpty() && job.touches().isEmpty()) {
                for (int m = 0; m < mode[i].length; m++) {
                    length.add(model.mul(mode[i][m], job.modes().get(m).time()));
                }
            } else {
                length.add(model.intVar(job.time()));
            }
            if (mode[i].length > 0) {
                model.sum(mode[i], "=", 1).post();
            }
            lengths.add(length);
        }
        for (int a = 0; a < jobs; a++) {
            for (int b = a + 1; b < jobs; b++) {
                pair(a, b, lengths);
            }
        }
        for (int i = 0; i < jobs; i++) {
            model.sum(lengths.get(i).toArray(new IntVar[0]), "=", end[i]).post();
        }
        model.arithm(end[asked.target()], "<=", asked.due()).post();
        asked.lags().forEach(this::lag);
        rooms();
        hours();
        IntVar begins = model.intVar("first", low, high);
        List<IntVar> free = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            if (asked.jobs().get(i).held().isEmpty()) {
                model.arithm(begins, "<=", start[i]).post();
                free.add(start[i]);
            }
        }
        model.setObjective(Model.MAXIMIZE, begins);
        org.chocosolver.solver.Solver solver = model.getSolver();
        solver.limitTime(effort.toMillis());
        solver.setSearch(Search.domOverWDegSearch(model.retrieveIntVars(true)));
        Solution best = new Solution(model);
        boolean found = false;
        while (solver.solve()) {
            best.record();
            found = true;
        }
        boolean proven = !solver.isStopCriterionMet();
        Answer answer = found ? read(best) : first;
        Checked checked = Checked.of(asked, answer);
        boolean better = checked.score().compareTo(known.score()) < 0;
        return new Solved(
                better ? answer : first,
                better ? checked : known,
                new Solved.Proof(false, proven && (found || known.score().kept()) ? 0 : -1));
    }

    private List<BoolVar> doing(int job, int worker) {
        List<BoolVar> all = new ArrayList<>();
        List<Mode> modes = problem.jobs().get(job).modes();
        for (int m = 0; m < modes.size(); m++) {
            if (modes.get(m).workers().contains(worker)) {
                all.add(mode[job][m]);
            }
        }
        return all;
    }

    private void pair(int a, int b, List<List<IntVar>> lengths) {
        for (int worker = 0; worker < problem.workers().size(); worker++) {
            List<BoolVar> here = doing(a, worker);
            List<BoolVar> there = doing(b, worker);
            if (here.isEmpty() || there.isEmpty()) {
                continue;
            }
            BoolVar both = model.boolVar();
            BoolVar one = model.or(here.toArray(new BoolVar[0])).reify();
            BoolVar other = model.or(there.toArray(new BoolVar[0])).reify();
            model.and(one, other).reifyWith(both);
            Job first = problem.jobs().get(a);
            Job then = problem.jobs().get(b);
            if (first.touches().isEmpty() && then.touches().isEmpty()) {
                either(both, model.arithm(end[a], "<=", start[b]), model.arithm(end[b], "<=", start[a]), null);
            } else if (first.touches().isEmpty()) {
                then.touches().forEach(touch -> around(both, a, b, touch, lengths));
            } else if (then.touches().isEmpty()) {
                first.touches().forEach(touch -> around(both, b, a, touch, lengths));
            } else {
                for (Touch x : first.touches()) {
                    for (Touch y : then.touches()) {
                        int xOver = x.offset() + x.length() - y.offset();
                        int yOver = y.offset() + y.length() - x.offset();
                        either(
                                both,
                                model.arithm(start[b], "-", start[a], ">=", xOver),
                                model.arithm(start[a], "-", start[b], ">=", yOver),
                                null);
                    }
                }
            }
        }
    }

    private void around(BoolVar both, int whole, int toucher, Touch touch, List<List<IntVar>> lengths) {
        Constraint before = model.arithm(start[whole], "-", start[toucher], ">=", touch.offset() + touch.length());
        Constraint after = model.arithm(start[toucher], "-", end[whole], ">=", -touch.offset());
        if (!problem.jobs().get(whole).yields()) {
            either(both, before, after, null);
            return;
        }
        BoolVar within = model.boolVar();
        model.arithm(start[toucher], "-", start[whole], ">=", -touch.offset()).impliedBy(within);
        model.arithm(end[whole], "-", start[toucher], ">=", touch.offset() + touch.length())
                .impliedBy(within);
        model.arithm(within, "<=", both).post();
        lengths.get(whole).add(model.mul(within, touch.length()));
        either(both, before, after, within);
    }

    private void either(BoolVar both, Constraint one, Constraint other, BoolVar third) {
        List<BoolVar> ways = new ArrayList<>(List.of(one.reify(), other.reify(), both.not()));
        if (third != null) {
            ways.add(third);
        }
        model.or(ways.toArray(new BoolVar[0])).post();
    }

    private IntVar at(Moment moment) {
        return moment.edge() == Moment.Edge.START ? start[moment.job()] : end[moment.job()];
    }

    private void lag(Lag lag) {
        if (lag.least() != Lag.EITHER) {
            model.arithm(at(lag.to()), "-", at(lag.from()), ">=", lag.least()).post();
        }
        // Shelters are left aside: this makes it easier for the other solver where there is room, not harder.
        if (lag.most().isPresent() && lag.shelter().isEmpty()) {
            model.arithm(at(lag.to()), "-", at(lag.from()), "<=", lag.most().getAsInt())
                    .post();
        }
    }

    private void rooms() {
        for (int room = 0; room < problem.rooms().size(); room++) {
            List<Task> tasks = new ArrayList<>();
            List<IntVar> units = new ArrayList<>();
            for (Hold hold : problem.holds()) {
                if (hold.room() == room) {
                    IntVar length = model.intVar(0, high - low + 2);
                    tasks.add(new Task(at(hold.from()), length, at(hold.to())));
                    units.add(model.intVar(hold.units()));
                }
            }
            if (!tasks.isEmpty()) {
                model.cumulative(
                                tasks.toArray(new Task[0]),
                                units.toArray(new IntVar[0]),
                                model.intVar(problem.rooms().get(room).units()))
                        .post();
            }
        }
    }

    private void hours() {
        for (int i = 0; i < start.length; i++) {
            Job job = problem.jobs().get(i);
            int first = job.touches().isEmpty() ? 0 : job.touches().get(0).offset();
            for (int worker = 0; worker < problem.workers().size(); worker++) {
                for (BoolVar way : doing(i, worker)) {
                    model.arithm(start[i], ">=", problem.workers().get(worker).from() - first)
                            .impliedBy(way);
                    model.arithm(end[i], "<=", problem.workers().get(worker).until())
                            .impliedBy(way);
                }
            }
        }
    }

    private Answer read(Solution best) {
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < start.length; i++) {
            int chosen = -1;
            for (int m = 0; m < mode[i].length; m++) {
                chosen = best.getIntVal(mode[i][m]) == 1 ? m : chosen;
            }
            slots.add(new Answer.Slot(best.getIntVal(start[i]), best.getIntVal(end[i]), chosen));
        }
        Set<Integer> sheltered = new HashSet<>();
        Answer bare = new Answer(slots, Set.of());
        for (int i = 0; i < problem.lags().size(); i++) {
            Lag lag = problem.lags().get(i);
            if (lag.shelter().isPresent() && bare.gap(lag) > lag.most().orElse(Integer.MAX_VALUE)) {
                sheltered.add(i);
            }
        }
        return new Answer(slots, sheltered);
    }
}
