package ironpin.cook;

import java.util.Optional;

/** What a piece stands in during a spell. */
public enum Fire {
    BOIL("boil", VesselKind.POT),
    STEAM("steam", VesselKind.BASKET),
    PAN("in the pan", VesselKind.PAN),
    FRY("fry in shallow oil", VesselKind.PAN),
    GRIDDLE("on the griddle", VesselKind.GRIDDLE),
    BAKE("bake in broth", VesselKind.DISH),
    REST("off the fire", null);

    private final String label;
    private final VesselKind vessel;

    Fire(String label, VesselKind vessel) {
        this.label = label;
        this.vessel = vessel;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it needs; off the fire pieces stay in what they are in. */
    public Optional<VesselKind> vessel() {
        return Optional.ofNullable(vessel);
    }

    /** Whether water can be poured in. */
    public boolean pours() {
        return this == BOIL || this == STEAM || this == PAN || this == BAKE;
    }

    /** Whether pieces lie on something hot, with a side that can be turned. */
    public boolean sided() {
        return this == PAN || this == FRY || this == GRIDDLE;
    }

    /** Whether it can begin with a vessel that has not been heated. */
    public boolean fromCold() {
        return this == STEAM || this == PAN;
    }

    /** Whether fat can go under the pieces. */
    public boolean takesFat() {
        return this == PAN || this == GRIDDLE;
    }
}
