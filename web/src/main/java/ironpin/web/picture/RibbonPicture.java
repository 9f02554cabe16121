package ironpin.web.picture;

import ironpin.batch.balance.Balance;
import ironpin.book.Arose;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wrapper.Fold;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The ribbon: every gram from flour to plate. The lot in hand is drawn whole, to a scale of its own; the others are slim strands,
 * all to one smaller scale. Across, places are percentages, so that the picture stretches with the page while its text keeps its
 * size; down, they are pixels.
 */
public final class RibbonPicture {
    /** An ellipsis before it is a second line; on a tablet it reaches into the margin first. */
    private static final String NAME =
            "lane-name block w-fit max-w-full ml-auto px-1.5 bg-flour text-[0.82rem] leading-[18px] text-right truncate no-underline"
                    + " in-[.ribbon-wide]:max-lg:absolute in-[.ribbon-wide]:max-lg:right-0 in-[.ribbon-wide]:max-lg:max-w-64"
                    + " in-[.ribbon-wide]:max-lg:text-[0.74rem]";

    private static final double HEAD = 24;
    private static final double FOOT = 22;
    private static final int MOST_BEADS = 22;

    /** Pixels of a mark where something went wrong. */
    private static final double ACROSS = 10;

    private static final int MOST_SHAPES = 8;

    /** Where the stations stand, as percentages of the width. */
    private record Across(
            double ingredients,
            double dough,
            double filling,
            double portion,
            double roll,
            double fold,
            double cook,
            double out,
            double end) {}

    private static final Across WIDE = new Across(10, 16.5, 23, 36, 37, 53.5, 67.5, 76, 77);
    private static final Across NARROW = new Across(0, 9, 14, 36, 37, 60, 80, 92, 100);

    private final BatchPlan plan;
    private final List<RibbonLane> lanes;
    private final Across at;
    private final boolean wide;
    private final Svg svg = new Svg();
    private final Strands strands = new Strands(svg);

    /** The latest correction of each dough, in a few words, by the dough's number. */
    private final Map<Integer, Sentence> corrected;

    /** What was wrong with each lot, by its number. */
    private final Map<Integer, Map<Arose.Where, List<String>>> faults;

    /** Where a lane's name leads; without it names lead nowhere. */
    private final String link;

    private RibbonPicture(BatchPlan plan, boolean wide, int lotNo, RibbonNotes notes) {
        this.plan = plan;
        this.wide = wide;
        this.at = wide ? WIDE : NARROW;
        this.corrected = notes.corrected();
        this.faults = notes.faults();
        this.link = notes.link();
        this.lanes = lanes(wide ? plan.lots() : List.of(plan.lot(lotNo)), lotNo, notes);
    }

    /** The lot in hand whole, the others as slim strands below each other. */
    private List<RibbonLane> lanes(List<LotPlan> lots, int lotNo, RibbonNotes notes) {
        boolean few = lots.size() <= 3;
        double whole = !wide ? 44 : lots.size() == 1 ? 92 : few ? 66 : 58;
        double slim = few ? 17 : 15;
        double heaviest = 1;
        for (LotPlan lot : lots) {
            heaviest = Math.max(heaviest, Math.max(doughMade(lot) + fillingMade(lot), fromFreezer(lot)));
        }
        double scale = (whole - (wide ? 30 : 14)) / heaviest;
        List<RibbonLane> all = new ArrayList<>();
        double top = wide ? HEAD : 3;
        for (LotPlan lot : lots) {
            boolean inHand = lot.lot().no() == lotNo;
            double height = inHand ? whole : slim;
            all.add(new RibbonLane(
                    lot,
                    top,
                    height,
                    inHand,
                    doughMade(lot),
                    fillingMade(lot),
                    inHand ? scale : (slim - 6) / heaviest,
                    notes.work().getOrDefault(lot.lot().no(), LaneWork.PLANNED)));
            top += height;
        }
        return all;
    }

    /** Grams that come out of the freezer. */
    private static double fromFreezer(LotPlan lot) {
        return lot.lot().stashed() ? lot.share().piece().grams() * lot.share().pieces() : 0;
    }

    /** All lanes, for a page that is wide enough; the lot in hand whole. */
    public static Sentence wide(BatchPlan plan, int lotNo) {
        return wide(plan, lotNo, RibbonNotes.NONE);
    }

    /** All lanes. @param notes what is known besides the plan */
    public static Sentence wide(BatchPlan plan, int lotNo, RibbonNotes notes) {
        return new RibbonPicture(plan, true, lotNo, notes)
                .draw("ribbon-wide max-md:hidden max-lg:[&_text]:text-[12px]");
    }

