package ironpin.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * How far each job of an answer could lie elsewhere with everything in the same order, the first job no earlier and the last no
 * later; and what holds the first job where it is.
 */
public final class Looseness {
    private static final int FAR = 10_000_000;

    /** time(to) is at least time(from) + by, in starts of jobs. */
    private record Edge(int from, int to, int by) {}

    private final Problem problem;
    private final Answer answer;
    private final int count;
    private final List<Edge> edges = new ArrayList<>();
    private final int[] slack;

    private Looseness(Problem problem, Answer answer) {
        this.problem = problem;
        this.answer = answer;
        this.count = problem.jobs().size();
        lags();
        for (int worker = 0; worker < problem.workers().size(); worker++) {
            worker(worker);
        }
        for (int room = 0; room < problem.rooms().size(); room++) {
            room(room);
        }
        slack = slacks();
    }

    /** Looks at an answer. */
    public static Looseness of(Problem problem, Answer answer) {
        return new Looseness(problem, answer);
    }

    /** Ticks between the earliest and the latest place of each job, 0 for those that cannot move. */
    public int[] slack() {
        return slack.clone();
    }

    private int start(int job) {
        return answer.slots().get(job).start();
    }

    private int length(int job) {
        return answer.slots().get(job).end() - start(job);
    }

    /** How long after the start of its job a moment is. */
    private int offset(Moment moment) {
        return moment.edge() == Moment.Edge.START ? 0 : length(moment.job());
    }

    /** Only what the answer itself keeps: a gap that is too long holds nothing. */
    private void add(int from, int to, int by) {
        if (from != to && start(to) - start(from) >= by) {
            edges.add(new Edge(from, to, by));
        }
    }

    private void lags() {
        for (int i = 0; i < problem.lags().size(); i++) {
            Lag lag = problem.lags().get(i);
            int from = lag.from().job();
            int to = lag.to().job();
            int apart = offset(lag.from()) - offset(lag.to());
            add(from, to, apart + lag.least());
            if (lag.most().isPresent()) {
                int most = answer.sheltered().contains(i)
                        ? lag.shelter().orElseThrow().most().orElse(FAR)
                        : lag.most().getAsInt();
                add(to, from, -apart - most);
            }
        }
    }

    private void worker(int number) {
        List<Busy> all = Busy.of(problem, answer, number);
        for (int a = 0; a < all.size(); a++) {
            for (int b = a + 1; b < all.size(); b++) {
                Busy one = all.get(a);
                Busy other = all.get(b);
                int into = other.start() - start(other.job());
                if (other.start() < one.end()) {
                    add(one.job(), other.job(), -into);
                    add(other.job(), one.job(), other.end() - start(other.job()) - length(one.job()));
                } else {
                    add(one.job(), other.job(), one.end() - start(one.job()) - into);
                }
            }
        }
    }

    private void room(int number) {
        List<Hold> holds =
                problem.holds().stream().filter(one -> one.room() == number).toList();
        int units = problem.rooms().get(number).units();
        if (holds.size() <= units) {
            return;
        }
        for (Hold one : holds) {
            for (Hold other : holds) {
                if (one != other && answer.at(one.to()) <= answer.at(other.from())) {
                    add(one.to().job(), other.from().job(), offset(one.to()) - offset(other.from()));
                }
            }
        }
    }

    private int[] slacks() {
        int first = FAR;
        int last = -FAR;
        for (int i = 0; i < count; i++) {
            last = Math.max(last, start(i) + length(i));
            if (problem.jobs().get(i).held().isEmpty()) {
                first = Math.min(first, start(i));
            }
        }
        int[] early = new int[count];
        int[] late = new int[count];
        for (int i = 0; i < count; i++) {
            boolean held = problem.jobs().get(i).held().isPresent();
            early[i] = held
                    ? start(i)
                    : Math.min(start(i), Math.max(first, problem.jobs().get(i).notBefore()));
            late[i] = held || i == problem.target() ? start(i) : last - length(i);
            for (int worker : workers(i)) {
                early[i] = Math.max(
                        early[i],
                        Math.min(start(i), problem.workers().get(worker).from()));
            }
        }
        push(early, late);
        int[] all = new int[count];
        Arrays.setAll(all, i -> Math.max(0, late[i] - early[i]));
        return all;
    }

    /**
     * Until nothing moves any more: what is early pushes what follows it, what is late what goes before it. In the order of the day
     * most of it is pushed the first time round.
     */
    private void push(int[] early, int[] late) {
        Edge[] inOrder = edges.toArray(Edge[]::new);
        Arrays.sort(inOrder, Comparator.comparingInt(edge -> start(edge.from)));
        for (boolean moved = true; moved; ) {
            moved = false;
            for (Edge edge : inOrder) {
                int soonest = early[edge.from] + edge.by;
                if (soonest > early[edge.to]) {
                    early[edge.to] = soonest;
                    moved = true;
                }
            }
        }
        for (boolean moved = true; moved; ) {
            moved = false;
            for (int i = inOrder.length - 1; i >= 0; i--) {
                Edge edge = inOrder[i];
                int latest = late[edge.to] - edge.by;
                if (latest < late[edge.from]) {
                    late[edge.from] = latest;
                    moved = true;
                }
            }
        }
    }

    private List<Integer> workers(int job) {
        int mode = answer.slots().get(job).mode();
        List<Mode> modes = problem.jobs().get(job).modes();
        return mode < 0 || modes.isEmpty() ? List.of() : modes.get(mode).workers();
    }

    /**
     * What holds the first job where it is: the way through the orders from it to the target on which the least time is lost
     * between one job and the next; no time where nothing can begin later.
     */
    public List<Integer> chain() {
        int first = -1;
        for (int i = 0; i < count; i++) {
            if (problem.jobs().get(i).held().isEmpty() && (first < 0 || start(i) < start(first))) {
                first = i;
            }
        }
        if (first < 0) {
            return List.of();
        }
        int[] lost = new int[count];
        int[] before = new int[count];
        Arrays.fill(lost, FAR);
        Arrays.fill(before, -1);
        lost[first] = 0;
        for (boolean moved = true; moved; ) {
            moved = false;
            for (Edge edge : edges) {
                int here = start(edge.to) - start(edge.from) - edge.by;
                if (edge.by > 0 && lost[edge.from] < FAR && lost[edge.from] + here < lost[edge.to]) {
                    lost[edge.to] = lost[edge.from] + here;
                    before[edge.to] = edge.from;
                    moved = true;
                }
            }
        }
        List<Integer> chain = new ArrayList<>();
        for (int job = problem.target(); job >= 0 && chain.size() <= count; job = before[job]) {
            chain.add(0, job);
        }
        return chain.get(0) == first ? chain : List.of(first);
    }
}
