package ironpin.web.page;

import java.util.Optional;

/**
 * What goes on with a batch while its page is open.
 *
 * @param said what changed when the day was last planned again
 * @param thinking whether its day is still being thought about
 * @param rings how often the bell had rung for it when it was read
 */
public record Underway(Optional<String> said, boolean thinking, long rings) {
    static final Underway NOTHING = new Underway(Optional.empty(), false, 0);
}
