package ironpin.pantry;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fat as a line states it: in per cent, as lean to fat, or as "lean" and "fatty". */
final class StatedFat {
    private StatedFat() {}

    /** "Somewhere-style paprika" is paprika. */
    private static final Pattern STYLE = Pattern.compile("\\b\\p{L}{3,20}[- ]style\\b\\s*");

    private static final Pattern TEMPERATURE =
            Pattern.compile("\\b(?:at )?\\d{2,3} ?(?:° ?[cf]?|degrees?(?: [cf]| celsius| fahrenheit)?|[cf]\\b)");
    private static final Pattern FAT_SHARE = Pattern.compile(
            "(\\d{1,2}(?:[.,]\\d)?) ?(?:%|per ?cent) ?fat|fat(?: content)?(?: of)?:? (\\d{1,2}(?:[.,]\\d)?) ?%");
    private static final Pattern LEAN_SHARE = Pattern.compile("(\\d{2}) ?(?:%|per ?cent) ?lean");
    private static final Pattern LEAN_TO_FAT = Pattern.compile("(\\d{2}) ?[/:] ?(\\d{2})(?!\\d)");
    private static final double EXTRA_LEAN = 0.05;
    private static final double LEAN = 0.08;
    private static final double FATTY = 0.30;

    /** Its share by mass, if it is stated. @param text in small letters */
    static Optional<Double> in(String text) {
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

    /** The same meat with the fat that its line states. */
    static Food of(Food food, String text) {
        boolean meat = food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT;
        return meat ? in(text).map(food::withFat).orElse(food) : food;
    }

    /** The line without it, in small letters: it stands beside the name. */
    static String without(String text) {
        String lower = STYLE.matcher(text.toLowerCase(Locale.ROOT)).replaceAll("");
        String bare =
                FAT_SHARE.matcher(TEMPERATURE.matcher(lower).replaceAll(" ")).replaceAll(" ");
        return LEAN_SHARE.matcher(bare).replaceAll(" ");
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(',', '.'));
    }
}
