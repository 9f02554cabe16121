package ironpin.hands;

/** What can go wrong with one piece. */
public enum Fault {
    BURST("burst", "it was too full, or the skin too thin", true),
    GAP("gap in the seam", "filling in the seam, a dry rim, or too full", true),
    GUMMY("gummy seam", "the rim was too thick where it lies double", false),
    TORN("torn skin", "rolled too thin, or not rested", false);

    private final String label;
    private final String cause;
    private final boolean fromFullness;

    Fault(String label, String cause, boolean fromFullness) {
        this.label = label;
        this.cause = cause;
        this.fromFullness = fromFullness;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it usually comes of. */
    public String cause() {
        return cause;
    }

    /** Whether it says something about how full a fold may be. */
    public boolean fromFullness() {
        return fromFullness;
    }
}
