package ironpin.web.freezer;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Batch;
import ironpin.cook.Cooking;
import ironpin.cook.Start;
import ironpin.filling.SafeCore;
import ironpin.plan.InsidePiece;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.FreezerStore.Bag;
import ironpin.wording.Name;
import ironpin.wording.Span;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;

/** What is written on a bag of a lot. */
public final class Bagged {
    private Bagged() {}

    /** A bag that can be put in. */
    public static Bag of(long id, Batch batch, LotPlan lot, int pieces, LocalDate frozen) {
        return new Bag(
                0,
                lot.lot().name(),
                Optional.of(id),
                lot.lot().no(),
                pieces,
                0,
                lot.share().piece(),
                cooking(lot),
                // Never cut: it is what protects.
                AllergenLines.ofLot(batch, lot.lot()).said(),
                frozen);
    }

    /** How it is cooked straight from the freezer, as a label says it. */
    private static Sentence cooking(LotPlan lot) {
        Cooking frozen = lot.lot().cooking().from(Start.FREEZER);
        Duration total = Cooking.time(
                frozen.spells(lot.lot().method(), lot.share().piece(), lot.lot().vessel()));
        String estimate = InsidePiece.of(lot, Start.FREEZER)
                .flatMap(InsidePiece::most)
                .filter(most -> most.compareTo(total) > 0)
                .map(most -> ", the late ones up to " + Span.of(InsidePiece.up(most)) + " (est.)")
                .orElse("");
        Sentence core =
                Quantity.celsius(SafeCore.of(lot.filling().formula()).core().celsius());
        String raw = SafeCore.of(lot.filling().formula()).mindRaw() ? "Raw. " : "";
        return Sentence.of(
                raw,
                Name.first(lot.lot().method().done()),
                " from frozen, not thawed: ",
                Span.of(total),
                estimate,
                "; at least ",
                core,
                " in the middle.");
    }
}
