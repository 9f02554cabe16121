package ironpin.plan;

import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.quantity.Side;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wording.Count;
import ironpin.wrapper.BoughtWrapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How to cut even pieces, and whether dough is left. */
final class PortionFindings {
    private PortionFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        if (lot.packs().isPresent()) {
            pack(lot, lot.packs().get(), found);
            return found;
        }
        if (lot.share().pieces() > 0) {
            found.add(rope(lot.rope()));
        }
        if (lot.rope().longest() > 1) {
            found.add(tree(lot));
        }
        found.add(size(lot));
        leftOver(plan, lot, found);
        return found;
    }

    private static void pack(LotPlan lot, BoughtWrapper.Packs packs, List<Finding> found) {
        found.add(Finding.of(
                Saying.PACKS,
                Count.of(packs.packs(), "pack"),
                "for " + Count.of(packs.wrappers(), "piece") + ".",
                lot.lot().bought().orElseThrow().perPack() + " in a pack of "
                        + Words.fine(lot.share().doughEach().grams()) + " each. Keep them covered: they dry fast."));
        if (packs.over() > 0) {
            found.add(Finding.of(
                    Saying.WRAPPERS_OVER,
                    Count.of(packs.over(), "wrapper"),
                    "over in the last pack.",
                    "Wrapped tightly they keep for the next time, or make so many pieces more.",
                    packs.wrappers() + packs.over() > CountField.PIECES.high()
                            ? Optional.empty()
                            : Optional.of(new Fix(
                                    "Make " + (packs.wrappers() + packs.over()),
                                    CountField.PIECES.at(Address.lot(lot.lot().no())),
                                    packs.wrappers() + packs.over()))));
        }
    }

    private static Finding rope(RopePlan rope) {
        String shorter = rope.shorterRopes() == 0 ? "" : " (" + rope.shorterRopes() + " of them one shorter)";
        return Finding.of(
                Saying.ROPE_CUT,
                Words.fineMm(rope.cut().millimetres()),
                "of rope is a piece: " + Count.of(rope.ropes(), "rope") + " of " + rope.longest() + shorter + ".",
                "A rope " + Words.mm(rope.diameter().millimetres()) + " thick weighs "
                        + Quoted.massPerLength(RopePlan.gramsPerCm(rope.diameter()))
                        + " (est., dough at 1.22 g/cm³).");
    }

    private static Finding tree(LotPlan lot) {
        RopePlan rope = lot.rope();
        CutTree tree = CutTree.of(rope.longest());
        String factors = tree.factors().stream().map(String::valueOf).collect(Collectors.joining(" × "));
        if (tree.byEye()) {
            return Finding.of(
                    Saying.CUT_BY_EYE,
                    factors,
                    "is how to divide a rope of " + rope.longest() + " by eye.",
                    "Small even splits are easier than a long row.");
        }
        return new Finding(
                Saying.CUT_BY_RULER,
                String.valueOf(rope.longest()),
                "in a rope do not divide by eye: cut by the ruler or the scale.",
                tree.nearest().stream().map(String::valueOf).collect(Collectors.joining(" and "))
                        + " would. Turn the rope a quarter after every cut.",
                divisible(lot));
    }

    /** The nearest counts below and above whose ropes, as they would be rolled then, are all alike and divide by eye. */
    private static List<Fix> divisible(LotPlan lot) {
        int now = lot.share().pieces();
        List<Fix> found = new ArrayList<>();
        for (int direction : new int[] {-1, 1}) {
            IntStream.iterate(now + direction, pieces -> pieces + direction)
                    .takeWhile(pieces -> pieces >= 1 && pieces <= CountField.PIECES.high() && pieces <= 2 * now)
                    .filter(pieces -> divides(lot, pieces))
                    .findFirst()
                    .ifPresent(pieces -> found.add(new Fix(
                            "Make " + pieces,
                            CountField.PIECES.at(Address.lot(lot.lot().no())),
                            pieces)));
        }
        return found;
    }

    private static boolean divides(LotPlan lot, int pieces) {
        RopePlan rope = RopePlan.of(lot.share().doughEach(), pieces, lot.rope().diameter());
        return rope.shorterRopes() == 0 && CutTree.of(rope.longest()).byEye();
    }

    private static Finding size(LotPlan lot) {
        Style style = Styles.get(lot.lot().style());
        Mass each = lot.share().doughEach();
        String band = Words.fine(style.doughBand().low().grams()) + " to "
                + Words.fine(style.doughBand().high().grams());
        Side side = Side.of(
                each.grams(),
                style.doughBand().low().grams(),
                style.doughBand().high().grams(),
                Words::fine);
        if (side == Side.WITHIN) {
            return Finding.of(
                    Saying.SIZE_IN_BAND, Words.fine(each.grams()), "of dough each; this style takes " + band + ".", "");
        }
        double wanted = style.doughBand().clamp(each).grams();
        return Finding.of(
                side == Side.BELOW ? Saying.SIZE_SMALL : Saying.SIZE_LARGE,
                Words.fine(each.grams()),
                "of dough each: this style takes " + band + ".",
                "Outside it the skin is hard to roll to size.",
                new Fix(
                        "Cut " + Words.fine(wanted),
                        CountField.DOUGH_EACH.at(Address.lot(lot.lot().no())),
                        wanted));
    }

    private static void leftOver(BatchPlan plan, LotPlan lot, List<Finding> found) {
        Balance.OfDough share = plan.balance().dough(lot.dough().no());
        Mass left = share.left();
        if (!LeftOver.worthNaming(left)) {
            return;
        }
        found.add(new Finding(
                Saying.DOUGH_OVER,
                Words.fine(left.grams()),
                "of dough over, " + Words.one(left.ratioTo(lot.share().doughEach())) + " pieces' worth.",
                LeftOver.why(left, lot.share().doughEach()),
                LeftOver.ofDough(plan.batch(), share)));
    }
}
