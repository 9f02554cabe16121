package ironpin.schedule;

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

    /** An answer of which nothing is proven. */
    public static Solved unproven(Problem problem, Answer answer) {
        return new Solved(answer, Checked.of(problem, answer), Proof.NONE);
    }
}
