package ironpin.quantity;

/** Whose cups, spoons, fluid ounces and pints are meant. */
public enum CupStandard {
    US("US", 236.5882365, 15, 29.5735295625, 473.176473),
    METRIC("metric", 250, 15, 28.4130625, 568.26125),
    AUSTRALIAN("Australian", 250, 20, 28.4130625, 568.26125),
    JAPANESE("Japanese", 200, 15, 29.5735295625, 473.176473),
    IMPERIAL("imperial", 284.130625, 15, 28.4130625, 568.26125);

    private final String label;
    private final double cup;
    private final double tablespoon;
    private final double fluidOunce;
    private final double pint;

    CupStandard(String label, double cup, double tablespoon, double fluidOunce, double pint) {
        this.label = label;
        this.cup = cup;
        this.tablespoon = tablespoon;
        this.fluidOunce = fluidOunce;
        this.pint = pint;
    }

    /** In a word. */
    public String label() {
        return label;
    }

    /** What its cup holds, ml. */
    public double millilitres() {
        return cup;
    }

    /** What its tablespoon holds, ml. */
    public double tablespoon() {
        return tablespoon;
    }

    /** What its fluid ounce is, ml. */
    public double fluidOunce() {
        return fluidOunce;
    }

    /** What its pint is, ml; a quart is two of them. */
    public double pint() {
        return pint;
    }
}
