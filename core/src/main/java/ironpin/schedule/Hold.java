package ironpin.schedule;

/**
 * Something that takes up part of a room from one moment to another.
 *
 * @param room number of the room
 * @param units it takes up, at least 1
 * @param from the earlier moment
 * @param to the later
 */
public record Hold(int room, int units, Moment from, Moment to) {
    /** As long as a job lasts. */
    public static Hold during(int room, int units, int job) {
        return new Hold(room, units, Moment.start(job), Moment.end(job));
    }
}
