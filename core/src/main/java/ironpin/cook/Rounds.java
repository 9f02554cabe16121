package ironpin.cook;

import ironpin.quantity.Length;
import ironpin.worked.WorkedOut;
import ironpin.wrapper.Fold;
import java.util.ArrayList;
import java.util.List;

/**
 * Pieces split over rounds of a vessel, as equal as they come rather than one odd last one.
 *
 * @param capacity most pieces a round takes
 * @param said pieces a round by the cook's word; 0 for as many as it takes
 * @param limit what sets it
 * @param packing where they lie, drawn to scale
 * @param sizes pieces in each round; they differ by at most one
 */
public record Rounds(int capacity, int said, Limit limit, VesselPacking packing, List<Integer> sizes) {
    /** Floating pieces that are stirred cover the surface up to so many times. */
    public static final double COVER = 1.5;

    /** And fill at most this share of the water. */
    public static final double FILL = 0.25;

    private static final double GRAMS_PER_CM3 = 1.07;
    private static final int KEPT = 200;

    private static final WorkedOut<Load, Integer> BY_HEAT = new WorkedOut<>(KEPT, PotLoad::largest);

    /** What bounds a round. */
    public enum Limit {
        /** No more fit side by side. */
        ROOM,
        /** More would cover a pot's surface more than once and a half. */
        SURFACE,
        /** More would fill over a quarter of a pot's water. */
        WATER,
        /** More would keep the pot off the boil too long. */
        HEAT
    }

    public Rounds {
        sizes = List.copyOf(sizes);
    }

    /**
     * @param pieces how many to cook, 0 or more
     * @param load one of them with its way of cooking; its count is of no account
     * @param disc width it was rolled or pressed to
     * @param said pieces a round by the cook's word, which holds also where fewer are thought to fit; 0 for as many as it takes
     */
    public static Rounds of(int pieces, Load load, Fold fold, Length disc, int said) {
        Vessel vessel = load.vessel();
        VesselPacking packing = VesselPacking.of(Footprint.of(fold, disc), vessel, gapMm(vessel.kind()));
        int room = Math.max(1, packing.count() * vessel.tiers());
        Limit limit = Limit.ROOM;
        int capacity = room;
        if (vessel.kind() == VesselKind.POT) {
            double each = Math.PI * packing.piece().lengthMm() * packing.piece().widthMm() / 4;
            int surface = Math.max(1, (int) (COVER * vessel.areaMm2() / each));
            double water = vessel.water().grams() * FILL * GRAMS_PER_CM3;
            int fill = Math.max(1, (int) (water / load.piece().grams()));
            int heat = BY_HEAT.of(load.counting(1));
            capacity = Math.min(heat, Math.min(surface, fill));
            limit = heat <= capacity ? Limit.HEAT : fill <= capacity ? Limit.WATER : Limit.SURFACE;
        }
        return new Rounds(capacity, said, limit, packing, split(pieces, said > 0 ? said : capacity));
    }

    /** Whether the cook puts more in than is thought to fit. */
    public boolean overfull() {
        return said > capacity;
    }

    /** Equal shares of at most the capacity. */
    static List<Integer> split(int pieces, int capacity) {
        List<Integer> sizes = new ArrayList<>();
        int rounds = (pieces + capacity - 1) / capacity;
        for (int i = 0; i < rounds; i++) {
            sizes.add(pieces / rounds + (i < pieces % rounds ? 1 : 0));
        }
        return sizes;
    }

    /**
     * Between swollen pieces, so that 2–3 cm between raw ones in a steamer have shrunk to this; in a pot one layer floats
     * side by side.
     */
    private static double gapMm(VesselKind kind) {
        return switch (kind) {
            case POT -> 2;
            case BASKET -> 12;
            case PAN -> 6;
            case GRIDDLE -> 10;
            case DISH -> 4;
        };
    }
}
