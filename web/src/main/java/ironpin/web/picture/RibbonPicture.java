package ironpin.web.picture;

import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import java.util.List;
import java.util.Map;

/**
 * The ribbon: every gram from flour to plate, to one scale for all lanes. Across, places are percentages, so that the
 * picture stretches with the page while its text keeps its size; down, they are pixels.
 */
public final class RibbonPicture {
    private static final double HEAD = 30;
    private static final double FOOT = 30;
    private static final double LEAST_STRAND = 2.5;
    private static final int MOST_BEADS = 22;
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
    private final List<LotPlan> lanes;
    private final Across at;
    private final boolean wide;
    private final double laneHeight;
    private final double scale;
    private final Svg svg;

    /** The latest correction of each dough, in a few words, by the dough's number. */
    private final Map<Integer, String> corrected;

    private RibbonPicture(BatchPlan plan, List<LotPlan> lanes, boolean wide, Map<Integer, String> corrected) {
        this.corrected = corrected;
        this.plan = plan;
        this.lanes = lanes;
        this.wide = wide;
        this.at = wide ? WIDE : NARROW;
        this.laneHeight = lanes.size() == 1 ? 96 : lanes.size() <= 3 ? 66 : 46;
        this.scale = scale();
        this.svg = new Svg();
    }

    /** All lanes, for a page that is wide enough; the current lot stands out. */
    public static String wide(BatchPlan plan, int lotNo) {
        return wide(plan, lotNo, Map.of());
    }

    /** All lanes. @param corrected the latest correction of each dough, by its number */
    public static String wide(BatchPlan plan, int lotNo, Map<Integer, String> corrected) {
        return new RibbonPicture(plan, plan.lots(), true, corrected).draw("ribbon-wide", lotNo);
    }

    /** Only the current lot, for a phone. */
    public static String narrow(BatchPlan plan, int lotNo) {
        return narrow(plan, lotNo, Map.of());
    }

    /** Only the current lot. @param corrected the latest correction of each dough, by its number */
    public static String narrow(BatchPlan plan, int lotNo, Map<Integer, String> corrected) {
        return new RibbonPicture(plan, List.of(plan.lot(lotNo)), false, corrected).draw("ribbon-narrow", lotNo);
    }

    /** Pixels of strand per gram. */
    static double thickness(double grams, double scale) {
        return grams <= 0 ? 0 : Math.max(LEAST_STRAND, grams * scale);
    }

    private double scale() {
        double heaviest = 1;
        for (LotPlan lane : lanes) {
            heaviest = Math.max(heaviest, doughMade(lane) + fillingMade(lane));
        }
        return (laneHeight - 30) / heaviest;
    }

