package ironpin.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import ironpin.schedule.Answer;
import ironpin.schedule.Checked;
import ironpin.schedule.Hold;
import ironpin.schedule.Job;
import ironpin.schedule.Lag;
import ironpin.schedule.Mode;
import ironpin.schedule.Moment;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Touch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/** A problem in the solver's terms: an interval for every job, a line for every worker, a sum for every room. */
final class Model {
    /**
     * Where no answer is known that keeps every gap, one is looked for this much around the one there is: nobody begins in the
     * morning so that supper waits two minutes less.
     */
    private static final int ROOM = 6;

    private static final int LEAST_ROOM = 120;

    final CpModel cp = new CpModel();
    final IntVar late;
    final IntVar first;
    final LinearExpr excess;
    final LinearExpr waiting;

    final Problem problem;
    private final Answer hint;
    private final int low;
    private final int high;
    final IntVar[] start;
    final IntVar[] end;
    private final BoolVar[][] mode;
    private final Map<Integer, BoolVar> sheltered = new LinkedHashMap<>();
    private final List<IntVar> longer = new ArrayList<>();
    private final List<Long> weights = new ArrayList<>();
    private final Precedence order;
    private final boolean gapsKept;

    /**
     * @param hint an answer: where it keeps every gap and is in time, so do all that are looked for
     */
    Model(Problem problem, Answer hint, Checked known) {
        this.problem = problem;
        this.hint = hint;
        this.order = new Precedence(problem);
        Score score = known.score();
        gapsKept = score.kept();
        int span = span();
        int earliest = hint.slots().stream().mapToInt(Answer.Slot::start).min().orElse(0);
        int latest = hint.slots().stream().mapToInt(Answer.Slot::end).max().orElse(0);
        int about = Math.max(LEAST_ROOM, span / ROOM);
        low = gapsKept && score.late() == 0 ? earliest : earliest - about;
        high = latest + (gapsKept ? 0 : about);
        int jobs = problem.jobs().size();
        start = new IntVar[jobs];
        end = new IntVar[jobs];
        mode = new BoolVar[jobs][];
        first = cp.newIntVar(low, high, "first");
        // A table that has been called is never later for the sake of a gap.
        late = cp.newIntVar(0, score.late(), "late");
        for (int i = 0; i < jobs; i++) {
            job(i);
        }
        for (int i = 0; i < jobs; i++) {
            length(i);
        }
        if (problem.jobs().get(problem.target()).held().isEmpty()) {
            cp.addEquality(
                    LinearExpr.newBuilder()
                            .add(end[problem.target()])
                            .addTerm(late, -1)
                            .build(),
                    problem.due());
        }
        LinearExprBuilder waits = LinearExpr.newBuilder();
        for (int i = 0; i < problem.lags().size(); i++) {
            lag(i, waits);
        }
        waiting = waits.build();
        excess = LinearExpr.weightedSum(
                longer.toArray(new IntVar[0]),
                weights.stream().mapToLong(Long::longValue).toArray());
        for (int worker = 0; worker < problem.workers().size(); worker++) {
            worker(worker);
        }
        for (int room = 0; room < problem.rooms().size(); room++) {
            room(room);
        }
        work();
        if (gapsKept && score.late() == 0) {
            dueEarly(new Latest(problem));
        }
    }

