package ironpin.batch.balance;

import ironpin.quantity.Mass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiPredicate;

/**
 * Counts and sizes of lots that are tied to each other by doughs and fillings at hand. Among all whole counts that the
 * masses allow, the ones with the least left over win; what is less than the smallest piece of a mass counts as nothing
 * left. Of those, the ones win that stay nearest to the proportion the table would eat and to the wanted sizes: the lots
 * of a mass grow or shrink by one factor, each as far as its band. At last, the least left over to the gram.
 *
 * <p>From a good start the search goes through the lots in turn and leaves a branch as soon as no completion of it can be
 * better. What it finds is the best there is if it comes to its end; {@code HeldTogetherTest} compares it with trying
 * everything. With three lots of a large supper or more it may stop before: see decision 11 for how good it is then.
 */
final class HeldTogether {
    private static final double EXACT = 1e-6;
    private static final double FINE = 1e-9;

    /** A search that gets here stops with the best it has seen, so that a page never waits for a proof. */
    static final int MOST_NODES = 5_000;

    private static final int BISECTIONS = 60;
    private static final int FIRST_STRIDE = 32;

    /**
     * One lot's part in it.
     *
     * @param wanted pieces the table would eat, 1 or more
     * @param mass what a piece draws from each held mass; null where it draws on none
     */
    record Member(int wanted, Draw[] mass) {}

    /**
     * What a piece draws from one mass.
     *
     * @param usual grams wanted in a piece
     * @param low least grams
     * @param high most grams
     */
    record Draw(double usual, double low, double high) {}

    /**
     * The answer.
     *
     * @param counts pieces of each member
     * @param sizes grams of each member from each mass; NaN where it draws on none
     * @param left grams over of each mass
     * @param excess grams over beyond what is less than a piece
     * @param strain how far from proportion and wanted sizes
     * @param proven whether the search went to its end
     */
    record Solution(int[] counts, double[][] sizes, double[] left, double excess, double strain, boolean proven) {}

    private final double[] masses;
    private final List<Member> members;
    private final int[] counts;
    private final double[] smallest;
    private final int mostNodes;
    private int nodes;
    private Solution best;

    private HeldTogether(double[] masses, List<Member> members, int mostNodes) {
        this.masses = masses;
        this.mostNodes = mostNodes;
        this.members = members;
        this.counts = new int[members.size()];
        this.smallest = new double[masses.length];
        Arrays.fill(smallest, Double.POSITIVE_INFINITY);
        for (Member member : members) {
            for (int k = 0; k < masses.length; k++) {
                if (member.mass()[k] != null) {
                    smallest[k] = Math.min(smallest[k], member.mass()[k].usual());
                }
            }
        }
    }

    /** @param masses usable grams of each mass at hand; every member draws on at least one */
    static Solution solve(double[] masses, List<Member> members) {
        return solve(masses, members, MOST_NODES);
    }

    static Solution solve(double[] masses, List<Member> members, int mostNodes) {
        HeldTogether search = new HeldTogether(masses, members, mostNodes);
        search.walk();
        Arrays.fill(search.counts, 0);
        search.branch(0, masses.clone(), masses.clone());
        Solution found = search.best;
        return new Solution(
                found.counts(), found.sizes(), found.left(), found.excess(), found.strain(), search.nodes < mostNodes);
    }

    /**
     * A good start: from the proportional counts downhill, up to three lots at a time, in shorter and shorter strides; first
     * to the least left over, which has no valleys but one, then by the rule itself.
     */
    private void walk() {
        for (int i = 0; i < counts.length; i++) {
            counts[i] = guess(i);
        }
        while (!fits()) {
            for (int i = 0; i < counts.length; i++) {
                counts[i] = (int) (counts[i] * 0.97);
            }
        }
        best = judged();
        downhill(HeldTogether::over);
        downhill(HeldTogether::better);
    }

    private void downhill(BiPredicate<Solution, Solution> rule) {
        for (int stride = FIRST_STRIDE; stride >= 1; stride /= 2) {
            boolean moved = true;
            while (moved) {
                moved = false;
                for (int i = 0; i < counts.length; i++) {
                    for (int j = i; j < counts.length; j++) {
                        for (int k = j; k < counts.length; k++) {
                            moved |= moved(rule, stride, i, j, k);
                        }
                    }
                }
            }
        }
    }

