package ironpin.dough;

/** What to look for in a dough, rather than at the clock. */
public enum Cue {
    SMOOTH("smooth", "Smooth and even, no dry bits."),
    SPRINGS_BACK("springs back slowly", "A finger's dent fills slowly, in two or three seconds."),
    ROLLS_OUT("rolls without shrinking", "A piece under the pin stays as wide as it was rolled."),
    EDGE_HOLDS("presses without cracking", "A ball pressed flat does not crack at the edge.");

    private final String label;
    private final String text;

    Cue(String label, String text) {
        this.label = label;
        this.text = text;
    }

    /** In two or three words. */
    public String label() {
        return label;
    }

    /** In a sentence. */
    public String text() {
        return text;
    }
}
