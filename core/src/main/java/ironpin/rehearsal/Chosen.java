package ironpin.rehearsal;

import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * What was decided so far.
 *
 * @param ways of each decision in their order, from 0; as many as were decided
 */
record Chosen(List<Integer> ways) {
    private static final double[] WATER = {-2, 0, 2, 4};
    private static final double[] CORRECT = {-1.5, 0, 1.5, 3};
    private static final int[] REST = {10, 25, 40};
    private static final double[] DISC = {0.88, 1, 1.16};
    private static final double[] FILL = {0.55, 0.75, 0.95, 1.15};
    private static final double[] LOAD = {1 / 3.0, 0.5, 1};
    private static final int[] LIFT = {0, 60, 180};

    Chosen {
        ways = List.copyOf(ways);
        if (ways.size() > Decision.values().length) {
            throw new Refused("an evening has " + Decision.values().length + " decisions, not " + ways.size());
        }
        for (int i = 0; i < ways.size(); i++) {
            int options = Decision.values()[i].options();
            if (ways.get(i) < 0 || ways.get(i) >= options) {
                throw new Refused(
                        "decision " + (i + 1) + " has the ways 1 to " + options + ", not " + (ways.get(i) + 1));
            }
        }
    }

    boolean over() {
        return ways.size() == Decision.values().length;
    }

    int way(Decision decision) {
        return ways.get(decision.ordinal());
    }

    /** With one decided otherwise. */
    Chosen but(Decision decision, int way) {
        List<Integer> other = new ArrayList<>(ways);
        other.set(decision.ordinal(), way);
        return new Chosen(other);
    }

    /** Points of hydration that went in first. */
    double water() {
        return water(way(Decision.WATER));
    }

    static double water(int way) {
        return Scene.water() + WATER[way];
    }

    /** Points that were worked in after it was felt; below 0 it was flour. */
    double corrected() {
        return corrected(way(Decision.CORRECT));
    }

    static double corrected(int way) {
        return CORRECT[way];
    }

    /** Minutes. */
    int rest() {
        return rest(way(Decision.REST));
    }

    static int rest(int way) {
        return REST[way];
    }

    /** As wide as the pin leaves it, mm. */
    double disc() {
        return disc(way(Decision.DISC));
    }

    static double disc(int way) {
        return Math.round(Scene.disc() * DISC[way]);
    }

    /** Grams. */
    double fill() {
        return fill(way(Decision.FILL));
    }

    static double fill(int way) {
        return Math.round(Scene.room() * FILL[way]);
    }

    /** Pieces in the first round. */
    int load() {
        return load(way(Decision.LOAD));
    }

    static int load(int way) {
        return (int) Math.max(1, Math.round(Scene.pieces() * LOAD[way]));
    }

    /** Pieces in each of the others: fewer, the same, or more. */
    int again() {
        double times = new double[] {0.5, 1, 2}[way(Decision.AGAIN)];
        return (int) Math.max(1, Math.min(Scene.pieces(), Math.round(load() * times)));
    }

    /** Seconds after they float; below 0 where one is probed. */
    int lift() {
        return lift(way(Decision.LIFT));
    }

    static int lift(int way) {
        return way < LIFT.length ? LIFT[way] : -1;
    }
}
