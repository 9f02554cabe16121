package ironpin.hands;

import java.time.Duration;
import java.util.Optional;

/**
 * Two people in step: one rolls, one fills and folds. The slower sets the pace; the other waits, or gets ahead until wrappers lie
 * and dry.
 *
 * @param roll the one who rolls
 * @param fold the one who folds
 */
public record InStep(Beat roll, Beat fold) {
    /** Within this share of each other nobody waits. */
    private static final double ALIKE = 0.08;

    /** Who waits for whom. */
    public enum Waiting {
        NOBODY("you are in step"),
        ROLLER("the one who rolls is ahead: cover the wrappers, or help folding"),
        FOLDER("the one who folds waits: roll in advance, or let both roll for a while");

        private final String label;

        Waiting(String label) {
            this.label = label;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    /** Seconds a piece both together need; absent until both paces are known. */
    public Optional<Double> secondsEach() {
        return roll.secondsEach().flatMap(r -> fold.secondsEach().map(f -> Math.max(r, f)));
    }

    /** Wrappers that lie rolled and not folded. */
    public int ahead() {
        return Math.max(0, roll.pieces() - fold.pieces());
    }

    /** Who waits; absent until both paces are known. */
    public Optional<Waiting> waiting() {
        return roll.secondsEach().flatMap(r -> fold.secondsEach().map(f -> waiting(r, f)));
    }

    private static Waiting waiting(double roll, double fold) {
        if (Math.abs(roll - fold) <= ALIKE * Math.max(roll, fold)) {
            return Waiting.NOBODY;
        }
        return roll < fold ? Waiting.ROLLER : Waiting.FOLDER;
    }

    /** How long one waits for the other at each piece; absent until both paces are known. */
    public Optional<Duration> waitEach() {
        return roll.secondsEach()
                .flatMap(r -> fold.secondsEach().map(f -> Duration.ofMillis(Math.round(1_000 * Math.abs(r - f)))));
    }
}
