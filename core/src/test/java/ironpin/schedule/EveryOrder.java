package ironpin.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;

/**
 * The latest start by trying every order: who does what, what comes before what, which place of a room is taken. What is left
 * are differences between moments, of which the latest that fit are the shortest ways from the origin.
 */
public final class EveryOrder {
    private static final int FAR = 1_000_000;

    private final Problem problem;
    private final int nodes;
    private final List<int[]> edges = new ArrayList<>();
    private final List<int[]> held = new ArrayList<>();
    private final int[] added;
    private int best = Integer.MIN_VALUE;

    private EveryOrder(Problem problem) {
        this.problem = problem;
        this.nodes = 1 + 2 * problem.jobs().size();
        this.added = new int[problem.jobs().size()];
    }

    /** The latest first start of all orders that keep everything, in time; empty if there is none. */
    public static OptionalInt latestStart(Problem problem) {
        EveryOrder every = new EveryOrder(problem);
        every.begin();
        return every.best == Integer.MIN_VALUE ? OptionalInt.empty() : OptionalInt.of(every.best);
    }

    private static int start(int job) {
        return 1 + 2 * job;
    }

    private static int end(int job) {
        return 2 + 2 * job;
    }

    private static int node(Moment moment) {
        return moment.edge() == Moment.Edge.START ? start(moment.job()) : end(moment.job());
    }

    /** time(to) is at most time(from) + by. */
    private void atMost(int from, int to, int by) {
        edges.add(new int[] {from, to, by});
    }

    private void atLeast(int from, int to, int by) {
        atMost(to, from, -by);
    }

    private void begin() {
        int target = end(problem.target());
        atMost(0, target, problem.due());
        atLeast(0, target, problem.due());
        for (Lag lag : problem.lags()) {
            atLeast(node(lag.from()), node(lag.to()), lag.least());
        }
        for (int job = 0; job < problem.jobs().size(); job++) {
            if (problem.jobs().get(job).held().isPresent()) {
                atMost(0, start(job), problem.jobs().get(job).held().getAsInt());
                atLeast(0, start(job), problem.jobs().get(job).held().getAsInt());
            }
        }
        for (Hold hold : problem.holds()) {
            held.add(new int[] {hold.room(), node(hold.from()), node(hold.to())});
        }
        gaps(0);
    }

    /** Each gap is kept, or waits in its shelter. */
    private void gaps(int number) {
        if (number == problem.lags().size()) {
            modes(0, new int[problem.jobs().size()]);
            return;
        }
        Lag lag = problem.lags().get(number);
        int mark = edges.size();
        if (lag.most().isPresent()) {
            atMost(node(lag.from()), node(lag.to()), lag.most().getAsInt());
        }
        gaps(number + 1);
        cut(mark);
        if (lag.shelter().isPresent()
                && problem.rooms().get(lag.shelter().get().room()).units() > 0) {
            lag.shelter().get().most().ifPresent(most -> atMost(node(lag.from()), node(lag.to()), most));
            held.add(new int[] {lag.shelter().get().room(), node(lag.from()), node(lag.to())});
            gaps(number + 1);
            held.remove(held.size() - 1);
            cut(mark);
        }
    }

    private void modes(int job, int[] chosen) {
        if (job == problem.jobs().size()) {
            places(0, new int[held.size()], chosen);
            return;
        }
        for (int m = 0; m < Math.max(1, problem.jobs().get(job).modes().size()); m++) {
            chosen[job] = problem.jobs().get(job).modes().isEmpty() ? -1 : m;
            modes(job + 1, chosen);
        }
    }

    private void places(int hold, int[] place, int[] chosen) {
        if (hold == held.size()) {
            orders(place, chosen);
            return;
        }
        for (int i = 0; i < problem.rooms().get(held.get(hold)[0]).units(); i++) {
            place[hold] = i;
            places(hold + 1, place, chosen);
        }
    }

    private interface Way {
        void take();
    }

    private void orders(int[] place, int[] chosen) {
        List<List<Way>> questions = new ArrayList<>();
        for (int a = 0; a < held.size(); a++) {
            for (int b = a + 1; b < held.size(); b++) {
                int[] one = held.get(a);
                int[] other = held.get(b);
                if (one[0] == other[0] && place[a] == place[b]) {
                    questions.add(List.of(() -> atLeast(one[2], other[1], 0), () -> atLeast(other[2], one[1], 0)));
                }
            }
        }
        for (int a = 0; a < chosen.length; a++) {
            for (int b = a + 1; b < chosen.length; b++) {
                both(a, b, chosen, questions);
            }
        }
        int mark = edges.size();
        Arrays.fill(added, 0);
        for (int i = 0; i < chosen.length; i++) {
            hours(i, chosen[i]);
        }
        ask(questions, 0, chosen);
        cut(mark);
    }