    /** Each of three lots a stride up, down or not at all; the same lot twice makes it two lots, or one. */
    private boolean moved(BiPredicate<Solution, Solution> rule, int stride, int i, int j, int k) {
        boolean moved = false;
        for (int way = 0; way < 27; way++) {
            System.arraycopy(best.counts(), 0, counts, 0, counts.length);
            counts[i] += stride * (way % 3 - 1);
            counts[j] += j == i ? 0 : stride * (way / 3 % 3 - 1);
            counts[k] += k == j ? 0 : stride * (way / 9 - 1);
            if (counts[i] >= 0 && counts[j] >= 0 && counts[k] >= 0 && fits()) {
                Solution here = judged();
                if (rule.test(here, best)) {
                    best = here;
                    moved = true;
                }
            }
        }
        return moved;
    }

    private static boolean over(Solution one, Solution other) {
        return Arrays.stream(one.left()).sum() < Arrays.stream(other.left()).sum() - EXACT;
    }

    private boolean fits() {
        for (int k = 0; k < masses.length; k++) {
            double least = 0;
            for (int i = 0; i < counts.length; i++) {
                Draw draw = members.get(i).mass()[k];
                least += draw == null ? 0 : counts[i] * draw.low();
            }
            if (least > masses[k] + EXACT) {
                return false;
            }
        }
        return true;
    }

    private void take() {
        Solution here = judged();
        if (better(here, best)) {
            best = here;
        }
    }

    /**
     * @param room grams of each mass still free when every piece so far is as small as it may be
     * @param rest grams of each mass still over when every piece so far is as large as it may be
     */
    private void branch(int i, double[] room, double[] rest) {
        if (i == members.size()) {
            take();
            return;
        }
        Member member = members.get(i);
        int most = most(member, room);
        int start = Math.min(most, guess(i));
        for (int step = 0; step <= 2 * most + 2; step++) {
            int n = start + (step % 2 == 0 ? step / 2 : -(step + 1) / 2);
            if (n < 0 || n > most || nodes >= mostNodes) {
                continue;
            }
            counts[i] = n;
            double apart = proportion(i + 1);
            boolean farther = apart > best.strain() + EXACT;
            if (farther && best.excess() <= EXACT) {
                continue;
            }
            nodes++;
            double[] roomAfter = room.clone();
            double[] restAfter = rest.clone();
            for (int k = 0; k < masses.length; k++) {
                if (member.mass()[k] != null) {
                    roomAfter[k] -= n * member.mass()[k].low();
                    restAfter[k] -= n * member.mass()[k].high();
                }
            }
            double least = leastExcess(i + 1, roomAfter, restAfter);
            boolean hopeless = least > best.excess() + EXACT || least > best.excess() - EXACT && farther;
            if (!hopeless) {
                branch(i + 1, roomAfter, restAfter);
            }
        }
        counts[i] = 0;
    }

    /** Pieces this member may have at the very most. */
    private int most(Member member, double[] room) {
        double most = Double.POSITIVE_INFINITY;
        for (int k = 0; k < masses.length; k++) {
            if (member.mass()[k] != null) {
                most = Math.min(most, room[k] / member.mass()[k].low());
            }
        }
        return (int) Math.floor(most + EXACT);
    }

    /** In proportion to the members before it; the first one as its scarcest mass would be shared. */
    private int guess(int i) {
        if (i > 0) {
            double made = 0;
            double wanted = 0;
            for (int j = 0; j < i; j++) {
                made += counts[j];
                wanted += members.get(j).wanted();
            }
            return (int) Math.round(members.get(i).wanted() * made / wanted);
        }
        double scale = Double.POSITIVE_INFINITY;
        for (int k = 0; k < masses.length; k++) {
            double asked = 0;
            for (Member member : members) {
                asked += member.mass()[k] == null ? 0 : member.wanted() * member.mass()[k].usual();
            }
            scale = asked > 0 ? Math.min(scale, masses[k] / asked) : scale;
        }
        return (int) Math.round(members.get(0).wanted() * scale);
    }

    /** What is over at the very least, whatever the members from here on do: each mass looked at by itself. */
    private double leastExcess(int from, double[] room, double[] rest) {
        double sum = 0;
        for (int k = 0; k < masses.length; k++) {
            double taken = 0;
            for (int i = from; i < members.size(); i++) {
                Draw draw = members.get(i).mass()[k];
                if (draw != null) {
                    taken += most(members.get(i), room) * draw.high();
                }
            }
            double left = rest[k] - taken;
            sum += left >= smallest[k] - EXACT ? left : 0;
        }
        return sum;
    }

    /** How far the first members are from the table's proportion; more members only add to it. */
    private double proportion(int upTo) {
        double mean = 0;
        for (int i = 0; i < upTo; i++) {
            mean += ratio(i) / upTo;
        }
        double sum = 0;
        for (int i = 0; i < upTo; i++) {
            sum += (ratio(i) - mean) * (ratio(i) - mean);
        }
        return sum;
    }

