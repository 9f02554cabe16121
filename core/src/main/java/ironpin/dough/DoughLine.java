package ironpin.dough;

import ironpin.quantity.Percentage;

/**
 * One line of a dough.
 *
 * @param addition what it is
 * @param share its mass as a baker's percentage of the flour, 0 to 250
 */
public record DoughLine(DoughAddition addition, Percentage share) {
    public DoughLine {
        if (share.percent() < 0 || share.percent() > 250) {
            throw new IllegalArgumentException(
                    addition.label() + " lies between 0 and 250 % of the flour, not " + share);
        }
    }
}
