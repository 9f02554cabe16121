package ironpin.cook;

/** How far a hob, or an oven, is turned up. */
public enum Flame {
    LOW("low", 0.35),
    MEDIUM("medium", 0.6),
    HIGH("high", 1);

    private final String label;
    private final double share;

    Flame(String label, double share) {
        this.label = label;
        this.share = share;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Share of the power that reaches the vessel when it is turned up all the way (est.). */
    public double share() {
        return share;
    }
}
