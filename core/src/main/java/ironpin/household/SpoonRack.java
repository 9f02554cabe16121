package ironpin.household;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Cups and spoons hung up by what they hold, so that those near a measure are found without a look at all the others. What is far off
 * costs at least how far off it is, and those beyond it more.
 */
final class SpoonRack {
    /** @param place in the order in which they were given; of two that cost the same the first is taken */
    private record Hung(Spoonful one, int place) {}

    private record Tried(Spoonful one, int place, double cost) {}

    private static final Comparator<Tried> BEST_FIRST =
            Comparator.comparingDouble(Tried::cost).thenComparingInt(Tried::place);

    private final List<Hung> hung;

    SpoonRack(List<Spoonful> all) {
        hung = IntStream.range(0, all.size())
                .mapToObj(place -> new Hung(all.get(place), place))
                .sorted(Comparator.comparingDouble(each -> each.one.millilitres()))
                .toList();
    }

    /** The cheapest, the best first. @param millilitres over 0 @param most of them, at least 1 */
    List<Spoonful> nearest(double millilitres, int most) {
        List<Tried> best = new ArrayList<>();
        int above = firstFrom(millilitres);
        int below = above - 1;
        while (below >= 0 || above < hung.size()) {
            boolean up = below < 0 || above < hung.size() && off(above, millilitres) <= off(below, millilitres);
            int next = up ? above++ : below--;
            if (best.size() == most && off(next, millilitres) > best.get(most - 1).cost) {
                break;
            }
            keep(best, most, hung.get(next), millilitres);
        }
        return best.stream().map(Tried::one).toList();
    }

    private static void keep(List<Tried> best, int most, Hung next, double millilitres) {
        Tried tried = new Tried(next.one, next.place, Household.cost(next.one, millilitres));
        int at = best.size();
        while (at > 0 && BEST_FIRST.compare(tried, best.get(at - 1)) < 0) {
            at--;
        }
        best.add(at, tried);
        if (best.size() > most) {
            best.remove(most);
        }
    }

    private double off(int at, double millilitres) {
        return Household.off(hung.get(at).one, millilitres);
    }

    /** Where the first hangs that holds at least so much. */
    private int firstFrom(double millilitres) {
        int low = 0;
        int high = hung.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (hung.get(middle).one.millilitres() < millilitres) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
