package ironpin.plan;

import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.portion.CutTree;
import ironpin.portion.Evenness;
import ironpin.portion.PortionSchool;
import ironpin.portion.RopePlan;
import ironpin.portion.SheetCut;
import ironpin.portion.SheetPlan;
import ironpin.portion.Tally;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wording.Count;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Outline;
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
            cut(lot, found);
        }
        found.add(size(lot));
        leftOver(plan, lot, found);
        return found;
    }

    private static void cut(LotPlan lot, List<Finding> found) {
        if (lot.lot().outline() == Outline.STRIP) {
            found.add(slices(lot));
            return;
        }
        lot.sheet().ifPresent(sheet -> sheet(lot, sheet, found));
        switch (lot.lot().cutting().school()) {
            case ROPE -> found.add(rope(lot.rope()));
            case RING -> found.add(ring(lot.rope()));
            case HALVING, CUTTER, SQUARES -> {}
        }
        boolean divided = lot.lot().cutting().school().rope() && parts(lot) > 1;
        if (divided) {
            found.add(tree(lot));
        }
        found.add(evenness(lot));
    }

    /** Halving begins with the whole dough; ropes and rings are divided one by one. */
    private static int parts(LotPlan lot) {
        return lot.lot().cutting().school() == PortionSchool.HALVING
                ? lot.share().pieces()
                : lot.rope().longest();
    }

    private static Finding ring(RopePlan rope) {
        return Finding.of(
                Saying.RING_CUT,
                Quantity.fineMm(rope.cut().millimetres()),
                Sentence.of(
                        "of ring is a piece: ",
                        Count.of(rope.ropes(), "ring"),
                        " of ",
                        rope.longest(),
                        ", ",
                        Quantity.mm(rope.ropeLength().millimetres()),
                        " round before it is cut open."),
                Sentence.of(
                        "A ring ",
                        Quantity.mm(rope.diameter().millimetres()),
                        " thick weighs ",
                        Quantity.massPerLength(RopePlan.gramsPerCm(rope.diameter())),
                        " (est., dough at 1.22 g/cm³)."));
    }

    private static Finding slices(LotPlan lot) {
        int pieces = lot.share().pieces();
        double slice = lot.lot().shape().slice().millimetres();
        int each = Math.max(1, (int) Math.floor(lot.lot().cutting().board().millimetres() / slice + 1e-9));
        int rolls = (pieces + each - 1) / each;
        int longest = (pieces + rolls - 1) / rolls;
        return Finding.of(
                Saying.STRIP_CUT,
                Sentence.of(Count.of(rolls, "roll")),
                Sentence.of("of ", Count.of(longest, "slice"), " at most, each ", Quantity.mm(slice), " wide."),
                Sentence.of(
                        "A sheet ",
                        Quantity.mm(longest * slice),
                        " by ",
                        Quantity.mm(lot.lot().wide().millimetres()),
                        ", rolled up along its longer side."));
    }

    private static void sheet(LotPlan lot, SheetPlan sheet, List<Finding> found) {
        if (sheet.rollings().isEmpty()) {
            return;
        }
        SheetCut first = sheet.rollings().get(0);
        Sentence size = Sentence.of(
                Quantity.mm(lot.lot().cutting().board().millimetres()),
                " by ",
                Quantity.mm(sheet.heights().get(0).millimetres()));
        int again = sheet.pieces() - first.pieces();
        String rolled = again == 0
                ? ""
                : " " + Count.of(Math.min(again, sheet.wanted() - first.pieces()), "piece") + " more come of "
                        + Count.of(sheet.rollings().size() - 1, "rolling") + " of the trimmings.";
        found.add(Finding.of(
                Saying.SHEET_CUT,
                Sentence.of(Count.of(Math.min(first.pieces(), sheet.wanted()), "piece")),
                Sentence.of(
                        "come out of the sheet at once, ",
                        Quantity.fineMm(first.thickness().millimetres()),
                        " thick (est.).",
                        rolled),
                Sentence.of(
                        "The sheet is ",
                        size,
                        "; ",
                        Quantity.grams(first.trimmings().grams()),
                        " of it lie between the pieces.")));
        if (sheet.missing() > 0) {
            found.add(Finding.of(
                    Saying.SHEET_SHORT,
                    Sentence.of(Count.of(sheet.missing(), "piece")),
                    Sentence.of("of " + sheet.wanted() + " missing: the sheet and its trimmings give no more (est.)."),
                    Sentence.of("The last scraps are too small for the cutter."),
                    new Fix(
                            Sentence.of("Make " + sheet.pieces()),
                            CountField.PIECES.at(Address.lot(lot.lot().no())),
                            sheet.pieces())));
        }
        double over = lot.share().doughEach().grams()
                * lot.share().pieces()
                * (lot.lot().taken() - 1);
        found.add(Finding.of(
                Saying.TRIMMINGS,
                Quantity.grams(over),
                Sentence.of("of trimmings are over at the end (est.)."),
                Sentence.of("Counted in with the flour: "
                        + Words.one(100 * (lot.lot().taken() - 1)) + " % of what is in the pieces.")));
    }

    private static Finding evenness(LotPlan lot) {
        PortionSchool school = lot.lot().cutting().school();
        int pieces = lot.share().pieces();
        long outside = Math.round(pieces * Evenness.outside(school.spread(), Tally.BAND));
        return Finding.of(
                Saying.EVENNESS,
                Sentence.of("±" + Words.trimmed(100 * school.spread()) + " %"),
                Sentence.of("is how even pieces from " + school.label() + " come out (est.): about " + outside + " of "
                        + pieces + " further than " + Words.trimmed(100 * Tally.BAND) + " % off."),
                Sentence.of("Uneven pieces cook unevenly. Weighed one by one, none needs to be."));
    }

    private static void pack(LotPlan lot, BoughtWrapper.Packs packs, List<Finding> found) {
        found.add(Finding.of(
                Saying.PACKS,
                Sentence.of(Count.of(packs.packs(), "pack")),
                Sentence.of("for " + Count.of(packs.wrappers(), "piece") + "."),
                Sentence.of(
                        lot.lot().bought().orElseThrow().perPack(),
                        " in a pack of ",
                        Quantity.fineGrams(lot.share().doughEach().grams()),
                        " each. Keep them covered: they dry fast.")));
        if (packs.over() > 0) {
            found.add(Finding.of(
                    Saying.WRAPPERS_OVER,
                    Sentence.of(Count.of(packs.over(), "wrapper")),
                    Sentence.of("over in the last pack."),
                    Sentence.of("Wrapped tightly they keep for the next time, or make so many pieces more."),
                    packs.wrappers() + packs.over() > CountField.PIECES.high()
                            ? Optional.empty()
                            : Optional.of(new Fix(
                                    Sentence.of("Make " + (packs.wrappers() + packs.over())),
                                    CountField.PIECES.at(Address.lot(lot.lot().no())),
                                    packs.wrappers() + packs.over()))));
        }
    }

    private static Finding rope(RopePlan rope) {
        String shorter = rope.shorterRopes() == 0 ? "" : " (" + rope.shorterRopes() + " of them one shorter)";
        return Finding.of(
                Saying.ROPE_CUT,
                Quantity.fineMm(rope.cut().millimetres()),
                Sentence.of("of rope is a piece: " + Count.of(rope.ropes(), "rope") + " of " + rope.longest() + shorter
                        + "."),
                Sentence.of(
                        "A rope ",
                        Quantity.mm(rope.diameter().millimetres()),
                        " thick weighs ",
                        Quantity.massPerLength(RopePlan.gramsPerCm(rope.diameter())),
                        " (est., dough at 1.22 g/cm³)."));
    }

    private static Finding tree(LotPlan lot) {
        boolean halving = lot.lot().cutting().school() == PortionSchool.HALVING;
        boolean ring = lot.lot().cutting().school() == PortionSchool.RING;
        CutTree tree = CutTree.of(parts(lot));
        String factors = tree.factors().stream().map(String::valueOf).collect(Collectors.joining(" × "));
        if (tree.byEye()) {
            return Finding.of(
                    Saying.CUT_BY_EYE,
                    Sentence.of(factors),
                    Sentence.of("is how to divide " + (halving ? "the dough into " : ring ? "a ring of " : "a rope of ")
                            + tree.pieces() + " by eye."),
                    Sentence.of("Small even splits are easier than a long row."));
        }
        return new Finding(
                Saying.CUT_BY_RULER,
                Sentence.of(String.valueOf(tree.pieces())),
                Sentence.of((halving ? "pieces" : ring ? "in a ring" : "in a rope")
                        + " do not divide by eye: cut by the ruler or the scale."),
                Sentence.of(tree.nearest().stream().map(String::valueOf).collect(Collectors.joining(" and "))
                        + " would. Turn the rope a quarter after every cut."),
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
                            Sentence.of("Make " + pieces),
                            CountField.PIECES.at(Address.lot(lot.lot().no())),
                            pieces)));
        }
        return found;
    }

    private static boolean divides(LotPlan lot, int pieces) {
        if (lot.lot().cutting().school() == PortionSchool.HALVING) {
            return CutTree.of(pieces).byEye();
        }
        RopePlan rope = RopePlan.of(
                lot.share().doughEach(),
                pieces,
                lot.rope().diameter(),
                lot.lot().cutting().board());
        return rope.shorterRopes() == 0 && CutTree.of(rope.longest()).byEye();
    }

    private static Finding size(LotPlan lot) {
        Style style = Styles.get(lot.lot().style());
        Mass each = lot.share().doughEach();
        Sentence band = Sentence.of(
                Quantity.fineGrams(style.doughBand().low().grams()),
                " to ",
                Quantity.fineGrams(style.doughBand().high().grams()));
        Sentence takes = Sentence.of(style.said(lot.lot().method()), " take ", band, ".");
        Side side = Side.of(
                each.grams(),
                style.doughBand().low().grams(),
                style.doughBand().high().grams(),
                1);
        if (side == Side.WITHIN) {
            return Finding.of(
                    Saying.SIZE_IN_BAND,
                    Quantity.fineGrams(each.grams()),
                    Sentence.of("of dough each; ", takes),
                    Sentence.EMPTY);
        }
        double wanted = style.doughBand().clamp(each).grams();
        return Finding.of(
                side == Side.BELOW ? Saying.SIZE_SMALL : Saying.SIZE_LARGE,
                Quantity.fineGrams(each.grams()),
                Sentence.of("of dough each: ", takes),
                Sentence.of("Outside it the skin is hard to roll to size."),
                new Fix(
                        Sentence.of("Cut ", Quantity.fineGrams(wanted)),
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
                Quantity.fineGrams(left.grams()),
                Sentence.of(
                        "of dough over, " + Words.one(left.ratioTo(lot.share().doughEach())) + " pieces' worth."),
                Sentence.of(LeftOver.why(left, lot.share().doughEach())),
                LeftOver.ofDough(plan.batch(), share)));
    }
}
