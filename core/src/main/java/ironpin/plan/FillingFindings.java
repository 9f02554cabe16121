package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Fix;
import ironpin.batch.PlanField;
import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.filling.Aspic;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the filling suits the skin and where the rest of it goes. */
final class FillingFindings {
    private static final Percentage SET = Percentage.of(3);

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
        lot.filling().formula().aspic().ifPresent(aspic -> soup(lot, share.made(), aspic, found));
        found.add(ratio(lot));
        CompositionFindings.of(plan, share.made(), lot, found);
        leftOver(plan, lot, share).ifPresent(found::add);
        return found;
    }

    /** Soup inside: how much, from what, and how long it takes to set on a shallow tray. */
    private static void soup(LotPlan lot, Mass made, Percentage aspic, List<Finding> found) {
        Mass stock = aspic.of(made);
        Mass each = Aspic.soupPerPiece(lot.share().fillingEach(), aspic);
        found.add(Finding.note(
                Words.fine(each.grams()),
                "of soup in each piece (est.).",
                Words.one(aspic.percent()) + " % of the filling is set stock; it melts as it cooks."));
        Mass powder = Aspic.gelatin(stock, SET);
        found.add(Finding.note(
                Words.time(Aspic.TRAY.sets()),
                "to set " + Words.grams(stock.grams()) + " of stock "
                        + Words.mm(Aspic.TRAY.depth().millimetres())
                        + " deep on a tray in the fridge (est.), with " + Words.fine(powder.grams())
                        + " of gelatin powder or skin stock reduced until it sets.",
                Aspic.TRAY.meetsTheCoolingRule(Aspic.HOT)
                        ? "Shallow enough for the cooling rule: under " + Words.celsius(21) + " within 2 h, under "
                                + Words.celsius(5) + " within 4 h more. Deeper does not set nor cool in time."
                        : "Too deep for the cooling rule."));
    }

    private static Finding ratio(LotPlan lot) {
        double ratio = lot.share().fillingEach().ratioTo(lot.share().doughEach());
        Style style = Styles.get(lot.lot().style());
        String figure = Words.one(ratio) + " : 1";
        String why = "Usual is " + Style.LEAST_FILLING + " to " + Style.MOST_FILLING + "; this style fills "
                + Words.grams(style.fillingBand().low().grams()) + " to "
                + Words.grams(style.fillingBand().high().grams()) + ".";
        if (ratio >= Style.LEAST_FILLING && ratio <= Style.MOST_FILLING) {
            return Finding.good(figure, "filling to dough.", why);
        }
        double edge = ratio < Style.LEAST_FILLING ? Style.LEAST_FILLING : Style.MOST_FILLING;
        double wanted = Words.toTenth(lot.share().doughEach().grams() * edge);
        return Finding.look(
                figure,
                ratio < Style.LEAST_FILLING
                        ? "filling to dough: mostly skin."
                        : "filling to dough: the skin will tear.",
                why,
                new Fix(
                        "Fill " + Words.fine(wanted),
                        PlanField.FILLING_EACH,
                        lot.lot().no(),
                        wanted));
    }

    private static Optional<Finding> leftOver(BatchPlan plan, LotPlan lot, Balance.OfFilling share) {
        Mass left = share.left();
        if (!LeftOver.worthNaming(left)) {
            return Optional.empty();
        }
        return Optional.of(Finding.mendable(
                Words.grams(left.grams()),
                "of filling over, " + Words.one(left.ratioTo(lot.share().fillingEach())) + " pieces' worth.",
                LeftOver.why(left, lot.share().fillingEach()) + " Or fry it as patties.",
                LeftOver.ofFilling(plan.batch(), share)));
    }
}
