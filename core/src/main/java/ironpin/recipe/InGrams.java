package ironpin.recipe;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Grams that a text gives in another way: it says once that everything is in grams and then gives bare numbers, or it gives a share of the
 * flour with the grams behind it.
 */
final class InGrams {
    private static final Pattern SAID = Pattern.compile(
            "(?i)\\b(?:all|everything|amounts?|quantities|weights?|numbers|measures)\\b[^.\\n]{0,30}\\b(?:in|are|as)\\s+(?:g|gr|gms?|grams?|grammes?)\\b|\\(in (?:g|grams)\\)|^\\W*(?:in )?grams\\W*$",
            Pattern.MULTILINE);
    private static final Pattern BEHIND = Pattern.compile(
            "^(\\W*\\p{L}[\\p{L}' ,/-]{1,40}?)[\\s:.=–-]+(\\d{1,4}(?:[.,]\\d{1,2})?)(\\s*\\([^()]*\\))?\\s*$");
    private static final Pattern BEFORE = Pattern.compile(
            "^(\\W*)(\\d{1,4}(?:[.,]\\d{1,2})?)\\s+(?!\\p{L}{1,3}\\b\\.?\\s)(\\p{L}[\\p{L}' ,()-]{1,50})$");

    /** "Flour 100% (350 g)": the share and the grams of it. */
    private static final Pattern SHARE = Pattern.compile(
            "(?i)^(\\W*\\p{L}[\\p{L}' ,/-]{1,40}?)[\\s:]+\\d{1,3}(?:[.,]\\d{1,2})? ?%[\\s,:=–-]*\\(?(\\d[\\d.,]{0,6} ?(?:g|kg|ml|oz|lb))\\b\\)?\\s*$");

    private InGrams() {}

    /** The lines with their grams, if the text says so; otherwise as they were. */
    static List<String> lines(String text, List<String> lines) {
        List<String> weighed = lines.stream()
                .map(line -> SHARE.matcher(line).replaceFirst("$1 $2"))
                .toList();
        return SAID.matcher(text).find() ? weighed.stream().map(InGrams::line).toList() : weighed;
    }

    private static String line(String line) {
        Matcher behind = BEHIND.matcher(line);
        if (behind.matches() && !YieldLine.is(line.strip()) && !said(behind.group(1))) {
            String notes = behind.group(3) == null ? "" : behind.group(3);
            return behind.group(1) + " " + behind.group(2) + " g" + notes;
        }
        Matcher before = BEFORE.matcher(line);
        return before.matches() && !YieldLine.is(line.strip())
                ? before.group(1) + before.group(2) + " g " + before.group(3)
                : line;
    }

    /** "Makes", "Serves": a number of something else. */
    private static boolean said(String name) {
        return name.matches(
                "(?i).*\\b(?:makes|serves|yields?|pieces|for|about|persons|minutes|rest|batch|recipe|no)\\W*");
    }
}
