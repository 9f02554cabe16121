package ironpin.filling;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Meat of a wanted fat share from two or three sources, limited by what is at hand. Two sources follow Pearson's square,
 * {@code m = M·(φ_fat − φ)/(φ_fat − φ_lean)}. With three, as much as possible comes from the one that is nearest to the wish
 * by itself, the rest from the others; where no blend reaches it, the nearest that can be made.
 *
 * @param parts of each source, in the order they were given
 * @param fat share of fat of all of it
 * @param reached whether that is the wanted one, to a tenth of a percent
 */
public record FatBlend(List<Mass> parts, Percentage fat, boolean reached) {
    private static final double REACHED_PERCENT = 0.1;
    private static final int STEPS = 400;

    public FatBlend {
        parts = List.copyOf(parts);
    }

    /**
     * Where fat comes from.
     *
     * @param name what it is
     * @param fat its share of fat, 0 to 100 %
     * @param atHand how much of it there is; as much as wanted if left out
     */
    public record Source(String name, Percentage fat, Optional<Mass> atHand) {
        public Source {
            if (fat.percent() < 0 || fat.percent() > 100) {
                throw new Refused(name + " has 0 to 100 % fat, not " + fat);
            }
        }
    }

    /**
     * The blend.
     *
     * @param total to make, above 0; less if there is not enough at hand
     * @throws IllegalArgumentException without two or three sources
     */
    public static FatBlend of(Mass total, Percentage wanted, List<Source> sources) {
        if (sources.size() < 2 || sources.size() > 3 || total.micrograms() <= 0) {
            throw new Refused("a blend has two or three sources and a mass above 0");
        }
        double all = sources.stream()
                .mapToDouble(source -> source.atHand().map(Mass::grams).orElse(Double.MAX_VALUE / 8))
                .sum();
        double grams = Math.min(total.grams(), all);
        double[] best = null;
        double bestMiss = Double.POSITIVE_INFINITY;
        for (int preferred : byNearness(wanted, sources)) {
            for (double[] parts : candidates(grams, wanted, sources, preferred)) {
                double miss = Math.abs(share(parts, sources, grams) - wanted.fraction());
                if (miss < bestMiss - 1e-9) {
                    best = parts;
                    bestMiss = miss;
                }
            }
        }
        List<Mass> parts = Arrays.stream(best).mapToObj(Mass::ofGrams).toList();
        Percentage fat = Percentage.ofFraction(share(best, sources, grams));
        return new FatBlend(parts, fat, Math.abs(fat.minus(wanted).percent()) <= REACHED_PERCENT);
    }

    private static List<Integer> byNearness(Percentage wanted, List<Source> sources) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < sources.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(
                i -> Math.abs(sources.get(i).fat().minus(wanted).percent())));
        return order;
    }

    /** Blends with as much of the preferred source as can be, then less and less. */
    private static List<double[]> candidates(double grams, Percentage wanted, List<Source> sources, int preferred) {
        List<double[]> found = new ArrayList<>();
        double most = Math.min(grams, limit(sources, preferred));
        for (int step = STEPS; step >= 0; step--) {
            double[] parts = new double[sources.size()];
            parts[preferred] = most * step / STEPS;
            rest(grams, wanted, sources, preferred, parts).ifPresent(found::add);
        }
        return found;
    }

    /** Fills up with the other one or two sources as near to the wish as they come. */
    private static Optional<double[]> rest(
            double grams, Percentage wanted, List<Source> sources, int preferred, double[] parts) {
        double left = grams - parts[preferred];
        int a = (preferred + 1) % sources.size();
        int b = sources.size() == 2 ? a : (preferred + 2) % sources.size();
        if (a == b) {
            parts[a] = left;
            return left <= limit(sources, a) + 1e-6
                    ? Optional.of(pearson(grams, wanted, sources, preferred, a, parts))
                    : Optional.empty();
        }
        double needed = wanted.fraction() * grams - sources.get(preferred).fat().fraction() * parts[preferred];
        double fatA = sources.get(a).fat().fraction();
        double fatB = sources.get(b).fat().fraction();
        double ofA = fatA == fatB ? left / 2 : (needed - fatB * left) / (fatA - fatB);
        double low = Math.max(0, left - limit(sources, b));
        double high = Math.min(left, limit(sources, a));
        if (low > high + 1e-6) {
            return Optional.empty();
        }
        parts[a] = Math.max(low, Math.min(high, ofA));
        parts[b] = left - parts[a];
        return Optional.of(parts);
    }

    /** Two sources have one answer, wherever the preferred part began. */
    private static double[] pearson(
            double grams, Percentage wanted, List<Source> sources, int one, int other, double[] parts) {
        double fatOne = sources.get(one).fat().fraction();
        double fatOther = sources.get(other).fat().fraction();
        if (fatOne == fatOther) {
            return parts;
        }
        double exact = grams * (wanted.fraction() - fatOther) / (fatOne - fatOther);
        double low = Math.max(0, grams - limit(sources, other));
        double high = Math.min(grams, limit(sources, one));
        parts[one] = Math.max(low, Math.min(high, exact));
        parts[other] = grams - parts[one];
        return parts;
    }

    private static double limit(List<Source> sources, int index) {
        return sources.get(index).atHand().map(Mass::grams).orElse(Double.MAX_VALUE / 8);
    }

    private static double share(double[] parts, List<Source> sources, double grams) {
        double fat = 0;
        for (int i = 0; i < parts.length; i++) {
            fat += parts[i] * sources.get(i).fat().fraction();
        }
        return fat / grams;
    }
}