    /** Nobody works more until anything is due than there is time until then. */
    private void dueEarly(Latest latest) {
        SortedSet<Integer> dates = new TreeSet<>();
        for (int i = 0; i < start.length; i++) {
            if (latest.end(i) < Latest.NEVER) {
                dates.add(latest.end(i));
                cp.addLessOrEqual(end[i], latest.end(i));
            }
        }
        int workers = problem.workers().size();
        for (int date : dates) {
            LinearExprBuilder work = LinearExpr.newBuilder();
            for (int i = 0; i < start.length; i++) {
                Job job = problem.jobs().get(i);
                int touched = 0;
                for (Touch touch : job.touches()) {
                    touched += latest.start(i) + touch.offset() + touch.length() <= date ? touch.length() : 0;
                }
                boolean due = job.touches().isEmpty() && latest.end(i) <= date;
                for (int m = 0; m < mode[i].length && job.held().isEmpty(); m++) {
                    Mode way = job.modes().get(m);
                    work.addTerm(mode[i][m], due ? way.time() * way.workers().size() : touched);
                }
            }
            cp.addLessOrEqual(
                    work,
                    LinearExpr.newBuilder()
                            .addTerm(first, -workers)
                            .add((long) workers * date)
                            .build());
        }
    }

    /** Follows from the rest, but saves the solver from finding it out: nobody works more than there is time. */
    private void work() {
        IntVar over = cp.newIntVar(low, high + span(), "over");
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (int i = 0; i < problem.jobs().size(); i++) {
            Job job = problem.jobs().get(i);
            cp.addGreaterOrEqual(over, end[i]);
            int touched = job.touches().stream().mapToInt(Touch::length).sum();
            for (int m = 0; m < mode[i].length && job.held().isEmpty(); m++) {
                Mode way = job.modes().get(m);
                all.addTerm(
                        mode[i][m],
                        job.touches().isEmpty() ? way.time() * way.workers().size() : touched);
            }
        }
        int workers = problem.workers().size();
        LinearExprBuilder time = LinearExpr.newBuilder().addTerm(over, workers).addTerm(first, -workers);
        cp.addLessOrEqual(all, time);
        cp.addHint(over, hint.slots().stream().mapToInt(Answer.Slot::end).max().orElse(0));
    }

    /** No day takes longer than everything one after another. */
    private int span() {
        int sum = 0;
        for (Job job : problem.jobs()) {
            sum += job.modes().stream().mapToInt(Mode::time).max().orElse(job.time());
        }
        for (Lag lag : problem.lags()) {
            sum += Math.max(0, lag.least());
        }
        return sum;
    }

    private void job(int number) {
        Job job = problem.jobs().get(number);
        Answer.Slot slot = hint.slots().get(number);
        start[number] = job.held().isPresent()
                ? cp.newConstant(job.held().getAsInt())
                : cp.newIntVar(Math.max(low, job.notBefore()), Math.max(high, job.notBefore()), "s" + number);
        if (job.held().isEmpty()) {
            cp.addLessOrEqual(first, start[number]);
            cp.addHint(start[number], slot.start());
        }
        mode[number] = new BoolVar[job.modes().size()];
        for (int m = 0; m < mode[number].length; m++) {
            mode[number][m] = cp.newBoolVar("x" + number + "." + m);
            cp.addHint(mode[number][m], m == slot.mode());
        }
        if (mode[number].length > 0) {
            cp.addExactlyOne(mode[number]);
        }
    }

    /** Whoever takes longer works longer, and a job that is left for a touch takes longer by as much. */
    private void length(int number) {
        Job job = problem.jobs().get(number);
        int held = job.held().orElse(0);
        end[number] = cp.newIntVar(
                Math.min(low, held), Math.max(high, held) + span() + Math.max(0, job.notBefore() - high), "e" + number);
        LinearExprBuilder length = LinearExpr.newBuilder().add(start[number]);
        if (!job.modes().isEmpty() && job.touches().isEmpty()) {
            for (int m = 0; m < mode[number].length; m++) {
                length.addTerm(mode[number][m], job.modes().get(m).time());
            }
        } else {
            length.add(job.time());
        }
        if (job.yields()) {
            for (int other = 0; other < problem.jobs().size(); other++) {
                interruptions(number, other, length);
            }
        }
        cp.addEquality(end[number], length);
        cp.addHint(end[number], hint.slots().get(number).end());
    }

