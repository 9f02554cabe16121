package ironpin.filling;

/** What a fried test patty tastes like. */
public enum PattyVerdict {
    BLAND("bland", 0.2),
    RIGHT("right", 0),
    SALTY("salty", -0.2),
    DRY("dry", 0);

    private final String label;
    private final double points;

    PattyVerdict(String label, double points) {
        this.label = label;
        this.points = points;
    }

    /** In a word. */
    public String label() {
        return label;
    }

    /** Percent of salt that it should have had more: a step one can taste. */
    public double points() {
        return points;
    }

    /** Whether it says anything about salt. */
    public boolean aboutSalt() {
        return this != DRY;
    }
}
