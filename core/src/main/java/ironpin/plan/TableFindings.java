package ironpin.plan;

import ironpin.batch.Appetite;
import ironpin.batch.balance.Balance;
import ironpin.batch.edit.Fix;
import ironpin.clock.Clash;
import ironpin.clock.Forecast;
import ironpin.quantity.Sentence;
import ironpin.style.Styles;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whether there is enough for everybody, and when it must begin. */
final class TableFindings {
    /** More clashes than these are not named. */
    private static final int NAMED = 2;

    /** From so many times what a hungry eater takes on it is worth a word. */
    private static final double MANY = 1.6;

    private TableFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot, Optional<Forecast> late) {
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
                    Sentence.of("0 pieces"),
                    Sentence.of("come out of what is at hand."),
                    Sentence.of(held + " It is less than one piece needs.")));
        } else if (share.toTable() < eaters) {
            found.add(Finding.of(
                    Saying.PIECES_FEW,
                    Sentence.of(pieces(share.toTable())),
                    Sentence.of("for " + eaters + ": not one each."),
                    Sentence.of(held)));
        } else if (each > MANY * hungry(lot)) {
            found.add(Finding.of(
                    Saying.PIECES_MANY,
                    Sentence.of(pieces(share.toTable())),
                    Sentence.of("for the table, " + Words.trimmed(each) + " each: the hungry eat about " + hungry(lot)
                            + " of these."),
                    Sentence.of(held + " Fewer pieces, more eaters, or some for the freezer.")));
        } else {
            found.add(Finding.of(
                    Saying.PIECES_ENOUGH,
                    Sentence.of(pieces(share.toTable())),
                    Sentence.of("for the table, " + Words.trimmed(each) + " each."),
                    Sentence.of(held)));
        }
        found.addAll(AllergenFindings.unread(plan));
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
                    Sentence.of(pieces(share.toFreezer())),
                    Sentence.of("for the freezer, of " + share.pieces() + " in all."),
                    Sentence.of("Raw, apart on a dusted tray until hard.")));
        }
        found.add(start(plan, late));
        return found;
    }

    private static int hungry(LotPlan lot) {
        return Styles.get(lot.lot().style()).perEater(Appetite.HUNGRY);
    }

    private static String pieces(int count) {
        return Count.of(count, "piece");
    }

    /**
     * When to begin; once that is past, how late it is and when the table follows. A day that does not go together says what
     * does not.
     */
    static Finding start(BatchPlan plan, Optional<Forecast> forecast) {
        ZonedDateTime serving = plan.day().serving();
        Forecast now = forecast.orElseGet(() -> Forecast.planned(plan.timetable()));
        if (!now.table().clashes().isEmpty()) {
            return clashes(now.table().clashes());
        }
        if (now.isLate()) {
            boolean planned = now.table().equals(plan.timetable());
            List<Fix> ways = new ArrayList<>(WaysOut.later(plan, now).stream().toList());
            ways.addAll(WaysOut.freezing(plan, now));
            return new Finding(
                    Saying.LATE,
                    Sentence.of(Span.inMinutes(now.late())),
                    Sentence.of("late for " + TimeOfDay.of(serving, serving)
                            + (planned ? " (est.) as it is planned: " : " (est.): going on now, ")
                            + "the table can be at "
                            + TimeOfDay.of(now.serving(), serving) + "."),
                    planned
                            ? Sentence.of("Something was put too late for it, or somebody comes too late.")
                            : Sentence.of("From what is still to be done, " + hands(plan) + "."),
                    ways);
        }
        return Finding.of(
                Saying.START,
                Sentence.of(TimeOfDay.of(plan.timetable().latestStart(), serving)),
                Sentence.of("is the latest start of this plan (est.)."),
                Sentence.of("Counted back from " + TimeOfDay.of(serving, serving) + " with " + hands(plan) + ": "
                        + Reasons.of(plan.timetable()) + "."));
    }

    private static Finding clashes(List<Clash> clashes) {
        String first = clashes.stream().map(Clash::said).distinct().limit(NAMED).collect(Collectors.joining("; "));
        return Finding.of(
                Saying.DAY_CLASHES,
                Sentence.of(Count.of(clashes.size(), "clash", "clashes")),
                Sentence.of("in this day: it cannot be cooked as it stands. " + Name.first(first) + "."),
                Sentence.of("Let go of what was put somewhere, or give it another time or more hands."));
    }

    private static String hands(BatchPlan plan) {
        int people = plan.batch().crew().people().size();
        return people == 1 ? "one pair of hands" : people + " people";
    }
}
