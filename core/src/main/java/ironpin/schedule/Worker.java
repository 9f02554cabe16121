package ironpin.schedule;

/**
 * Somebody who does one thing at a time.
 *
 * @param key name, for whoever asked
 * @param from the first tick they are there
 * @param until the tick they go
 */
public record Worker(String key, int from, int until) {
    /** Somebody who is there all the time. */
    public static Worker always(String key) {
        return new Worker(key, Job.ANY_TIME, -Job.ANY_TIME);
    }
}
