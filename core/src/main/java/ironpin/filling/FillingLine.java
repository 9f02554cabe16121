package ironpin.filling;

import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;

/**
 * One line of a filling.
 *
 * @param ingredient what it is, as the cook writes it, with what is done to it behind a comma
 * @param share of the finished filling, above 0 and at most 100 %
 */
public record FillingLine(String ingredient, Percentage share) {
    public FillingLine {
        ingredient = Typed.name(ingredient);
        if (ingredient.isBlank()) {
            throw new Refused("a filling line needs a name");
        }
        if (share.percent() <= 0 || share.percent() > 100) {
            throw new Refused(ingredient + " must be above 0 and at most 100 %, not " + share);
        }
    }

    /** A line with its share in percent. */
    public static FillingLine of(String ingredient, double percent) {
        return new FillingLine(ingredient, Percentage.of(percent));
    }

    /** The same line with another share. */
    public FillingLine with(Percentage changed) {
        return new FillingLine(ingredient, changed);
    }

    /** What it says. */
    public Spoken spoken() {
        return Spoken.of(ingredient);
    }

    /** Its name without what is done to it: what stands before the first comma that is not a decimal one. */
    public String bare() {
        return bare(ingredient);
    }

    /** A name without what is done to it. */
    public static String bare(String ingredient) {
        for (int i = 1; i < ingredient.length(); i++) {
            boolean decimal = i + 1 < ingredient.length()
                    && Character.isDigit(ingredient.charAt(i - 1))
                    && Character.isDigit(ingredient.charAt(i + 1));
            if (ingredient.charAt(i) == ',' && !decimal) {
                return ingredient.substring(0, i).strip();
            }
        }
        return ingredient.strip();
    }
}
