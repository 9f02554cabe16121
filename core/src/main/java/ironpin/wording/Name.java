package ironpin.wording;

import java.util.Locale;

/** A name somebody gave, as sentences write it. */
public final class Name {
    private static final int LONGEST_ABBREVIATION = 3;

    private Name() {}

    /** Within a sentence: "Boiled crescents" is "boiled crescents", "LAMB" is "lamb", "EU flour" stays as it is. */
    public static String within(String name) {
        if (name.isEmpty()) {
            return name;
        }
        String first = name.split("[^\\p{L}]", 2)[0];
        boolean shouted = first.length() > 1 && first.equals(first.toUpperCase(Locale.ROOT));
        if (shouted) {
            return first.length() <= LONGEST_ABBREVIATION
                    ? name
                    : first.toLowerCase(Locale.ROOT) + name.substring(first.length());
        }
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    /** At the beginning of a sentence or on its own. */
    public static String first(String name) {
        return name.isEmpty() ? name : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
