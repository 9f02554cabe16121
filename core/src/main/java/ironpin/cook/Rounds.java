package ironpin.cook;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.wrapper.Fold;
import java.util.ArrayList;
import java.util.List;

/**
 * Pieces split over rounds of a vessel, as equal as they come rather than one odd last one.
 *
 * @param capacity most pieces a round takes
 * @param limit what sets it
 * @param packing where they lie, drawn to scale
 * @param sizes pieces in each round; they differ by at most one
 */
public record Rounds(int capacity, Limit limit, VesselPacking packing, List<Integer> sizes) {
    private static final Temperature KITCHEN = Temperature.ofCelsius(20);

    /** What bounds a round. */
    public enum Limit {
        /** No more fit side by side. */
        ROOM,
        /** More would keep the pot off the boil too long. */
        HEAT
    }

    public Rounds {
        sizes = List.copyOf(sizes);
    }

    /**
     * @param pieces how many to cook, 0 or more
     * @param piece mass of one, dough and filling
     * @param disc width it was rolled or pressed to
     */
    public static Rounds of(int pieces, Mass piece, Fold fold, Length disc, Vessel vessel) {
        double gap = gapMm(vessel.kind());
        VesselPacking packing =
                VesselPacking.of(Footprint.of(fold, disc), vessel.diameter().millimetres() / 2, gap);
        int room = Math.max(1, packing.count() * vessel.tiers());
        int heat = vessel.kind() == VesselKind.POT ? PotLoad.largest(vessel.watts(), piece, KITCHEN) : room;
        int capacity = Math.min(room, heat);
        return new Rounds(capacity, heat < room ? Limit.HEAT : Limit.ROOM, packing, split(pieces, capacity));
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
        };
    }
}