    private double ratio(int i) {
        return Math.log((counts[i] + 0.5) / (members.get(i).wanted() + 0.5));
    }

    private Solution judged() {
        double[][] sizes = new double[members.size()][masses.length];
        double[] left = new double[masses.length];
        double excess = 0;
        double strain = proportion(members.size());
        for (int k = 0; k < masses.length; k++) {
            double factor = factor(k);
            left[k] = masses[k];
            for (int i = 0; i < members.size(); i++) {
                Draw draw = members.get(i).mass()[k];
                sizes[i][k] = draw == null ? Double.NaN : size(draw, factor);
                if (draw != null && counts[i] > 0) {
                    left[k] -= counts[i] * sizes[i][k];
                    double grown = Math.log(sizes[i][k] / draw.usual());
                    strain += grown * grown;
                }
            }
            left[k] = Math.max(0, left[k]);
            excess += left[k] >= smallest[k] - EXACT ? left[k] : 0;
        }
        return new Solution(counts.clone(), sizes, left, excess, strain, true);
    }

    /** By how much the pieces of one mass grow so that it is used up, or as far as their bands let them. */
    private double factor(int k) {
        double low = Double.POSITIVE_INFINITY;
        double high = 0;
        for (Member member : members) {
            if (member.mass()[k] != null) {
                low = Math.min(low, member.mass()[k].low() / member.mass()[k].usual());
                high = Math.max(high, member.mass()[k].high() / member.mass()[k].usual());
            }
        }
        if (taken(k, high) <= masses[k]) {
            return high;
        }
        // What is taken grows with the factor in straight pieces: along the slope, or halving where that leads out.
        double at = (low + high) / 2;
        for (int i = 0; i < BISECTIONS && high - low > FINE; i++) {
            double over = taken(k, at) - masses[k];
            if (over <= 0) {
                low = at;
            } else {
                high = at;
            }
            double slope = slope(k, at);
            double next = slope > 0 ? at - over / slope : Double.NaN;
            if (Math.abs(over) < FINE) {
                return at;
            }
            at = next > low && next < high ? next : (low + high) / 2;
        }
        return low;
    }

    /** Grams more for each unit of the factor, from the members that no band holds. */
    private double slope(int k, double factor) {
        double sum = 0;
        for (int i = 0; i < members.size(); i++) {
            Draw draw = members.get(i).mass()[k];
            boolean free = draw != null && draw.usual() * factor > draw.low() && draw.usual() * factor < draw.high();
            sum += free ? counts[i] * draw.usual() : 0;
        }
        return sum;
    }

    private double taken(int k, double factor) {
        double sum = 0;
        for (int i = 0; i < members.size(); i++) {
            Draw draw = members.get(i).mass()[k];
            sum += draw == null ? 0 : counts[i] * size(draw, factor);
        }
        return sum;
    }

    private static double size(Draw draw, double factor) {
        return Math.min(draw.high(), Math.max(draw.low(), draw.usual() * factor));
    }

    private static boolean better(Solution one, Solution other) {
        if (Math.abs(one.excess() - other.excess()) > EXACT) {
            return one.excess() < other.excess();
        }
        if (Math.abs(one.strain() - other.strain()) > EXACT) {
            return one.strain() < other.strain();
        }
        return Arrays.stream(one.left()).sum() < Arrays.stream(other.left()).sum() - EXACT;
    }

    /** Masses in whole micrograms that together never exceed what is there. */
    static Mass floored(double grams) {
        return new Mass((long) Math.floor(grams * 1e6 - 1e-3));
    }

    /** Members that a held mass ties together, directly or through others. @param draws which masses each draws on */
    static List<List<Integer>> tied(List<List<Integer>> draws) {
        List<List<Integer>> groups = new ArrayList<>();
        boolean[] seen = new boolean[draws.size()];
        for (int i = 0; i < draws.size(); i++) {
            if (!seen[i] && !draws.get(i).isEmpty()) {
                List<Integer> group = new ArrayList<>(List.of(i));
                seen[i] = true;
                for (int at = 0; at < group.size(); at++) {
                    for (int j = 0; j < draws.size(); j++) {
                        List<Integer> shared = new ArrayList<>(draws.get(j));
                        shared.retainAll(draws.get(group.get(at)));
                        if (!seen[j] && !shared.isEmpty()) {
                            seen[j] = true;
                            group.add(j);
                        }
                    }
                }
                group.sort(null);
                groups.add(List.copyOf(group));
            }
        }
        return groups;
    }
}
