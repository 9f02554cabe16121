package ironpin.dough;

/** What may join flour in a dough, with the share of its mass that is water and wets the flour. */
public enum DoughAddition {
    WATER("Water", 1.0),
    SALT("Fine salt", 0),
    OIL("Oil", 0),
    LARD("Lard", 0),
    BUTTER("Butter", 0.16),
    EGG("Egg", 0.75),
    YOLK("Egg yolk", 0.50),
    MILK("Milk", 0.87),
    YOGHURT("Yoghurt", 0.85),
    SOURED_CREAM("Soured cream", 0.72),
    HONEY("Honey", 0.17),
    SUGAR("Sugar", 0),
    LEAVENING("Baking powder", 0);

    private final String label;
    private final double waterShare;

    DoughAddition(String label, double waterShare) {
        this.label = label;
        this.waterShare = waterShare;
    }

    /** What a cook calls it. */
    public String label() {
        return label;
    }

    /** Water per gram of it, 0 to 1. */
    public double waterShare() {
        return waterShare;
    }
}
