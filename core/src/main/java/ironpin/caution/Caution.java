package ironpin.caution;

import ironpin.quantity.Quoted;

/** Short warnings, each for one spot. */
public enum Caution {
    RAW_FLOUR("Raw flour is not tasted either; wash hands and board."),
    HOT_DOUGH("The dough is hot to the hands: start with a spoon or chopsticks."),
    BOILING_STARCH("Boiling water and starch stick and burn: pour, stir with a spoon, wait."),
    COLD_REST("Into the fridge, covered, under about " + Quoted.temperature(5)
            + "; with egg or soured dairy use it within a day."),
    RAW_FILLING("Do not taste raw filling. Wash hands, knife and board after it."),
    TWO_HOURS("Out of the fridge at most 2 h in all, 1 h in a hot room."),
    STEAM("Open the lid away from you: steam burns."),
    HOT_FAT("Water into hot fat spits: lid in the other hand."),
    HOT_OIL("Hot oil: lay pieces in away from you, no water near it, a lid at hand to smother a flame."),
    BOILING_WATER("Boiling water: slide pieces in from a spoon, do not drop them."),
    HOT_PLATE("The plate stays hot long after the hob is off."),
    CORE("A probe decides. Without one, cut open a piece from the middle of the round."),
    HOT_MIDDLE("The middle is hotter than the skin: bite small. Cut small for children."),
    REFREEZE("Never refreeze thawed raw pieces."),
    HOT_STOCK("Chill hot stock fast and shallow, in the fridge; scrap what stood warm for hours."),
    SALTED_GREENS("Salted raw greens weep on: wrap within 20 to 30 min."),
    ALLERGENS("Ask who avoids what before you fill.");

    /** Stands under every set of cautions. */
    public static final String DEFER =
            "General guidance: follow your local food-safety authority, and a doctor for anyone at risk.";

    private final String text;

    Caution(String text) {
        this.text = text;
    }

    /** The warning; temperatures are quoted. */
    public String text() {
        return text;
    }
}