    private String draw(String cssClass, int lotNo) {
        double head = wide ? HEAD : 6;
        double height = head + lanes.size() * laneHeight + (wide ? FOOT : 6);
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
                "img",
                "aria-label",
                describe());
        for (int i = 0; i < lanes.size(); i++) {
            lane(lanes.get(i), head + i * laneHeight, lanes.get(i).lot().no() == lotNo && lanes.size() > 1);
        }
        return svg.done();
    }

    private void lane(LotPlan lane, double top, boolean current) {
        String dough = Tones.skin(lane);
        String filling = Tones.of(lane.filling().kind());
        double middle = top + laneHeight / 2;
        double doughThick = thickness(doughMade(lane), scale);
        double fillingThick = thickness(fillingMade(lane), scale);
        double gap = 7;
        double doughTop = middle - (doughThick + gap + fillingThick) / 2;
        double fillingTop = doughTop + doughThick + gap;
        if (wide) {
            // The name is shortened where the lane is narrow; the full one stands in the description.
            svg.text(
                    shorten(lane.lot().name(), 19),
                    "x",
                    "9%",
                    "y",
                    middle + 4,
                    "text-anchor",
                    "end",
                    "class",
                    current ? "lane-name lane-current" : "lane-name");
        }
        if (lane.packs().isPresent()) {
            packs(lane, doughTop, doughThick);
        } else {
            ingredients(lane, doughTop, doughThick);
            strand(at.dough, at.portion, doughTop, doughThick, doughTop, doughThick, dough);
            correction(lane, doughTop, doughThick);
        }
        strand(at.filling, at.portion, fillingTop + 3, fillingThick, fillingTop, fillingThick, filling);
        beads(lane.share().pieces(), doughTop, doughThick, dough);
        beads(lane.share().pieces(), fillingTop, fillingThick, filling);
        beadScale(lane, fillingTop + fillingThick);
        if (lane.packs().isEmpty()) {
            hang(plan.balance().dough(lane.dough().no()).left().grams(), "dough", doughTop + doughThick, middle, true);
        }
        hang(
                plan.balance().filling(lane.filling().no()).left().grams(),
                "filling",
                fillingTop + fillingThick,
                middle,
                false);
        shapes(lane, middle, dough, filling);
        outputs(lane, middle, dough, filling);
    }

    /** Flour above, everything wet below, closing into the dough. Only the first lot of a shared dough brings them. */
    private void ingredients(LotPlan lane, double top, double thick) {
        if (!firstOfItsDough(lane)) {
            shared(lane, top + thick / 2);
            return;
        }
        Balance.OfDough share = plan.balance().dough(lane.dough().no());
        if (share.made().flour().isZero()) {
            return;
        }
        double flourPart = share.made().flour().ratioTo(share.made().total());
        double flour = thick * flourPart;
        strand(at.ingredients, at.dough, top - 5, flour, top, flour, "flour");
        strand(at.ingredients, at.dough, top + flour + 4, thick - flour, top + flour, thick - flour, "water");
    }

    /** Wrappers out of a pack: they join where pieces begin. */
    private void packs(LotPlan lane, double top, double thick) {
        double width = (at.portion - at.filling) / 3;
        double x = at.portion - width;
        for (int i = 0; i < 3; i++) {
            svg.add(
                    "rect",
                    "x",
                    Svg.number(x + i * width / 3) + "%",
                    "y",
                    top,
                    "width",
                    Svg.number(width / 3.6) + "%",
                    "height",
                    Math.max(6, thick),
                    "class",
                    "flour");
        }
        int packs = lane.packs().orElseThrow().packs();
        svg.text(
                Say.count(packs, "pack", "packs") + " of wrappers",
                "x",
                at.ingredients + "%",
                "y",
                top + thick / 2 + 5,
                "class",
                "quiet-small");
    }

    /** A drop where a dough was corrected at the bench; with what went in, where there is room to say it. */
    private void correction(LotPlan lane, double top, double thick) {
        String text = corrected.get(lane.dough().no());
        if (text == null || !firstOfItsDough(lane)) {
            return;
        }
        double x = at.dough + 0.6;
        double y = top + thick / 2;
        svg.open("svg", "x", Svg.number(x) + "%", "y", y - 9, "width", 14, "height", 18);
        svg.add("path", "class", "correction", "d", "M7 0 C10 6 13 8 13 11 A6 6 0 0 1 1 11 C1 8 4 6 7 0 Z");
        svg.close("svg");
        if (wide) {
            // Below the strand, before the filling begins.
            svg.text(
                    text,
                    "x",
                    Svg.number(at.dough + 0.3) + "%",
                    "y",
                    top + Math.max(thick, thick / 2 + 9) + 11,
                    "class",
                    "quiet-small halo");
        }
    }

    private void shared(LotPlan lane, double y) {
        svg.text("same dough", "x", at.ingredients + "%", "y", y + 4, "class", "quiet-small");
    }

    private boolean firstOfItsDough(LotPlan lane) {
        return !wide
                || lanes.stream()
                                .filter(other -> other.packs().isEmpty()
                                        && other.dough().no() == lane.dough().no())
                                .findFirst()
                                .orElseThrow()
                        == lane;
    }

    private void strand(double x1, double x2, double y1, double t1, double y2, double t2, String tone) {
        double top = Math.min(y1, y2);
        double height = Math.max(y1 + t1, y2 + t2) - top;
        if (height <= 0) {
            return;
        }
        nested(x1, x2 - x1, top, height, "none");
        double a = y1 - top;
        double b = y2 - top;
        svg.add(
                "path",
                "class",
                tone,
                "d",
                "M0 " + Svg.number(a) + " C50 " + Svg.number(a) + " 50 " + Svg.number(b) + " 100 " + Svg.number(b)
                        + " L100 " + Svg.number(b + t2) + " C50 " + Svg.number(b + t2) + " 50 " + Svg.number(a + t1)
                        + " 0 " + Svg.number(a + t1) + " Z");
        svg.close("svg");
    }

    private void nested(double x, double width, double y, double height, String aspect) {
        svg.open(
                "svg",
                "x",
                Svg.number(x) + "%",
                "y",
                y,
                "width",
                Svg.number(width) + "%",
                "height",
                height,
                "viewBox",
                "0 0 100 " + Svg.number(height),
                "preserveAspectRatio",
                aspect);
    }

    static int perBead(int pieces) {
        return Math.max(1, (pieces + MOST_BEADS - 1) / MOST_BEADS);
    }

    private void beads(int pieces, double top, double thick, String tone) {
        int beads = (pieces + perBead(pieces) - 1) / perBead(pieces);
        double pitch = (at.fold - at.roll - 0.5) / Math.max(beads, 8);
        for (int i = 0; i < beads; i++) {
            svg.add(
                    "rect",
                    "x",
                    Svg.number(at.roll + i * pitch) + "%",
                    "y",
                    top,
                    "width",
                    Svg.number(pitch * 0.74) + "%",
                    "height",
                    thick,
                    "rx",
                    Math.min(4, thick / 3),
                    "class",
                    tone);
        }
    }

    private void beadScale(LotPlan lane, double bottom) {
        int each = perBead(lane.share().pieces());
        if (each > 1) {
            svg.text(
                    "a bead: " + each + " pieces",
                    "x",
                    Svg.number(at.fold - 0.5) + "%",
                    "y",
                    bottom + 12,
                    "text-anchor",
                    "end",
                    "class",
                    "quiet-small");
        }
    }

    /** What is left over peels away and hangs from its strand; over half a gram is worth a picture. */
    private void hang(double grams, String what, double from, double middle, boolean upper) {
        if (grams < 0.5) {
            return;
        }
        double thick = Math.max(5, grams * scale);
        double length = 11;
        double x = at.portion - 3.2;
        svg.open("svg", "x", Svg.number(x) + "%", "y", from - 1, "width", 60, "height", length + thick + 4);
        double half = Math.min(14, 3 + thick / 2);
        svg.add(
                "path",
                "class",
                "left-over",
                "d",
                "M0 0 C12 0 " + Svg.number(18 - half) + " 3 " + Svg.number(18 - half) + " " + Svg.number(length) + " a"
                        + Svg.number(half) + " " + Svg.number(half) + " 0 0 0 " + Svg.number(2 * half) + " 0 C"
                        + Svg.number(18 + half) + " 3 24 0 36 0 Z");
        svg.close("svg");
        String text = Say.grams(grams) + " " + what + " over";
        double textY = upper ? from - 6 : from + length + 3;
        svg.text(
                text,
                "x",
                Svg.number(x - 0.6) + "%",
                "y",
                upper ? Math.max(textY - 4, 12) : textY,
                "text-anchor",
                "end",
                "class",
                "left-over-text");
    }

    private void shapes(LotPlan lane, double middle, String dough, String filling) {
        int shapes = Math.min(MOST_SHAPES, lane.share().pieces());
        double pitch = (at.cook - at.fold - 1.5) / MOST_SHAPES;
        svg.open("g", "class", dough);
        String owner = (wide ? "wide-" : "narrow-") + lane.lot().no();
        FoldShape.define(svg, owner, lane.lot().fold(), filling);
        for (int i = 0; i < shapes; i++) {
            FoldShape.use(
                    svg,
                    owner,
                    lane.lot().fold(),
                    filling,
                    Svg.number(at.fold + 0.9 + i * pitch) + "%",
                    middle - 7,
                    Svg.number(pitch * 0.92) + "%",
                    14.0);
        }
        svg.close("g");
    }

    private void outputs(LotPlan lane, double middle, String dough, String filling) {
        int pieces = lane.share().pieces();
        if (pieces == 0) {
            return;
        }
        double all = thickness(lane.share().piece().times(pieces).grams(), scale);
        double frozenPart = (double) lane.share().toFreezer() / pieces;
        double toTable = all * (1 - frozenPart);
        double frozen = all * frozenPart;
        boolean both = frozen > 0 && toTable > 0;
        double spread = both ? 7 : 0;
        double start = middle - all / 2;
        if (toTable > 0) {
            double skin =
                    toTable * lane.share().doughEach().ratioTo(lane.share().piece()) / 2;
            double y = start - spread;
            strand(at.cook, at.out, start, skin, y, skin, dough);
            strand(at.cook, at.out, start + skin, toTable - 2 * skin, y + skin, toTable - 2 * skin, filling);
            strand(at.cook, at.out, start + toTable - skin, skin, y + toTable - skin, skin, dough);
        }
        if (frozen > 0) {
            strand(at.cook, at.out, start + toTable, frozen, start + toTable + spread, frozen, "water");
        }
        if (wide) {
            double tableY = both ? start - spread + toTable / 2 : middle;
            if (toTable > 0) {
                label(lane.share().toTable() + " to the table", tableY + 4, "out-text");
            }
            if (frozen > 0) {
                double y = start + toTable + spread + frozen / 2 + 4;
                label(lane.share().toFreezer() + " to the freezer", Math.max(y, tableY + 19), "out-frozen");
            }
        }
    }

    private void label(String text, double y, String cssClass) {
        svg.text(text, "x", Svg.number(at.end) + "%", "y", y, "class", cssClass);
    }

    /** A shared dough is drawn where its lots need it: each lane carries its own part. */
    private double doughMade(LotPlan lane) {
        Balance.OfDough share = plan.balance().dough(lane.dough().no());
        double mine = lane.share().doughEach().times(lane.share().pieces()).grams();
        if (lane.packs().isPresent()) {
            return mine;
        }
        double inPieces = share.inPieces().grams();
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

    private String describe() {
        Batch batch = plan.batch();
        StringBuilder said = new StringBuilder("The way of the dough for " + batch.eaters() + ": ");
        for (LotPlan lane : lanes) {
            said.append(lane.lot().name())
                    .append(", ")
                    .append(Say.grams(doughMade(lane)))
                    .append(lane.packs().isPresent() ? " of bought wrappers and " : " dough and ")
                    .append(Say.grams(fillingMade(lane)))
                    .append(" filling make ")
                    .append(Say.count(lane.share().pieces(), "piece", "pieces"))
                    .append(", ")
                    .append(lane.share().toTable())
                    .append(" to the table and ")
                    .append(lane.share().toFreezer())
                    .append(" to the freezer. ");
        }
        for (Balance.OfDough share : plan.balance().doughs()) {
            if (share.left().grams() >= 0.5) {
                said.append(Say.grams(share.left().grams())).append(" of dough is left over. ");
            }
        }
        for (Balance.OfFilling share : plan.balance().fillings()) {
            if (share.left().grams() >= 0.5) {
                said.append(Say.grams(share.left().grams())).append(" of filling is left over. ");
            }
        }
        return said.toString().strip();
    }

    private static String shorten(String name, int most) {
        return name.length() <= most ? name : name.substring(0, most - 1).strip() + "…";
    }
}
