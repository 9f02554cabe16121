package ironpin.plan;

import ironpin.batch.Balance;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;

/** Whether there is enough for everybody, and when it must begin. */
final class TableFindings {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private TableFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        Balance.OfLot share = lot.share();
        int eaters = plan.batch().eaters();
        double each = (double) share.toTable() / eaters;
        String held =
                switch (lot.pin()) {
                    case EATERS -> "The table decides: " + eaters + " eaters.";
                    case PIECES -> "You hold the number of pieces.";
                    case FLOUR -> "The flour at hand decides.";
                    case FILLING -> "The filling at hand decides.";
                    case BOTH -> "Flour and filling at hand decide together.";
                };
        if (share.pieces() == 0) {
            found.add(Finding.stop(
                    "0 pieces", "come out of what is at hand.", held + " It is less than one piece needs.", null));
        } else if (share.toTable() < eaters) {
            found.add(Finding.look(share.toTable() + " pieces", "for " + eaters + ": not one each.", held, null));
        } else {
            found.add(Finding.good(
                    share.toTable() + " pieces", "for the table, " + Words.trimmed(each) + " each.", held));
        }
        CompositionFindings.avoided(plan, lot).ifPresent(found::add);
        if (share.toFreezer() > 0) {
            found.add(Finding.note(
                    share.toFreezer() + " pieces", "for the freezer.", "Raw, apart on a dusted tray until hard."));
        }
        found.add(Finding.note(
                Words.clock(plan.timetable().latestStart(), plan.batch().serving()),
                "is the latest start (est.).",
                "Counted back from " + plan.batch().serving().format(CLOCK) + " with one pair of hands."));
        return found;
    }
}
