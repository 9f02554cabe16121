package ironpin.pantry;

import ironpin.quantity.Spread;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a food is measured without a scale (est.).
 *
 * @param density g/ml as it lies in a spoon or cup: least, usual and most
 * @param usualOfItsKind whether the density is only that of foods like it
 * @param scooped g/ml when a cup is dipped into the bag; only for what packs
 * @param pieces grams of one, by the word it is counted with, the usual word first
 */
public record Measure(Spread density, boolean usualOfItsKind, Optional<Double> scooped, Map<String, Spread> pieces) {
    /** A centimetre of a root. */
    public static final String CENTIMETRE = "cm";

    /** Parts and packs: nobody means one of these by a bare number. */
    private static final Set<String> NOT_MEANT_BY_A_NUMBER = Set.of(
            CENTIMETRE,
            "slice",
            "knob",
            "bunch",
            "pack",
            "tin",
            "bag",
            "block",
            "stick",
            "sheet",
            "sachet",
            "sprig",
            "handful",
            "bundle",
            "leaf",
            "piece",
            "head",
            "stalk",
            "pod",
            "pat",
            "husk",
            "pot",
            "bulb",
            "rasher");

    public Measure {
        pieces = Collections.unmodifiableMap(new LinkedHashMap<>(pieces));
    }

    /** Grams of one of those that a bare number counts, as in "2 onions"; absent where a number alone says nothing. */
    public Optional<Map.Entry<String, Spread>> counted() {
        return pieces.entrySet().stream().findFirst().filter(first -> !NOT_MEANT_BY_A_NUMBER.contains(first.getKey()));
    }

    /** Grams of one, counted with this word, one or many of it. */
    public Optional<Spread> piece(String word) {
        return pieces.entrySet().stream()
                .filter(one -> Stem.of(one.getKey()).equals(Stem.of(word.toLowerCase(Locale.ROOT))))
                .map(Map.Entry::getValue)
                .findFirst();
    }
}
