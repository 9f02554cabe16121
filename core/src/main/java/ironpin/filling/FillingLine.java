package ironpin.filling;

import ironpin.quantity.Percentage;

/**
 * One line of a filling.
 *
 * @param ingredient what it is, as the cook writes it
 * @param share of the finished filling, above 0 and at most 100 %
 */
public record FillingLine(String ingredient, Percentage share) {
    public FillingLine {
        if (ingredient.isBlank()) {
            throw new IllegalArgumentException("a filling line needs a name");
        }
        if (share.percent() <= 0 || share.percent() > 100) {
            throw new IllegalArgumentException(ingredient + " must be above 0 and at most 100 %, not " + share);
        }
    }

    /** A line with its share in percent. */
    public static FillingLine of(String ingredient, double percent) {
        return new FillingLine(ingredient, Percentage.of(percent));
    }
}
