package ironpin.web.sheet;

import ironpin.filling.SafeCore;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;

/** Words of the cooking card. */
public final class StoveMinutes {
    static final StoveMinutes WORDS = new StoveMinutes();

    private StoveMinutes() {}

    /** How long a spell takes. @param index of the spell in the lot's card */
    public String of(LotPlan lot, int index) {
        return Span.of(lot.spells().get(index).time());
    }

    /** What a probe has to show. */
    public Sentence core(LotPlan lot) {
        double celsius = SafeCore.of(lot.filling().formula()).core().celsius();
        return Sentence.of("At least ", Quantity.celsius(celsius), " in the middle, by a probe.");
    }
}
