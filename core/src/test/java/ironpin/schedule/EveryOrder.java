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
    /** Each difference: from, to, by. */
    private int[] edges = new int[3 * 64];

    private int length;
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
        if (length == edges.length) {
            edges = Arrays.copyOf(edges, 2 * length);
        }
        edges[length++] = from;
        edges[length++] = to;
        edges[length++] = by;
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
        int[] way = new int[nodes];
        Arrays.fill(way, FAR);
        way[0] = 0;
        gaps(0, way);
    }

    /** Each gap is kept, or waits in its shelter. */
    private void gaps(int number, int[] before) {
        int[] way = before.clone();
        if (!betters(way)) {
            return;
        }
        if (number == problem.lags().size()) {
            modes(0, new int[problem.jobs().size()], way);
            return;
        }
        Lag lag = problem.lags().get(number);
        int mark = length;
        if (lag.most().isPresent()) {
            atMost(node(lag.from()), node(lag.to()), lag.most().getAsInt());
        }
        gaps(number + 1, way);
        cut(mark);
        if (lag.shelter().isPresent()
                && problem.rooms().get(lag.shelter().get().room()).units() > 0) {
            lag.shelter().get().most().ifPresent(most -> atMost(node(lag.from()), node(lag.to()), most));
            held.add(new int[] {lag.shelter().get().room(), node(lag.from()), node(lag.to())});
            gaps(number + 1, way);
            held.remove(held.size() - 1);
            cut(mark);
        }
    }

    private void modes(int job, int[] chosen, int[] way) {
        if (job == problem.jobs().size()) {
            places(0, new int[held.size()], chosen, way);
            return;
        }
        for (int m = 0; m < Math.max(1, problem.jobs().get(job).modes().size()); m++) {
            chosen[job] = problem.jobs().get(job).modes().isEmpty() ? -1 : m;
            modes(job + 1, chosen, way);
        }
    }

    /** The places of a room are alike: of those that nobody has taken yet one is tried. */
    private void places(int hold, int[] place, int[] chosen, int[] way) {
        if (hold == held.size()) {
            orders(place, chosen, way);
            return;
        }
        int room = held.get(hold)[0];
        int free = 0;
        for (int i = 0; i < hold; i++) {
            if (held.get(i)[0] == room) {
                free = Math.max(free, place[i] + 1);
            }
        }
        for (int i = 0; i <= free && i < problem.rooms().get(room).units(); i++) {
            place[hold] = i;
            places(hold + 1, place, chosen, way);
        }
    }

    private interface Way {
        void take();
    }

    private void orders(int[] place, int[] chosen, int[] way) {
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
        int mark = length;
        Arrays.fill(added, 0);
        for (int i = 0; i < chosen.length; i++) {
            hours(i, chosen[i]);
            atLeast(start(i), end(i), problem.jobs().get(i).time(chosen[i]));
        }
        ask(questions, 0, chosen, way, added.clone());
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

    /** @param told what the jobs were lengthened by when their length was said last */
    private void ask(List<List<Way>> questions, int number, int[] chosen, int[] before, int[] told) {
        int mark = length;
        for (int i = 0; i < chosen.length; i++) {
            int time = problem.jobs().get(i).time(chosen[i]) + added[i];
            if (added[i] != told[i]) {
                atLeast(start(i), end(i), time);
            }
            if (number == questions.size()) {
                atMost(start(i), end(i), time);
            }
        }
        int[] moments = before.clone();
        if (betters(moments)) {
            if (number == questions.size()) {
                best = first(moments);
            } else {
                for (Way way : questions.get(number)) {
                    int here = length;
                    int[] extra = added.clone();
                    way.take();
                    ask(questions, number + 1, chosen, moments, extra);
                    cut(here);
                    System.arraycopy(extra, 0, added, 0, extra.length);
                }
            }
        }
        cut(mark);
    }

    /**
     * Makes of moments, which were the latest without the differences that have come since, the latest with them; whether they do not
     * contradict each other and begin later than the best.
     */
    private boolean betters(int[] way) {
        for (int round = 0; round <= nodes; round++) {
            boolean moved = false;
            for (int i = 0; i < length; i += 3) {
                int to = edges[i + 1];
                int by = way[edges[i]] + edges[i + 2];
                if (way[edges[i]] < FAR && by < way[to]) {
                    way[to] = by;
                    moved = true;
                }
            }
            if (!moved) {
                return first(way) > best;
            }
        }
        return false;
    }

    private int first(int[] way) {
        int first = FAR;
        for (int i = 0; i < problem.jobs().size(); i++) {
            first = Math.min(first, way[start(i)]);
        }
        return first;
    }

    private void cut(int mark) {
        length = mark;
    }
}
