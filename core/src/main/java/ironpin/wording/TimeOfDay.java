package ironpin.wording;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;

/** Times of day and dates as they are said. */
public final class TimeOfDay {
    private static final DateTimeFormatter CLOCK = said("HH:mm");
    private static final DateTimeFormatter DAY_AND_CLOCK = said("EEE HH:mm");
    private static final DateTimeFormatter DAY = said("EEEE d MMMM");
    private static final DateTimeFormatter SHORT_DAY = said("d MMM yyyy");

    private TimeOfDay() {}

    private static DateTimeFormatter said(String pattern) {
        return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
    }

    /** The time of day, as in "18:05". */
    public static String of(TemporalAccessor time) {
        return CLOCK.format(time);
    }

    /** The time of day, with the weekday if it is another day than the serving. */
    public static String of(TemporalAccessor time, TemporalAccessor serving) {
        boolean sameDay = LocalDate.from(time).equals(LocalDate.from(serving));
        return (sameDay ? CLOCK : DAY_AND_CLOCK).format(time);
    }

    /** Weekday and date. */
    public static String day(TemporalAccessor time) {
        return DAY.format(time);
    }

    /** A short date with its year. */
    public static String shortDay(TemporalAccessor time) {
        return SHORT_DAY.format(time);
    }
}
