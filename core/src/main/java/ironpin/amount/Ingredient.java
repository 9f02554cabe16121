package ironpin.amount;

import java.util.List;
import java.util.Optional;

/**
 * Something that is measured by cups, spoons or pieces.
 *
 * @param key short stable name
 * @param label what a reading calls it
 * @param names what cooks call it, lower case
 * @param density g/ml: least, usual and most
 * @param scooped g/ml when a cup is dipped into the bag; only for what packs
 * @param piece grams of one: least, usual and most; only for what is counted
 * @param pieceWord what one of it is called
 * @param gramsPerCm of a peeled root as long as this; only for roots
 */
public record Ingredient(
        String key,
        String label,
        List<String> names,
        Spread density,
        Optional<Double> scooped,
        Optional<Spread> piece,
        String pieceWord,
        Optional<Double> gramsPerCm) {
    public Ingredient {
        names = List.copyOf(names);
    }
}
