package ironpin.filling;

import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What is done to vegetables so that they do not weep in the wrapper, with what is left of them (usual, est.). */
public enum Treatment {
    SALT("salted and squeezed", 60, 70, "salt 1.5–2 %, 10–20 min, squeeze; wrap within 20–30 min", "salted"),
    BLANCH("blanched and squeezed", 45, 60, "1 min in boiling water, chill, squeeze", "blanched"),
    FROZEN("frozen, thawed and squeezed", 40, 50, "thaw in the fridge, squeeze", "frozen", "thawed"),
    SAUTE("fried and cooled", 70, 80, "fry until the water is gone, cool", "fried", "sautéed", "sauteed", "sauté"),
    OIL("coated in oil", 100, 100, "coat in oil, no salt, use soon", "oiled", "coated in oil"),
    ROAST("roasted dry and mashed", 65, 75, "roast until dry, mash, cool", "roasted");

    private final String label;
    private final Band<Percentage> left;
    private final String how;
    private final String[] words;

    Treatment(String label, double least, double most, String how, String... words) {
        this.label = label;
        this.left = Band.percent(least, most);
        this.how = how;
        this.words = words;
    }

    /** As it stands behind the name in a line. */
    public String label() {
        return label;
    }

    /** What is left of the raw mass. */
    public Band<Percentage> left() {
        return left;
    }

    /** What is usually left: the middle of the band, parts of 1 (est.). */
    public double usuallyLeft() {
        return (left.low().fraction() + left.high().fraction()) / 2;
    }

    /** How it is done, shortly. */
    public String how() {
        return how;
    }

    /** The treatment a line speaks of. */
    public static Optional<Treatment> spokenOf(String line) {
        String lower = line.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(one -> Arrays.stream(one.words).anyMatch(lower::contains) && !lower.contains("unsalted"))
                .findFirst();
    }
}
