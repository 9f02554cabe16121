package ironpin.batch.edit;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.style.Style;
import ironpin.style.Styles;

/** How hungry the table is. */
public final class Hunger {
    private Hunger() {}

    /** The same batch for another appetite: a lot that is counted by the eaters stills the same part of it as before. */
    public static Batch of(Batch batch, Appetite changed) {
        return batch.withAppetite(changed)
                .mapLots(lot -> lot.rule() instanceof PieceRule.PerEater rule
                        ? lot.withRule(stilling(lot, rule, batch.appetite(), changed))
                        : lot);
    }

    private static PieceRule stilling(Lot lot, PieceRule.PerEater rule, Appetite before, Appetite changed) {
        Style style = Styles.get(lot.style());
        double part = (double) rule.each() / style.perEater(before);
        return PieceRule.PerEater.near(part * style.perEater(changed));
    }
}
