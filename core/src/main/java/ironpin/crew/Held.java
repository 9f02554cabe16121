package ironpin.crew;

import java.time.LocalDateTime;

/**
 * A task that the cook put somewhere.
 *
 * @param task its key
 * @param at when it begins, kitchen time
 */
public record Held(String task, LocalDateTime at) {}
