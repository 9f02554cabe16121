package ironpin.web.api;

import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.portion.SheetCut;
import ironpin.portion.Tally;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What hands do: cut, weigh, roll, fill. */
@RestController
@RequestMapping("/api/v1/calculate")
class HandsApi {
    private static final double MOST_GRAMS = 50_000;
    private static final double MOST_EACH = 500;
    private static final int MOST_PIECES = 5_000;

    /** Ropes to cut: pieces, the mass of one, and the rope's thickness. */
    record RopeAsk(Double pieces, Double pieceG, Double ropeMm) {}

    /** Where to cut; the factors divide the longest rope, and if not by eye, the nearest counts would be. */
    record RopeAnswer(
            double gramsPerCm,
            double cutMm,
            int ropes,
            int longest,
            List<Integer> divideBy,
            boolean byEye,
            List<Integer> nearest) {}

    @PostMapping("/portion")
    RopeAnswer portion(@RequestBody RopeAsk ask) {
        RopePlan rope = RopePlan.of(
                Mass.ofGrams(Given.number("pieceG", ask.pieceG(), 1, MOST_EACH, "g")),
                whole("pieces", ask.pieces()),
                Length.ofMillimetres(Given.number("ropeMm", ask.ropeMm(), 10, 80, "mm")));
        CutTree tree = CutTree.of(rope.longest());
        return new RopeAnswer(
                RopePlan.gramsPerCm(rope.diameter()),
                rope.cut().millimetres(),
                rope.ropes(),
                rope.longest(),
                tree.factors(),
                tree.byEye(),
                tree.nearest());
    }

    /** A rolled sheet: its dough, how thin, how wide, and the cutter's width or the square's side. */
    record SheetAsk(Double doughG, Double thicknessMm, Double widthMm, Double cutterMm, Boolean squares) {}

    /** What it gives, and once more out of what is left between. */
    record SheetAnswer(double areaCm2, double heightMm, int pieces, double trimmingsG, int rolledAgain, double leftG) {}

    @PostMapping("/sheet")
    SheetAnswer sheet(@RequestBody SheetAsk ask) {
        Mass dough = Mass.ofGrams(Given.number("doughG", ask.doughG(), 1, MOST_GRAMS, "g"));
        Length thickness = Length.ofMillimetres(Given.number("thicknessMm", ask.thicknessMm(), 0.5, 20, "mm"));
        Length width = Length.ofMillimetres(Given.number("widthMm", ask.widthMm(), 50, 2_000, "mm"));
        Length cutter = Length.ofMillimetres(Given.number("cutterMm", ask.cutterMm(), 20, 350, "mm"));
        boolean squares = Boolean.TRUE.equals(ask.squares());
        Length height = SheetCut.height(dough, width, thickness);
        SheetCut first = cut(squares, width, height, thickness, cutter);
        Length again = SheetCut.height(first.trimmings(), width, thickness);
        SheetCut second = again.micrometres() <= 0 ? first : cut(squares, width, again, thickness, cutter);
        boolean rolled = second != first;
        return new SheetAnswer(
                SheetCut.areaCm2(dough, thickness),
                height.millimetres(),
                first.pieces(),
                first.trimmings().grams(),
                rolled ? second.pieces() : 0,
                rolled ? second.trimmings().grams() : first.trimmings().grams());
    }

    private static SheetCut cut(boolean squares, Length width, Length height, Length thickness, Length cutter) {
        return squares
                ? SheetCut.squares(width, height, thickness, cutter)
                : SheetCut.rounds(width, height, thickness, cutter);
    }

    /** A wrapper's dough and centre to rim, with its width or its rim. */
    record WrapperAsk(Double massG, Double widthMm, Double rimMm, Double centreToRim) {}

    record WrapperAnswer(double widthMm, double rimMm, double centreMm) {}

    @PostMapping("/wrapper")
    WrapperAnswer wrapper(@RequestBody WrapperAsk ask) {
        Mass mass = Mass.ofGrams(Given.number("massG", ask.massG(), 1, MOST_EACH, "g"));
        double ratio = Given.numberOr("centreToRim", ask.centreToRim(), 1, 1, 4, "×");
        if ((ask.widthMm() == null) == (ask.rimMm() == null)) {
            throw new BadField("widthMm", "there if rimMm is not, and not there if it is", ask.widthMm());
        }
        WrapperProfile profile = ask.widthMm() != null
                ? WrapperProfile.ofDiameter(
                        mass, Length.ofMillimetres(Given.number("widthMm", ask.widthMm(), 40, 350, "mm")), ratio)
                : WrapperProfile.ofRim(
                        mass, Length.ofMillimetres(Given.number("rimMm", ask.rimMm(), 0.2, 20, "mm")), ratio);
        return new WrapperAnswer(
                profile.diameter().millimetres(),
                profile.rim().millimetres(),
                profile.centre().millimetres());
    }