    private void hours(int number, int chosen) {
        Job job = problem.jobs().get(number);
        if (chosen < 0) {
            return;
        }
        for (int worker : job.modes().get(chosen).workers()) {
            Worker who = problem.workers().get(worker);
            if (job.touches().isEmpty()) {
                atLeast(0, start(number), who.from());
                atMost(0, end(number), who.until());
            } else {
                Touch last = job.touches().get(job.touches().size() - 1);
                atLeast(0, start(number), who.from() - job.touches().get(0).offset());
                atMost(0, start(number), who.until() - last.offset() - last.length());
            }
        }
    }

    private void both(int a, int b, int[] chosen, List<List<Way>> questions) {
        Job one = problem.jobs().get(a);
        Job other = problem.jobs().get(b);
        if (chosen[a] < 0
                || chosen[b] < 0
                || one.modes().get(chosen[a]).workers().stream()
                        .noneMatch(other.modes().get(chosen[b]).workers()::contains)) {
            return;
        }
        if (one.touches().isEmpty() && other.touches().isEmpty()) {
            questions.add(List.of(() -> atLeast(end(a), start(b), 0), () -> atLeast(end(b), start(a), 0)));
        } else if (one.touches().isEmpty()) {
            other.touches().forEach(touch -> questions.add(around(a, b, touch)));
        } else if (other.touches().isEmpty()) {
            one.touches().forEach(touch -> questions.add(around(b, a, touch)));
        } else {
            for (Touch first : one.touches()) {
                for (Touch then : other.touches()) {
                    questions.add(List.of(
                            () -> atLeast(start(a), start(b), first.offset() + first.length() - then.offset()),
                            () -> atLeast(start(b), start(a), then.offset() + then.length() - first.offset())));
                }
            }
        }
    }

    private List<Way> around(int whole, int toucher, Touch touch) {
        List<Way> ways = new ArrayList<>(List.of(
                () -> atLeast(start(toucher), start(whole), touch.offset() + touch.length()),
                () -> atLeast(end(whole), start(toucher), -touch.offset())));
        if (problem.jobs().get(whole).yields()) {
            ways.add(() -> {
                atLeast(start(whole), start(toucher), -touch.offset());
                atLeast(start(toucher), end(whole), touch.offset() + touch.length());
                added[whole] += touch.length();
            });
        }
        return ways;
    }

    private void ask(List<List<Way>> questions, int number, int[] chosen) {
        int mark = edges.size();
        for (int i = 0; i < chosen.length; i++) {
            int time = problem.jobs().get(i).time(chosen[i]) + added[i];
            atLeast(start(i), end(i), time);
            if (number == questions.size()) {
                atMost(start(i), end(i), time);
            }
        }
        int start = latest();
        if (start > best) {
            if (number == questions.size()) {
                best = start;
            } else {
                for (Way way : questions.get(number)) {
                    int here = edges.size();
                    int[] before = added.clone();
                    way.take();
                    ask(questions, number + 1, chosen);
                    cut(here);
                    System.arraycopy(before, 0, added, 0, before.length);
                }
            }
        }
        cut(mark);
    }

    /** The latest first start that the differences allow; the least of all numbers if they contradict each other. */
    private int latest() {
        int[] way = new int[nodes];
        Arrays.fill(way, FAR);
        way[0] = 0;
        for (int round = 0; round <= nodes; round++) {
            boolean moved = false;
            for (int[] edge : edges) {
                if (way[edge[0]] < FAR && way[edge[0]] + edge[2] < way[edge[1]]) {
                    way[edge[1]] = way[edge[0]] + edge[2];
                    moved = true;
                }
            }
            if (!moved) {
                int first = FAR;
                for (int i = 0; i < problem.jobs().size(); i++) {
                    first = Math.min(first, way[start(i)]);
                }
                return first;
            }
        }
        return Integer.MIN_VALUE;
    }

    private void cut(int mark) {
        while (edges.size() > mark) {
            edges.remove(edges.size() - 1);
        }
    }
}
