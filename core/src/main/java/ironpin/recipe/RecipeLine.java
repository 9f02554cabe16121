package ironpin.recipe;

import ironpin.amount.Reading;
import ironpin.amount.Spread;
import java.util.Locale;
import java.util.Optional;

/**
 * A line of a recipe, understood as far as it can be.
 *
 * @param no which line, from 0
 * @param heading it stands under; may be empty
 * @param text as written, or as corrected
 * @param name what it is, without the amount
 * @param place where it belongs
 * @param reading its amount, if it gives one that can be read
 * @param trouble why its amount cannot be read; empty if it can or if there is none
 * @param meaning what it stands for in the pantry, if that is known
 * @param share of the amount that goes here: 1, or less of what is divided
 */
public record RecipeLine(
        int no,
        String heading,
        String text,
        String name,
        Place place,
        Optional<Reading> reading,
        String trouble,
        Optional<Meaning> meaning,
        double share) {
    private static final int MOST_NAME = 60;

    /** What a cook corrected in a line: where it belongs and what it stands for; each may be left as read. */
    public record Choice(Optional<Place> place, Optional<Meaning> meaning) {
        /** Nothing corrected. */
        public static final Choice NONE = new Choice(Optional.empty(), Optional.empty());
    }

    /** Its mass in grams, with the range it may lie in. */
    public Optional<Spread> grams() {
        return reading.map(read -> new Spread(
                read.range().low().grams() * share,
                read.mass().grams() * share,
                read.range().high().grams() * share));
    }

    /** A heading as a name: "FOR THE DOUGH" is "Dough". */
    static String named(String heading, String otherwise) {
        String bare = heading.replaceAll("(?i)^for (?:the |an? )?", "")
                .replaceAll("\\(.*?\\)|[:*]", "")
                .strip();
        if (bare.isEmpty()) {
            return otherwise;
        }
        String rest = bare.equals(bare.toUpperCase(Locale.ROOT)) ? bare.toLowerCase(Locale.ROOT) : bare;
        String name = Character.toUpperCase(rest.charAt(0)) + rest.substring(1);
        return name.length() <= MOST_NAME ? name : name.substring(0, MOST_NAME);
    }
}
