package ironpin.wrapper;

/** How a piece becomes a wrapper. */
public enum RollSchool {
    THICK_CENTRE(
            "thick in the middle",
            "A thin rim closes without gumming up, a thick middle carries the filling; slow.",
            2),
    EVEN("even all over", "Quick, and right for steaming; where the rim lies double it cooks last.", 1),
    CUTTER("rolled larger and cut round", "Perfectly round and even; what is cut away is rolled once more.", 1),
    PRESS("pressed between plates", "The quickest; only soft doughs stay where they were pressed.", 1);

    /** What a round cutter takes off a piece that was rolled larger (est.). */
    private static final double CUT_AWAY = 0.12;

    private final String label;
    private final String tradeOff;
    private final double centreToRim;

    RollSchool(String label, String tradeOff, double centreToRim) {
        this.label = label;
        this.tradeOff = tradeOff;
        this.centreToRim = centreToRim;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it gains and costs. */
    public String tradeOff() {
        return tradeOff;
    }

    /** Thickness in the middle ÷ at the rim that comes of it. */
    public double centreToRim() {
        return centreToRim;
    }

    /** Dough that is taken for each gram that stays in the wrapper (est.), 1 or more. */
    public double taken() {
        return this == CUTTER ? 1 / (1 - CUT_AWAY) : 1;
    }
}
