package ironpin.cook;

import java.time.Duration;

/**
 * One spell of cooking a round.
 *
 * @param text what to do, a short sentence
 * @param time how long until the next step, est.
 */
public record CookStep(String text, Duration time) {}
