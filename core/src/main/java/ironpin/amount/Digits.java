package ironpin.amount;

import ironpin.pantry.FoodName;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Letters that stand for digits where a page was scanned or typed in haste: "l/4", "2OO g", "l small onion". */
final class Digits {
    private static final Pattern ONE_OF = Pattern.compile("(?<![\\p{L}\\d])[lI|!](?=\\s?[/⁄]\\s?\\d)");
    private static final Pattern ONE_IN_FRONT = Pattern.compile("^[lI|](?=\\s+\\p{L})(.*)$");
    private static final Pattern ZERO = Pattern.compile(
            "(?<=\\d|\\d[oO]|\\d[oO][oO])[oO](?=[\\doO]*\\s?(?:g|kg|ml|gr|grams|oz)\\b)|(?<=\\d)[oO](?=\\d)|(?<![\\p{L}\\d])[oO](?=[.,]\\d)");
    private static final Pattern ONE_WITHIN = Pattern.compile("(?<=\\d)[lI](?=\\d)");
    private static final Pattern FIVE = Pattern.compile("(?<![\\p{L}\\d])S(?=[\\doO]{2}\\s?(?:g|ml)\\b)");
    private static final Pattern LOST_ONE = Pattern.compile("(?<!\\S)['’](?=/[2348])");
    private static final Pattern MEASURED = Pattern.compile(
            "(?i)(?:small|medium|large|heaped|level|cups?|tsp|tbsp|teaspoons?|tablespoons?|kg|lb|pound|clove|bunch|pinch|egg)\\b.*");

    private Digits() {}

    /** The text with its digits, as long as it was. */
    static String mended(String text) {
        String plain = text;
        // Most lines have nothing to mend, and looking for it properly takes a tenth of reading them.
        if (plain.chars().anyMatch(letter -> letter >= '0' && letter <= '9')) {
            plain = ONE_OF.matcher(plain).replaceAll("1");
            plain = ZERO.matcher(plain).replaceAll("0");
            plain = ONE_WITHIN.matcher(plain).replaceAll("1");
        }
        if (plain.indexOf('S') >= 0) {
            plain = FIVE.matcher(plain).replaceAll("5");
        }
        if (plain.indexOf('/') >= 0) {
            plain = LOST_ONE.matcher(plain).replaceAll("1");
        }
        Matcher one = ONE_IN_FRONT.matcher(plain);
        return one.matches() && counted(one.group(1).strip()) ? "1" + one.group(1) : plain;
    }

    /** "l small onion" is one; "I always do it by weight" is somebody. */
    private static boolean counted(String rest) {
        FoodName name = FoodName.read(rest);
        return MEASURED.matcher(rest).matches() && name.food().isPresent() || name.known();
    }
}
