package ironpin.book;

/** How the filling was. */
public enum FillingVerdict {
    RIGHT("right"),
    DRY("dry"),
    LOOSE("loose, crumbly"),
    BLAND("bland"),
    SALTY("salty");

    private final String label;

    FillingVerdict(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
