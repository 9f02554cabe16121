package ironpin.shopping;

/** Where in a shop it stands, with the step it is usually sold in. */
public enum Aisle {
    FLOUR("flour", 500),
    MEAT("meat and fish", 100),
    GREENS("vegetables and herbs", 50),
    DAIRY("eggs, dairy and tofu", 100),
    PANTRY("cupboard", 50),
    WRAPPERS("wrappers", 1);

    private final String label;
    private final double stepGrams;

    Aisle(String label, double stepGrams) {
        this.label = label;
        this.stepGrams = stepGrams;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Grams between one pack and the next. */
    public double stepGrams() {
        return stepGrams;
    }
}
