package ironpin.plan;

import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.clock.Gap;
import ironpin.filling.Aspic;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the filling suits the skin and where the rest of it goes. */
final class FillingFindings {
    private static final Percentage SET = Percentage.of(3);

    private FillingFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        int no = lot.filling().no();
        Balance.OfFilling share = plan.balance().filling(no);
        found.add(mass(plan, share));
        if (!share.patty().isZero()) {
            found.add(Finding.of(
                    Saying.PATTY,
                    Quantity.grams(share.patty().grams()),
                    Sentence.of("for a test patty: fry it, taste that."),
                    Sentence.of("Salt cannot be judged raw.")));
        }
        lot.filling().formula().aspic().ifPresent(aspic -> soup(lot, share.made(), aspic, found));
        found.add(ratio(lot));
        CompositionFindings.of(plan, share.made(), lot, found);
        found.addAll(AllergenFindings.unread(plan));
        found.addAll(AllergenFindings.avoided(plan, lot));
        found.add(AllergenFindings.all(plan, lot));
        leftOver(plan, lot, share).ifPresent(found::add);
        for (Gap.Kind kind : List.of(Gap.Kind.GREENS_WEEP, Gap.Kind.FILLING_IS_OUT)) {
            plan.gaps(kind, no).stream()
                    .map(gap -> ClockFindings.said(plan, gap))
                    .flatMap(Optional::stream)
                    .forEach(found::add);
        }
        return found;
    }

    /** All of it as a sum, so that it can be checked by eye. */
    private static Finding mass(BatchPlan plan, Balance.OfFilling share) {
        List<Sentence> parts = new ArrayList<>();
        for (LotPlan lot : plan.lots()) {
            if (lot.filling().no() == share.no()
                    && lot.share().pieces() > 0
                    && !lot.lot().stashed()) {
                parts.add(Sentence.of(
                        lot.share().pieces(),
                        " × ",
                        Quantity.fineGrams(lot.share().fillingEach().grams())));
            }
        }
        if (!share.patty().isZero()) {
            parts.add(Sentence.of("the patty's ", Quantity.grams(share.patty().grams())));
        }
        if (!share.lost().isZero()) {
            parts.add(Sentence.of(Quantity.grams(share.lost().grams()), " for the bowl"));
        }
        if (LeftOver.worthNaming(share.left())) {
            parts.add(Sentence.of(Quantity.grams(share.left().grams()), " over"));
        }
        return Finding.of(
                Saying.FILLING_MASS,
                Quantity.grams(share.made().grams()),
                parts.isEmpty() ? Sentence.of("in all.") : Sentence.of("in all: ", Sentence.join(" + ", parts), "."),
                Sentence.EMPTY);
    }

    /** Soup inside: how much, from what, and how long it takes to set on a shallow tray. */
    private static void soup(LotPlan lot, Mass made, Percentage aspic, List<Finding> found) {
        Mass stock = aspic.of(made);
        Mass each = Aspic.soupPerPiece(lot.share().fillingEach(), aspic);
        found.add(Finding.of(
                Saying.SOUP_EACH,
                Quantity.fineGrams(each.grams()),
                Sentence.of("of soup in each piece (est.)."),
                Sentence.of(Words.one(aspic.percent()) + " % of the filling is set stock; it melts as it cooks.")));
        Mass powder = Aspic.gelatin(stock, SET);
        found.add(Finding.of(
                Saying.SOUP_SETS,
                Sentence.of(Span.inMinutes(Aspic.TRAY.sets())),
                Sentence.of(
                        "to set ",
                        Quantity.grams(stock.grams()),
                        " of stock ",
                        Quantity.mm(Aspic.TRAY.depth().millimetres()),
                        " deep on a tray in the fridge (est.), with ",
                        Quantity.fineGrams(powder.grams()),
                        " of gelatin powder or skin stock reduced until it sets."),
                Sentence.of(
                        "Shallow enough for the cooling rule: under ",
                        Quantity.celsius(Aspic.WARM.celsius()),
                        " within 2 h, under ",
                        Quantity.celsius(Aspic.COLD.celsius()),
                        " within 4 h more. Deeper, reckon again.")));
    }

    private static Finding ratio(LotPlan lot) {
        double ratio = lot.share().fillingEach().ratioTo(lot.share().doughEach());
        Style style = Styles.get(lot.lot().style());
        Sentence why = Sentence.of(
                "Usual is ",
                Words.two(Style.LEAST_FILLING),
                " to ",
                Words.two(Style.MOST_FILLING),
                "; ",
                style.said(lot.lot().method()),
                " take ",
                Quantity.grams(style.fillingBand().low().grams()),
                " to ",
                Quantity.grams(style.fillingBand().high().grams()),
                ".");
        String figure = Words.two(ratio) + " : 1";
        Side side = Side.of(ratio, Style.LEAST_FILLING, Style.MOST_FILLING, 2);
        if (side == Side.WITHIN) {
            return Finding.of(Saying.RATIO_IN_BAND, Sentence.of(figure), Sentence.of("filling to dough."), why);
        }
        boolean low = side == Side.BELOW;
        double dough = lot.share().doughEach().grams();
        double wanted =
                low ? -Words.floorTenth(-dough * Style.LEAST_FILLING) : Words.floorTenth(dough * Style.MOST_FILLING);
        Optional<Fix> fix = wanted >= CountField.FILLING_EACH.low() && wanted <= CountField.FILLING_EACH.high()
                ? Optional.of(new Fix(
                        Sentence.of("Fill ", Quantity.fineGrams(wanted)),
                        CountField.FILLING_EACH.at(Address.lot(lot.lot().no())),
                        wanted))
                : Optional.empty();
        return Finding.of(
                low ? Saying.RATIO_LOW : Saying.RATIO_HIGH,
                Sentence.of(figure),
                Sentence.of(low ? "filling to dough: mostly skin." : "filling to dough: the skin may tear."),
                why,
                fix);
    }

    private static Optional<Finding> leftOver(BatchPlan plan, LotPlan lot, Balance.OfFilling share) {
        Mass left = share.left();
        if (!LeftOver.worthNaming(left)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                Saying.FILLING_OVER,
                Quantity.grams(left.grams()),
                Sentence.of(
                        "of filling over, " + Words.one(left.ratioTo(lot.share().fillingEach())) + " pieces' worth."),
                Sentence.of(LeftOver.why(left, lot.share().fillingEach()) + " Or fry it as patties."),
                LeftOver.ofFilling(plan.batch(), share)));
    }
}
