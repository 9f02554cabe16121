package ironpin.schedule;

/**
 * A spell within a job that gets on by itself for the rest, in which it wants a worker.
 *
 * @param offset from the start of the job, in ticks
 * @param length in ticks, at least 1
 */
public record Touch(int offset, int length) {}
