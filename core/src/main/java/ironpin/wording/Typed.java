package ironpin.wording;

/**
 * What somebody typed, pasted or sent, without what no page can show: control and private-use characters, halves of pairs,
 * marks that turn the direction of all that follows, and accents heaped upon accents. Lines and tabs stay.
 */
public final class Typed {
    private static final String NOTHING_LEFT = "unnamed";

    /** More on one letter no script needs; and a word's edge is searched for across all of them, again at each. */
    private static final int MOST_ACCENTS = 6;

    private Typed() {}

    /** The text with only what can be shown; the very same one if that is all of it. */
    public static String clean(String text) {
        if (firstToDrop(text) < 0) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length());
        int accents = 0;
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            int c = text.codePointAt(i);
            accents = accent(c) ? accents + 1 : 0;
            if (!drops(c) && accents <= MOST_ACCENTS) {
                out.appendCodePoint(c);
            }
        }
        return out.toString();
    }

    /** A name that may not be empty, cleaned and in one line; one of which nothing is left says so. */
    public static String name(String text) {
        String cleaned = clean(text).replaceAll("[\\r\\n\\t]+", " ");
        return cleaned.isBlank() && !text.isBlank() && !cleaned.equals(text) ? NOTHING_LEFT : cleaned;
    }

    /** Whether anything in it cannot be shown. */
    public static boolean dropsFrom(String text) {
        return firstToDrop(text) >= 0;
    }

    private static int firstToDrop(String text) {
        int accents = 0;
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            int c = text.codePointAt(i);
            accents = accent(c) ? accents + 1 : 0;
            if (drops(c) || accents > MOST_ACCENTS) {
                return i;
            }
        }
        return -1;
    }

    private static boolean accent(int c) {
        int type = Character.getType(c);
        return type == Character.NON_SPACING_MARK || type == Character.ENCLOSING_MARK;
    }

    private static boolean drops(int c) {
        if (c == '\n' || c == '\r' || c == '\t') {
            return false;
        }
        return switch (Character.getType(c)) {
            case Character.CONTROL, Character.PRIVATE_USE, Character.SURROGATE -> true;
            case Character.UNASSIGNED -> (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF;
            case Character.FORMAT -> turns(c) || c == 0xFEFF;
            default -> false;
        };
    }

    private static boolean turns(int c) {
        return c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069;
    }
}
