package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.pantry.Allergens;
import ironpin.pantry.FoodWords;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the words around the list of a recipe name: foods in steps, remarks and the title are in the dish too. A phrase that stands
 * where a food would stand ("add 2 tbsp ...", "serve with ...") and is not understood may be anything, and is named.
 *
 * @param named foods, each with what it brings; what is only offered ("or", "if you like") may be in it
 * @param strange phrases that could be a food and are not understood
 */
record FoodsSaid(Map<String, Allergens> named, List<String> strange) {
    private static final Pattern CLAUSES = Pattern.compile(
            "[.;:!?()\\n]+|,\\s*(?=then\\b|and then\\b)|\\b(?:then|until|while|so that|before|after)\\b");
    private static final Pattern OFFERED = Pattern.compile(
            "(?i)\\b(?:or|optional|optionally|if you like|if liked|if you want|if using|you can|you could|may|might|could|instead of|alternatively|for those"
                    + "|some people|some cooks)\\b");
    private static final Pattern GIVEN = Pattern.compile(
            "(?i)\\b(?:add|adding|stir in|mix in|fold in|work in|whisk in|beat in|tip in|throw in|drizzle(?: with)?|drizzled with|sprinkle(?: with)?"
                    + "|sprinkled with|scatter(?: with)?|brush(?:ed)? with|top(?:ped)? with|finish(?:ed)? with|serve(?:d)? with|garnish(?:ed)? with"
                    + "|season(?:ed)? with|glaze(?:d)? with|seal(?:ed)? with|toss(?:ed)? with|marinate(?:d)? (?:with|in)|dip(?:ped)? in(?:to)?)\\s+"
                    + "([^.;:!?()]{2,90})");
    private static final Pattern MEASURED = Pattern.compile(
            "(?i)(?:\\d|[½⅓⅔¼¾]|\\ba|\\bone|\\btwo|\\bhalf a)\\s*(?:g|kg|ml|dl|cl|oz|tsp|tbsp|teaspoons?|tablespoons?|cups?|handfuls?|pinch(?:es)?|knobs?"
                    + "|splash|dash|spoonfuls?|spoons?|glass(?:es)?)\\s+(?:of\\s+)?([^.;:!?(),]{2,60})");
    /** Where a phrase that began with a food goes on to something else. */
    private static final Pattern GOES_ON = Pattern.compile(
            "(?i)\\s+(?:to|into|in|on|onto|over|for|from|through|at|by|around|along|about|between|when|once|until|while|then|so|if|as|that|which|is|are|per|one|two"
                    + "|three|little|spoon|spoonful|gradually|slowly|just|before|after|using|without|each|every|back|if)\\b.*");

    private static final Pattern FLOUR = Pattern.compile(
            "(?i)^(?!.*\\b(?:tbsp|tsp|tablespoons?|teaspoons?|spoons?|dust\\w*|seal\\w*|bench|board|roll\\w*)\\b)"
                    + ".*\\b(?:flour|semolina|cornmeal)\\b");

    /** Where a dough is mixed, a skin is of that dough; one that is bought is called so. */
    private static final Pattern OWN_SKIN = Pattern.compile("(?i)(?:(?:round|square|dumpling) )?(?:skin|wrapper)s?");

    private static final Pattern PARTS = Pattern.compile("\\s*,\\s*|\\s+(?:and|or|plus|with)\\s+|\\s*[&+/]\\s*");
    private static final Set<String> UNDERSTOOD = understood();

    /** Everything that is said besides the lines. */
    static FoodsSaid in(WrittenRecipe written) {
        Map<String, Allergens> named = new LinkedHashMap<>();
        Set<String> strange = new LinkedHashSet<>();
        maybe(written.title(), named);
        for (String step : written.steps()) {
            for (String clause : CLAUSES.split(step)) {
                if (OFFERED.matcher(clause).find()) {
                    maybe(clause, named);
                } else {
                    FoodWords.in(clause).forEach(one -> named.merge(one.words(), sure(one), Allergens::plus));
                }
            }
            strange(GIVEN.matcher(step), strange);
            strange(MEASURED.matcher(step), strange);
        }
        written.lines().stream().map(WrittenRecipe.Line::heading).distinct().forEach(heading -> maybe(heading, named));
        if (written.lines().stream().anyMatch(line -> FLOUR.matcher(line.text()).find())) {
            named.keySet().removeIf(words -> OWN_SKIN.matcher(words).matches());
        }
        return new FoodsSaid(named, List.copyOf(strange));
    }

    /** "Dust with flour" means the recipe's own, whatever it is milled from. */
    private static Allergens sure(FoodWords.Named one) {
        return one.words().equals("flour") ? Allergens.NONE.perhaps(one.allergens()) : one.allergens();
    }

    private static void maybe(String clause, Map<String, Allergens> named) {
        FoodWords.in(clause)
                .forEach(one -> named.merge(one.words(), Allergens.NONE.perhaps(one.allergens()), Allergens::plus));
    }

    private static void strange(Matcher phrases, Set<String> strange) {
        while (phrases.find()) {
            String phrase = GOES_ON.matcher(" " + phrases.group(1)).replaceAll("");
            for (String part : PARTS.split(phrase)) {
                if (!FoodWords.strange(part, UNDERSTOOD).isEmpty()) {
                    strange.add(part.strip());
                }
            }
        }
    }

    /** As lines of an allergen answer. */
    List<AllergenAnswer.Line> lines() {
        List<AllergenAnswer.Line> lines = new ArrayList<>();
        named.forEach((words, allergens) -> lines.add(new AllergenAnswer.Line(words, allergens)));
        strange.forEach(phrase -> lines.add(new AllergenAnswer.Line(phrase, Allergens.NOT_KNOWN)));
        return lines;
    }

    private static Set<String> understood() {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(FoodsSaid.class.getResourceAsStream("step-words.txt"), StandardCharsets.UTF_8))) {
            Set<String> words = new LinkedHashSet<>();
            in.lines().forEach(line -> words.addAll(FoodWords.stems(line)));
            return Set.copyOf(words);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
