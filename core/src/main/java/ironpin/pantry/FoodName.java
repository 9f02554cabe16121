package ironpin.pantry;

import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import ironpin.worked.WorkedOut;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    /** What is cut from fish and shellfish and is still the same food. */
    private static final List<String> SEA_KINDS =
            List.of("meat", "fillet", "filet", "loin", "steak", "tail", "flesh", "portion", "belly");

    /** What keeps a food with salt: how much, its packet says. */
    private static final Set<String> PRESERVING =
            Set.of("pickled", "brined", "brine", "fermented", "preserved", "cured", "smoked", "corned", "marinated");

    private static final Map<String, Food> NAMES = names();
    private static final int LONGEST_NAME = NAMES.keySet().stream()
            .mapToInt(name -> name.split(" ").length)
            .max()
            .orElseThrow();
    private static final Set<String> KITCHEN_WORDS = kitchenWords();
    /** Every word that stands in a name or beside one. */
    private static final Set<String> WORDS = everyWord();

    /** Where a name goes on to something else: "water from the tap", "egg to bind". */
    private static final Pattern GOES_ON = Pattern.compile(
            "\\s+(?:to|from|for|in|at|until|till|if|when|as|that|which|like|on|left|over|straight|using|then|so|because|but|not|per|without|plus|with|off|according|mine|i|the size|weighing)\\s.*");

    private static final Pattern BREAKS = Pattern.compile("[,;()\\[\\]]| (?:[–—-]|--) ");
    private static final Pattern LEADING_BRACKETS = Pattern.compile("^\\s*\\([^()]*\\)\\s*(?=\\p{L})");
    private static final Pattern OR = Pattern.compile("\\s+or\\s+|\\s*/\\s*");
    private static final Pattern AND = Pattern.compile("\\s+(?:and|with|plus)\\s+|\\s*[&+]\\s*");
    /** "Somewhere-style paprika" is paprika. */
    private static final Pattern STYLE = Pattern.compile("\\b\\p{L}{3,20}[- ]style\\b\\s*");

    private static final Pattern TEMPERATURE =
            Pattern.compile("\\b(?:at )?\\d{2,3} ?(?:° ?[cf]?|degrees?(?: [cf]| celsius| fahrenheit)?|[cf]\\b)");
    private static final Pattern FAT_SHARE = Pattern.compile(
            "(\\d{1,2}(?:[.,]\\d)?) ?(?:%|per ?cent) ?fat|fat(?: content)?(?: of)?:? (\\d{1,2}(?:[.,]\\d)?) ?%");
    private static final Pattern LEAN_SHARE = Pattern.compile("(\\d{2}) ?(?:%|per ?cent) ?lean");
    private static final Pattern LEAN_TO_FAT = Pattern.compile("(\\d{2}) ?[/:] ?(\\d{2})(?!\\d)");
    private static final Spread PRESERVED_SALT = new Spread(0.01, 0.025, 0.04);
    /** States in which a food is bought. */
    private static final Set<String> BOUGHT = Set.of("dried", "smoked", "desiccated", "ground");

    /** "Salt, chilli" are two things. */
    private static final Set<String> SEASONS = Set.of("salt", "pepper");

    private static final Set<String> TREATED = Set.of("squeezed", "wrung", "pressed", "drained");
    private static final double EXTRA_LEAN = 0.05;
    private static final double LEAN = 0.08;
    private static final double FATTY = 0.30;

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
        String bare = LEADING_BRACKETS.matcher(withoutFat(text)).replaceFirst("");
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
                .map(food -> read.as(kept(read, stated(food, text.toLowerCase(Locale.ROOT)))))
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
        boolean preserved = salted || read.words().stream().anyMatch(PRESERVING::contains);
        return soft && preserved && !food.saltOpen() ? food.salted(PRESERVED_SALT) : food;
    }

    /** What is said of the fat stands beside the name. */
    private static String withoutFat(String text) {
        String lower = STYLE.matcher(text.toLowerCase(Locale.ROOT)).replaceAll("");
        String bare =
                FAT_SHARE.matcher(TEMPERATURE.matcher(lower).replaceAll(" ")).replaceAll(" ");
        return LEAN_SHARE.matcher(bare).replaceAll(" ");
    }

    private static Set<String> everyWord() {
        Set<String> words = new HashSet<>(KITCHEN_WORDS);
        NAMES.keySet().forEach(name -> words.addAll(List.of(name.split(" "))));
        words.addAll(PRESERVING);
        return Set.copyOf(words);
    }

    private static FoodName named(String text, List<String> segments) {
        // "flour, rice": the word behind the comma belongs before the name.
        if (segments.size() > 1 && !SEASONS.contains(Stem.of(segments.get(0)))) {
            String turned = segments.get(1) + " " + segments.get(0);
            Optional<Found> whole = exactly(Stem.words(turned));
            // What is done at home changes what is counted as little as "chopped"; dried or smoked it is bought as
            // another food.
            List<String> behind = Stem.words(segments.get(1));
            boolean another = whole.isPresent() && (!KITCHEN_WORDS.containsAll(behind) || BOUGHT.containsAll(behind));
            if (another) {
                return result(text, whole.get(), segments.subList(2, segments.size()));
            }
        }
        Found head = head(segments.get(0));
        List<String> notes = new ArrayList<>(segments.subList(1, segments.size()));
        Matcher on = GOES_ON.matcher(segments.get(0));
        if (head.certainty() != Certainty.KNOWN && on.find() && on.start() > 0) {
            Found first = head(segments.get(0).substring(0, on.start()));
            if (first.food().isPresent()) {
                String tail = segments.get(0).substring(on.start());
                notes.add(0, tail);
                head = tail.strip().matches("(?:in|with|plus)\\s.*") && !understood(tail) ? first.doubtful() : first;
            }
        }
        if (head.food().isEmpty()) {
            String mended = mended(segments.get(0));
            if (!mended.isEmpty()) {
                return result(text, head(mended).doubtful(), notes);
            }
        }
        if (head.food().isEmpty()) {
            // "Timur (Sichuan pepper)": what nobody knows is explained behind it.
            for (String note : notes) {
                Optional<Found> explained = exactly(Stem.words(note));
                if (explained.isPresent() && text.contains("(")) {
                    return result(text, explained.get().doubtful(), notes);
                }
            }
        }
        return result(text, head, notes);
    }

    /** Whether all of these words are known, so that nothing hides in them. */
    private static boolean understood(String text) {
        return WORDS.containsAll(Stem.words(text));
    }

    /** The text with its slips of typing mended, where a known word is near each; empty if that helps nothing. */
    private static String mended(String text) {
        List<String> words = Stem.words(text);
        List<String> strange =
                words.stream().filter(word -> !WORDS.contains(word)).toList();
        if (strange.size() == 1) {
            // Of several words that are as near, the one that makes a name.
            List<String> names = Slips.nearest(strange.get(0), WORDS).stream()
                    .map(word -> words.stream()
                            .map(one -> one.equals(strange.get(0)) ? word : one)
                            .toList())
                    .filter(mended -> exactly(mended).isPresent())
                    .map(mended -> String.join(" ", mended))
                    .toList();
            if (names.size() == 1) {
                return names.get(0);
            }
        }
        List<String> mended = words.stream()
                .map(word ->
                        WORDS.contains(word) ? word : Slips.near(word, WORDS).orElse(word))
                .toList();
        String all = String.join(" ", mended);
        return !mended.equals(words) && head(all).food().isPresent() ? all : "";
    }

    private static FoodName result(String text, Found head, List<String> notes) {
        List<String> words = new ArrayList<>(head.beside());
        List<String> after = new ArrayList<>();
        Allergens allergens = head.allergens();
        for (String note : notes) {
            List<String> said = Stem.words(note);
            after.addAll(said);
            // What is named in a note may be in it: "marinated in soy sauce".
            Optional<Found> named = within(said);
            if (named.isPresent()
                    && head.food().isPresent()
                    && !KITCHEN_WORDS.containsAll(said)
                    && !named.get().food().equals(head.food())) {
                allergens = allergens.perhaps(named.get().food().orElseThrow().allergens());
            }
        }
        words.addAll(after);
        return new FoodName(text, head.food(), head.certainty(), allergens, words, after);
    }

    /** A name found in some words, with those beside it. */
    private record Found(Optional<Food> food, Certainty certainty, Allergens allergens, List<String> beside) {
        static Found known(Food food, List<String> beside) {
            return new Found(Optional.of(food), Certainty.KNOWN, food.allergens(), beside);
        }

        /** The same, but not surely so, and not surely free of anything. */
        Found doubtful() {
            return food.isEmpty()
                    ? this
                    : new Found(
                            food, Certainty.GUESSED, new Allergens(allergens.sure(), allergens.maybe(), false), beside);
        }

        static Found nothing(List<String> words) {
            return new Found(Optional.empty(), Certainty.UNKNOWN, Allergens.NOT_KNOWN, words);
        }
    }

    private static Found head(String text) {
        List<String> words = Stem.words(text);
        Optional<Found> whole = exactly(words);
        if (whole.isPresent()) {
            return whole.get();
        }
        return joined(text, OR, true)
                .or(() -> joined(text, AND, false))
                .or(() -> guessed(words))
                .orElseGet(() -> Found.nothing(words));
    }

    /** One name and nothing but kitchen words beside it; the longest name wins, then the one nearest the end. */
    private static Optional<Found> exactly(List<String> words) {
        Optional<int[]> at = longest(words, true);
        return at.map(span -> Found.known(food(words, span), beside(words, span)));
    }

    private static Optional<Found> within(List<String> words) {
        return longest(words, false).map(span -> Found.known(food(words, span), beside(words, span)));
    }

    private static Optional<int[]> longest(List<String> words, boolean onlyKitchenWordsBeside) {
        for (int length = Math.min(LONGEST_NAME, words.size()); length > 0; length--) {
            for (int from = words.size() - length; from >= 0; from--) {
                int[] span = {from, from + length};
                if (NAMES.containsKey(String.join(" ", words.subList(from, from + length)))
                        && (!onlyKitchenWordsBeside || onlyKitchenWords(words, span))) {
                    return Optional.of(span);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean onlyKitchenWords(List<String> words, int[] span) {
        Food.Role role = food(words, span).role();
        boolean dries = role == Food.Role.AROMATIC || role == Food.Role.NUT;
        return beside(words, span).stream()
                .allMatch(word -> KITCHEN_WORDS.contains(word)
                        || PRESERVING.contains(word)
                        || dries && (word.equals("dried") || word.equals("powder")));
    }

    /** A word nobody knows before a name at the end: "grandmother's lamb mince". */
    private static Optional<Found> guessed(List<String> words) {
        return longest(words, false)
                .filter(span -> KITCHEN_WORDS.containsAll(words.subList(span[1], words.size())))
                .filter(span -> longest(words.subList(0, span[0]), false).isEmpty())
                .map(span -> new Found(
                        Optional.of(food(words, span)),
                        Certainty.GUESSED,
                        new Allergens(
                                food(words, span).allergens().sure(),
                                food(words, span).allergens().maybe(),
                                false),
                        beside(words, span)));
    }

    /** "lard or butter", "salt and pepper", "chicken or vegetable stock": every part must be known. */
    private static Optional<Found> joined(String text, Pattern by, boolean either) {
        String[] parts = by.split(text, 5);
        if (parts.length < 2) {
            return Optional.empty();
        }
        List<Found> found = new ArrayList<>();
        for (String part : parts) {
            Optional<Found> one = part(part, parts[parts.length - 1]);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            found.add(one.get());
        }
        Food food = found.get(0).food().orElseThrow();
        Allergens allergens = food.allergens();
        List<String> beside = new ArrayList<>();
        found.forEach(one -> beside.addAll(one.beside()));
        boolean same = true;
        for (Found one : found.subList(1, found.size())) {
            Food other = one.food().orElseThrow();
            same &= other.key().equals(food.key());
            allergens = either ? allergens.or(other.allergens()) : allergens.plus(other.allergens());
            food = either || other.equals(food) ? food : food.and(other);
        }
        Food whole = food.with(allergens);
        return Optional.of(new Found(
                Optional.of(whole), either && !same ? Certainty.GUESSED : Certainty.KNOWN, allergens, beside));
    }

    /** A part by itself, or with the last words of the last part: "vegetable or sunflower oil". */
    private static Optional<Found> part(String part, String last) {
        List<String> words = Stem.words(part);
        List<String> end = Stem.words(last);
        Optional<Found> alone = exactly(words);
        for (int tail = 1; tail <= 2 && tail <= end.size(); tail++) {
            List<String> longer = new ArrayList<>(words);
            longer.addAll(end.subList(end.size() - tail, end.size()));
            Optional<Found> whole = exactly(longer);
            if (whole.isPresent() && !part.equals(last)) {
                return whole;
            }
        }
        return alone;
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

    /** The food of a name, in stems. */
    static Food called(String name) {
        return NAMES.get(name);
    }

    /** Whether a word, in its stem, is one of a name or of those that stand beside names. */
    static boolean isWord(String stem) {
        return WORDS.contains(stem);
    }

    static boolean kitchenWord(String stem) {
        return KITCHEN_WORDS.contains(stem) || PRESERVING.contains(stem);
    }

    private static Food food(List<String> words, int[] span) {
        return NAMES.get(String.join(" ", words.subList(span[0], span[1])));
    }

    private static List<String> beside(List<String> words, int[] span) {
        List<String> beside = new ArrayList<>(words.subList(0, span[0]));
        beside.addAll(words.subList(span[1], words.size()));
        return beside;
    }

    /** The same meat with the fat that its line states. */
    private static Food stated(Food food, String text) {
        boolean meat = food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT;
        return meat ? fatStated(text).map(food::withFat).orElse(food) : food;
    }

    private static Optional<Double> fatStated(String text) {
        Matcher share = FAT_SHARE.matcher(text);
        if (share.find()) {
            return Optional.of(number(share.group(1) == null ? share.group(2) : share.group(1)) / 100);
        }
        Matcher lean = LEAN_SHARE.matcher(text);
        if (lean.find()) {
            return Optional.of(1 - number(lean.group(1)) / 100);
        }
        Matcher parts = LEAN_TO_FAT.matcher(text);
        if (parts.find() && number(parts.group(1)) + number(parts.group(2)) == 100) {
            return Optional.of(Math.min(number(parts.group(1)), number(parts.group(2))) / 100);
        }
        List<String> words = Stem.words(text);
        int at = words.indexOf("lean");
        if (at >= 0) {
            boolean extra = at > 0
                    && (words.get(at - 1).equals("extra") || words.get(at - 1).equals("very"));
            return Optional.of(extra ? EXTRA_LEAN : LEAN);
        }
        return words.contains("fatty") ? Optional.of(FATTY) : Optional.empty();
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(',', '.'));
    }

    /** Fat as it is stated in the line, if it is: in per cent, as lean to fat, or as "lean" and "fatty". */
    public Optional<Percentage> fat() {
        return food.filter(one -> one.role() == Food.Role.MEAT || one.role() == Food.Role.FAT)
                .flatMap(one -> fatStated(said.toLowerCase(Locale.ROOT)))
                .map(Percentage::ofFraction);
    }

    private FoodName as(Food changed) {
        return new FoodName(said, Optional.of(changed), certainty, allergens, words, afterComma);
    }

    private static FoodName unknown(String text) {
        return new FoodName(text, Optional.empty(), Certainty.UNKNOWN, Allergens.NOT_KNOWN, List.of(), List.of());
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
                FoodName.class.getResourceAsStream("kitchen-words.txt"), StandardCharsets.UTF_8))) {
            Set<String> words = new HashSet<>();
            in.lines().forEach(line -> words.addAll(Stem.words(line)));
            return Set.copyOf(words);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
