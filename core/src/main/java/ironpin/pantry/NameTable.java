package ironpin.pantry;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Every name a food has, and every word that may stand beside one, in stems. */
final class NameTable {
    /** What is cut from fish and shellfish and is still the same food. */
    private static final List<String> SEA_KINDS =
            List.of("meat", "fillet", "filet", "loin", "steak", "tail", "flesh", "portion", "belly");

    /** What keeps a food with salt: how much, its packet says. */
    private static final Set<String> PRESERVING =
            Set.of("pickled", "brined", "brine", "fermented", "preserved", "cured", "smoked", "corned", "marinated");

    private static final Map<String, Food> NAMES = names();

    /** Words of the longest name. */
    static final int LONGEST_NAME = NAMES.keySet().stream()
            .mapToInt(name -> name.split(" ").length)
            .max()
            .orElseThrow();

    private static final Set<String> KITCHEN_WORDS = kitchenWords();
    /** Every word that stands in a name or beside one. */
    private static final Set<String> WORDS = everyWord();

    private NameTable() {}

    /** The food of a name, in stems; null if it is none. */
    static Food called(String name) {
        return NAMES.get(name);
    }

    /** How many words from here on are the longest name of a food; 0 where none begins. */
    static int longestAt(List<String> words, int from) {
        for (int length = Math.min(LONGEST_NAME, words.size() - from); length > 0; length--) {
            if (NAMES.containsKey(String.join(" ", words.subList(from, from + length)))) {
                return length;
            }
        }
        return 0;
    }

    /** Whether a word, in its stem, is one of a name or of those that stand beside names. */
    static boolean isWord(String stem) {
        return WORDS.contains(stem);
    }

    static boolean kitchenWord(String stem) {
        return KITCHEN_WORDS.contains(stem) || PRESERVING.contains(stem);
    }

    /** Whether a word says that a food is kept with salt. */
    static boolean preserving(String stem) {
        return PRESERVING.contains(stem);
    }

    /** Whether every word only tells what was done in a kitchen. */
    static boolean onlyOfTheKitchen(Collection<String> stems) {
        return KITCHEN_WORDS.containsAll(stems);
    }

    static Set<String> words() {
        return WORDS;
    }

    private static Map<String, Food> names() {
        Map<String, Food> names = new HashMap<>();
        for (Food food : Foods.all()) {
            for (String name : food.names()) {
                Food other = names.putIfAbsent(String.join(" ", Stem.words(name)), food);
                if (other != null && !other.equals(food)) {
                    throw new IllegalStateException("'" + name + "' is " + other.key() + " and " + food.key());
                }
            }
        }
        for (Food food : Foods.all()) {
            for (String name : food.names()) {
                for (String kind : kinds(food)) {
                    names.putIfAbsent(String.join(" ", Stem.words(name + " " + kind)), food);
                    names.putIfAbsent(String.join(" ", Stem.words(kind + " of " + name)), food);
                }
            }
        }
        return Map.copyOf(names);
    }

    /** What may stand behind a name: "mozzarella cheese", "crab meat", "pike fillet"; or before it: "fillet of cod". */
    private static List<String> kinds(Food food) {
        return switch (food.role()) {
            case CHEESE -> List.of("cheese");
            case MEAT -> ofTheSea(food) ? SEA_KINDS : List.of("meat");
            default -> List.of();
        };
    }

    private static boolean ofTheSea(Food food) {
        Set<Allergen> sure = food.allergens().sure();
        return sure.contains(Allergen.FISH) || sure.contains(Allergen.CRUSTACEANS) || sure.contains(Allergen.MOLLUSCS);
    }

    private static Set<String> kitchenWords() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                NameTable.class.getResourceAsStream("kitchen-words.txt"), StandardCharsets.UTF_8))) {
            Set<String> words = new HashSet<>();
            in.lines().forEach(line -> words.addAll(Stem.words(line)));
            return Set.copyOf(words);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Set<String> everyWord() {
        Set<String> words = new HashSet<>(KITCHEN_WORDS);
        NAMES.keySet().forEach(name -> words.addAll(List.of(name.split(" "))));
        words.addAll(PRESERVING);
        return Set.copyOf(words);
    }
}
