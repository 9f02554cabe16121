package ironpin.dough;

import ironpin.pantry.Food;
import ironpin.pantry.Foods;

/** What may join flour in a dough, with the share of its mass that is water and wets the flour. */
public enum DoughAddition {
    WATER("Water", 1.0, 4.18, 220),
    SALT("Fine salt", 0, 0.86, 5),
    OIL("Oil", 0, 2.0, 25),
    LARD("Lard", 0, 2.0, 25),
    BUTTER("Butter", 0.16, 2.2, 40),
    EGG("Egg", 0.75, 3.4, 70),
    YOLK("Egg yolk", 0.50, 3.0, 60),
    EGG_WHITE("Egg white", 0.88, 3.8, 60),
    MILK("Milk", 0.87, 3.9, 120),
    YOGHURT("Yoghurt", 0.85, 3.7, 90),
    SOURED_CREAM("Soured cream", 0.72, 3.3, 90),
    HONEY("Honey", 0.17, 2.4, 20),
    SUGAR("Sugar", 0, 1.25, 20),
    LEAVENING("Baking powder", 0, 1.0, 3),
    /** Spinach, pumpkin, potato: mashed, they wet a dough by their water (est.). */
    PUREE("Mashed vegetable", 0.9, 3.8, 200),
    /** Milk powder, spices, seeds, gum: in the dough, and no water in it. */
    DRY("Something dry", 0, 1.6, 40);

    private final String label;
    private final double waterShare;
    private final double joulesPerGramKelvin;
    private final double most;

    DoughAddition(String label, double waterShare, double joulesPerGramKelvin, double most) {
        this.label = label;
        this.waterShare = waterShare;
        this.joulesPerGramKelvin = joulesPerGramKelvin;
        this.most = most;
    }

    /** What a cook calls it. */
    public String label() {
        return label;
    }

    /** From this share of water on it wets a dough like water. */
    private static final double MOSTLY_WATER = 0.5;

    /** Water per gram of it, 0 to 1. */
    public double waterShare() {
        return waterShare;
    }

    /** The food it is, where the cook says no more. */
    public Food food() {
        return Foods.get(
                switch (this) {
                    case WATER -> "water";
                    case SALT -> "salt";
                    case OIL -> "oil";
                    case LARD -> "lard";
                    case BUTTER -> "butter";
                    case EGG -> "egg";
                    case YOLK -> "egg-yolk";
                    case EGG_WHITE -> "egg-white";
                    case MILK -> "milk";
                    case YOGHURT -> "yoghurt";
                    case SOURED_CREAM -> "soured-cream";
                    case HONEY -> "honey";
                    case SUGAR -> "sugar";
                    case LEAVENING -> "baking-powder";
                    case PUREE -> "pumpkin-mashed";
                    case DRY -> "spice";
                });
    }

    /** Heat a gram of it takes up for each degree, J/(g·K); usual handbook values. */
    public double joulesPerGramKelvin() {
        return joulesPerGramKelvin;
    }

    /** The greatest share of the flour that still makes a dough of these families, %. */
    public double most() {
        return most;
    }

    /** Whether it softens without wetting. */
    public boolean fat() {
        return this == OIL || this == LARD || this == BUTTER;
    }

    /** What to know before using it; empty for most. */
    public String note() {
        return switch (this) {
            case LEAVENING -> "a school: some add a pinch, most leave it out";
            case OIL, LARD, BUTTER -> "softens, does not wet";
            case PUREE -> "wets with its own water, about nine tenths of it (est.)";
            default -> "";
        };
    }

    /** Whether it is poured in: mostly water, and neither egg nor fat. */
    public boolean isPoured() {
        return waterShare() > MOSTLY_WATER && !isEgg();
    }

    /** Whether it is egg, whole or a part of it. */
    public boolean isEgg() {
        return this == EGG || this == YOLK || this == EGG_WHITE;
    }
}
