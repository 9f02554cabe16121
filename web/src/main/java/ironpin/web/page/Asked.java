package ironpin.web.page;

import ironpin.batch.Serving;
import ironpin.batch.edit.TableField;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;

/** For how many and for when a batch is wanted, as it was typed. */
public final class Asked {
    /** What a serving may be, in a sentence. */
    public static final String SERVING_RULE = "A day in " + Serving.YEARS + ", and a time from 00:00 to 23:59.";

    private static final double MOST_EATERS = TableField.EATERS.high();

    private Asked() {}

    /** Tonight at seven if there is time for a supper, otherwise five hours from now at the half hour. */
    public static LocalDateTime usualServing(Clock clock) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        LocalDateTime seven = now.toLocalDate().atTime(19, 0);
        if (now.isBefore(seven.minusHours(4))) {
            return seven;
        }
        LocalDateTime later = now.plusHours(5);
        return later.truncatedTo(ChronoUnit.HOURS).plusMinutes(later.getMinute() < 30 ? 30 : 60);
    }

    /** How many eat, if that makes sense: a whole number of them that a table may have. */
    public static Optional<Integer> eaters(String typed) {
        OptionalDouble number = TypedNumber.read(typed, "");
        boolean whole = number.isPresent()
                && number.getAsDouble() == Math.rint(number.getAsDouble())
                && number.getAsDouble() >= 1
                && number.getAsDouble() <= MOST_EATERS;
        return whole ? Optional.of((int) number.getAsDouble()) : Optional.empty();
    }

    /** A date and a time, if they make sense. */
    public static Optional<LocalDateTime> serving(String date, String time) {
        if (date == null || time == null) {
            return Optional.empty();
        }
        try {
            LocalDateTime serving = LocalDateTime.of(LocalDate.parse(date), LocalTime.parse(time));
            return Optional.of(serving).filter(Serving::allows);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
