package ironpin.cook;

import ironpin.quantity.Temperature;

/** Where pieces stood until they are cooked. */
public enum Start {
    ROOM("from the board", 20, 1),
    FRIDGE("from the fridge", 5, 1.15),
    FREEZER("from the freezer, not thawed", -18, 1.6);

    private final String label;
    private final double celsius;
    private final double longer;

    Start(String label, double celsius, double longer) {
        this.label = label;
        this.celsius = celsius;
        this.longer = longer;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** How cold they are, all through. */
    public Temperature temperature() {
        return Temperature.ofCelsius(celsius);
    }

    /** How much longer practice cooks them than from the board; the model of the inside says it for each piece. */
    double longer() {
        return longer;
    }
}
