package ironpin.pantry;

import ironpin.quantity.Temperature;

/**
 * What must be cooked through because it is raw, with the core temperature at which it is safe after the usual public
 * guidance.
 */
public enum RawKind {
    SEAFOOD("fish and shellfish", 63),
    EGG("egg", 71),
    RED_MEAT("beef, pork and lamb", 71),
    /** Meat whose kind is not said is taken for the most demanding. */
    UNSAID("meat of a kind that is not said", 74),
    POULTRY("poultry", 74);

    private final String label;
    private final Temperature safeCore;

    RawKind(String label, double safeCoreC) {
        this.label = label;
        this.safeCore = Temperature.ofCelsius(safeCoreC);
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Core temperature at which it is safe. */
    public Temperature safeCore() {
        return safeCore;
    }
}