    /** A fold in a wrapper of this width, and the filling it is to hold. */
    record RoomAsk(
            String fold,
            Double widthMm,
            Double fillingG,
            Double stretchPercent,
            Double comfortPercent,
            Double sliceMm) {}

    /** Estimates: the geometry's bound with a dough's stretch, the comfortable part of it, and what that leaves. */
    record RoomAnswer(double boundG, double comfortableG, double spareG, double widthForFillingMm) {}

    @PostMapping("/fold-room")
    RoomAnswer room(@RequestBody RoomAsk ask) {
        Fold fold = Given.choice("fold", ask.fold(), Fold.class);
        if (fold.enclosure() == Fold.Enclosure.DISC) {
            throw new BadField(
                    "fold", "one that closes a disc; a stuffed bread is asked at /calculate/bread", ask.fold());
        }
        Mass filling = Mass.ofGrams(Given.numberOr("fillingG", ask.fillingG(), 0, 0, MOST_EACH, "g"));
        FillRoom.Skin skin = new FillRoom.Skin(
                Length.ofMillimetres(Given.number("widthMm", ask.widthMm(), 40, 350, "mm")),
                Length.ofMillimetres(Given.numberOr("sliceMm", ask.sliceMm(), 30, 10, 120, "mm")),
                Given.numberOr("stretchPercent", ask.stretchPercent(), 100 * FillRoom.USUAL_STRETCH, 0, 60, "%") / 100,
                Given.numberOr("comfortPercent", ask.comfortPercent(), 100 * FillRoom.COMFORTABLE_SHARE, 30, 95, "%")
                        / 100);
        FillRoom room = FillRoom.of(skin, fold);
        return new RoomAnswer(
                room.bound().grams(),
                room.comfortable().grams(),
                room.spare(filling).grams(),
                FillRoom.widthFor(filling, skin, fold).millimetres());
    }

    /** A stuffed bread: its dough, its filling, and how wide it is pressed. */
    record BreadAsk(Double doughG, Double fillingG, Double widthMm) {}

    record BreadAnswer(double thicknessMm, double skinMm, boolean holds) {}

    @PostMapping("/bread")
    BreadAnswer bread(@RequestBody BreadAsk ask) {
        StuffedBread bread = StuffedBread.of(
                Mass.ofGrams(Given.number("doughG", ask.doughG(), 1, MOST_EACH, "g")),
                Mass.ofGrams(Given.number("fillingG", ask.fillingG(), 0, MOST_EACH, "g")),
                Length.ofMillimetres(Given.number("widthMm", ask.widthMm(), 40, 500, "mm")));
        return new BreadAnswer(bread.thickness().millimetres(), bread.skin().millimetres(), bread.holds());
    }

    /** Pieces as they were weighed, out of the dough there is for so many. */
    record TallyAsk(Double doughG, Double pieces, List<Double> weighedG) {}

    /** Places of pieces count from 1; what is not known yet is null. */
    record TallyAnswer(
            Double targetG,
            double leftG,
            int open,
            Double meanG,
            Double spreadPercent,
            Double driftG,
            TradePart trade) {}

    record TradePart(int from, int to, double pinchG) {}

    @PostMapping("/tally")
    TallyAnswer tally(@RequestBody TallyAsk ask) {
        List<Double> weighed = ask.weighedG() == null ? List.of() : ask.weighedG();
        int pieces = whole("pieces", ask.pieces());
        if (weighed.size() > pieces) {
            throw new BadField("weighedG", "at most " + pieces + " pieces", weighed.size());
        }
        List<Mass> masses = weighed.stream()
                .map(grams -> Mass.ofGrams(Given.number("weighedG", grams, 0.1, MOST_EACH, "g")))
                .toList();
        Tally tally = new Tally(Mass.ofGrams(Given.number("doughG", ask.doughG(), 1, MOST_GRAMS, "g")), pieces, masses);
        return new TallyAnswer(
                tally.target().map(Mass::grams).orElse(null),
                tally.left().grams(),
                tally.open(),
                tally.mean().map(Mass::grams).orElse(null),
                tally.spread().map(share -> 100 * share).orElse(null),
                tally.driftGrams().orElse(null),
                tally.trade()
                        .map(one ->
                                new TradePart(one.from(), one.to(), one.pinch().grams()))
                        .orElse(null));
    }

    private static int whole(String field, Double value) {
        double number = Given.number(field, value, 1, MOST_PIECES, "");
        if (number != Math.rint(number)) {
            throw new BadField(field, "a whole number from 1 to " + MOST_PIECES, value);
        }
        return (int) number;
    }
}
