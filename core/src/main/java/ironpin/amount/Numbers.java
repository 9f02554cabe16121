package ironpin.amount;

import ironpin.quantity.Decimal;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Numbers as cooks write them: digits, mixed numbers, unicode fractions, words. */
final class Numbers {
    private static final String GLYPHS = "½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
    private static final double[] GLYPH_VALUES = {
        1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0, 1 / 5.0, 2 / 5.0, 3 / 5.0, 4 / 5.0, 1 / 6.0, 5 / 6.0, 1 / 8.0,
        3 / 8.0, 5 / 8.0, 7 / 8.0
    };
    private static final Pattern DIGITS = Pattern.compile(
            "(?:(\\d{1,7})(?:\\s+|-)(\\d{1,3})\\s*[/⁄]\\s*(\\d{1,3})" // 2 1/4
                    + "|(\\d{1,3})\\s*[/⁄]\\s*(\\d{1,3})(?:(?:th|rd|nd)s?(?!\\p{L}))?" // 1/4, 3/4th
                    + "|(\\d{1,7})\\s*([" + GLYPHS + "])" // 2¼
                    + "|([" + GLYPHS + "])" // ¼
                    + "|([1-9]\\d{0,2}(?:,\\d{3})+(?:\\.\\d{1,4})?)" // 1,000
                    + "|([1-9]\\d{0,2})\\.(\\d{3})(?=\\s?(?:g|gr|grams|ml)(?!\\p{L}))" // 1.500 g
                    + "|(\\d{1,7}(?:[.,]\\d{1,4})?|\\.\\d{1,3}))"); // 10.5 or 10,5 or .5
    private static final String[] ONES = {
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen"
    };
    private static final String[] TENS = {"twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"};
    private static final Map<String, Double> WORDS = words();

    /** The longest first. */
    private static final Map<Character, List<String>> BY_INITIAL = WORDS.keySet().stream()
            .sorted(Comparator.comparingInt(String::length).reversed())
            .collect(Collectors.groupingBy(word -> word.charAt(0)));

    /** A whole number that is a word; one of two words only where a hyphen joins them. */
    private static final Pattern COUNTS = Pattern.compile("\\b(?:(?:" + String.join("|", TENS) + ")(?:-(?:"
            + String.join("|", List.of(ONES).subList(0, 9)) + ")\\b)?|" + String.join("|", ONES) + ")\\b");

    private static Map<String, Double> words() {
        Map<String, Double> words = new HashMap<>();
        for (int i = 0; i < ONES.length; i++) {
            words.put(ONES[i], i + 1.0);
        }
        for (int ten = 0; ten < TENS.length; ten++) {
            words.put(TENS[ten], 10.0 * (ten + 2));
            for (int one = 0; one < 9; one++) {
                words.put(TENS[ten] + "-" + ONES[one], 10.0 * (ten + 2) + one + 1);
                words.put(TENS[ten] + " " + ONES[one], 10.0 * (ten + 2) + one + 1);
            }
        }
        String[] some = {"an", "a"};
        for (String one : some) {
            words.put(one, 1.0);
            words.put("half " + one, 0.5);
        }
        words.putAll(Map.ofEntries(
                Map.entry("a couple of", 2.0),
                Map.entry("a couple", 2.0),
                Map.entry("couple of", 2.0),
                Map.entry("a few", 3.0),
                Map.entry("few", 3.0),
                Map.entry("several", 4.0),
                Map.entry("a half", 0.5),
                Map.entry("one half", 0.5),
                Map.entry("one-half", 0.5),
                Map.entry("half", 0.5),
                Map.entry("three quarters of a", 0.75),
                Map.entry("three quarters", 0.75),
                Map.entry("three-quarters", 0.75),
                Map.entry("three quarter", 0.75),
                Map.entry("a quarter of a", 0.25),
                Map.entry("a quarter", 0.25),
                Map.entry("one quarter", 0.25),
                Map.entry("one-quarter", 0.25),
                Map.entry("quarter of a", 0.25),
                Map.entry("quarter", 0.25),
                Map.entry("a third of a", 1 / 3.0),
                Map.entry("a third", 1 / 3.0),
                Map.entry("one third", 1 / 3.0),
                Map.entry("one-third", 1 / 3.0),
                Map.entry("two thirds of a", 2 / 3.0),
                Map.entry("two thirds", 2 / 3.0),
                Map.entry("two-thirds", 2 / 3.0),
                Map.entry("an eighth", 1 / 8.0),
                Map.entry("hundred", 100.0),
                Map.entry("a hundred", 100.0)));
        return Map.copyOf(words);
    }

