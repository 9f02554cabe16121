package ironpin.filling;

import ironpin.quantity.Temperature;

/**
 * What a filling is mostly about: it decides the core temperature after the usual public guidance, and the tone it is
 * drawn in.
 */
public enum FillingKind {
    RED_MEAT("minced beef, pork or lamb", 71, true),
    POULTRY("poultry", 74, true),
    SEAFOOD("fish or shellfish", 63, true),
    EGG("egg", 71, true),
    VEGETABLE("vegetables and bean curd", 74, false),
    CHEESE("cheese and cooked vegetables", 74, false),
    PULSE("pulses or potato", 74, false),
    SWEET("a sweet filling", 74, false);

    private final String label;
    private final Temperature safeCore;
    private final boolean raw;

    FillingKind(String label, double coreC, boolean raw) {
        this.label = label;
        this.safeCore = Temperature.ofCelsius(coreC);
        this.raw = raw;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Core temperature at which it is safe; for fillings that are not raw, the one for reheated food. */
    public Temperature safeCore() {
        return safeCore;
    }

    /** Whether it may not be tasted before it is cooked. */
    public boolean raw() {
        return raw;
    }
}
