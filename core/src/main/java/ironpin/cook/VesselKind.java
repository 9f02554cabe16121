package ironpin.cook;

/** What a round is cooked in. */
public enum VesselKind {
    POT("pot"),
    BASKET("steaming basket"),
    PAN("pan with a lid"),
    GRIDDLE("griddle"),
    DISH("baking dish");

    private final String label;

    VesselKind(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** In one word. */
    public String word() {
        return switch (this) {
            case POT -> "pot";
            case BASKET -> "basket";
            case PAN -> "pan";
            case GRIDDLE -> "griddle";
            case DISH -> "dish";
        };
    }

    /** Whether it stands in the oven and not on a burner. */
    public boolean inOven() {
        return this == DISH;
    }
}
