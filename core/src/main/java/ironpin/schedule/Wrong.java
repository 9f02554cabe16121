package ironpin.schedule;

/**
 * Something in an answer that must be otherwise.
 *
 * @param kind what is wrong
 * @param of number of the lag, the job, the worker or the room it is about, as the kind says
 * @param job number of a job, where the kind says so; else less than 0
 * @param other number of another job, where the kind says so; else less than 0
 * @param ticks by how much, above 0
 */
public record Wrong(Kind kind, int of, int job, int other, int ticks) {
    /** What can be wrong. */
    public enum Kind {
        /** A lag is shorter than it must be: {@code other} follows {@code job} too soon. */
        TOO_SOON,
        /** A job begins before it may, is not where it is held, or is longer or shorter than it is. */
        MISPLACED,
        /** A worker is not there for a job. */
        AWAY,
        /** A worker does two jobs at once. */
        AT_ONCE,
        /** There is too much in a room. */
        FULL
    }

    static Wrong misplaced(int job, int ticks) {
        return new Wrong(Kind.MISPLACED, job, job, -1, ticks);
    }

    /** In the keys of the problem it is about. */
    public String text(Problem problem) {
        return switch (kind) {
            case TOO_SOON -> key(problem, other) + " follows " + key(problem, job) + " too soon";
            case MISPLACED -> key(problem, job) + " is not where it must be";
            case AWAY -> problem.workers().get(of).key() + " is not there for " + key(problem, job);
            case AT_ONCE ->
                problem.workers().get(of).key() + " does " + key(problem, job) + " and " + key(problem, other)
                        + " at once";
            case FULL -> "too much in the " + problem.rooms().get(of).key();
        };
    }

    private static String key(Problem problem, int job) {
        return problem.jobs().get(job).key();
    }
}
