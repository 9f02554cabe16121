package ironpin.batch;

import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.dough.Mixing;
import ironpin.dough.Waters;
import ironpin.quantity.Mass;

/** The mixing of a dough of a batch, in an ordinary kitchen and without the bowl. */
public final class DoughMixing {
    private static final Mass SOME_FLOUR = Mass.ofGrams(100);

    private DoughMixing() {}

    /** The mixing of this dough; of a hundred grams of flour where there is nothing to mix yet. */
    public static Mixing of(Batch batch, Balance balance, int doughNo) {
        DoughMasses made = balance.dough(doughNo).made();
        DoughMasses mixed =
                made.flour().isZero() ? batch.dough(doughNo).formula().fromFlour(SOME_FLOUR) : made;
        return new Mixing(mixed.flour(), Waters.USUAL.room(), mixed.of(DoughAddition.WATER), 0);
    }
}
