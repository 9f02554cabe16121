package ironpin.recipe;

import ironpin.amount.AmountReader;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a recipe says it makes.
 *
 * @param fewest pieces, if it says a number
 * @param most pieces; the same unless it gives a range
 * @param eaters whom it serves, if it says so
 */
public record RecipeYield(Optional<Integer> fewest, Optional<Integer> most, Optional<Integer> eaters) {
    private static final int MOST = 2_000;
    private static final int MOST_TEXT = 300;
    private static final String RANGE = "(\\d{1,5})\\b(?:\\s?(?:-|–|—|to|or)\\s?(\\d{1,5})\\b)?";
    private static final Pattern SERVES = Pattern.compile(
            "(?:serves|servings?|feeds|portions|enough for|for(?=\\W{0,3}(?:about |up to )?\\d{1,5}(?:\\s?(?:-|–|to|or)\\s?\\d{1,5})?(?:\\W*$|\\W*[,;.)]| (?:\\p{L}+ )?(?:servings?|people|persons|eaters|guests|of us|of you|adults))))\\W{0,3}(?:about |up to )?"
                    + RANGE
                    + "(?!\\s?(?:\\p{L}+ )?(?:pieces|pcs|nos|dumplings|wrappers|breads|flatbreads|parcels|crescents|pockets|purses|buns|balls|turnovers|half-moons|cakes|leaves|g\\b|ml\\b))"
                    + "|" + RANGE
                    + "\\s?(?:\\p{L}+ )?(?:servings?|people|persons|eaters|portions|guests|adults|mouths)");
    private static final Pattern MASS =
            Pattern.compile("\\d+\\s?(?:g|kg|ml|l|oz|lb|lbs|cups?|minutes?|min|hours?|cm|inch(?:es)?)\\b");
    private static final Pattern DOZEN =
            Pattern.compile("(\\d{1,3}(?: \\d/\\d| ?[½¼¾])?|half a|a)?\\s?(?:doz(?:en)?|dz)\\b");
    private static final Pattern EACH =
            Pattern.compile("(\\d{1,2})(?: pieces| pcs)? (?:each|apiece|per person|a head)\\b");
    private static final Pattern PIECES = Pattern.compile("(?:about |around |approx\\.? |~|some )?" + RANGE);

    /** What this text says; nothing of it may be there. */
    public static RecipeYield read(String text) {
        String cut = text.length() <= MOST_TEXT ? text : text.substring(0, MOST_TEXT);
        List<StepSentence> said =
                StepSentence.of(List.of(cut.replace(';', ' ').replace(". ", " ").replace(": ", " ")));
        String lower = said.isEmpty() ? "" : said.get(0).text();
        lower = MASS.matcher(lower).replaceAll(" ");
        Optional<Integer> eaters = Optional.empty();
        Matcher serves = SERVES.matcher(lower);
        if (serves.find()) {
            String number = serves.group(1) != null ? serves.group(1) : serves.group(3);
            eaters = within(Integer.parseInt(number), 200);
            lower = lower.substring(0, serves.start()) + " " + lower.substring(serves.end());
        }
        Matcher each = EACH.matcher(lower);
        if (each.find() && eaters.isPresent()) {
            Optional<Integer> all = within(eaters.get() * Integer.parseInt(each.group(1)), MOST);
            return new RecipeYield(all, all, eaters);
        }
        Matcher dozen = DOZEN.matcher(lower);
        if (dozen.find()) {
            String times = dozen.group(1);
            double dozens = times == null ? 1 : AmountReader.number(times).orElse(1);
            int count = (int) Math.round(12 * dozens);
            return new RecipeYield(within(count, MOST), within(count, MOST), eaters);
        }
        Matcher pieces = PIECES.matcher(lower);
        if (pieces.find()) {
            int low = Integer.parseInt(pieces.group(1));
            int high = pieces.group(2) == null ? low : Integer.parseInt(pieces.group(2));
            return new RecipeYield(within(Math.min(low, high), MOST), within(Math.max(low, high), MOST), eaters);
        }
        return new RecipeYield(Optional.empty(), Optional.empty(), eaters);
    }

    private static Optional<Integer> within(int number, int most) {
        return number >= 1 && number <= most ? Optional.of(number) : Optional.empty();
    }

    /** As in "30 to 36". */
    public Optional<String> said() {
        return fewest.map(low -> low.equals(most.orElse(low)) ? "" + low : low + " to " + most.orElseThrow());
    }
}
