package ironpin.pantry;

import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import ironpin.worked.WorkedOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the name of an ingredient means, read the one way that holds everywhere: {@code FoodName.read("carrots, grated")}.
 *
 * <p>Every word must be accounted for. A name is known if it is one of {@code foods.csv} with nothing beside it but words of
 * {@code kitchen-words.txt} ("finely chopped"). A compound is not its first or its last word: "chestnut cream" is neither
 * chestnut nor cream, and where the table does not have it, it is not known. A word nobody knows before a known name makes a
 * guess, whose allergens are not known.
 *
 * @param said the text
 * @param food what it means, if that is known or guessed
 * @param certainty how sure that is
 * @param allergens of it
 * @param words beside the name, each brought to its stem: what is done to it, and how it is cut
 * @param afterComma those of them that stand behind a comma or in brackets
 */
public record FoodName(
        String said,
        Optional<Food> food,
        Certainty certainty,
        Allergens allergens,
        List<String> words,
        List<String> afterComma) {
    /** How sure a meaning is. */
    public enum Certainty {
        KNOWN,
        GUESSED,
        UNKNOWN
    }

    private static final int MOST_TEXT = 200;
    /** The same few lines are asked for many times in every plan, and always mean the same. */
    private static final WorkedOut<String, FoodName> HEARD = new WorkedOut<>(2_000, FoodName::heard);

    /** Where a name goes on to something else: "water from the tap", "egg to bind". */
    private static final Pattern GOES_ON = Pattern.compile(
            "\\s+(?:to|from|for|in|at|until|till|if|when|as|that|which|like|on|left|over|straight|using|then|so|because|but|not|per|without|plus|with|off|according|mine|i|the size|weighing)\\s.*");

    private static final Pattern BREAKS = Pattern.compile("[,;()\\[\\]]| (?:[–—-]|--) ");
    private static final Pattern LEADING_BRACKETS = Pattern.compile("^\\s*\\([^()]*\\)\\s*(?=\\p{L})");
    private static final Spread PRESERVED_SALT = new Spread(0.01, 0.025, 0.04);
    /** States in which a food is bought. */
    private static final Set<String> BOUGHT = Set.of("dried", "smoked", "desiccated", "ground");

    /** "Salt, chilli" are two things. */
    private static final Set<String> SEASONS = Set.of("salt", "pepper");

    private static final Set<String> TREATED = Set.of("squeezed", "wrung", "pressed", "drained");

    public FoodName {
        words = List.copyOf(words);
        afterComma = List.copyOf(afterComma);
    }

    /** What a text means; what is longer than any name is not known. */
    public static FoodName read(String text) {
        return text.length() > MOST_TEXT ? unknown(text) : HEARD.of(text);
    }

    /** Whether every word of it was understood. */
    public boolean known() {
        return certainty == Certainty.KNOWN;
    }

    /** Whether one of these words stands beside the name. */
    public boolean says(String... any) {
        for (String word : any) {
            if (words.contains(Stem.of(word))) {
                return true;
            }
        }
        return false;
    }

    private static FoodName heard(String text) {
        List<String> segments = new ArrayList<>();
        // What stands in brackets before a name is about its pack.
        String bare = LEADING_BRACKETS.matcher(StatedFat.without(text)).replaceFirst("");
        for (String segment : BREAKS.split(bare)) {
            if (!Stem.words(segment).isEmpty()) {
                segments.add(segment.strip());
            }
        }
        if (segments.isEmpty()) {
            return unknown(text);
        }
        FoodName read = named(text, segments);
        return read.food()
                .map(food -> read.as(kept(read, StatedFat.of(food, text.toLowerCase(Locale.ROOT)))))
                .orElse(read);
    }

    /** Pickled, brined and salted foods bring salt that only their packet tells; "salted and squeezed" is no such thing. */
    private static Food kept(FoodName read, Food food) {
        boolean soft =
                switch (food.role()) {
                    case VEGETABLE, AROMATIC, STARCHY, SWEET, MEAT, SOY, EGG -> true;
                    default -> false;
                };
        boolean salted = read.words().contains("salted")
                && !read.afterComma().contains("salted")
                && read.words().stream().noneMatch(TREATED::contains);
        boolean preserved = salted || read.words().stream().anyMatch(NameTable::preserving);
        return soft && preserved && !food.saltOpen() ? food.salted(PRESERVED_SALT) : food;
    }

    private static FoodName named(String text, List<String> segments) {
        // "flour, rice": the word behind the comma belongs before the name.
        if (segments.size() > 1 && !SEASONS.contains(Stem.of(segments.get(0)))) {
            String turned = segments.get(1) + " " + segments.get(0);
            Optional<FoundName> whole = FoundName.exactly(Stem.words(turned));
            // What is done at home changes what is counted as little as "chopped"; dried or smoked it is bought as
            // another food.
            List<String> behind = Stem.words(segments.get(1));
            boolean another = whole.isPresent() && (!NameTable.onlyOfTheKitchen(behind) || BOUGHT.containsAll(behind));
            if (another) {
                return result(text, whole.get(), segments.subList(2, segments.size()));
            }
        }
        FoundName head = FoundName.head(segments.get(0));
        List<String> notes = new ArrayList<>(segments.subList(1, segments.size()));
        Matcher on = GOES_ON.matcher(segments.get(0));
        if (head.certainty() != Certainty.KNOWN && on.find() && on.start() > 0) {
            FoundName first = FoundName.head(segments.get(0).substring(0, on.start()));
            if (first.food().isPresent()) {
                String tail = segments.get(0).substring(on.start());
                notes.add(0, tail);
                head = tail.strip().matches("(?:in|with|plus)\\s.*") && !understood(tail) ? first.doubtful() : first;
            }
        }
        if (head.certainty() != Certainty.KNOWN) {
            // "buckwheet flour" is a slip in a whole name rather than some flour or other.
            String mended = mended(segments.get(0));
            boolean whole = FoundName.exactly(Stem.words(mended)).isPresent();
            if (whole || head.food().isEmpty() && !mended.isEmpty()) {
                return result(text, FoundName.head(mended).doubtful(), notes);
            }
        }
        if (head.food().isEmpty()) {
            // "Timur (Sichuan pepper)": what nobody knows is explained behind it.
            for (String note : notes) {
                Optional<FoundName> explained = FoundName.exactly(Stem.words(note));
                if (explained.isPresent() && text.contains("(")) {
                    return result(text, explained.get().doubtful(), notes);
                }
            }
        }
        return result(text, head, notes);
    }

    /** Whether all of these words are known, so that nothing hides in them. */
    private static boolean understood(String text) {
        return NameTable.words().containsAll(Stem.words(text));
    }

    /** The text with its slips of typing mended, where a known word is near each; empty if that helps nothing. */
    private static String mended(String text) {
        List<String> words = Stem.words(text);
        List<String> strange =
                words.stream().filter(word -> !NameTable.isWord(word)).toList();
        if (strange.size() == 1) {
            // Of several words that are as near, the one that makes a name.
            List<String> names = Slips.nearest(strange.get(0), NameTable.words()).stream()
                    .map(word -> words.stream()
                            .map(one -> one.equals(strange.get(0)) ? word : one)
                            .toList())
                    .filter(mended -> FoundName.exactly(mended).isPresent())
                    .map(mended -> String.join(" ", mended))
                    .toList();
            if (names.size() == 1) {
                return names.get(0);
            }
        }
        List<String> mended = words.stream()
                .map(word -> NameTable.isWord(word)
                        ? word
                        : Slips.near(word, NameTable.words()).orElse(word))
                .toList();
        String all = String.join(" ", mended);
        return !mended.equals(words) && FoundName.head(all).food().isPresent() ? all : "";
    }

    private static FoodName result(String text, FoundName head, List<String> notes) {
        List<String> words = new ArrayList<>(head.beside());
        List<String> after = new ArrayList<>();
        Allergens allergens = head.allergens();
        for (String note : notes) {
            List<String> said = Stem.words(note);
            after.addAll(said);
            // What is named in a note may be in it: "marinated in soy sauce".
            Optional<FoundName> named = FoundName.within(said);
            if (named.isPresent()
                    && head.food().isPresent()
                    && !NameTable.onlyOfTheKitchen(said)
                    && !named.get().food().equals(head.food())) {
                allergens = allergens.perhaps(named.get().food().orElseThrow().allergens());
            }
        }
        words.addAll(after);
        return new FoodName(text, head.food(), head.certainty(), allergens, words, after);
    }

    /** Fat as it is stated in the line, if it is: in per cent, as lean to fat, or as "lean" and "fatty". */
    public Optional<Percentage> fat() {
        return food.filter(one -> one.role() == Food.Role.MEAT || one.role() == Food.Role.FAT)
                .flatMap(one -> StatedFat.in(said.toLowerCase(Locale.ROOT)))
                .map(Percentage::ofFraction);
    }

    private FoodName as(Food changed) {
        return new FoodName(said, Optional.of(changed), certainty, allergens, words, afterComma);
    }

    private static FoodName unknown(String text) {
        return new FoodName(text, Optional.empty(), Certainty.UNKNOWN, Allergens.NOT_KNOWN, List.of(), List.of());
    }
}
