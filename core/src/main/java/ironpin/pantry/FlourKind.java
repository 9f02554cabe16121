package ironpin.pantry;

/** What a flour is milled from, as far as it changes how it drinks. */
public enum FlourKind {
    /** Sifted wheat flour. */
    WHEAT("wheat"),
    /** Whole-grain wheat flour: bran and germ drink 8 to 12 points more. */
    WHOLEMEAL("whole wheat"),
    /** Instant nixtamalised maize flour: no gluten. */
    MAIZE("maize"),
    /** Pure starch: sets only with boiling water. */
    STARCH("starch"),
    /** Rye, buckwheat, rice, chickpea and the like: how it drinks is not known here. */
    OTHER("another grain");

    private final String label;

    FlourKind(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }
}
