package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Fix;
import ironpin.batch.PlanField;
import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.quantity.Side;
import ironpin.wrapper.BoughtWrapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

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
            found.add(tree(lot.rope()));
        }
        found.add(size(lot));
        leftOver(plan, lot, found);
        return found;
    }

    private static void pack(LotPlan lot, BoughtWrapper.Packs packs, List<Finding> found) {
        found.add(Finding.of(
                Saying.PACKS,
                packs.packs() + (packs.packs() == 1 ? " pack" : " packs"),
                "for " + packs.wrappers() + (packs.wrappers() == 1 ? " piece." : " pieces."),
                lot.lot().bought().orElseThrow().perPack() + " in a pack of "
                        + Words.fine(lot.share().doughEach().grams()) + " each. Keep them covered: they dry fast."));
        if (packs.over() > 0) {
            found.add(Finding.of(
                    Saying.WRAPPERS_OVER,
                    packs.over() + (packs.over() == 1 ? " wrapper" : " wrappers"),
                    "over in the last pack.",
                    "Wrapped tightly they keep for the next time, or make so many pieces more.",
                    packs.wrappers() + packs.over() > PlanField.PIECES.high()
                            ? Optional.empty()
                            : Optional.of(new Fix(
                                    "Make " + (packs.wrappers() + packs.over()),
                                    PlanField.PIECES,
                                    lot.lot().no(),
                                    packs.wrappers() + packs.over()))));
        }
    }

    private static Finding rope(RopePlan rope) {
        String shorter = rope.shorterRopes() == 0 ? "" : " (" + rope.shorterRopes() + " of them one shorter)";
        return Finding.of(
                Saying.ROPE_CUT,
                Words.fineMm(rope.cut().millimetres()),
                "of rope is a piece: " + rope.ropes() + (rope.ropes() == 1 ? " rope" : " ropes") + " of "
                        + rope.longest() + shorter + ".",
                "A rope " + Words.mm(rope.diameter().millimetres()) + " thick weighs "
                        + Quoted.massPerLength(RopePlan.gramsPerCm(rope.diameter()))
                        + " (est., dough at 1.22 g/cm³).");
    }

    private static Finding tree(RopePlan rope) {
        CutTree tree = CutTree.of(rope.longest());
        String factors = tree.factors().stream().map(String::valueOf).collect(Collectors.joining(" × "));
        if (tree.byEye()) {
            return Finding.of(
                    Saying.CUT_BY_EYE,
                    factors,
                    "is how to divide a rope of " + rope.longest() + " by eye.",
                    "Small even splits are easier than a long row.");
        }
        return Finding.of(
                Saying.CUT_BY_RULER,
                String.valueOf(rope.longest()),
                "in a rope do not divide by eye: cut by the ruler or the scale.",
                "Turn the rope a quarter after every cut.");
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
                        PlanField.DOUGH_EACH,
                        lot.lot().no(),
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
