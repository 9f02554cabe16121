package ironpin.hands;

/** What a pair of hands does with a piece when work is shared. */
public enum SharedWork {
    ALL("roll, fill and fold"),
    ROLL("cut and roll"),
    FOLD("fill and fold");

    private final String label;

    SharedWork(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
