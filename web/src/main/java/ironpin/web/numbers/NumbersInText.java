package ironpin.web.numbers;

import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes numbers and hours of a text in a cook's own way. The pages are written with points, commas between thousands and twenty-four
 * hours; what looks like an address, a date or a version is none of these and stays.
 */
record NumbersInText(boolean comma, String thousands, boolean twelve) {
    private static final Pattern NUMBER =
            Pattern.compile("(?<![\\w.,:])(?:\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?|\\d+\\.\\d+)(?![.,]?\\w)");
    private static final Pattern HOUR = Pattern.compile("(?<![\\w.:])([01]\\d|2[0-3]):([0-5]\\d)(?![\\w:]|\\.\\d)");
    private static final int NOON = 12;

    static NumbersInText of(OwnNumbers numbers) {
        return new NumbersInText(numbers.comma(), numbers.thousands(), numbers.twelve());
    }

    String said(String text) {
        if (!counts(text)) {
            return text;
        }
        String numbers = comma ? NUMBER.matcher(text).replaceAll(this::number) : text;
        return twelve ? HOUR.matcher(numbers).replaceAll(NumbersInText::hour) : numbers;
    }

    /** Most of a page holds no number at all. */
    static boolean counts(String text) {
        return text.chars().anyMatch(one -> one >= '0' && one <= '9');
    }

    private String number(MatchResult found) {
        String[] parts = found.group().split("\\.");
        String whole = parts[0].replace(",", thousands);
        return Matcher.quoteReplacement(parts.length == 1 ? whole : whole + "," + parts[1]);
    }

    private static String hour(MatchResult found) {
        int hour = Integer.parseInt(found.group(1));
        String half = hour < NOON ? "am" : "pm";
        return (hour % NOON == 0 ? NOON : hour % NOON) + ":" + found.group(2) + " " + half;
    }
}
