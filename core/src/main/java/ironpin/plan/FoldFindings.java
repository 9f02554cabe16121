package ironpin.plan;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.RollField;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import ironpin.wrapper.Outline;
import ironpin.wrapper.Rim;
import java.util.ArrayList;
import java.util.List;

/** Whether the filling closes, and how the pleats are spaced. */
final class FoldFindings {
    private FoldFindings() {}

    static List<Finding> of(LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        lot.room().ifPresent(room -> found.add(room(lot, room)));
        Fold fold = lot.lot().fold();
        boolean bought = lot.lot().bought().isPresent();
        Rim rim = fold.rim(bought);
        if (fold.seamMm() > 0) {
            found.add(Finding.of(
                    Saying.RIM_MOIST,
                    Quantity.mm(fold.seamMm()),
                    Sentence.of((lot.lot().outline() == Outline.STRIP
                                    ? "of edge stays free for the seam: "
                                    : "of rim is the seam: ")
                            + rim.label()
                            + (bought ? ", for it is dry out of the pack." : ".")),
                    Sentence.of(Name.first(rim.why()) + ".")));
        }
        if (fold.pleats() > 0 && lot.room().isPresent()) {
            double pleated = Math.PI * lot.lot().wide().millimetres() * fold.pleated();
            found.add(Finding.of(
                    Saying.PLEATS,
                    Sentence.of(fold.pleats() + " pleats"),
                    Sentence.of("about ", Quantity.mm(pleated / fold.pleats()), " apart."),
                    Sentence.of("The pleated part of the rim, shared out evenly.")));
        }
        if (fold.spare() > 0) {
            double spare = lot.share().doughEach().grams() * fold.spare();
            found.add(Finding.of(
                    Saying.SPARE_DOUGH,
                    Quantity.fineGrams(spare),
                    Sentence.of(
                            "of dough is pinched off each, ",
                            Quantity.grams(spare * lot.share().pieces()),
                            " in all (est.)."),
                    Sentence.of("Spare dough at the seam makes one side thick. Gathered in " + fold.pleats()
                            + " pleats.")));
        }
        Handiwork hands = lot.lot().handiwork();
        if (hands.comfort().lessons() > 0 && lot.room().isPresent()) {
            found.add(Finding.of(
                    Saying.COMFORT_LEARNED,
                    Sentence.of(percent(hands.comfort().mean()) + " ±"
                            + percent(hands.comfort().spread())),
                    Sentence.of("of the room closes with ease in your hands, learned from "
                            + Count.of(hands.comfort().lessons(), "piece") + " (est.)."),
                    Sentence.of("From what burst and what held; "
                            + percent(Handiwork.usual(fold).comfort().mean()) + " is usual.")));
        }
        if (hands.seconds().lessons() > 0) {
            found.add(Finding.of(
                    Saying.PACE_LEARNED,
                    Sentence.of(Math.round(hands.seconds().mean()) + " s"),
                    Sentence.of("a piece is your pace at this fold, learned from "
                            + Count.of(hands.seconds().lessons(), "sitting") + " (est.)."),
                    Sentence.of(fold.usualSeconds() + " s is usual. The clock reckons with yours.")));
        }
        return found;
    }

    private static Finding room(LotPlan lot, FillRoom room) {
        Mass filling = lot.share().fillingEach();
        Mass spare = room.spare(filling);
        boolean bought = lot.lot().bought().isPresent();
        Sentence why = Sentence.of(
                "A ",
                bought ? "wrapper of " : "disc of ",
                Quantity.mm(lot.lot().wide().millimetres()),
                " closes with ease round ",
                Quantity.grams(room.comfortable().grams()),
                ", as it is rolled round ",
                Quantity.grams(room.bound().grams()),
                ", and pulled as far as it goes round ",
                Quantity.grams(room.most().grams()),
                bought
                        ? " (est.: geometry; a bought wrapper hardly stretches)."
                        : " (est.: geometry, stretched by "
                                + percent(100 * lot.dough().family().stretch()) + ").");
        if (Side.of(filling.grams(), 0, room.comfortable().grams(), 0) == Side.WITHIN) {
            return Finding.of(
                    Saying.ROOM_SPARE,
                    Quantity.grams(Math.max(0, spare.grams())),
                    Sentence.of("of room to spare (est.) round ", Quantity.grams(filling.grams()), " of filling."),
                    why);
        }
        double wanted = Words.floorTenth(room.comfortable().grams());
        List<Fix> fixes = fixes(lot, filling, wanted);
        boolean bursts = Side.of(filling.grams(), 0, room.most().grams(), 0) == Side.ABOVE;
        boolean hard = Side.of(filling.grams(), 0, room.bound().grams(), 0) == Side.ABOVE;
        return bursts
                ? new Finding(
                        Saying.ROOM_BURST,
                        Quantity.grams(filling.grams()),
                        Sentence.of(
                                "of filling: the fold holds ",
                                Quantity.grams(room.most().grams()),
                                " pulled as far as it goes, ",
                                Quantity.grams(room.comfortable().grams()),
                                " with ease (est.)."),
                        why,
                        fixes)
                : new Finding(
                        Saying.ROOM_TIGHT,
                        Quantity.grams(filling.grams()),
                        Sentence.of(
                                hard ? "of filling is hard to close: pull the skin well; " : "of filling is tight: ",
                                "the fold closes with ease round ",
                                Quantity.grams(room.comfortable().grams()),
                                " (est.)."),
                        why,
                        fixes);
    }

    /** Less filling, or a wrapper wide enough for it: whole millimetres upwards, and only as wide as a wrapper may be. */
    private static List<Fix> fixes(LotPlan lot, Mass filling, double wanted) {
        List<Fix> fixes = new ArrayList<>();
        if (wanted >= CountField.FILLING_EACH.low()) {
            fixes.add(new Fix(
                    Sentence.of("Fill ", Quantity.fineGrams(wanted)),
                    CountField.FILLING_EACH.at(Address.lot(lot.lot().no())),
                    wanted));
        }
        double wide = Math.ceil(
                FillRoom.widthFor(filling, lot.skin(), lot.lot().fold()).millimetres());
        if (lot.lot().bought().isEmpty() && wide <= RollField.DISC.high()) {
            fixes.add(new Fix(
                    Sentence.of("Roll to ", Quantity.mm(wide)),
                    RollField.DISC.at(Address.lot(lot.lot().no())),
                    wide));
        }
        return fixes;
    }

    private static String percent(double percent) {
        return Words.trimmed(Math.rint(percent)) + " %";
    }
}
