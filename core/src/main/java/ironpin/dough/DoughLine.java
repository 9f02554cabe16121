package ironpin.dough;

import ironpin.pantry.Allergens;
import ironpin.pantry.FoodName;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;

/**
 * One line of a dough.
 *
 * @param addition what it does
 * @param share its mass as a baker's percentage of the flour, 0 to 250
 * @param said what it is in the cook's words, where that is more than the addition says ("toasted sesame oil"); may be empty
 */
public record DoughLine(DoughAddition addition, Percentage share, String said) {
    private static final int MOST_SAID = 80;

    public DoughLine {
        said = Typed.clean(said);
        if (share.percent() < 0 || share.percent() > 250) {
            throw new Refused(addition.label() + " lies between 0 and 250 % of the flour, not " + share);
        }
        if (said.length() > MOST_SAID) {
            throw new Refused("a line's name has up to 80 characters");
        }
    }

    /** A line that is what its addition says. */
    public DoughLine(DoughAddition addition, Percentage share) {
        this(addition, share, "");
    }

    /** The same line with another share. */
    DoughLine with(Percentage changed) {
        return new DoughLine(addition, changed, said);
    }

    /** What a cook calls it. */
    public String name() {
        return said.isEmpty() ? addition.label() : said;
    }

    /** What some must avoid in it. */
    public Allergens allergens() {
        return said.isEmpty()
                ? addition.food().allergens()
                : FoodName.read(said).allergens();
    }
}
