package ironpin.amount;

import java.util.List;
import java.util.Optional;

/** A place in a text, moved on by what is taken there. */
final class Cursor {
    private final String text;
    private final String lower;
    private int at;

    Cursor(String text) {
        this.text = text;
        StringBuilder same = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            same.append(Character.isWhitespace(c) || c == '\u00a0' || c == '\u202f' ? ' ' : Character.toLowerCase(c));
        }
        lower = same.toString();
    }

    int at() {
        return at;
    }

    void to(int place) {
        at = place;
    }

    /** Goes on by so many characters. */
    void by(int length) {
        at += length;
    }

    /** What stands from here on, in small letters. */
    String ahead() {
        skipSpace();
        return lower.substring(at);
    }

    /** The same as it was written. */
    String written() {
        skipSpace();
        return text.substring(at);
    }

    boolean ended() {
        skipSpace();
        return at >= lower.length();
    }

    /** The character here; a space where the text has ended. */
    char here() {
        return at < lower.length() ? lower.charAt(at) : ' ';
    }

    /** Whether the text goes on with this, at the place itself. */
    boolean startsWith(String what) {
        return lower.startsWith(what, at);
    }

    boolean accepts(List<String> any) {
        for (String word : any) {
            if (accept(word)) {
                return true;
            }
        }
        return false;
    }

    /** Takes a word or a sign if it stands here by itself. */
    boolean accept(String word) {
        skipSpace();
        if (!standsHere(word)) {
            return false;
        }
        at += word.length();
        return true;
    }

    /** Whether a word or a sign stands here by itself. */
    boolean standsHere(String word) {
        int end = at + word.length();
        boolean letters = Character.isLetter(word.charAt(word.length() - 1));
        return lower.startsWith(word, at)
                && !(letters && end < lower.length() && Character.isLetter(lower.charAt(end)));
    }

    Optional<Numbers.Found> number() {
        skipSpace();
        return Numbers.at(lower.substring(at));
    }

    boolean digitAhead() {
        skipSpace();
        return at < lower.length() && Character.isDigit(lower.charAt(at));
    }

    void skipSpace() {
        while (at < lower.length() && lower.charAt(at) == ' ') {
            at++;
        }
    }

    /** The word here, up to the next space. */
    String word() {
        return lower.substring(at, wordEnd(at));
    }

    int wordEnd(int from) {
        int end = Math.min(from, lower.length());
        while (end < lower.length() && lower.charAt(end) != ' ') {
            end++;
        }
        return end;
    }

    int length() {
        return lower.length();
    }

    UnreadableAmount trouble(int from, int to, String message) {
        return new UnreadableAmount(text, from, to, message);
    }
}
