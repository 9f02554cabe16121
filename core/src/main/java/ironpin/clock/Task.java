package ironpin.clock;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.batch.Station;
import ironpin.cook.CookStep;
import java.time.Duration;
import java.util.List;
import java.util.Set;

/**
 * Something to do on the way to the table.
 *
 * @param key short stable name within the batch, as in {@code lot-1.cook-2}
 * @param station where on the ribbon it belongs
 * @param title what hands do, a short sentence
 * @param detail figures and cautions, may be empty
 * @param time how long it takes (est.), above 0
 * @param needs what it occupies: {@link #HANDS} or the name of a vessel
 * @param after keys of the tasks that must be done before
 * @param spells timed steps within, for the cook's timers; may be empty
 * @param parts what is weighed for it, each a line that can be ticked; may be empty
 */
@RecordBuilder
public record Task(
        String key,
        Station station,
        String title,
        String detail,
        Duration time,
        Set<String> needs,
        List<String> after,
        List<CookStep> spells,
        List<Part> parts)
        implements TaskBuilder.With {
    /** The cook's own pair of hands. */
    public static final String HANDS = "hands";

    /**
     * Something weighed or counted for a task.
     *
     * @param key short stable name within the batch
     * @param name what
     * @param amount how much, with its unit; quoted
     */
    public record Part(String key, String name, String amount) {}

    public Task {
        needs = Set.copyOf(needs);
        after = List.copyOf(after);
        spells = List.copyOf(spells);
        parts = List.copyOf(parts);
        if (time.isNegative() || time.isZero()) {
            throw new IllegalArgumentException("the task " + key + " takes no time");
        }
    }

    /** A task of the hands. */
    static Task hands(String key, Station station, String title, Duration time, List<String> after) {
        return new Task(key, station, title, "", time, Set.of(HANDS), after, List.of(), List.of());
    }

    /** A task that gets on by itself. */
    static Task waiting(String key, Station station, String title, Duration time, List<String> after) {
        return new Task(key, station, title, "", time, Set.of(), after, List.of(), List.of());
    }

    /** What is left of it. */
    Task left(Duration changed, List<String> stillAfter) {
        return TaskBuilder.builder(this).time(changed).after(stillAfter).build();
    }

    /** Whether hands are busy with it. */
    public boolean busy() {
        return needs.contains(HANDS);
    }

    /** Whether it gets on by itself: nobody and nothing is busy with it. */
    public boolean waits() {
        return needs.isEmpty();
    }

    /** Whether a timer makes sense: it waits, or has timed steps. */
    public boolean timed() {
        return !busy() || !spells.isEmpty();
    }
}
