package ironpin.batch;

import ironpin.pantry.Flour;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;

/**
 * A flour's part in a dough.
 *
 * @param flour which
 * @param share of all flour, above 0 and at most 100 %
 */
public record FlourShare(Flour flour, Percentage share) {
    public FlourShare {
        if (share.percent() <= 0 || share.percent() > 100) {
            throw new Refused("a flour's share is above 0 and at most 100 %, not " + share);
        }
    }
}
