package ironpin.quantity;

/** Whose cup is meant by a cup. */
public enum CupStandard {
    US("US", 236.5882365),
    METRIC("metric", 250),
    JAPANESE("Japanese", 200),
    IMPERIAL("imperial", 284.130625);

    private final String label;
    private final double millilitres;

    CupStandard(String label, double millilitres) {
        this.label = label;
        this.millilitres = millilitres;
    }

    /** In a word. */
    public String label() {
        return label;
    }

    /** What it holds, ml. */
    public double millilitres() {
        return millilitres;
    }
}
