package ironpin.book;

/** How the skin was. */
public enum SkinVerdict {
    RIGHT("right"),
    TOUGH("tough"),
    GUMMY("gummy at the seam"),
    TORN("torn or sticky"),
    CRACKED("cracked at the rim"),
    SPRANG_BACK("sprang back");

    private final String label;

    SkinVerdict(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
