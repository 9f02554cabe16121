package ironpin.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Juice and zest by the fruit, however a line puts it: "juice of 1 lemon", "2 limes, zested", "zest and juice of an orange". */
final class Citrus {
    private static final Pattern JUICE = Pattern.compile(
            "(?i)^(?:the )?(?:lemon |lime |orange )?juice of (.{1,12}?) (lemons?|limes?|oranges?)\\b(.*)$");
    private static final Pattern ZEST = Pattern.compile(
            "(?i)^(?:the )?(?:finely |freshly )?(?:grated )?(?:lemon |lime |orange )?(?:zest|rind|peel) of (.{1,12}?) (lemons?|limes?|oranges?)\\b(.*)$");
    private static final Pattern ONLY = Pattern.compile(
            "(?i)^(.{1,12}?) (?:unwaxed |large |small )?(lemons?|limes?|oranges?)(?:,| -| –| \\() ?(?:the |finely |grated ){0,3}(juice only|juiced|juice|zest only|zested|zest|rind)\\)?$");
    private static final Pattern ZEST_AND_JUICE = Pattern.compile(
            "(?i)^(?:the )?(?:finely |freshly )?(?:grated )?(?:zest|rind|juice) (?:and|&|\\+) (?:the )?(?:zest|rind|juice) of (.{1,12}?) (lemons?|limes?|oranges?)\\b.*$"
                    + "|^(.{1,12}?) (?:unwaxed |large |small )?(lemons?|limes?|oranges?),? (?:finely grated )?(?:zest|rind|juice|juiced|zested) (?:and|&|\\+) (?:finely grated )?(?:zest|rind|juice|juiced|zested).*$");
    private static final Pattern ZEST_PLUS_JUICE = Pattern.compile(
            "(?i)^(?:the )?(?:finely |freshly )?(?:grated )?(?:zest|rind) of (.{1,12}?) (lemons?|limes?|oranges?)\\b,? (?:\\+|plus|and) (.{1,24}?)(?: of)?(?: the| its)?(?: lemon| lime| orange)? juice$");

    private Citrus() {}

    /**
     * Both of them, as two amounts with their names.
     *
     * @param ofOneFruit whether both are of the same fruits, so that one of them alone would be less than was asked for
     */
    record Both(String juice, String zest, boolean ofOneFruit) {}

    /** Juice and zest in one line; nothing where it is not so. */
    static Optional<Both> both(String line) {
        Matcher both = ZEST_AND_JUICE.matcher(line);
        if (both.matches()) {
            boolean first = both.group(1) != null;
            String count = both.group(first ? 1 : 3);
            String fruit = fruit(both.group(first ? 2 : 4));
            return Optional.of(new Both(count + fruit + " juice", count + fruit + " zest", true));
        }
        Matcher plus = ZEST_PLUS_JUICE.matcher(line);
        if (plus.matches()) {
            String fruit = fruit(plus.group(2));
            return Optional.of(new Both(plus.group(3) + fruit + " juice", plus.group(1) + fruit + " zest", false));
        }
        return Optional.empty();
    }

    /** The line as an amount with its name behind it ("1 lemon juice"), in each way it can be understood so. */
    static List<String> turned(String line) {
        List<String> ways = new ArrayList<>();
        Matcher juice = JUICE.matcher(line);
        if (juice.matches()) {
            ways.add(juice.group(1) + fruit(juice.group(2)) + " juice" + juice.group(3));
        }
        Matcher only = ONLY.matcher(line);
        if (only.matches()) {
            boolean squeezed = only.group(3).toLowerCase(Locale.ROOT).startsWith("juice");
            ways.add(only.group(1) + fruit(only.group(2)) + (squeezed ? " juice" : " zest"));
        }
        Matcher zest = ZEST.matcher(line);
        if (zest.matches()) {
            ways.add(zest.group(1) + fruit(zest.group(2)) + " zest" + zest.group(3));
        }
        return ways;
    }

    /** One of these fruits, with the space before it. */
    private static String fruit(String fruits) {
        return " " + fruits.toLowerCase(Locale.ROOT).replaceAll("s$", "");
    }
}
