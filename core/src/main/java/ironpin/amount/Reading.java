package ironpin.amount;

import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Optional;

/**
 * An amount understood.
 *
 * @param said the amount as Ironpin writes it; reading that gives the same again
 * @param mass what it is taken for
 * @param range where it may lie
 * @param assumption what was assumed, in a sentence; empty for a plain mass
 * @param ingredient key of the food it is of, if that is known
 * @param alternatives other ways it may have been meant, each an amount of its own
 * @param second the same thing measured another way, where the text gives two
 * @param guessed whether the mass rests on a guess: a hand's measure, a food's usual density, a name half understood
 */
public record Reading(
        String said,
        Mass mass,
        Band<Mass> range,
        String assumption,
        Optional<String> ingredient,
        List<String> alternatives,
        Optional<Second> second,
        boolean guessed) {
    public Reading {
        alternatives = List.copyOf(alternatives);
    }

    /**
     * A second measure of the same thing.
     *
     * @param said as Ironpin writes it
     * @param mass what it is taken for
     * @param range where it may lie
     * @param agrees whether the two can mean the same
     */
    public record Second(String said, Mass mass, Band<Mass> range, boolean agrees) {}
}