    private void interruptions(int number, int other, LinearExprBuilder length) {
        Job toucher = problem.jobs().get(other);
        if (toucher.touches().isEmpty() || order.fixed(number, other)) {
            return;
        }
        Set<Integer> both = new HashSet<>(workers(problem.jobs().get(number)));
        both.retainAll(workers(toucher));
        if (both.isEmpty()) {
            return;
        }
        List<Literal> shared = new ArrayList<>();
        for (int worker : both) {
            BoolVar same = cp.newBoolVar("both");
            List<Literal> here = doing(number, worker);
            List<Literal> there = doing(other, worker);
            cp.addBoolOr(and(here, same.not()));
            cp.addBoolOr(and(there, same.not()));
            shared.add(same);
            for (Literal a : here) {
                for (Literal b : there) {
                    cp.addImplication(a, same).onlyEnforceIf(b);
                }
            }
        }
        for (Touch touch : toucher.touches()) {
            BoolVar within = cp.newBoolVar("within");
            BoolVar before = cp.newBoolVar("before");
            BoolVar after = cp.newBoolVar("after");
            LinearExpr from = LinearExpr.affine(start[other], 1, touch.offset());
            LinearExpr until = LinearExpr.affine(start[other], 1, touch.offset() + touch.length());
            cp.addLessOrEqual(until, start[number]).onlyEnforceIf(before);
            cp.addGreaterOrEqual(from, end[number]).onlyEnforceIf(after);
            cp.addGreaterOrEqual(from, start[number]).onlyEnforceIf(within);
            cp.addLessOrEqual(until, end[number]).onlyEnforceIf(within);
            cp.addBoolOr(and(shared, within.not()));
            for (Literal same : shared) {
                cp.addBoolOr(new Literal[] {before, after, within, same.not()});
            }
            length.addTerm(within, touch.length());
        }
    }

    private static Literal[] and(List<Literal> some, Literal one) {
        List<Literal> all = new ArrayList<>(some);
        all.add(one);
        return all.toArray(new Literal[0]);
    }

    private static Set<Integer> workers(Job job) {
        Set<Integer> all = new HashSet<>();
        job.modes().forEach(one -> all.addAll(one.workers()));
        return all;
    }

    /** The modes of a job in which this worker is at it. */
    List<Literal> doing(int number, int worker) {
        List<Literal> modes = new ArrayList<>();
        List<Mode> all = problem.jobs().get(number).modes();
        for (int m = 0; m < all.size(); m++) {
            if (all.get(m).workers().contains(worker)) {
                modes.add(mode[number][m]);
            }
        }
        return modes;
    }

    private IntVar at(Moment moment) {
        return moment.edge() == Moment.Edge.START ? start[moment.job()] : end[moment.job()];
    }

    private void lag(int number, LinearExprBuilder waits) {
        Lag lag = problem.lags().get(number);
        LinearExpr gap = LinearExpr.newBuilder()
                .add(at(lag.to()))
                .addTerm(at(lag.from()), -1)
                .build();
        if (lag.least() != Lag.EITHER) {
            cp.addGreaterOrEqual(gap, lag.least());
            waits.add(at(lag.to())).addTerm(at(lag.from()), -1).add(-lag.least());
        }
        if (lag.most().isEmpty()) {
            return;
        }
        LinearExprBuilder over = LinearExpr.newBuilder().add(gap);
        if (!gapsKept) {
            IntVar more = cp.newIntVar(0, 2L * span(), "more" + number);
            cp.addHint(more, 0);
            longer.add(more);
            weights.add((long) lag.weight());
            over.addTerm(more, -1);
        }
        LinearExpr kept = over.build();
        if (lag.shelter().isEmpty()) {
            cp.addLessOrEqual(kept, lag.most().getAsInt());
            return;
        }
        BoolVar in = cp.newBoolVar("in" + number);
        cp.addHint(in, hint.sheltered().contains(number));
        sheltered.put(number, in);
        cp.addLessOrEqual(kept, lag.most().getAsInt()).onlyEnforceIf(in.not());
        lag.shelter().get().most().ifPresent(most -> cp.addLessOrEqual(kept, most)
                .onlyEnforceIf(in));
    }

