package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.FoodName;
import ironpin.quantity.Spread;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sentence of the steps, in small letters and with its numbers in digits.
 *
 * @param text what it says
 * @param about what is worked on: what it names, or else what the sentence before named
 */
record StepSentence(String text, About about) {
    /** What is worked on. */
    enum About {
        DOUGH,
        FILLING,
        PIECES,
        NOTHING
    }

    /** A number, or a range of two; two groups. */
    static final String RANGE = "(\\d{1,4}(?:[.,]\\d{1,2})?(?:[ -]\\d/\\d)?[½¼¾⅓⅔⅛]?|[½¼¾⅓⅔⅛]|\\d/\\d)"
            + "(?:\\s?(?:-|–|—|to|or)\\s?(\\d{1,4}(?:[.,]\\d{1,2})?(?:[ -]\\d/\\d)?[½¼¾⅓⅔⅛]?|[½¼¾⅓⅔⅛]))?";

    private static final int LONGEST = 400;
    private static final int MOST_SENTENCES = 400;
    private static final Pattern ENDS = Pattern.compile(
            "(?<=[.;!?:])(?<!\\b(?:tsp|tbsp|tbs|oz|lb|lbs|min|mins|approx|hr|hrs|sec|ca)\\.)(?<!\\b[ctCT]\\.)\\s+"
                    + "|(?<=\\b(?:min|mins|hr|hrs|sec|oz)\\.)\\s+(?=\\p{Lu}\\p{Ll})|\\n+|,?\\s+(?:and )?then\\s+");
    private static final Map<Pattern, String> WORDS = words();
    private static final Pattern DOUGH = any("dough|flour|starch|rope|ropes|log|logs|knead|kneading|sausage shape");
    private static final Pattern FILLING = any(
            "fillings?|stuffing|mince|minced|mixture|meat|cabbage|onions?|mushrooms?|potato|potatoes"
                    + "|pumpkin|squash|spinach|greens|vegetables?|lentils?|carrots?|tofu|prawns?|aubergine|leeks?|chives|beans|cheese|sauce|dip");
    private static final Pattern PIECES = any(
            "enclose|encase|stuff each|each wrapper|dumplings?|parcels?|crescents?|half-?moons?|purses?|pouches|pockets?|leaves|breads?|flatbreads?"
                    + "|buns?|pasties|ravioli|wontons?|momos?|potstickers?|gyoza|pierogi|pelmeni|vareniki|mandu|manti|batch|batches|filled"
                    + "|pleat(?:ed|s)?|crimp(?:ed)?|seal(?:ed)?|pinch(?! of)|stuff each|fill with|rounds? at a time|until they float|they float|float to the|wrapped|sealed|stuffed|rolled breads?|discs? and cook");

    private static Pattern any(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b");
    }

    private static Map<Pattern, String> words() {
        Map<String, String> plain = new LinkedHashMap<>();
        plain.put("(?:half an hour|half-hour|half hour)", "30 minutes");
        plain.put("(?:three quarters of an hour|three-quarters of an hour)", "45 minutes");
        plain.put("an hour and a half", "90 minutes");
        plain.put("a quarter of an hour|quarter of an hour", "15 minutes");
        plain.put("(?:an|one) hour", "60 minutes");
        plain.put("a couple of hours", "2 hours");
        plain.put("a couple of", "2");
        plain.put("a dozen", "12");
        plain.put("two dozen", "24");
        plain.put("three dozen", "36");
        plain.put("a minute", "1 minute");
        Map<Pattern, String> words = new LinkedHashMap<>();
        plain.forEach((word, digits) -> words.put(Pattern.compile("\\b(?:" + word + ")\\b"), digits));
        return words;
    }

    /** The sentences of some steps, in their order. */
    static List<StepSentence> of(List<String> steps) {
        List<StepSentence> sentences = new ArrayList<>();
        About about = About.NOTHING;
        for (String step : steps) {
            for (String sentence : ENDS.split(step)) {
                if (sentences.size() >= MOST_SENTENCES) {
                    return sentences;
                }
                UnreadableRecipe.ifNobodyWaits();
                String text = plain(sentence);
                if (!text.isBlank()) {
                    about = about(text, about);
                    sentences.add(new StepSentence(text, about));
                }
            }
        }
        return sentences;
    }

    private static String plain(String sentence) {
        String text =
                sentence.substring(0, Math.min(LONGEST, sentence.length())).toLowerCase(Locale.ROOT);
        text = text.replace('’', '\'')
                .replaceAll("[\\u2010\\u2011\\u2012\\u2212]", "-")
                .replaceAll("\\s+", " ");
        for (Map.Entry<Pattern, String> word : WORDS.entrySet()) {
            text = word.getKey().matcher(text).replaceAll(word.getValue());
        }
        return AmountReader.inDigits(text).strip();
    }

    private static final Pattern FILLS = Pattern.compile(
            "\\b(?:in|into|on|onto|over|to|at|around|round)\\b.{0,25}\\b(?:middle|centre|center|each|every|wrappers?|circles?|discs?|rounds?|ball of filling"
                    + "|teaspoon of filling|tablespoon of filling|half)\\b|\\bfilling (?:each|apiece|per)\\b|\\bfill (?:and|each|them|the)\\b|, fill,");

    private static About about(String text, About before) {
        boolean pieces = PIECES.matcher(text).find();
        boolean dough = DOUGH.matcher(text).find();
        boolean filling = FILLING.matcher(text).find();
        if (filling && FILLS.matcher(text).find() && !text.contains("divide the dough")) {
            return About.PIECES;
        }
        if (pieces && !dough) {
            return About.PIECES;
        }
        if (dough && !filling) {
            return About.DOUGH;
        }
        if (filling && !dough) {
            return About.FILLING;
        }
        if (dough) {
            return About.DOUGH;
        }
        return before;
    }

    boolean says(Pattern pattern) {
        return pattern.matcher(text).find();
    }

    /** Whether a food of the filling is what is cooked here: "boil the potatoes". */
    boolean cooksAFood() {
        Matcher verb = COOKS.matcher(text);
        while (verb.find()) {
            if (!verb.group(1)
                            .matches(
                                    "(?:dumplings?|parcels?|them|it|pieces|breads?|batch(?:es)?|crescents?|first|other|second)")
                    && FoodName.read(verb.group(1)).food().isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static final Pattern COOKS = Pattern.compile(
            "\\b(?:boil|steam|fry|cook|roast|toast|simmer|saute|sauté|blanch|soften|brown|bake)\\s+(?:the |your )?(?:chopped |diced |sliced )?"
                    + "([\\p{L}-]{3,20})");

    /** The numbers in two groups of a match. */
    static Spread spread(Matcher found, int group) {
        double least = number(found.group(group));
        double most = found.group(group + 1) == null ? least : number(found.group(group + 1));
        return new Spread(Math.min(least, most), (least + most) / 2, Math.max(least, most));
    }

    private static double number(String said) {
        return AmountReader.number(said.replace("-", " ")).orElse(0);
    }

    static Duration time(double number, String unit) {
        return Duration.ofSeconds(Math.round(number * (unit.startsWith("h") ? 3_600 : unit.startsWith("s") ? 1 : 60)));
    }
}
