package ironpin.hands;

import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;

/**
 * What an eye's guesses say of it (est.): how far they lie off on the whole, how far apart, and whether they get better.
 *
 * @param guesses number of them
 * @param bias mean of guess ÷ truth − 1
 * @param spread standard deviation of guess ÷ truth
 * @param trend how much smaller the error, as a share, of the later half is than of the earlier; absent before the eighth
 */
public record Drill(int guesses, double bias, double spread, Optional<Double> trend) {
    private static final int FEWEST = 2;
    private static final int FEWEST_FOR_A_TREND = 8;

    /**
     * One guess.
     *
     * @param guessed what the cook said
     * @param truth what was drawn, above 0
     */
    public record Guess(Mass guessed, Mass truth) {
        /** How far off, as a share; above 0 is too much. */
        public double off() {
            return guessed.ratioTo(truth) - 1;
        }
    }

    /** What these guesses say, in their order; absent before the second. */
    public static Optional<Drill> of(List<Guess> guesses) {
        int count = guesses.size();
        if (count < FEWEST) {
            return Optional.empty();
        }
        double mean = guesses.stream().mapToDouble(Guess::off).average().orElseThrow();
        double squares = guesses.stream()
                .mapToDouble(one -> Math.pow(one.off() - mean, 2))
                .sum();
        Optional<Double> trend = count < FEWEST_FOR_A_TREND
                ? Optional.empty()
                : Optional.of(error(guesses.subList(0, count / 2)) - error(guesses.subList(count - count / 2, count)));
        return Optional.of(new Drill(count, mean, Math.sqrt(squares / (count - 1)), trend));
    }

    private static double error(List<Guess> guesses) {
        return guesses.stream()
                .mapToDouble(one -> Math.abs(one.off()))
                .average()
                .orElseThrow();
    }
}