    private void worker(int worker) {
        List<IntervalVar> strict = new ArrayList<>();
        List<IntervalVar> whole = new ArrayList<>();
        for (int i = 0; i < problem.jobs().size(); i++) {
            Job job = problem.jobs().get(i);
            List<Literal> doing = doing(i, worker);
            if (doing.isEmpty()) {
                continue;
            }
            BoolVar here = cp.newBoolVar("w" + i + "." + worker);
            cp.addEquality(LinearExpr.sum(doing.toArray(new Literal[0])), here);
            int from = problem.workers().get(worker).from();
            int until = problem.workers().get(worker).until();
            if (job.touches().isEmpty()) {
                IntVar length = cp.newIntVar(0, 2L * span(), "d" + i);
                IntervalVar all = cp.newOptionalIntervalVar(start[i], length, end[i], here, "i" + i);
                whole.add(all);
                if (!job.yields()) {
                    strict.add(all);
                }
                cp.addGreaterOrEqual(start[i], from).onlyEnforceIf(here);
                cp.addLessOrEqual(end[i], until).onlyEnforceIf(here);
                continue;
            }
            for (Touch touch : job.touches()) {
                strict.add(cp.newOptionalFixedSizeIntervalVar(
                        LinearExpr.affine(start[i], 1, touch.offset()), touch.length(), here, "t" + i));
            }
            Touch last = job.touches().get(job.touches().size() - 1);
            cp.addGreaterOrEqual(
                            LinearExpr.affine(start[i], 1, job.touches().get(0).offset()), from)
                    .onlyEnforceIf(here);
            cp.addLessOrEqual(LinearExpr.affine(start[i], 1, last.offset() + last.length()), until)
                    .onlyEnforceIf(here);
        }
        cp.addNoOverlap(strict.toArray(new IntervalVar[0]));
        cp.addNoOverlap(whole.toArray(new IntervalVar[0]));
    }

    private void room(int room) {
        CumulativeConstraint sum = cp.addCumulative(problem.rooms().get(room).units());
        for (Hold hold : problem.holds()) {
            if (hold.room() == room) {
                IntVar length = cp.newIntVar(0, 2L * span() + high - low, "h");
                sum.addDemand(cp.newIntervalVar(at(hold.from()), length, at(hold.to()), "hold"), hold.units());
            }
        }
        sheltered.forEach((number, in) -> {
            Lag lag = problem.lags().get(number);
            Lag.Shelter where = lag.shelter().orElseThrow();
            if (where.room() == room) {
                IntVar length = cp.newIntVar(0, 2L * span() + high - low, "l");
                sum.addDemand(
                        cp.newOptionalIntervalVar(at(lag.from()), length, at(lag.to()), in, "waits"), where.units());
            }
        });
    }

    /** The answer that a solution stands for. */
    Answer answer(Values values) {
        List<Answer.Slot> slots = new ArrayList<>();
        for (int i = 0; i < start.length; i++) {
            int chosen = -1;
            for (int m = 0; m < mode[i].length; m++) {
                if (values.is(mode[i][m])) {
                    chosen = m;
                }
            }
            slots.add(new Answer.Slot((int) values.of(start[i]), (int) values.of(end[i]), chosen));
        }
        Set<Integer> in = new HashSet<>();
        sheltered.forEach((number, one) -> {
            if (values.is(one)) {
                in.add(number);
            }
        });
        return new Answer(slots, in);
    }

    /** Range of the first start, for weights. */
    int range() {
        return high - low + 1;
    }

    /** What the solver found for each variable. */
    interface Values {
        long of(IntVar variable);

        boolean is(Literal literal);
    }
}
