package ironpin.schedule;

import java.time.Duration;

/** Somebody who makes an answer better and says how good it is. */
public interface Solver {
    /**
     * Never worse than what it is given, and the same for the same problem.
     *
     * @param problem what is to be laid out
     * @param first an answer to begin with
     * @param effort about how long a quiet machine may think about it
     */
    Solved improve(Problem problem, Answer first, Duration effort);

    /** Nobody: the answer stays as it is and nothing is proven. */
    Solver NOBODY = (problem, first, effort) -> Solved.unproven(problem, first);
}
