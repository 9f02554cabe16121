package ironpin.wrapper;

/** What a wrapper looks like from above before it is folded. */
public enum Outline {
    ROUND("round"),
    SQUARE("square"),
    STRIP("strip");

    private final String label;

    Outline(String label) {
        this.label = label;
    }

    /** In a word. */
    public String label() {
        return label;
    }
}
