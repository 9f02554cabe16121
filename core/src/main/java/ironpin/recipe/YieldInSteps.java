package ironpin.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What steps say of the yield, where nothing above them does: "Boil 8 min. Makes about 40.", "cut rounds, yields five dozen". */
final class YieldInSteps {
    private static final Pattern SAID = Pattern.compile(
            "(?i)(?:^|[.!;,(]\\s*)(?:this |it |that |recipe )?"
                    + "(makes|yields|serves|feeds|enough for|gives|you (?:should |will |may |can |ought to )?(?:get|have)|i get|we get)\\b([^.;!)]{1,40})"
                    + "|(?:^|[.!;]\\s+)(about|around|some|approx\\.?|gives|rinde)( \\d{1,3} (?!minutes?|mins?|hours?|g\\b|ml\\b|cm\\b|mm\\b|degrees|kcal)\\p{L}{4,})\\s*(?:\\.|$)|(?:^|[.!;]\\s+)((?:about )?(?:\\d{1,2}½?|one|two|three|four|five|six|a) ?doz(?:en)?)\\s*(?:\\.|$)");

    private YieldInSteps() {}

    /** The pieces and the eaters that are named first, as written. */
    static List<String> of(List<String> steps) {
        List<String> found = new ArrayList<>();
        boolean pieces = false;
        boolean eaters = false;
        for (String step : steps) {
            Matcher said = SAID.matcher(step);
            while (said.find()) {
                String text = said.group(5) != null
                        ? "makes " + said.group(5)
                        : said.group(1) == null ? "makes" + said.group(4) : said.group(1) + said.group(2);
                RecipeYield yield = RecipeYield.read(text);
                boolean more =
                        yield.fewest().isPresent() && !pieces || yield.eaters().isPresent() && !eaters;
                if (more) {
                    found.add(text.strip());
                    pieces |= yield.fewest().isPresent();
                    eaters |= yield.eaters().isPresent();
                }
            }
        }
        return found;
    }
}
