package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a text says its own measures are: "1 cup = 200 ml", "L = tablespoon", "a glass is 250 ml", "1 cup flour = 120 g". A text's
 * own word goes before what is usual.
 */
public final class Legend {
    /** Nothing said. */
    public static final Legend NONE = new Legend(List.of());

    private static final int MOST_TEXT = 60_000;
    private static final int MOST = 40;
    private static final String NUMBER = "(\\d{1,5}(?:[.,]\\d{1,3})?(?:\\s?[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\\d/\\d)";
    private static final String UNIT =
            "(tablespoons?|teaspoons?|dessertspoons?|tbsp|tsp|fl\\.? ?oz|fluid ounces?|ounces?|oz|pounds?|lbs?|grams?|kg|g|millilit(?:re|er)s?|ml|cl|dl"
                    + "|lit(?:re|er)s?|l|cups?|glass(?:es)?|pints?)\\b";
    private static final Pattern SIGN = Pattern.compile(
            "(?<![\\p{L}\\d.,])(?:(?:1|one|an?)\\s+)?([\\p{L}.]{1,14}(?: [\\p{L}]{2,12})?)\\s*=\\s*(?:about |ca\\.? |approx\\.? |~ ?)?"
                    + "(?:an? |one )?" + NUMBER + "?\\s*" + UNIT,
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WORD = Pattern.compile(
            "(?<![\\p{L}\\d.,])(?:1|one|an?|my|the|her|our|each)\\s+([\\p{L}]{2,14})\\s*(?:here )?(?:is|means|holds|equals|weighs|stands for|was|are)\\s*(?:about |ca\\.? |around |roughly )?"
                    + NUMBER + "\\s*" + UNIT,
            Pattern.CASE_INSENSITIVE);

    /**
     * One measure.
     *
     * @param name as it is written; one letter is meant in its case
     * @param of what it is of, where that was said
     * @param unit what it is in
     * @param times how many of those
     */
    private record Defined(String name, Optional<Food> of, KitchenUnit unit, double times) {
        /** How many characters of the text are this measure, by any name it has; 0 if it is none. */
        int length(String text, String lower) {
            if (name.length() == 1) {
                return text.startsWith(name) && ends(text, 1) ? 1 : 0;
            }
            if (lower.startsWith(name)) {
                int sized = Likeness.sized(lower, name.length());
                if (sized > 0) {
                    return sized;
                }
                int end = name.length();
                int plural = lower.startsWith("s", end) ? 1 : lower.startsWith("es", end) ? 2 : 0;
                return ends(lower, end) ? end : plural > 0 && ends(lower, end + plural) ? end + plural : 0;
            }
            Optional<KitchenUnit> known = KitchenUnit.named(name);
            return KitchenUnit.at(text, lower)
                    .filter(found -> known.filter(found.unit()::equals).isPresent())
                    .map(KitchenUnit.Found::length)
                    .orElse(0);
        }

        private static boolean ends(String text, int end) {
            return end >= text.length() || !Character.isLetter(text.charAt(end));
        }
    }

    /** A measure of the text's own found in it, with how many characters its name took. */
    record Found(KitchenUnit unit, double times, int length) {}

    private final List<Defined> defined;

    private Legend(List<Defined> defined) {
        this.defined = List.copyOf(defined);
    }

    /** What a text says of its measures; nothing in most. */
    public static Legend in(String text) {
        String cut = text.length() <= MOST_TEXT ? text : text.substring(0, MOST_TEXT);
        if (cut.indexOf('=') < 0 && !cut.contains(" is ") && !cut.contains(" means ") && !cut.contains(" holds ")) {
            return NONE;
        }
        List<Defined> found = new ArrayList<>();
        read(SIGN.matcher(cut), false, found);
        read(WORD.matcher(cut), true, found);
        return found.isEmpty() ? NONE : new Legend(found);
    }

    /** What one of its own sizes weighs, where it says that in grams. @param name as in "walnut" */
    Optional<Double> grams(String name) {
        return defined.stream()
                .filter(one -> one.name.equals(name) && one.of.isEmpty() && one.unit.kind() == KitchenUnit.Kind.MASS)
                .findFirst()
                .map(one -> one.times * one.unit.size());
    }

    /** Whether a line does nothing but say what its measures are. */
    public static boolean only(String line) {
        return line.length() <= 200
                && !Legend.in(line).defined.isEmpty()
                && SIGN.matcher(WORD.matcher(line).replaceAll(" "))
                        .replaceAll(" ")
                        .replaceAll("(?i)\\b(?:and|note|notes|measures?|here|all|used|level)\\b", " ")
                        .chars()
                        .noneMatch(Character::isLetterOrDigit);
    }

    private static void read(Matcher said, boolean unitsOnly, List<Defined> found) {
        while (said.find() && found.size() < MOST) {
            String name = said.group(1).strip();
            double number = said.group(2) == null
                    ? 1
                    : Numbers.at(said.group(2)).map(Numbers.Found::value).orElse(0.0);
            Optional<KitchenUnit> known = KitchenUnit.named(first(name));
            Optional<KitchenUnit> unit = KitchenUnit.named(said.group(3).toLowerCase(Locale.ROOT));
            boolean measure = known.isPresent() || AmountWords.CONTAINER.has(name.toLowerCase(Locale.ROOT));
            if (!(number > 0) || unit.isEmpty() || unitsOnly && !measure) {
                continue;
            }
            boolean pours =
                    known.filter(one -> one.kind() != KitchenUnit.Kind.MASS).isPresent()
                            && unit.get().key().equals("OUNCE");
            KitchenUnit in = pours ? KitchenUnit.FLUID_OUNCE : unit.get();
            Optional<Food> of = name.contains(" ") && known.isPresent()
                    ? FoodName.read(name.substring(name.indexOf(' ') + 1)).food()
                    : Optional.empty();
            String key = of.isPresent() ? first(name) : name;
            found.add(new Defined(key.length() == 1 ? key : key.toLowerCase(Locale.ROOT), of, in, number));
        }
    }

    private static String first(String name) {
        return name.contains(" ") ? name.substring(0, name.indexOf(' ')) : name;
    }

    /** The measure that the text begins with, if it is one of its own. */
    Optional<Found> at(String text, String lower) {
        for (Defined one : defined) {
            int length = one.length(text, lower);
            if (length > 0 && (one.of().isEmpty() || of(one, text.substring(length)))) {
                return Optional.of(new Found(one.unit(), one.times(), length));
            }
        }
        return Optional.empty();
    }

    private static boolean of(Defined one, String rest) {
        return FoodName.read(rest)
                .food()
                .filter(food -> food.key().equals(one.of().orElseThrow().key()))
                .isPresent();
    }
}
