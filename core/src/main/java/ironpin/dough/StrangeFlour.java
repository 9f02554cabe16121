package ironpin.dough;

import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import java.util.Map;
import java.util.Optional;

/**
 * Flour whose thirst is not known here: rye, buckwheat, rice and the like. The share from which they are felt, a twentieth of all
 * flour, is an estimate of ours.
 */
public final class StrangeFlour {
    /** So little of it changes no dough. */
    private static final double UNFELT = 0.05;

    private StrangeFlour() {}

    /**
     * The flour because of which nobody can say how wet a dough will feel; none if there is no more of such flour than is felt.
     *
     * @param shares of each flour, 0 or more, all in one unit: g, %, or parts of 1
     */
    public static Optional<Flour> in(Map<Flour, Double> shares) {
        double all = shares.values().stream().mapToDouble(one -> one).sum();
        double strange = shares.entrySet().stream()
                .filter(one -> one.getKey().kind() == FlourKind.OTHER)
                .mapToDouble(Map.Entry::getValue)
                .sum();
        return strange <= UNFELT * all
                ? Optional.empty()
                : shares.entrySet().stream()
                        .filter(one -> one.getKey().kind() == FlourKind.OTHER)
                        .max(Map.Entry.comparingByValue())
                        .map(Map.Entry::getKey);
    }
}
