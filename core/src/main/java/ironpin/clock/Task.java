package ironpin.clock;

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
 */
public record Task(
        String key,
        Station station,
        String title,
        String detail,
        Duration time,
        Set<String> needs,
        List<String> after,
        List<CookStep> spells) {
    /** The cook's own pair of hands. */
    public static final String HANDS = "hands";

    public Task {
        needs = Set.copyOf(needs);
        after = List.copyOf(after);
        spells = List.copyOf(spells);
        if (time.isNegative() || time.isZero()) {
            throw new IllegalArgumentException("the task " + key + " takes no time");
        }
    }

    /** Whether hands are busy with it. */
    public boolean busy() {
        return needs.contains(HANDS);
    }

    /** Whether a timer makes sense: it waits, or has timed steps. */
    public boolean timed() {
        return !busy() || !spells.isEmpty();
    }
}
