package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A recipe told in sentences: its amounts are picked out of them, each with the food that stands behind it. */
final class Prose {
    private static final int LONGEST = 1_500;
    private static final int MOST_WORDS = 7;
    private static final int MOST_LINES = 80;
    private static final int MOST_AHEAD = 80;
    private static final Pattern ENDS = Pattern.compile(
            "(?i)(?<=[.!?;])(?<!\\b(?:tsps?|tbsps?|tbs|tspn|teasp|oz|lbs?|approx|ca|c|g|gr|kg|ml|T|t|pkg|med|lg|sm|doz)\\.)(?<![\\do](?:g|gr|kg|ml|oz|c|T|t)\\.)\\s+");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\d½⅓⅔¼¾⅛~][\\p{L}\\d½⅓⅔¼¾⅛.,/'’–-]*");
    private static final Pattern NAME =
            Pattern.compile("^\\s*(?:of\\s+)?(?:the\\s+)?((?:[\\p{L}%'’-]+\\s*){1," + MOST_WORDS + "})");
    private static final Pattern EACH = Pattern.compile(
            "(?i)\\s*each(?: of)?\\s+([\\p{L}][^.;:()\\d½¼¾]{3,100}?)(?=\\s*(?:[.;:()\\d½¼¾]|$|,? (?:and )?(?:an?|one|two|three|four|half) ))");
    /** Where what follows an amount is no longer its name. */
    private static final Pattern NAME_ENDS = Pattern.compile(
            "(?i)\\s+(?:and|with|into|to|in|for|until|till|then|each|on|over|per|through|at|from|while|which|that|is|are|when|as|plus|or|but|put|gone|together|altogether|apiece|if|so|by)\\b.*");

    private static final Pattern DOUGH = Pattern.compile("\\b(?:dough|doughs|flour|skins?|wrappers?|pastry)\\b");
    private static final Pattern MEAT = Pattern.compile(
            "\\b(?:meat|mince|minced|stuffing|inside|beef|pork|lamb|chicken|filled with|fill them with)\\b");
    private static final Pattern VERBS = Pattern.compile(
            "(?i)(?:\\p{L}+(?:ed|ing|ly)|a|an|the|of|little|some|more|after|before|once|just|about|around|well|too|also|it|all|only|my|your|our|we|you|i|he|she|they)");
    private static final Pattern SERVES = Pattern.compile(
            "^\\W*(?:to )?serve\\b|\\bpour(?:ed)? over\\b|\\b(?:brush|drizzle|top)(?:ed|d)? (?:them )?with\\b|\\bspoon(?:ed)? over\\b");
    private static final Pattern COOKS =
            Pattern.compile("\\b(?:fry|frying|boil|steam|pan|pot|lid|griddle|bake|simmer|wok|skillet|cover)\\b");
    private static final Set<String> COOKED_IN =
            Set.of("water", "oil", "stock", "stock-meat", "stock-vegetable", "butter", "ghee", "oil-soya", "lard");
    private static final Set<String> WHOLES = Set.of("dough", "filling", "wrapper");

    private final AmountReader amounts;
    private final List<WrittenRecipe.Line> lines = new ArrayList<>();
    private String heading = "";

    private Prose(AmountReader amounts) {
        this.amounts = amounts;
    }

    /** Everything these paragraphs weigh or count. */
    static List<WrittenRecipe.Line> lines(List<String> paragraphs, AmountReader amounts) {
        Prose prose = new Prose(amounts);
        for (String paragraph : paragraphs) {
            for (String whole : ENDS.split(paragraph)) {
                UnreadableRecipe.ifNobodyWaits();
                prose.sentence(whole.substring(0, Math.min(LONGEST, whole.length())));
            }
        }
        return prose.lines.subList(0, Math.min(MOST_LINES, prose.lines.size()));
    }

    private void sentence(String sentence) {
        String lower = sentence.toLowerCase(Locale.ROOT);
        boolean dough = DOUGH.matcher(lower).find();
        boolean filling = lower.matches("(?s).*\\b(?:fillings?|stuffing)\\b.*");
        boolean parts = lower.matches("(?s).*\\b(?:cut|divide|roll|pieces of)\\b.*\\bdough\\b.*");
        if (lower.matches("(?s).*\\b(?:dip|dipping|sauce to serve)\\b.*") && !filling) {
            heading = "Dip";
        } else if (filling || !dough && MEAT.matcher(lower).find()) {
            heading = "Filling";
        } else if (dough && !parts) {
            heading = "Dough";
        }
        if (SERVES.matcher(lower).find()) {
            String before = heading;
            heading = "To serve";
            pick(sentence, false);
            heading = before;
            return;
        }
        boolean cooks = COOKS.matcher(lower).find() && !dough && !filling;
        pick(sentence, cooks);
    }

    private void pick(String sentence, boolean cooks) {
        // Butter that is mashed into something is no fat for the pan.
        boolean fills = FoodWords.in(sentence).stream()
                .anyMatch(one -> !COOKED_IN.contains(one.food().key())
                        && !WHOLES.contains(one.food().key()));
        Matcher word = WORD.matcher(sentence);
        int from = 0;
        while (from < sentence.length() && word.find(from)) {
            OptionalInt end = amounts.measureEnd(sentence, word.start());
            List<String> each = end.isPresent() ? each(sentence, word.start(), end.getAsInt()) : List.of();
            if (!each.isEmpty()) {
                lines.addAll(WrittenRecipe.lines(heading, each, 0));
                from = end.getAsInt();
                continue;
            }
            String said = end.isPresent() ? said(sentence, word.start(), end.getAsInt()) : "";
            if (said.isEmpty()) {
                from = word.end();
                continue;
            }
            boolean beside = cooks
                    && !fills
                    && FoodName.read(amounts.whatOf(said))
                            .food()
                            .filter(food -> COOKED_IN.contains(food.key()))
                            .isPresent();
            lines.addAll(WrittenRecipe.lines(beside ? "For cooking" : heading, List.of(said), 0));
            from = word.start() + said.length();
        }
    }

    /** "A tablespoon each of soy sauce and rice wine": as much of every one; nothing where it is not said so. */
    private List<String> each(String sentence, int from, int end) {
        Matcher of = EACH.matcher(sentence).region(end, sentence.length());
        return of.lookingAt()
                ? new LineText(amounts)
                        .items(sentence.substring(from, end).strip() + " each " + of.group(1)).stream()
                                .filter(one -> !one.contains(" each "))
                                .toList()
                : List.of();
    }

    /** The amount with its food, as it stands; empty if it is of no food. */
    private String said(String sentence, int from, int end) {
        Matcher behind = NAME.matcher(sentence.substring(end));
        String ahead = sentence.substring(from, Math.min(sentence.length(), from + MOST_AHEAD));
        boolean measured = amounts.measured(ahead);
        if (!behind.find()) {
            return "";
        }
        String name = NAME_ENDS.matcher(" " + behind.group(1)).replaceFirst("").strip();
        String[] words = name.split("\\s+");
        int start = end + behind.start(1);
        Optional<String> guess = Optional.empty();
        for (int many = words.length; many > 0; many--) {
            String said = String.join(" ", List.of(words).subList(0, many));
            FoodName food = FoodName.read(said);
            if (food.food().filter(one -> WHOLES.contains(one.key())).isPresent()) {
                return "";
            }
            boolean counts = measured
                    || food.food()
                            .filter(one -> one.measure().counted().isPresent() || amounts.pieces(ahead))
                            .isPresent();
            if (food.known() && counts) {
                // A word that nobody knows may belong to it: what is longer, or both, is asked about.
                boolean strange = many < words.length
                        && !FoodWords.isWord(words[many])
                        && !VERBS.matcher(words[many]).matches();
                String longer = strange ? guess.orElse(said + " " + words[many]) : said;
                return upTo(sentence, from, start, longer);
            }
            if (food.food().isPresent() && counts && guess.isEmpty()) {
                guess = Optional.of(said);
            }
        }
        if (guess.isPresent()) {
            return upTo(sentence, from, start, guess.get());
        }
        if (name.isEmpty() && behind.group(1).matches("(?i)(?:al)?together\\b.*")) {
            return upTo(sentence, from, start, behind.group(1).strip().split(" ")[0]);
        }
        boolean weighed = measured
                && !name.matches(
                        "(?i)(?:pieces?|each|balls?|portions?|lumps?|apiece|dough|filling|dumplings?|parcels?)\\b.*");
        return weighed && words.length > 0 && !name.isEmpty() ? upTo(sentence, from, start, words[0]) : "";
    }

    /** From the amount to the end of its name, however many spaces part its words. */
    private static String upTo(String sentence, int from, int start, String name) {
        Matcher end = Pattern.compile("\\s*" + Pattern.quote(name).replace(" ", "\\E\\s+\\Q"))
                .matcher(sentence);
        return end.find(start)
                ? sentence.substring(from, end.end()).strip()
                : sentence.substring(from, start).strip();
    }
}
