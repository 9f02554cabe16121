package ironpin.plan;

import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.TableField;
import ironpin.clock.Lateness;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether there is enough for everybody, and when it must begin. */
final class TableFindings {
    private TableFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot, Optional<Lateness> late) {
        List<Finding> found = new ArrayList<>();
        Balance.OfLot share = lot.share();
        int eaters = plan.batch().eaters();
        double each = (double) share.toTable() / eaters;
        String held =
                switch (lot.pin()) {
                    case EATERS -> "The table decides: " + Count.of(eaters, "eater") + ".";
                    case PIECES -> "You hold the number of pieces.";
                    case FLOUR -> "The flour at hand decides.";
                    case FILLING -> "The filling at hand decides.";
                    case BOTH -> "Flour and filling at hand decide together.";
                };
        if (share.pieces() == 0) {
            found.add(Finding.of(
                    Saying.PIECES_NONE,
                    "0 pieces",
                    "come out of what is at hand.",
                    held + " It is less than one piece needs."));
        } else if (share.toTable() < eaters) {
            found.add(
                    Finding.of(Saying.PIECES_FEW, pieces(share.toTable()), "for " + eaters + ": not one each.", held));
        } else {
            found.add(Finding.of(
                    Saying.PIECES_ENOUGH,
                    pieces(share.toTable()),
                    "for the table, " + Words.trimmed(each) + " each.",
                    held));
        }
        found.addAll(AllergenFindings.avoided(plan, lot));
        if (!plan.batch().guests().avoided().isEmpty()) {
            found.add(AllergenFindings.all(plan, lot));
        }
        if (lot.lot().stashed()) {
            found.add(Findings.fromFreezer(lot));
        }
        if (share.toFreezer() > 0) {
            found.add(Finding.of(
                    Saying.TO_FREEZER,
                    pieces(share.toFreezer()),
                    "for the freezer, of " + share.pieces() + " in all.",
                    "Raw, apart on a dusted tray until hard."));
        }
        found.add(start(plan, late));
        return found;
    }

    private static String pieces(int count) {
        return Count.of(count, "piece");
    }

    /** When to begin; once that is past, how late it is and when the table follows. */
    static Finding start(BatchPlan plan, Optional<Lateness> late) {
        LocalDateTime serving = plan.batch().serving();
        if (late.filter(Lateness::isLate).isPresent()) {
            Lateness now = late.get();
            String table = Words.clock(now.serving(), serving);
            double later = Duration.between(serving, now.serving()).toMinutes();
            return Finding.of(
                    Saying.LATE,
                    Span.inMinutes(now.late()),
                    "late for " + Words.clock(serving, serving) + " (est.): going on now, the table can be at " + table
                            + ".",
                    "From what is still to be done, one pair of hands.",
                    later <= TableField.LATER.high()
                            ? Optional.of(new Fix("Table at " + table, TableField.LATER.at(Address.table()), later))
                            : Optional.empty());
        }
        return Finding.of(
                Saying.START,
                Words.clock(plan.timetable().latestStart(), serving),
                "is the latest start (est.).",
                "Counted back from " + Words.clock(serving, serving) + " with one pair of hands.");
    }
}
