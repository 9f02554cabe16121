package ironpin.clock;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How late a day is, by what is still to be done: the rest laid out backwards from the serving time would have had to begin
 * this long ago.
 *
 * @param late how long ago; zero if there is still time
 * @param serving when the table follows from going on now, up to five minutes
 */
public record Lateness(Duration late, LocalDateTime serving) {
    private static final int STEP_MINUTES = 5;

    /**
     * @param done keys of the tasks that are done
     * @param left how long tasks that are under way still take, by their keys
     * @param now kitchen time
     */
    public static Lateness of(Timetable table, Set<String> done, Map<String, Duration> left, LocalDateTime now) {
        List<Task> open = new ArrayList<>();
        for (Task task : table.tasks()) {
            if (!done.contains(task.key())) {
                List<String> after =
                        task.after().stream().filter(key -> !done.contains(key)).toList();
                Duration time = left.getOrDefault(task.key(), task.time());
                open.add(task.left(time.isNegative() || time.isZero() ? Duration.ofSeconds(1) : time, after));
            }
        }
        if (open.isEmpty()) {
            return new Lateness(Duration.ZERO, table.serving());
        }
        LocalDateTime start = Timetable.backwards(open, table.serving()).latestStart();
        Duration late = Duration.between(start, now);
        return late.isNegative() || late.isZero()
                ? new Lateness(Duration.ZERO, table.serving())
                : new Lateness(late, rounded(table.serving().plus(late)));
    }

    private static LocalDateTime rounded(LocalDateTime time) {
        LocalDateTime minute = time.withSecond(0).withNano(0);
        LocalDateTime whole = minute.equals(time) ? minute : minute.plusMinutes(1);
        int over = whole.getMinute() % STEP_MINUTES;
        return over == 0 ? whole : whole.plusMinutes(STEP_MINUTES - over);
    }

    /** Whether it is too late for the serving time by a minute or more. */
    public boolean isLate() {
        return late.toMinutes() >= 1;
    }
}
