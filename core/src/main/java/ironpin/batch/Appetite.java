package ironpin.batch;

/** How hungry the table is. */
public enum Appetite {
    LIGHT("a little", 0.7),
    USUAL("as usual", 1),
    HUNGRY("very hungry", 1.35);

    private final String label;
    private final double factor;

    Appetite(String label, double factor) {
        this.label = label;
        this.factor = factor;
    }

    /** What they eat, as a multiple of the usual. */
    public double factor() {
        return factor;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
