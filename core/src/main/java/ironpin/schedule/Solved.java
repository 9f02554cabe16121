package ironpin.schedule;

import java.util.Optional;

/**
 * An answer with what is known of how good it is.
 *
 * @param answer the jobs laid out
 * @param checked the answer held against its problem
 * @param proof what no other answer can beat
 */
public record Solved(Answer answer, Checked checked, Proof proof) {
    /**
     * What is proven.
     *
     * @param all whether no answer breaks less, is less late, starts later or waits less
     * @param start ticks by which another answer might start later, or be less late where it is late; 0 if none can;
     *     -1 where nothing is known
     */
    public record Proof(boolean all, int start) {
        /** Nothing is known. */
        public static final Proof NONE = new Proof(false, -1);

        /** Whether no answer starts later. */
        public boolean latestStart() {
            return start == 0;
        }
    }

    /**
     * This answer to another problem, of which nothing is proven then; nothing where its jobs, who may do them, or what is between
     * them are others. Whether it fits is {@link #checked}: a shorter evening may have no room for it.
     *
     * @param from what it answers
     */
    public Optional<Solved> carried(Problem from, Problem to) {
        return same(from, to) ? Optional.of(unproven(to, answer)) : Optional.empty();
    }

    private static boolean same(Problem from, Problem to) {
        if (from.jobs().size() != to.jobs().size() || !from.lags().equals(to.lags())) {
            return false;
        }
        for (int i = 0; i < from.jobs().size(); i++) {
            Job job = from.jobs().get(i);
            Job other = to.jobs().get(i);
            if (!job.key().equals(other.key())
                    || job.time() != other.time()
                    || !job.modes().equals(other.modes())) {
                return false;
            }
        }
        return true;
    }

    /** An answer of which nothing is proven. */
    public static Solved unproven(Problem problem, Answer answer) {
        return new Solved(answer, Checked.of(problem, answer), Proof.NONE);
    }
}
