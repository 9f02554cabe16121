package ironpin.recipe;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a line of a recipe belongs.
 *
 * @param part dough, filling, dip, or beside all of them
 * @param group which of several, 1 or more; 1 for what stands beside
 */
public record Place(Part part, int group) {
    /** More of one kind is no recipe. */
    public static final int MOST_GROUPS = 6;

    private static final Pattern KEY = Pattern.compile("(dough|filling|dip|beside)-([1-6])");

    /** What a line is for. */
    public enum Part {
        DOUGH,
        FILLING,
        DIP,
        /** For dusting, frying, serving: not weighed into a piece. */
        BESIDE
    }

    static final Place BESIDE = new Place(Part.BESIDE, 1);

    /** A short stable name, as in "dough-1". */
    public String key() {
        return part.name().toLowerCase(Locale.ROOT) + "-" + group;
    }

    /** In a cook's words. */
    public String label() {
        String word = part == Part.BESIDE ? "beside" : part.name().toLowerCase(Locale.ROOT);
        return part == Part.BESIDE || group == 1 ? word : word + " " + group;
    }

    /** The place of this key, if it is one. */
    public static Optional<Place> ofKey(String key) {
        Matcher read = KEY.matcher(key);
        return read.matches()
                ? Optional.of(new Place(
                        Part.valueOf(read.group(1).toUpperCase(Locale.ROOT)), Integer.parseInt(read.group(2))))
                : Optional.empty();
    }
}
