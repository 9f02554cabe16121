package ironpin.web.numbers;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes the numbers of a page in a cook's own way: those that are read, and those that are edited, never those that draw or that scripts
 * reckon with. What is quoted, code or a cook's longer text stays as it is.
 */
final class NumbersInPage {
    private static final Pattern PIECES = Pattern.compile(
            "(?is)<(script|style|textarea|code|pre)\\b.*?</\\1>|<!--.*?-->|<(?:\"[^\"]*\"|[^>\"])*+>|[^<]++");
    private static final Pattern ATTRIBUTE = Pattern.compile(
            "\\s(aria-label|title|placeholder|data-text|data-label|data-aloud-text|value)=\"([^\"]*)\"");
    private static final Pattern CLASSES = Pattern.compile("\\sclass=\"([^\"]*)\"");
    private static final Pattern PAGE = Pattern.compile("^<html\\b");

    private NumbersInPage() {}

    static String said(String html, OwnNumbers numbers) {
        NumbersInText text = NumbersInText.of(numbers);
        StringBuilder out = new StringBuilder(html.length() + html.length() / 50);
        Matcher pieces = PIECES.matcher(html);
        int end = 0;
        while (pieces.find()) {
            out.append(html, end, pieces.start());
            end = pieces.end();
            String piece = pieces.group();
            if (pieces.group(1) != null || piece.startsWith("<!")) {
                out.append(piece);
            } else if (piece.startsWith("<")) {
                out.append(tag(piece, text));
            } else {
                out.append(text.said(piece));
            }
        }
        return out.append(html, end, html.length()).toString();
    }

    private static String tag(String tag, NumbersInText text) {
        if (PAGE.matcher(tag).find()) {
            // So that what is typed is read the way it is written.
            String way = text.comma() ? "comma" : "point";
            String hours = text.twelve() ? "12" : "24";
            return "<html data-numbers=\"" + way + "\" data-hours=\"" + hours + "\"" + tag.substring("<html".length());
        }
        if (!tag.contains("=\"")) {
            return tag;
        }
        return ATTRIBUTE.matcher(tag).replaceAll(found -> {
            boolean said = !found.group(1).equals("value") || typed(tag);
            String value = said ? text.said(found.group(2)) : found.group(2);
            return Matcher.quoteReplacement(" " + found.group(1) + "=\"" + value + "\"");
        });
    }

    /** A field in which a number stands; one with a type of its own follows the browser, and names are no numbers. */
    private static boolean typed(String tag) {
        Matcher classes = CLASSES.matcher(tag);
        if (!tag.startsWith("<input") || tag.contains(" type=") || !classes.find()) {
            return false;
        }
        List<String> all = List.of(classes.group(1).strip().split("\\s+"));
        return all.contains("field") && !all.contains("words");
    }
}
