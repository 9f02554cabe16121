package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Fix;
import ironpin.batch.PlanField;
import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the filling suits the skin and where the rest of it goes. */
final class FillingFindings {
    private static final double LEAST_RATIO = 0.8;
    private static final double MOST_RATIO = 2.0;

    private FillingFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        Balance.OfFilling share = plan.balance().filling(lot.filling().no());
        found.add(Finding.note(
                Words.grams(share.made().grams()),
                "in all; " + Words.fine(lot.share().fillingEach().grams()) + " in each of "
                        + lot.share().pieces() + ".",
                "The bowl keeps " + Words.grams(share.lost().grams()) + "."));
        if (!share.patty().isZero()) {
            found.add(Finding.note(
                    Words.grams(share.patty().grams()),
                    "for a test patty: fry it, taste that.",
                    "Salt cannot be judged raw."));
        }
        found.add(ratio(lot));
        CompositionFindings.of(plan, share.made(), lot, found);
        leftOver(plan, lot, share).ifPresent(found::add);
        return found;
    }

    private static Finding ratio(LotPlan lot) {
        double ratio = lot.share().fillingEach().ratioTo(lot.share().doughEach());
        Style style = Styles.get(lot.lot().style());
        String figure = Words.one(ratio) + " : 1";
        String why = "Usual is " + LEAST_RATIO + " to " + MOST_RATIO + "; this style fills "
                + Words.grams(style.fillingBand().low().grams()) + " to "
                + Words.grams(style.fillingBand().high().grams()) + ".";
        if (ratio >= LEAST_RATIO && ratio <= MOST_RATIO) {
            return Finding.good(figure, "filling to dough.", why);
        }
        double edge = ratio < LEAST_RATIO ? LEAST_RATIO : MOST_RATIO;
        double wanted = Words.toTenth(lot.share().doughEach().grams() * edge);
        return Finding.look(
                figure,
                ratio < LEAST_RATIO ? "filling to dough: mostly skin." : "filling to dough: the skin will tear.",
                why,
                new Fix(
                        "Fill " + Words.fine(wanted),
                        PlanField.FILLING_EACH,
                        lot.lot().no(),
                        wanted));
    }

    private static Optional<Finding> leftOver(BatchPlan plan, LotPlan lot, Balance.OfFilling share) {
        Mass left = share.left();
        if (left.grams() < 1) {
            return Optional.empty();
        }
        return Optional.of(Finding.mendable(
                Words.grams(left.grams()),
                "of filling over, " + Words.one(left.ratioTo(lot.share().fillingEach())) + " pieces' worth.",
                LeftOver.why(left, lot.share().fillingEach()) + " Or fry it as patties.",
                LeftOver.ofFilling(plan.batch(), share)));
    }
}
