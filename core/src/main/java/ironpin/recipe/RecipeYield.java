package ironpin.recipe;

import java.util.Locale;
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
    private static final String RANGE = "(\\d{1,4})(?:\\s*(?:-|–|—|to|or)\\s*(\\d{1,4}))?";
    private static final Pattern SERVES = Pattern.compile("(?:serves|servings?|feeds|for)\\W{0,3}(?:about )?" + RANGE
            + "|" + RANGE + "\\s*(?:servings?|people|persons|eaters|portions)");
    private static final Pattern DOZEN = Pattern.compile("(\\d{1,3}|a|two|three|four|five|six)\\s+dozen");
    private static final Pattern PIECES = Pattern.compile("(?:about |around |approx\\.? )?" + RANGE);

    /** What this text says; nothing of it may be there. */
    public static RecipeYield read(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        Optional<Integer> eaters = Optional.empty();
        Matcher serves = SERVES.matcher(lower);
        if (serves.find()) {
            String number = serves.group(1) != null ? serves.group(1) : serves.group(3);
            eaters = within(Integer.parseInt(number), 200);
            lower = lower.substring(0, serves.start()) + " " + lower.substring(serves.end());
        }
        Matcher dozen = DOZEN.matcher(lower);
        if (dozen.find()) {
            Optional<Integer> count = within(12 * number(dozen.group(1)), MOST);
            return new RecipeYield(count, count, eaters);
        }
        Matcher pieces = PIECES.matcher(lower);
        if (pieces.find()) {
            int low = Integer.parseInt(pieces.group(1));
            int high = pieces.group(2) == null ? low : Integer.parseInt(pieces.group(2));
            return new RecipeYield(within(Math.min(low, high), MOST), within(Math.max(low, high), MOST), eaters);
        }
        return new RecipeYield(Optional.empty(), Optional.empty(), eaters);
    }

    private static int number(String word) {
        return switch (word) {
            case "a" -> 1;
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "five" -> 5;
            case "six" -> 6;
            default -> Integer.parseInt(word);
        };
    }

    private static Optional<Integer> within(int number, int most) {
        return number >= 1 && number <= most ? Optional.of(number) : Optional.empty();
    }

    /** As in "30 to 36". */
    public Optional<String> said() {
        return fewest.map(low -> low.equals(most.orElse(low)) ? "" + low : low + " to " + most.orElseThrow());
    }
}
