package ironpin.schedule;

/**
 * One end of a job.
 *
 * @param job number of the job in its {@link Problem}
 * @param edge which end
 */
public record Moment(int job, Edge edge) {
    /** The ends a job has. */
    public enum Edge {
        START,
        END
    }

    /** When this job begins. */
    public static Moment start(int job) {
        return new Moment(job, Edge.START);
    }

    /** When this job is over. */
    public static Moment end(int job) {
        return new Moment(job, Edge.END);
    }

    /** The same end seen from the other end of time. */
    Moment mirrored() {
        return new Moment(job, edge == Edge.START ? Edge.END : Edge.START);
    }
}
