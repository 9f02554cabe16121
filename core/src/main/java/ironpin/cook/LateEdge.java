package ironpin.cook;

/**
 * How late a piece is reckoned with; raw poultry is judged by the rarer edge, since with it an unsafe middle costs most. The edges are
 * the 90 % and the 97.5 % quantile of the normal distribution that {@link SafeTime} takes the logarithm of the time for.
 */
public enum LateEdge {
    /** Nine cases of ten are sooner: with one of ten before the early edge, a band of 80 %. */
    ONE_IN_TEN(1.2816, "in eight cases of ten", "Eight cases of ten lie in here"),
    /** Thirty-nine of forty are sooner. */
    ONE_IN_FORTY(
            1.96,
            "in seven cases of eight (poultry: only one of forty is later)",
            "Of ten cases one is sooner; of forty one is later");

    private final double deviations;
    private final String words;
    private final String band;

    LateEdge(double deviations, String words, String band) {
        this.deviations = deviations;
        this.words = words;
        this.band = band;
    }

    /** Standard deviations beyond which a normal number lies that often. */
    double deviations() {
        return deviations;
    }

    /** How often a time lies between the early edge and this one, within a sentence. */
    public String words() {
        return words;
    }

    /** The same, beside the band that is drawn. */
    public String band() {
        return band;
    }
}
