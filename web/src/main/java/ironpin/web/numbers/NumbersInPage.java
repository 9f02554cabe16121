package ironpin.web.numbers;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes the numbers of a page in a cook's own way: those that are read, and those that are edited, never those that draw or that scripts
 * reckon with. What is quoted, code or a cook's longer text stays as it is.
 */
final class NumbersInPage {
    /** What stands within these is not the page's own words. */
    private static final List<String> QUOTED = List.of("script", "style", "textarea", "code", "pre");

    private static final Pattern ATTRIBUTE = Pattern.compile(
            "\\s(aria-label|title|placeholder|data-text|data-label|data-aloud-text|value)=\"([^\"]*)\"");
    private static final Pattern CLASSES = Pattern.compile("\\sclass=\"([^\"]*)\"");

    private NumbersInPage() {}

    static String said(String html, OwnNumbers numbers) {
        NumbersInText text = NumbersInText.of(numbers);
        StringBuilder out = new StringBuilder(html.length() + html.length() / 50);
        int at = 0;
        while (at < html.length()) {
            int next = html.charAt(at) == '<' ? end(html, at) : html.indexOf('<', at);
            int end = next < 0 ? html.length() : next;
            String piece = html.substring(at, end);
            out.append(piece.startsWith("<") ? (own(piece) ? tag(piece, text) : piece) : text.said(piece));
            at = end;
        }
        return out.toString();
    }

    /** Whether it is a tag alone: neither a comment nor a whole element that quotes. */
    private static boolean own(String piece) {
        return !piece.startsWith("<!") && QUOTED.stream().noneMatch(name -> begins(piece, 0, name));
    }

    /** Where what begins with a tag ends: the tag, a comment, or a whole element that quotes. */
    private static int end(String html, int at) {
        if (html.startsWith("<!--", at)) {
            return behind(html, "-->", at);
        }
        for (String name : QUOTED) {
            if (begins(html, at, name)) {
                return behind(html, "</" + name + ">", at);
            }
        }
        boolean quoted = false;
        for (int i = at; i < html.length(); i++) {
            char letter = html.charAt(i);
            quoted ^= letter == '"';
            if (letter == '>' && !quoted) {
                return i + 1;
            }
        }
        return html.length();
    }

    private static boolean begins(String html, int at, String name) {
        int behind = at + 1 + name.length();
        return html.startsWith(name, at + 1)
                && behind < html.length()
                && !Character.isLetterOrDigit(html.charAt(behind));
    }

    private static int behind(String html, String last, int at) {
        int found = html.indexOf(last, at);
        return found < 0 ? html.length() : found + last.length();
    }

    private static String tag(String tag, NumbersInText text) {
        if (tag.startsWith("<html")) {
            // So that what is typed is read the way it is written.
            String way = text.comma() ? "comma" : "point";
            String hours = text.twelve() ? "12" : "24";
            return "<html data-numbers=\"" + way + "\" data-hours=\"" + hours + "\"" + tag.substring("<html".length());
        }
        if (!NumbersInText.counts(tag)) {
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
