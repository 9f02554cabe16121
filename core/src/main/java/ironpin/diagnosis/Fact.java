package ironpin.diagnosis;

/** Something of a batch that speaks for or against a cause, as {@code evidence.csv} knows it; a number. */
enum Fact {
    /** Filling in a piece by what its fold holds with ease. */
    FILL("times what this fold closes with ease", 2),
    /** The mean of what was weighed into pieces, by the plan. */
    SPOONFUL("times the planned filling, by what was weighed", 2),
    /** Variation of what was weighed, %. */
    UNEVEN("% from piece to piece, by what was weighed", 0),
    /** mm. */
    RIM("mm at the rim", 1),
    /** mm. */
    CENTRE("mm in the middle", 1),
    CENTRE_TO_RIM("times as thick in the middle as at the rim", 1),
    /** mm on either side of a bread. */
    BREAD_SKIN("mm of skin on either side", 1),
    /** From −1 at the dry end of the band over 0 in the middle to 1 at the wet end. */
    WETNESS("of the way from the middle to the edge of its band", 1),
    /** Points that were added at the bench. */
    CORRECTED("points of water put to it at the bench", 1),
    /** By the least that is usual for its family. */
    REST("times the least rest of its family", 1),
    /** Share of the starch that is scalded where it is steamed. */
    SCALD("of its starch scalded", 2),
    /** How hard it boils: 0 with cold water added, 1 a simmer, 2 at full flame without. */
    BOIL("", 0),
    /** Pieces in a round by what the vessel takes. */
    ROUND("times what the vessel is thought to take", 2),
    /** How long it is cooked, by the late edge of when the middle is safe. */
    COOKED("times the longest that the middle needs", 1),
    /** K above the safe core, by the probe. */
    CORE("K over the safe core, by the probe", 0),
    /** Minutes from the fold to the fire. */
    WAITED("min from the fold to the fire", 0),
    /** % of the meat that is fat. */
    FAT("% of fat in the meat", 0),
    /** % of the meat that is liquid worked in. */
    LIQUID("% of liquid to the meat", 0),
    /** % salt at the least and at the most. */
    SALT("% of salt in the filling", 1),
    /** Whether it is stirred one way to a paste: 1, or 0. */
    STIRRED("", 0),
    /** % of the filling that are vegetables which were neither salted, blanched, fried nor oiled. */
    WEEPING("% of untreated wet vegetables", 0),
    /** How long the water in the pan lasts, by its spell. */
    WATER("times the spell, until the water in the pan is gone", 1),
    /** 0 low, 1 medium, 2 high, at the seat. */
    FLAME("", 0),
    /** g of fat in the pan or on the plate: 0 none, 1 at the end, 2 from the start. */
    GREASED("", 0),
    /** % of the filling that are cubes of set stock. */
    ASPIC("% of set stock", 0),
    /** % of sugar and honey. */
    SUGAR("% of sugar", 0);

    private final String unit;
    private final int decimals;

    Fact(String unit, int decimals) {
        this.unit = unit;
        this.decimals = decimals;
    }

    String unit() {
        return unit;
    }

    int decimals() {
        return decimals;
    }
}