    private Numbers() {}

    /** A number and how many characters it took. */
    record Found(double value, int length) {}

    /** The number that the text begins with. */
    static Optional<Found> at(String text) {
        Matcher digits = DIGITS.matcher(text);
        if (digits.lookingAt()) {
            double value = value(digits);
            return Double.isFinite(value) ? many(text, Optional.of(new Found(value, digits.end()))) : Optional.empty();
        }
        return many(text, word(text));
    }

    /** "Three dozen", "half a dozen", "4 doz.", "two hundred and fifty". */
    private static Optional<Found> many(String text, Optional<Found> times) {
        Matcher dozen = DOZEN.matcher(text);
        int from = times.map(Found::length).orElse(0);
        double value = times.map(Found::value).orElse(1.0);
        if (dozen.find(from) && dozen.start() == from) {
            return Optional.of(new Found(12 * value, dozen.end()));
        }
        boolean whole = times.isPresent() && value == Math.rint(value) && value <= 9;
        if (!whole || !text.startsWith(" hundred", from)) {
            return times;
        }
        int at = from + " hundred".length();
        int and = text.startsWith(" and ", at) ? 5 : text.startsWith(" ", at) ? 1 : 0;
        Optional<Found> more = and > 0 ? word(text.substring(at + and)) : Optional.empty();
        return more.filter(found -> found.value() >= 1 && found.value() < 100 && !text.startsWith("a", at + and))
                .map(found -> new Found(100 * value + found.value(), at + and + found.length()))
                .or(() -> Optional.of(new Found(100 * value, at)));
    }

    private static final Pattern DOZEN = Pattern.compile("\\s?(?:dozens?|doz\\.?)(?![\\p{L}])");

    private static Optional<Found> word(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        return BY_INITIAL.getOrDefault(text.charAt(0), List.of()).stream()
                .filter(word -> text.startsWith(word)
                        && (text.length() == word.length() || !Character.isLetter(text.charAt(word.length())))
                        && !text.startsWith("spice", Math.min(text.length(), word.length() + 1)))
                .findFirst()
                .map(word -> new Found(WORDS.get(word), word.length()));
    }

    /** The text with every whole number that is a word in digits. */
    static String inDigits(String text) {
        return COUNTS.matcher(text).replaceAll(found -> String.valueOf(Math.round(WORDS.get(found.group()))));
    }

    private static double value(Matcher found) {
        if (found.group(1) != null) {
            return whole(found, 1) + whole(found, 2) / whole(found, 3);
        }
        if (found.group(4) != null) {
            return fraction(found.group(4), whole(found, 5));
        }
        if (found.group(6) != null) {
            return whole(found, 6) + glyph(found.group(7));
        }
        if (found.group(8) != null) {
            return glyph(found.group(8));
        }
        if (found.group(9) != null) {
            return Double.parseDouble(found.group(9).replace(",", ""));
        }
        if (found.group(10) != null) {
            return Double.parseDouble(found.group(10) + found.group(11));
        }
        return Double.parseDouble(found.group(12).replace(',', '.'));
    }

    /** A fraction; "11/2" has lost the space of 1 1/2. */
    private static double fraction(String above, double below) {
        double top = Double.parseDouble(above);
        double last = top % 10;
        boolean joined = above.length() == 2 && last > 0 && last < below && below < 10;
        return joined ? Math.floor(top / 10) + last / below : top / below;
    }

    private static double whole(Matcher found, int group) {
        return Double.parseDouble(found.group(group));
    }

    private static double glyph(String glyph) {
        return GLYPH_VALUES[GLYPHS.indexOf(glyph)];
    }

    /** As a reading writes it: a kitchen fraction where it is one, decimals otherwise. */
    static String written(double value) {
        double whole = Math.floor(value + 1e-9);
        double rest = value - whole;
        if (rest < 1e-6) {
            return Decimal.trimmed(value, 0);
        }
        for (int i = 0; i < GLYPH_VALUES.length; i++) {
            if (Math.abs(rest - GLYPH_VALUES[i]) < 1e-6) {
                return (whole == 0 ? "" : Decimal.trimmed(whole, 0)) + GLYPHS.charAt(i);
            }
        }
        return Decimal.trimmed(value, 3);
    }
}
