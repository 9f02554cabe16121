package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;

/** Which number of a lot is held, so that the rest are solved from it. */
public enum Pin {
    /** Eaters × pieces each. */
    EATERS,
    /** A number of pieces. */
    PIECES,
    /** The flour at hand. */
    FLOUR,
    /** The filling at hand. */
    FILLING,
    /** Flour and filling both: sizes are moved inside their bands so that both run out together. */
    BOTH;

    /** What holds this lot. */
    public static Pin of(Batch batch, Lot lot) {
        boolean flour = lot.bought().isEmpty()
                && batch.dough(lot.doughNo()).flourAtHand().isPresent();
        boolean filling = batch.filling(lot.fillingNo()).atHand().isPresent();
        if (flour && filling) {
            return BOTH;
        }
        if (flour) {
            return FLOUR;
        }
        if (filling) {
            return FILLING;
        }
        return lot.rule() instanceof PieceRule.PerEater ? EATERS : PIECES;
    }
}
