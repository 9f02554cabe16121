package ironpin.plan;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Fix;
import ironpin.quantity.Mass;
import ironpin.quantity.Side;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the filling closes, and how the pleats are spaced. */
final class FoldFindings {
    private FoldFindings() {}

    static List<Finding> of(LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        lot.room().ifPresent(room -> found.add(room(lot, room)));
        Fold fold = lot.lot().fold();
        lot.lot()
                .bought()
                .ifPresent(
                        wrapper -> found.add(
                                Finding.of(
                                        Saying.WRAPPER_DRY,
                                        Words.mm(wrapper.size().millimetres()),
                                        "wrappers are dry: wet the rim with a finger or a brush before folding.",
                                        "It holds simple folds only; a pleat cracks it. Flour and water stirred to a paste holds best.")));
        if (fold.pleats() > 0 && lot.room().isPresent()) {
            double rim = Math.PI * lot.lot().shape().disc().millimetres();
            double pleated = fold.enclosure() == Fold.Enclosure.TUBE ? rim / 2 : rim;
            found.add(Finding.of(
                    Saying.PLEATS,
                    fold.pleats() + " pleats",
                    "about " + Words.mm(pleated / fold.pleats()) + " apart.",
                    "The pleated part of the rim, shared out evenly."));
        }
        lot.bread()
                .ifPresent(bread -> found.add(Finding.of(
                        Saying.BREAD_PLEATS,
                        fold.pleats() + " pleats",
                        "gather the edge; pinch off what is spare.",
                        "Spare dough at the seam makes one side thick.")));
        return found;
    }

    private static Finding room(LotPlan lot, FillRoom room) {
        Mass filling = lot.share().fillingEach();
        Mass spare = room.spare(filling);
        boolean bought = lot.lot().bought().isPresent();
        String why = "A " + (bought ? "wrapper of " : "disc of ")
                + Words.mm(lot.lot().wide().millimetres()) + " closes with ease round "
                + Words.grams(room.comfortable().grams()) + " and at all round "
                + Words.grams(room.bound().grams())
                + (bought
                        ? " (est.: geometry; a bought wrapper hardly stretches)."
                        : " (est.: geometry, stretched a fifth).");
        if (Side.of(filling.grams(), 0, room.comfortable().grams(), Words::grams) == Side.WITHIN) {
            return Finding.of(
                    Saying.ROOM_SPARE,
                    Words.grams(Math.max(0, spare.grams())),
                    "of room to spare (est.) round " + Words.grams(filling.grams()) + " of filling.",
                    why);
        }
        double wanted = Words.floorTenth(room.comfortable().grams());
        Optional<Fix> fix = wanted >= CountField.FILLING_EACH.low()
                ? Optional.of(new Fix(
                        "Fill " + Words.fine(wanted),
                        CountField.FILLING_EACH.at(Address.lot(lot.lot().no())),
                        wanted))
                : Optional.empty();
        boolean bursts = Side.of(filling.grams(), 0, room.bound().grams(), Words::grams) == Side.ABOVE;
        return bursts
                ? Finding.of(
                        Saying.ROOM_BURST,
                        Words.grams(filling.grams()),
                        "of filling: the fold holds " + Words.grams(room.bound().grams()) + " at all, "
                                + Words.grams(room.comfortable().grams()) + " with ease (est.).",
                        why,
                        fix)
                : Finding.of(
                        Saying.ROOM_TIGHT,
                        Words.grams(filling.grams()),
                        "of filling is tight: the fold closes with ease round "
                                + Words.grams(room.comfortable().grams()) + " (est.).",
                        why,
                        fix);
    }
}
