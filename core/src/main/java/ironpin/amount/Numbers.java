package ironpin.amount;

import ironpin.quantity.Decimal;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers as cooks write them: digits, mixed numbers, unicode fractions, words. */
final class Numbers {
    private static final String GLYPHS = "½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
    private static final double[] GLYPH_VALUES = {
        1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0, 1 / 5.0, 2 / 5.0, 3 / 5.0, 4 / 5.0, 1 / 6.0, 5 / 6.0, 1 / 8.0,
        3 / 8.0, 5 / 8.0, 7 / 8.0
    };
    private static final Pattern DIGITS = Pattern.compile(
            "(?:(\\d{1,7})(?:\\s+|-)(\\d{1,3})\\s*[/⁄]\\s*(\\d{1,3})" // 2 1/4
                    + "|(\\d{1,3})\\s*[/⁄]\\s*(\\d{1,3})" // 1/4
                    + "|(\\d{1,7})\\s*([" + GLYPHS + "])" // 2¼
                    + "|([" + GLYPHS + "])" // ¼
                    + "|(\\d{1,3}(?:,\\d{3})+(?:\\.\\d{1,4})?)" // 1,000
                    + "|(\\d{1,7}(?:[.,]\\d{1,4})?))"); // 10.5 or 10,5
    private static final Map<String, Double> WORDS = Map.ofEntries(
            Map.entry("half a dozen", 6.0),
            Map.entry("a dozen", 12.0),
            Map.entry("one dozen", 12.0),
            Map.entry("two dozen", 24.0),
            Map.entry("three dozen", 36.0),
            Map.entry("four dozen", 48.0),
            Map.entry("dozen", 12.0),
            Map.entry("a couple of", 2.0),
            Map.entry("a couple", 2.0),
            Map.entry("couple of", 2.0),
            Map.entry("a few", 3.0),
            Map.entry("few", 3.0),
            Map.entry("half an", 0.5),
            Map.entry("half a", 0.5),
            Map.entry("a half", 0.5),
            Map.entry("three quarters of a", 0.75),
            Map.entry("three quarters", 0.75),
            Map.entry("three-quarters", 0.75),
            Map.entry("a quarter of a", 0.25),
            Map.entry("a quarter", 0.25),
            Map.entry("a third of a", 1 / 3.0),
            Map.entry("a third", 1 / 3.0),
            Map.entry("two thirds", 2 / 3.0),
            Map.entry("an", 1.0),
            Map.entry("a", 1.0),
            Map.entry("half", 0.5),
            Map.entry("quarter", 0.25),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0),
            Map.entry("eleven", 11.0),
            Map.entry("twelve", 12.0),
            Map.entry("thirteen", 13.0),
            Map.entry("fourteen", 14.0),
            Map.entry("fifteen", 15.0),
            Map.entry("sixteen", 16.0),
            Map.entry("eighteen", 18.0),
            Map.entry("twenty", 20.0),
            Map.entry("twenty-four", 24.0),
            Map.entry("twenty four", 24.0),
            Map.entry("twenty-five", 25.0),
            Map.entry("thirty", 30.0),
            Map.entry("thirty-two", 32.0),
            Map.entry("thirty-six", 36.0),
            Map.entry("forty", 40.0),
            Map.entry("forty-eight", 48.0),
            Map.entry("fifty", 50.0),
            Map.entry("sixty", 60.0),
            Map.entry("seventy-two", 72.0),
            Map.entry("eighty", 80.0),
            Map.entry("hundred", 100.0),
            Map.entry("a hundred", 100.0));

    private Numbers() {}

    /** A number and how many characters it took. */
    record Found(double value, int length) {}

    /** The number that the text begins with. */
    static Optional<Found> at(String text) {
        Matcher digits = DIGITS.matcher(text);
        if (digits.lookingAt()) {
            double value = value(digits);
            return Double.isFinite(value) ? Optional.of(new Found(value, digits.end())) : Optional.empty();
        }
        return hundreds(text).or(() -> word(text));
    }

    /** "Two hundred and fifty". */
    private static Optional<Found> hundreds(String text) {
        Optional<Found> times = word(text);
        if (times.isEmpty()
                || times.get().value() != Math.rint(times.get().value())
                || times.get().value() > 9) {
            return Optional.empty();
        }
        int at = times.get().length();
        if (!text.startsWith(" hundred", at)) {
            return Optional.empty();
        }
        at += " hundred".length();
        double value = 100 * times.get().value();
        Optional<Found> more = text.startsWith(" and ", at) ? word(text.substring(at + 5)) : Optional.empty();
        return more.filter(found -> found.value() >= 1 && found.value() < 100)
                .map(found -> new Found(value + found.value(), text.indexOf(" and ") + 5 + found.length()))
                .or(() -> Optional.of(new Found(value, text.indexOf(" hundred") + " hundred".length())));
    }

    private static Optional<Found> word(String text) {
        return WORDS.keySet().stream()
                .filter(word -> text.startsWith(word)
                        && (text.length() == word.length() || !Character.isLetter(text.charAt(word.length()))))
                .max((a, b) -> a.length() - b.length())
                .map(word -> new Found(WORDS.get(word), word.length()));
    }

    private static double value(Matcher found) {
        if (found.group(1) != null) {
            return whole(found, 1) + whole(found, 2) / whole(found, 3);
        }
        if (found.group(4) != null) {
            return whole(found, 4) / whole(found, 5);
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
        return Double.parseDouble(found.group(10).replace(',', '.'));
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
