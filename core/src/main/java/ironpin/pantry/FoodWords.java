package ironpin.pantry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The foods that running words name, wherever they stand: "seal with egg wash, serve with peanut sauce" names egg and peanuts.
 * The longest name wins, so that coconut milk is no milk; a size or a shape ("walnut-sized") is no food, nor is what is left out
 * ("without egg").
 */
public final class FoodWords {
    private static final Set<String> LEFT_OUT =
            Set.of("no", "not", "without", "never", "omit", "skip", "avoid", "avoiding", "minu", "minus", "non");
    private static final Set<String> LIKENESS = Set.of(
            "sized",
            "size",
            "shaped",
            "shape",
            "like",
            "coloured",
            "colored",
            "colour",
            "color",
            "free",
            "consistency",
            "knife",
            "paper",
            "dish",
            "slicer",
            "brown");
    private static final Set<String> COMPARED = Set.of("like", "resemble", "resembling", "size");
    private static final int NEAR = 3;

    private FoodWords() {}

    /**
     * A food that some words name.
     *
     * @param words as they were brought to their stems
     * @param allergens what it brings by its nature, and what its packet decides
     */
    public record Named(String words, Food food, Allergens allergens) {}

    /** The foods that a clause names, in its order. */
    public static List<Named> in(String clause) {
        List<String> words = Stem.words(clause);
        List<Named> named = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int length = NameTable.longestAt(words, at);
            if (length == 0) {
                at++;
                continue;
            }
            String name = String.join(" ", words.subList(at, at + length));
            boolean likeness = at + length < words.size() && LIKENESS.contains(words.get(at + length));
            if (!likeness && !leftOut(words, at) && !compared(words, at)) {
                Food food = NameTable.called(name);
                named.add(new Named(name, food, food.allergens()));
            }
            at += length;
        }
        return named;
    }

    /** Words of a clause that are neither a food, nor of the kitchen, nor among these. */
    public static List<String> strange(String clause, Set<String> understood) {
        List<String> words = Stem.words(clause);
        List<String> strange = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int length = NameTable.longestAt(words, at);
            if (length == 0 && !NameTable.kitchenWord(words.get(at)) && !understood.contains(words.get(at))) {
                strange.add(words.get(at));
            }
            at += Math.max(1, length);
        }
        return strange;
    }

    /** Whether all of a text are words of foods and kitchens. */
    public static boolean isWord(String text) {
        List<String> words = Stem.words(text);
        return !words.isEmpty() && words.stream().allMatch(NameTable::isWord);
    }

    /** Words brought to their stems, to be asked for in {@link #strange}. */
    public static List<String> stems(String text) {
        return Stem.words(text);
    }

    private static boolean leftOut(List<String> words, int at) {
        return words.subList(Math.max(0, at - 2), at).stream().anyMatch(LEFT_OUT::contains);
    }

    /** "The size of a walnut", "like butter". */
    private static boolean compared(List<String> words, int at) {
        return words.subList(Math.max(0, at - NEAR), at).stream().anyMatch(COMPARED::contains);
    }
}