    /** Only the lot in hand, for a phone. */
    public static Sentence narrow(BatchPlan plan, int lotNo) {
        return narrow(plan, lotNo, RibbonNotes.NONE);
    }

    /** Only the lot in hand. @param notes what is known besides the plan */
    public static Sentence narrow(BatchPlan plan, int lotNo, RibbonNotes notes) {
        return new RibbonPicture(plan, false, lotNo, notes)
                .draw("ribbon-narrow hidden max-md:block in-[.always]:block");
    }

    private Sentence draw(String cssClass) {
        RibbonLane last = lanes.get(lanes.size() - 1);
        double height = last.top() + last.height() + (wide ? FOOT : 3);
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "class",
                cssClass,
                "width",
                "100%",
                "height",
                height,
                "role",
                // A picture that can be pressed in places is no picture to a screen reader.
                link.isEmpty() || !wide ? "img" : "group",
                "aria-label",
                describe());
        lanes.forEach(this::fork);
        lanes.forEach(this::lane);
        return svg.done();
    }

    private void lane(RibbonLane lane) {
        if (wide) {
            name(lane);
        }
        String dough = Tones.skin(lane.lot());
        String filling = Tones.of(lane.lot().filling().kind());
        LotPlan lot = lane.lot();
        double doughTop = lane.doughTop();
        double doughThick = lane.doughThick();
        double fillingTop = lane.fillingTop();
        double fillingThick = lane.fillingThick();
        if (lot.packs().isPresent()) {
            packs(lane);
        } else {
            ingredients(lane);
            double from = firstOfItsDough(lane) ? at.dough : at.filling;
            strands.strand(from, at.portion, doughTop, doughThick, doughTop, doughThick, dough);
            correction(lane);
        }
        double falls = lane.whole() ? 3 : 0;
        strands.strand(at.filling, at.portion, fillingTop + falls, fillingThick, fillingTop, fillingThick, filling);
        int pieces = lot.share().pieces();
        int beads = (pieces + perBead(pieces) - 1) / perBead(pieces);
        int solid = (int) Math.round(beads * lane.work().shaped());
        strands.beads(beads, solid, at.roll, at.fold - 0.5, doughTop, doughThick, dough);
        strands.beads(beads, solid, at.roll, at.fold - 0.5, fillingTop, fillingThick, filling);
        if (lane.whole()) {
            beadScale(lane);
            shapes(lane, dough, filling);
        } else {
            double t = doughThick + fillingThick;
            String come = lane.work().shaped() < 1 ? " opacity-32" : "";
            strands.strand(
                    at.fold + 0.5,
                    at.cook - 0.5,
                    lane.middle() - t / 4,
                    t / 2,
                    lane.middle() - t / 4,
                    t / 2,
                    filling + come);
        }
        if (lot.packs().isEmpty()) {
            Balance.OfDough of = plan.balance().dough(lot.dough().no());
            String what = of.trimmings().grams() < 0.5
                    ? "dough"
                    : of.left().grams() < 0.5 ? "trimmings" : "dough and trimmings";
            hang(lane, of.left().plus(of.trimmings()).grams(), what, doughTop + doughThick, true);
        }
        hang(
                lane,
                plan.balance().filling(lot.filling().no()).left().grams(),
                "filling",
                fillingTop + fillingThick,
                false);
        outputs(lane, dough, filling);
        faults.getOrDefault(lot.lot().no(), Map.of()).keySet().forEach(where -> arose(lane, where));
    }

    /** A cut across the lane where something went wrong. */
    private void arose(RibbonLane lane, Arose.Where where) {
        double x =
                switch (where) {
                    case DOUGH -> at.dough;
                    case FILLING -> at.filling;
                    case PORTION -> at.portion;
                    case ROLL -> (at.roll + at.fold) / 2;
                    case FOLD -> at.fold;
                    case COOK -> at.cook;
                };
        svg.open(
                "svg",
                "x",
                Svg.number(x) + "%",
                "y",
                lane.top(),
                "width",
                ACROSS,
                "height",
                lane.height(),
                "viewBox",
                "0 0 " + Svg.number(ACROSS) + " " + Svg.number(lane.height()));
        double end = lane.height() - 1;
        svg.add(
                "path",
                "class",
                "arose stroke-stop fill-none stroke-2",
                "d",
                "M5 1 L2 " + Svg.number(end / 3) + " L8 " + Svg.number(end * 2 / 3) + " L5 " + Svg.number(end));
        svg.close("svg");
    }

    /** The name gives way at its end where the lane is narrow; it leads to the lot. */
    private void name(RibbonLane lane) {
        String name = lane.lot().lot().name();
        double high = 18;
        svg.open(
                "foreignObject",
                "x",
                "0",
                "y",
                lane.middle() - high / 2,
                "width",
                "9.5%",
                "height",
                high,
                "class",
                "in-[.ribbon-wide]:max-lg:overflow-visible");
        String cssClass = NAME
                + (lane.whole() && lanes.size() > 1 ? " lane-current font-bold text-ink" : " font-semibold text-quiet");
        String xhtml = "http://www.w3.org/1999/xhtml";
        if (link.isEmpty()) {
            svg.open("div", "xmlns", xhtml, "class", cssClass)
                    .said(Sentence.of(name))
                    .close("div");
        } else {
            Object current = lane.whole() ? "true" : "false";
            svg.open(
                            "a",
                            "xmlns",
                            xhtml,
                            "class",
                            cssClass
                                    + " pointer-events-auto hover:text-ink hover:underline pointer-coarse:pointer-events-none",
                            "href",
                            link + lane.lot().lot().no(),
                            "aria-current",
                            current)
                    .said(Sentence.of(name))
                    .close("a");
        }
        svg.close("foreignObject");
    }

    /** A dough that several lots share runs in the first one's lane and forks from there. */
    private void fork(RibbonLane lane) {
        if (lane.lot().packs().isPresent() || firstOfItsDough(lane)) {
            return;
        }
        RibbonLane first = firstOf(lane);
        double from = first.doughTop() + Math.max(0, first.doughThick() - lane.doughThick());
        strands.strand(
                at.dough,
                at.filling,
                from,
                Math.min(lane.doughThick(), first.doughThick()),
                lane.doughTop(),
                lane.doughThick(),
                Tones.skin(lane.lot()) + " forked");
    }

    /** Flour above, everything wet below, closing into the dough. Only the first lot of a shared dough brings them. */
    private void ingredients(RibbonLane lane) {
        if (!firstOfItsDough(lane)) {
            return;
        }
        Balance.OfDough share = plan.balance().dough(lane.lot().dough().no());
        if (share.made().flour().isZero()) {
            return;
        }
        double top = lane.doughTop();
        double thick = lane.doughThick();
        double flour = thick * share.made().flour().ratioTo(share.made().total());
        double up = lane.whole() ? 5 : 1;
        double down = lane.whole() ? 4 : 1;
        strands.strand(at.ingredients, at.dough, top - up, flour, top, flour, "fill-flour-strand");
        strands.strand(
                at.ingredients, at.dough, top + flour + down, thick - flour, top + flour, thick - flour, "fill-water");
    }

    /** Wrappers out of a pack: they join where pieces begin. */
    private void packs(RibbonLane lane) {
        double width = (at.portion - at.filling) / 3;
        double x = at.portion - width;
        for (int i = 0; i < 3; i++) {
            svg.add(
                    "rect",
                    "x",
                    Svg.number(x + i * width / 3) + "%",
                    "y",
                    lane.doughTop(),
                    "width",
                    Svg.number(width / 3.6) + "%",
                    "height",
                    Math.max(lane.whole() ? 6 : 3, lane.doughThick()),
                    "class",
                    "fill-flour-strand");
        }
        int packs = lane.lot().packs().orElseThrow().packs();
        double y = lane.whole() ? lane.doughTop() + lane.doughThick() / 2 + 5 : lane.middle() + 4;
        strands.text(
                Sentence.of(Count.of(packs, "pack", "packs") + (wide ? " of wrappers" : "")),
                at.ingredients,
                y,
                "start",
                "quiet-small");
    }

    /** A drop where a dough was corrected at the bench; with what went in, where there is room to say it. */
    private void correction(RibbonLane lane) {
        Sentence text = corrected.get(lane.lot().dough().no());
        if (text == null || !firstOfItsDough(lane)) {
            return;
        }
        double top = lane.doughTop();
        double thick = lane.doughThick();
        double y = top + thick / 2;
        double high = lane.whole() ? 18 : 13;
        svg.open(
                "svg",
                "x",
                Svg.number(at.dough + 0.6) + "%",
                "y",
                y - high / 2,
                "width",
                14,
                "height",
                high,
                "viewBox",
                "0 0 14 18");
        svg.add(
                "path",
                "class",
                "correction fill-water stroke-ink stroke-1",
                "d",
                "M7 0 C10 6 13 8 13 11 A6 6 0 0 1 1 11 C1 8 4 6 7 0 Z");
        svg.close("svg");
        if (wide && lane.whole()) {
            // Below the strand, before the filling begins.
            double below = top + Math.max(thick, thick / 2 + 9) + 11;
            strands.text(text, at.dough + 0.3, below, "start", "quiet-small halo");
        }
    }

    private boolean firstOfItsDough(RibbonLane lane) {
        return !wide || firstOf(lane) == lane;
    }

    private RibbonLane firstOf(RibbonLane lane) {
        return lanes.stream()
                .filter(other -> other.lot().packs().isEmpty()
                        && other.lot().dough().no() == lane.lot().dough().no())
                .findFirst()
                .orElseThrow();
    }

    static int perBead(int pieces) {
        return Math.max(1, (pieces + MOST_BEADS - 1) / MOST_BEADS);
    }

    private void beadScale(RibbonLane lane) {
        int each = perBead(lane.lot().share().pieces());
        if (each > 1 && wide) {
            double bottom = lane.fillingTop() + lane.fillingThick();
            strands.text(Sentence.of("a bead: " + each + " pieces"), at.fold - 0.5, bottom + 11, "end", "quiet-small");
        }
    }

    /** What is left over peels away and hangs from its strand; over half a gram is worth a picture. */
    private void hang(RibbonLane lane, double grams, String what, double from, boolean upper) {
        if (grams < 0.5) {
            return;
        }
        double thick = Math.max(lane.whole() ? 5 : 2, grams * lane.scale());
        double length = lane.whole() ? 11 : 3;
        double x = at.portion - 3.2;
        svg.open("svg", "x", Svg.number(x) + "%", "y", from - 1, "width", 60, "height", length + thick + 4);
        double half = Math.min(14, 3 + thick / 2);
        svg.add(
                "path",
                "class",
                "fill-stop",
                "d",
                "M0 0 C12 0 " + Svg.number(18 - half) + " 3 " + Svg.number(18 - half) + " " + Svg.number(length) + " a"
                        + Svg.number(half) + " " + Svg.number(half) + " 0 0 0 " + Svg.number(2 * half) + " 0 C"
                        + Svg.number(18 + half) + " 3 24 0 36 0 Z");
        svg.close("svg");
        Sentence text = Sentence.of(Quantity.grams(grams), " ", what, " over");
        double textY = lane.whole() ? upper ? Math.max(from - 10, 12) : from + length + 3 : lane.middle() + 4;
        // In a slim lane dough and filling over would lie on each other: the dough's stands further left.
        double textX = lane.whole() ? x - 0.6 : upper ? at.filling - 0.4 : x - 0.6;
        strands.text(text, textX, textY, "end", "left-over-text fill-stop font-bold " + Tones.OFF_GROUND);
    }

    private void shapes(RibbonLane lane, String dough, String filling) {
        Fold fold = lane.lot().lot().fold();
        int shapes = Math.min(MOST_SHAPES, lane.lot().share().pieces());
        int solid = (int) Math.round(shapes * lane.work().shaped());
        double pitch = (at.cook - at.fold - 1.5) / MOST_SHAPES;
        String owner = (wide ? "wide-" : "narrow-") + lane.lot().lot().no();
        svg.open("g", "class", dough);
        FoldShape.define(svg, owner, fold, filling);
        for (int i = 0; i < shapes; i++) {
            if (i == solid) {
                svg.close("g").open("g", "class", dough + " opacity-32");
            }
            String x = Svg.number(at.fold + 0.9 + i * pitch) + "%";
            FoldShape.use(svg, owner, fold, filling, x, lane.middle() - 7, Svg.number(pitch * 0.92) + "%", 14.0);
        }
        svg.close("g");
    }

    private void outputs(RibbonLane lane, String dough, String filling) {
        Balance.OfLot share = lane.lot().share();
        int pieces = share.pieces();
        if (pieces == 0) {
            return;
        }
        double all = Strands.thickness(share.piece().times(pieces).grams(), lane.scale());
        double frozenPart = (double) share.toFreezer() / pieces;
        double toTable = all * (1 - frozenPart);
        double frozen = all * frozenPart;
        boolean both = frozen > 0 && toTable > 0;
        double spread = both ? lane.whole() ? 7 : 1 : 0;
        double start = lane.middle() - all / 2;
        // What is out of the vessel lies solid, the rest is still to come.
        double done = lane.work().cooked();
        if (toTable > 0) {
            double skin = toTable * share.doughEach().ratioTo(share.piece()) / 2;
            cooked(done, start, skin, start - spread, dough);
            cooked(done, start + skin, toTable - 2 * skin, start - spread + skin, filling);
            cooked(done, start + toTable - skin, skin, start - spread + toTable - skin, dough);
        }
        if (frozen > 0) {
            strands.strand(at.cook, at.out, start + toTable, frozen, start + toTable + spread, frozen, "fill-water");
        }
        if (wide) {
            said(lane, start, toTable, frozen, spread);
        }
    }

    /** A strand from the vessel to the table, which pales after a share of the way and lies where it lay before anything was cooked. */
    private void cooked(double done, double y1, double thick, double y2, String tone) {
        strands.part(0, done, at.cook, at.out, y1, thick, y2, thick, tone);
        strands.part(done, 1, at.cook, at.out, y1, thick, y2, thick, tone + " opacity-32");
    }

    private void said(RibbonLane lane, double start, double toTable, double frozen, double spread) {
        Balance.OfLot share = lane.lot().share();
        if (!lane.whole()) {
            String table = share.toTable() > 0 ? share.toTable() + " to the table" : "";
            String freezer = share.toFreezer() > 0 ? share.toFreezer() + " to the freezer" : "";
            String both = table.isEmpty() || freezer.isEmpty() ? table + freezer : table + ", " + freezer;
            strands.text(
                    Sentence.of(both),
                    at.end,
                    lane.middle() + 4,
                    "start",
                    "text-[12px] fill-quiet " + Tones.OFF_GROUND);
            return;
        }
        double tableY = frozen > 0 && toTable > 0 ? start - spread + toTable / 2 : lane.middle();
        if (toTable > 0) {
            strands.text(
                    Sentence.of(share.toTable() + " to the table"),
                    at.end,
                    tableY + 4,
                    "start",
                    "font-semibold " + Tones.OFF_GROUND);
        }
        if (frozen > 0) {
            double y = start + toTable + spread + frozen / 2 + 4;
            String text = share.toFreezer() + " to the freezer";
            strands.text(
                    Sentence.of(text),
                    at.end,
                    toTable > 0 ? Math.max(y, tableY + 19) : y,
                    "start",
                    "fill-quiet font-semibold " + Tones.OFF_GROUND);
        }
    }

    /** A shared dough is drawn where its lots need it: each lane carries its own part. */
    private double doughMade(LotPlan lane) {
        Balance.OfDough share = plan.balance().dough(lane.dough().no());
        double mine = lane.lot().taken()
                * lane.share().doughEach().times(lane.share().pieces()).grams();
        if (lane.packs().isPresent()) {
            return mine;
        }
        double inPieces = share.inPieces().plus(share.trimmings()).grams();
        return inPieces == 0
                ? share.made().total().grams()
                : share.made().total().grams() * mine / inPieces;
    }

    private double fillingMade(LotPlan lane) {
        Balance.OfFilling share = plan.balance().filling(lane.filling().no());
        double mine = lane.share().fillingEach().times(lane.share().pieces()).grams();
        double inPieces = share.inPieces().grams();
        return inPieces == 0 ? share.made().grams() : share.made().grams() * mine / inPieces;
    }

    private Sentence describe() {
        List<Sentence> said = new ArrayList<>();
        for (RibbonLane drawn : lanes) {
            LotPlan lane = drawn.lot();
            said.add(Sentence.of(
                    lane.lot().name(),
                    ", ",
                    Quantity.grams(doughMade(lane)),
                    lane.packs().isPresent() ? " of bought wrappers and " : " dough and ",
                    Quantity.grams(fillingMade(lane)),
                    " filling make ",
                    Count.of(lane.share().pieces(), "piece", "pieces"),
                    ", ",
                    lane.share().toTable(),
                    " to the table and ",
                    lane.share().toFreezer(),
                    " to the freezer."));
            Map<Arose.Where, List<String>> wrong =
                    faults.getOrDefault(lane.lot().no(), Map.of());
            if (!wrong.isEmpty()) {
                said.add(Sentence.of(
                        Name.first(wrong.entrySet().stream()
                                .map(one -> String.join(", ", one.getValue()) + " "
                                        + one.getKey().label())
                                .collect(Collectors.joining("; "))),
                        "."));
            }
        }
        plan.balance().doughs().forEach(share -> over(share.left(), " of dough is left over.", said));
        plan.balance().doughs().forEach(share -> over(share.trimmings(), " of trimmings are over.", said));
        plan.balance().fillings().forEach(share -> over(share.left(), " of filling is left over.", said));
        return Sentence.of("The way of the dough for ", plan.batch().eaters(), ": ", Sentence.join(" ", said));
    }

    private static void over(Mass mass, String what, List<Sentence> said) {
        if (mass.grams() >= 0.5) {
            said.add(Sentence.of(Quantity.grams(mass.grams()), what));
        }
    }
}
