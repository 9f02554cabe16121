package ironpin.amount;

import ironpin.pantry.FoodWords;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A weight that stands behind the name: "1 cabbage, 600 g", "3 carrots (about 200 g)".
 *
 * @param weights of all of it, if they can be read
 * @param name what stands before it
 */
record WeightBehind(Optional<List<Part>> weights, String name) {
    private static final Pattern LATER_WEIGHT = Pattern.compile(
            "(?i)(?:[,(;\\[]|\\)\\s*|\\s[–—-]\\s|\\s(?=weighing |of about ))\\s*(?:about |approx\\.? |around |~|roughly |total |weighing |net |of about |ca\\.? ){0,2}\\d[\\d.,/ ½¼¾⅓⅔–-]{0,12}"
                    + "\\s?(?:g|kg|grams?|oz|ounces?|lbs?|pounds?|ml|cups?)\\b");

    /** What is left of it when its water is poured off. */
    private static final Pattern DRAINED = Pattern.compile(
            "(?i)(\\d[\\d.,]{0,6}\\s?(?:g|kg|grams?|oz|ounces?|ml))\\s+(?:when |once )?drained|drained (?:weight )?(?:of |about |is )?(\\d[\\d.,]{0,6}\\s?(?:g|kg|grams?|oz|ounces?))");

    /** Of what was counted or measured before it. */
    static Optional<WeightBehind> in(String rest, Part counted, Legend legend) {
        Matcher later = LATER_WEIGHT.matcher(rest);
        if (!later.find() || !ofTheSame(rest.substring(0, later.start()))) {
            return Optional.empty();
        }
        String said = rest.substring(later.start())
                .replaceFirst("^\\s+(?=weighing|of about)", ", ")
                .replaceFirst("^\\)\\s*", ", ")
                .replaceFirst("of about", "about");
        boolean each = rest.substring(later.end()).matches("^\\)?\\s*each\\b.*");
        String before = rest.substring(0, later.start()).replaceAll("\\(.*", "").strip();
        return Optional.of(new WeightBehind(
                new AmountScan(said, legend).again().map(weights -> each ? times(weights, counted) : weights), before));
    }

    /** What is left when the water is poured off, of all the packs. */
    static Optional<List<Part>> drained(String text, Part counted, Legend legend) {
        Matcher drained = DRAINED.matcher(text);
        if (!drained.find()) {
            return Optional.empty();
        }
        String left = drained.group(1) == null ? drained.group(2) : drained.group(1);
        List<Part> weights = new AmountScan(left, legend).measure();
        boolean packs = counted.low() == counted.high() && counted.low() >= 1 && !text.contains("total");
        return Optional.of(packs ? times(weights, counted) : weights);
    }

    /** A weight behind a comma is of the first thing, unless something else was named between. */
    private static boolean ofTheSame(String before) {
        int comma = before.indexOf(',');
        return comma < 0
                || FoodWords.isWord(before.substring(comma + 1))
                || before.substring(comma + 1).isBlank();
    }

    private static List<Part> times(List<Part> weights, Part count) {
        return count.counted()
                ? weights.stream().map(part -> part.times(count.low())).toList()
                : weights;
    }
}
