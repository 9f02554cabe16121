package ironpin.amount;

import ironpin.pantry.CsvResource;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The words that stand round a number, from {@code words.csv}: those that say about, sizes, packs, whose cup. */
enum AmountWords {
    ABOUT,
    FILLER,
    RANGE,
    BARE,
    CONTAINER,
    COUNTED,
    GENERIC,
    SMALL,
    MEDIUM,
    LARGE,
    US,
    METRIC,
    AUSTRALIAN,
    JAPANESE,
    IMPERIAL;

    /** Held apart, since the constants are made before anything else of their own class. */
    private static final class Table {
        private static final Map<String, List<String>> ROWS = CsvResource.rows(AmountWords.class, "words.csv").stream()
                .collect(Collectors.toUnmodifiableMap(
                        row -> row.get("kind"), row -> List.of(row.get("words").split("\\|"))));
    }

    private final List<String> words = longestFirst(Table.ROWS.get(name().toLowerCase(Locale.ROOT)));

    private static List<String> longestFirst(List<String> words) {
        return words.stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
    }

    /** All of them, the longest first. */
    List<String> words() {
        return words;
    }

    /** Whether this word is one of them. */
    boolean has(String word) {
        return words.contains(word);
    }

    /** Whether what was counted with may be one of them. */
    boolean has(Optional<String> word) {
        return word.filter(this::has).isPresent();
    }
}
