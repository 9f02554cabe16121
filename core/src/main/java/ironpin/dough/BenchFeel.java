package ironpin.dough;

/** How a dough feels at the bench, and whether water, flour or time mends it. */
public enum BenchFeel {
    DRY("dry and cracking", Cure.WATER),
    CRUMBLY("crumbly", Cure.WATER),
    STICKY("sticky", Cure.FLOUR),
    SMEARS("smears", Cure.FLOUR),
    SHRINKS("shrinks back", Cure.REST),
    TEARS("tears", Cure.REST);

    /** What mends it. */
    public enum Cure {
        WATER,
        FLOUR,
        REST
    }

    private final String label;
    private final Cure cure;

    BenchFeel(String label, Cure cure) {
        this.label = label;
        this.cure = cure;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What mends it. */
    public Cure cure() {
        return cure;
    }
}
