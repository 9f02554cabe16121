package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.PieceRule;

/** A batch for more or fewer at the table, in proportion: pieces that were counted and what was at hand grow with them. */
public final class Served {
    private Served() {}

    /** For this many, 1 to {@value Batch#MOST_EATERS}; as near as whole pieces come. */
    public static Batch to(Batch batch, int eaters) {
        double times = (double) eaters / batch.eaters();
        return batch.withEaters(eaters)
                .mapLots(lot -> lot.rule() instanceof PieceRule.Counted counted
                        ? lot.withRule(new PieceRule.Counted(scaled(counted.pieces(), times, 1)))
                        : lot)
                .mapLots(lot -> lot.withToFreezer(scaled(lot.toFreezer(), times, 0)))
                .mapDoughs(dough -> dough.withFlourAtHand(dough.flourAtHand().map(flour -> flour.multipliedBy(times))))
                .mapFillings(filling -> filling.withAtHand(filling.atHand().map(mass -> mass.multipliedBy(times))));
    }

    private static int scaled(int pieces, double times, int least) {
        return (int) Math.min(PieceRule.MOST, Math.max(least, Math.round(pieces * times)));
    }
}
