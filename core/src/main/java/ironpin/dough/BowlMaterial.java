package ironpin.dough;

/** What a mixing bowl is made of, with the heat a gram of it takes up for each degree (usual handbook values). */
public enum BowlMaterial {
    STEEL("steel", 0.50),
    GLASS("glass", 0.84),
    CERAMIC("ceramic", 0.85),
    PLASTIC("plastic", 1.7),
    WOOD("wood", 1.7);

    private final String label;
    private final double joulesPerGramKelvin;

    BowlMaterial(String label, double joulesPerGramKelvin) {
        this.label = label;
        this.joulesPerGramKelvin = joulesPerGramKelvin;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Heat capacity, J/(g·K). */
    public double joulesPerGramKelvin() {
        return joulesPerGramKelvin;
    }
}
