package ironpin.cook;

import java.time.Duration;

/**
 * One spell of cooking a round.
 *
 * @param key short stable name among the spells of its task, as in {@code cold-2}; a timer is found by it, never by its prose
 * @param text what to do, a short sentence
 * @param time how long until the next step, est.
 */
public record CookStep(String key, String text, Duration time) {}
