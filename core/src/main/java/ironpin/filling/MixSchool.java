package ironpin.filling;

import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.List;

/** How a filling is brought together. */
public enum MixSchool {
    ONE_DIRECTION("stirred one way", "sticky and springy; takes much liquid and holds it", 10, 30),
    GENTLE("mixed gently", "loose and tender; takes little liquid", 0, 10),
    COOKED("cooked and cooled", "nothing raw; must be cool and dry enough to hold a ball", 0, 10),
    SWEET("sweet", "only mixed, and kept cool", 0, 10);

    private final String label;
    private final String tradeOff;
    private final Band<Percentage> liquid;

    MixSchool(String label, String tradeOff, double least, double most) {
        this.label = label;
        this.tradeOff = tradeOff;
        this.liquid = Band.percent(least, most);
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it gives and what it asks. */
    public String tradeOff() {
        return tradeOff;
    }

    /** Liquid it works into meat, as a share of the meat. */
    public Band<Percentage> liquid() {
        return liquid;
    }

    /** The schools that suit a filling, the usual one first. */
    public static List<MixSchool> suiting(FillingKind kind) {
        return switch (kind) {
            case RED_MEAT, POULTRY, SEAFOOD -> List.of(ONE_DIRECTION, GENTLE);
            case EGG -> List.of(GENTLE);
            case VEGETABLE, CHEESE, PULSE -> List.of(COOKED, GENTLE);
            case SWEET -> List.of(SWEET);
        };
    }
}
