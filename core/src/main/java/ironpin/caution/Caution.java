package ironpin.caution;

import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;

/** Short warnings, each for one spot. */
public enum Caution {
    RAW_FLOUR(Sentence.of("Raw flour is not tasted either; wash hands and board.")),
    HOT_DOUGH(Sentence.of("The dough is hot to the hands: start with a spoon or chopsticks.")),
    BOILING_STARCH(Sentence.of("Boiling water and starch stick and burn: pour, stir with a spoon, wait.")),
    COLD_REST(Sentence.of(
            "Into the fridge, covered, under about ",
            Quantity.celsius(5),
            "; with egg or soured dairy use it within a day.")),
    RAW_FILLING(Sentence.of("Do not taste raw filling. Wash hands, knife and board after it.")),
    TWO_HOURS(Sentence.of("Out of the fridge at most 2 h in all, 1 h in a hot room.")),
    STEAM(Sentence.of("Open the lid away from you: steam burns.")),
    HOT_FAT(Sentence.of("Water into hot fat spits: lid in the other hand.")),
    HOT_OIL(Sentence.of("Hot oil: lay pieces in away from you, no water near it, a lid at hand to smother a flame.")),
    BOILING_WATER(Sentence.of("Boiling water: slide pieces in from a spoon, do not drop them.")),
    HOT_PLATE(Sentence.of("The plate stays hot long after the hob is off.")),
    CORE(Sentence.of("A probe decides. Without one, cut open a piece from the middle of the round.")),
    HOT_MIDDLE(Sentence.of("The middle is hotter than the skin: bite small. Cut small for children.")),
    REFREEZE(Sentence.of("Never refreeze thawed raw pieces.")),
    HOT_STOCK(Sentence.of("Chill hot stock fast and shallow, in the fridge; scrap what stood warm for hours.")),
    SALTED_GREENS(Sentence.of("Salted raw greens weep on: wrap within 20 to 30 min.")),
    ALLERGENS(Sentence.of("Ask who avoids what before you fill."));

    /** Stands under every set of cautions. */
    public static final String DEFER =
            "General guidance: follow your local food-safety authority, and a doctor for anyone at risk.";

    private final Sentence text;

    Caution(Sentence text) {
        this.text = text;
    }

    /** The warning. */
    public Sentence text() {
        return text;
    }
}
