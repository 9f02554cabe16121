package ironpin.web.page;

import ironpin.book.NextChange;
import ironpin.book.Suggestion;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BookEntry;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/**
 * What was said of the last lot of the same style.
 *
 * @param when the date it was written down
 * @param said in a sentence
 * @param suggestion the one change for next time
 * @param corrected how its dough was corrected at the bench, a sentence each
 */
public record LastTime(String when, String said, Optional<Suggestion> suggestion, List<Sentence> corrected) {
    static LastTime of(BookEntry entry, NextChange.Skin made, LotPlan lot, List<Sentence> corrected, ZoneId zone) {
        LocalDateTime written = LocalDateTime.ofInstant(entry.recordedAt(), zone);
        return new LastTime(
                TimeOfDay.shortDay(written),
                said(entry),
                NextChange.after(entry.outcome(), made, lot.lot(), lot.dough(), lot.filling()),
                corrected);
    }

    public static String said(BookEntry entry) {
        var outcome = entry.outcome();
        StringBuilder said = new StringBuilder(Count.of(outcome.made(), "piece", "pieces"));
        said.append(outcome.burst() == 0 ? ", none burst" : ", " + outcome.burst() + " burst");
        if (outcome.leaked() > 0) {
            said.append(", ").append(outcome.leaked()).append(" leaked");
        }
        if (outcome.stuck() > 0) {
            said.append(", ").append(outcome.stuck()).append(" stuck");
        }
        said.append("; skin ").append(outcome.skin().label());
        said.append(", filling ").append(outcome.filling().label());
        return said.append('.').toString();
    }
}
