package ironpin.pantry;

/** What a flour is milled from, as far as it changes how it drinks. */
public enum FlourKind {
    /** Sifted wheat flour. */
    WHEAT,
    /** Whole-grain wheat flour: bran and germ drink 8 to 12 points more. */
    WHOLEMEAL,
    /** Instant nixtamalised maize flour: no gluten. */
    MAIZE,
    /** Pure starch: sets only with boiling water. */
    STARCH
}
