package ironpin.portion;

/** How dough becomes pieces. Spreads are usual practice (est.), until this cook's own is learned. */
public enum PortionSchool {
    ROPE("ropes", "Roll even ropes and cut them by the ruler; any count; a quarter turn after every cut.", 0.06),
    RING(
            "a ring",
            "Poke a hole, stretch an even ring and cut it open; the ends come out like the middle, and it wants one long board.",
            0.07),
    HALVING(
            "halves and quarters",
            "Halve, halve again, and so on: no ruler, but only counts that divide by small numbers, and errors add up.",
            0.09),
    CUTTER(
            "rounds out of a sheet",
            "Every piece as thick and as wide as the next; trimmings are rolled again and come out tougher.",
            0.04),
    SQUARES(
            "squares out of a sheet",
            "The knife wastes little; square wrappers take other folds than round ones.",
            0.05);

    private final String label;
    private final String tradeOff;
    private final double spread;

    PortionSchool(String label, String tradeOff, double spread) {
        this.label = label;
        this.tradeOff = tradeOff;
        this.spread = spread;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What hands do first. */
    public String verb() {
        return switch (this) {
            case ROPE -> "Cut";
            case RING -> "Cut a ring open";
            case HALVING -> "Halve";
            case CUTTER -> "Cut rounds";
            case SQUARES -> "Cut squares";
        };
    }

    /** What it gains and costs. */
    public String tradeOff() {
        return tradeOff;
    }

    /** Standard deviation of the pieces ÷ their mean (est.). */
    public double spread() {
        return spread;
    }

    /** Whether pieces come out of a rolled sheet. */
    public boolean sheet() {
        return this == CUTTER || this == SQUARES;
    }

    /** Whether a rope, or a ring cut open, is cut along its length. */
    public boolean rope() {
        return !sheet();
    }
}
