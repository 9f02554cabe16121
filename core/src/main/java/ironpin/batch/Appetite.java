package ironpin.batch;

/** How hungry the table is. */
public enum Appetite {
    LIGHT("a little"),
    USUAL("as usual"),
    HUNGRY("very hungry");

    private final String label;

    Appetite(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
