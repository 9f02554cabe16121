package ironpin.crew;

/** What somebody in the kitchen does. */
public enum Skill {
    MIX("mixes and prepares", "mix and prepare"),
    ROLL("rolls", "roll"),
    FOLD("fills and folds", "fill and fold"),
    FIRE("works at the fire", "work at the fire");

    private final String label;
    private final String plural;

    Skill(String label, String plural) {
        this.label = label;
        this.plural = plural;
    }

    /** In a cook's words, of several. */
    public String plural() {
        return plural;
    }

    /** In a cook's words, after a name. */
    public String label() {
        return label;
    }
}
