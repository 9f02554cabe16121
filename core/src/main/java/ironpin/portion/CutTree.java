package ironpin.portion;

import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * The order of dividing a rope into n equal pieces by halves, thirds and fifths, largest parts last, so that the eye
 * only ever divides by a small number. A count with a larger prime factor ends in cutting by length.
 *
 * @param pieces what the tree reaches
 * @param factors divide by each in turn; their product is the count
 */
public record CutTree(int pieces, List<Integer> factors) {
    /** The eye splits a length into at most five even parts. */
    private static final int LARGEST_BY_EYE = 5;

    public CutTree {
        factors = List.copyOf(factors);
    }

    /** The tree for a count of at least one. */
    public static CutTree of(int pieces) {
        if (pieces < 1) {
            throw new Refused("there is nothing to cut into " + pieces + " pieces");
        }
        List<Integer> factors = new ArrayList<>();
        int rest = pieces;
        for (int divisor = 2; divisor * divisor <= rest; divisor++) {
            while (rest % divisor == 0) {
                factors.add(divisor);
                rest /= divisor;
            }
        }
        if (rest > 1) {
            factors.add(rest);
        }
        return new CutTree(pieces, factors);
    }

    /** Whether every division is small enough for the eye; otherwise cut by length or by weight. */
    public boolean byEye() {
        return factors.stream().allMatch(factor -> factor <= LARGEST_BY_EYE);
    }

    /** The nearest counts below and above that the eye divides; none if it divides this one, none below one. */
    public List<Integer> nearest() {
        List<Integer> near = new ArrayList<>();
        if (byEye()) {
            return near;
        }
        for (int direction : new int[] {-1, 1}) {
            int count = pieces + direction;
            while (!of(count).byEye()) {
                count += direction;
            }
            near.add(count);
        }
        return near;
    }

    /**
     * One step of dividing: every part there is, cut into so many.
     *
     * @param parts how many parts there are before it
     * @param into how many each is cut into, 2 to 5 if it is for the eye
     * @param after how many parts there are after it
     */
    public record Cut(int parts, int into, int after) {}

    /** The steps in their order: each leaves parts that are all alike. */
    public List<Cut> steps() {
        List<Cut> steps = new ArrayList<>();
        int parts = 1;
        for (int factor : factors) {
            steps.add(new Cut(parts, factor, parts * factor));
            parts *= factor;
        }
        return steps;
    }
}
