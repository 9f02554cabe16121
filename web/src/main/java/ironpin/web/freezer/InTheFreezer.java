package ironpin.web.freezer;

import ironpin.store.FreezerStore.Bag;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A bag as it is shown.
 *
 * @param age in words
 * @param old whether it is past its best
 */
public record InTheFreezer(Bag bag, String age, boolean old) {
    /** After about three months quality goes; safety does not. */
    static final long GOOD_DAYS = 90;

    public static InTheFreezer of(Bag bag, LocalDate today) {
        long days = Math.max(0, ChronoUnit.DAYS.between(bag.frozen(), today));
        String age = days == 0 ? "today" : days == 1 ? "a day ago" : days + " days ago";
        return new InTheFreezer(bag, age, days > GOOD_DAYS);
    }
}
