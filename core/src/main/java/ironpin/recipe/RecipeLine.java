package ironpin.recipe;

import ironpin.amount.Reading;
import ironpin.pantry.FoodName;
import ironpin.quantity.Spread;
import ironpin.wording.Name;
import java.util.Locale;
import java.util.Optional;

/**
 * A line of a recipe, understood as far as it can be.
 *
 * @param no which line, from 0
 * @param heading it stands under; may be empty
 * @param text as written, or as corrected
 * @param name what it is, without the amount
 * @param food how its name was understood
 * @param place where it belongs
 * @param reading its amount, if it gives one that can be read
 * @param trouble why it is not read, or what is guessed, in a few words; empty if all of it is read
 * @param meaning what it stands for in the pantry, if that is known
 * @param share of the amount that goes here: 1, or less of what is divided
 * @param status how well it was read
 */
public record RecipeLine(
        int no,
        String heading,
        String text,
        String name,
        FoodName food,
        Place place,
        Optional<Reading> reading,
        String trouble,
        Optional<Meaning> meaning,
        double share,
        Status status) {
    private static final int MOST_NAME = 60;
    /** A guess that could move a sum of masses, or the salt of a filling, by less than this is not worth withholding it. */
    private static final double MATTERS = 0.05;

    private static final double SALT_MATTERS = 0.001;
    private static final double SALTY = 0.01;

    /** How well a line was read. */
    public enum Status {
        /** All of it. */
        READ("read"),
        /** Something in it is a guess, and said. */
        GUESSED("read with a guess"),
        /** It counts in no sum. */
        NOT_READ("not read"),
        /** To taste, for dusting, to serve: it belongs in no sum. */
        OUTSIDE("beside");

        private final String label;

        Status(String label) {
            this.label = label;
        }

        /** In a word or two. */
        public String label() {
            return label;
        }
    }

    /** What a cook corrected in a line: where it belongs and what it stands for; each may be left as read. */
    public record Choice(Optional<Place> place, Optional<Meaning> meaning) {
        /** Nothing corrected. */
        public static final Choice NONE = new Choice(Optional.empty(), Optional.empty());
    }

    /** Its mass in grams, with the range it may lie in; only if it counts in a sum. */
    public Optional<Spread> grams() {
        boolean counts = status == Status.READ || status == Status.GUESSED;
        return counts
                ? reading.map(read -> new Spread(
                        read.range().low().grams() * share,
                        read.mass().grams() * share,
                        read.range().high().grams() * share))
                : Optional.empty();
    }

    /** What it weighs by its own words, whether or not it counts in a sum: what stands beside has a mass too. */
    public Optional<Spread> weighed() {
        return grams().or(() -> place.part() == Place.Part.BESIDE
                ? reading.map(read -> new Spread(
                        read.range().low().grams(),
                        read.mass().grams(),
                        read.range().high().grams()))
                : Optional.empty());
    }

    /**
     * Whether a sum of masses with it in it is open: it should be in it and is not, or only as a guess that matters.
     *
     * @param whole grams of the sum
     */
    boolean opensMass(double whole) {
        boolean small = food.food().filter(LineReader::negligible).isPresent();
        return (status == Status.NOT_READ && !small)
                || status == Status.GUESSED && share < 1 && !small
                || guessSpan() > MATTERS * whole;
    }

    /** Whether the salt of its group is open because of it. @param whole grams of the group */
    boolean opensSalt(double whole) {
        double saltiest = food.food().map(one -> one.salt().high()).orElse(1.0);
        return status == Status.NOT_READ
                || status == Status.GUESSED && !food.known()
                || guessSpan() * saltiest > SALT_MATTERS * whole
                || saltiest > SALTY && (share < 1 || status == Status.OUTSIDE && place.part() != Place.Part.BESIDE);
    }

    /** Grams between the least and the most it may be, where its amount is a guess. */
    private double guessSpan() {
        if (status == Status.GUESSED
                && (trouble.contains(LineSorter.OPTIONAL) || trouble.contains(LineSorter.AS_COOKED))) {
            return grams().map(Spread::high).orElse(0.0);
        }
        boolean guess =
                status == Status.GUESSED && reading.filter(Reading::guessed).isPresent();
        return guess ? grams().map(mass -> mass.high() - mass.low()).orElse(0.0) : 0;
    }

    RecipeLine at(Place other, Optional<Meaning> changed) {
        return new RecipeLine(no, heading, text, name, food, other, reading, trouble, changed, share, status);
    }

    /** A heading as a name: "FOR THE DOUGH" is "Dough", "Filling 1: potato" is "Potato"; one that speaks of something else names nothing. */
    static String named(String heading, Place.Part part, String otherwise) {
        boolean ofAnother = Heading.part(heading).filter(one -> one != part).isPresent();
        String bare = heading.replaceAll("(?i)^for (?:the |an? )?", "")
                .replaceAll("\\(.*?\\)|[*#]", "")
                .replaceAll("(?i)\\s+ingredients?$", "")
                .replaceFirst("(?i)^(?:filling|stuffing|dough)\\s*\\d*\\s*[:–—-]\\s*(?=\\p{L}{3})", "")
                .replace(":", "")
                .replaceFirst("[^\\p{L}\\d)]+$", "")
                .strip();
        if (bare.isEmpty() || ofAnother) {
            return otherwise;
        }
        String rest = bare.equals(bare.toUpperCase(Locale.ROOT)) ? bare.toLowerCase(Locale.ROOT) : bare;
        String name = Name.first(rest);
        return name.length() <= MOST_NAME ? name : name.substring(0, MOST_NAME);
    }
}
