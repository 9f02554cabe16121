package ironpin.kit;

import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.quantity.Length;
import ironpin.refusal.Refused;
import java.util.List;

/**
 * Burners, and what can stand on them.
 *
 * @param burners 1 to 8
 * @param vessels up to 30
 */
public record Stove(List<Burner> burners, List<OwnVessel> vessels) {
    private static final int MOST_BURNERS = 8;
    private static final int MOST_VESSELS = 30;

    public Stove {
        burners = List.copyOf(burners);
        vessels = List.copyOf(vessels);
        if (burners.isEmpty() || burners.size() > MOST_BURNERS || vessels.size() > MOST_VESSELS) {
            throw new Refused("a stove has 1 to 8 burners and up to 30 vessels");
        }
    }

    /** An ordinary one, until the cook says otherwise. */
    public static Stove usual() {
        return new Stove(
                List.of(new Burner("large burner", 1_500, 0), new Burner("small burner", 900, 0)),
                List.of(
                        new OwnVessel("wide pot", Vessel.usual(VesselKind.POT)),
                        new OwnVessel("tall pot", Vessel.of(VesselKind.POT, Length.ofMillimetres(220), 1, 1_500)),
                        new OwnVessel("two baskets", Vessel.usual(VesselKind.BASKET)),
                        new OwnVessel("pan with a lid", Vessel.usual(VesselKind.PAN)),
                        new OwnVessel("iron griddle", Vessel.usual(VesselKind.GRIDDLE)),
                        new OwnVessel("baking dish", Vessel.usual(VesselKind.DISH))));
    }
}
