package ironpin.amount;

import ironpin.pantry.CsvResource;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sizes by sight, from {@code likenesses.csv}: "a walnut-sized piece of butter". What is that large is taken for as many
 * millilitres of it (est.).
 *
 * @param like what it is as large as
 * @param ml what that takes up
 * @param hand parts of that size it may be
 */
record Likeness(String like, double ml, Spread hand) {
    private static final List<Likeness> ALL = CsvResource.rows(Likeness.class, "likenesses.csv").stream()
            .map(Likeness::row)
            .toList();
    private static final String BEHIND_IT = "[ -]sized?\\b(?: (?:piece|knob|lump|ball|bit|chunk|nut|nub)s?\\b)?";
    private static final Pattern SIZED = Pattern.compile("^(" + names() + ")" + BEHIND_IT);
    private static final Pattern SIZED_BEHIND = Pattern.compile(BEHIND_IT);
    /** "Butter the size of an egg", "a piece of ginger as big as a walnut". */
    private static final Pattern BEHIND = Pattern.compile(
            "(?i)^(?:(an?|one|two|three|\\d{1,2}) )?(?:(?:pieces?|knobs?|lumps?|balls?|bits?|chunks?|nuts?) (?:of )?)?([\\p{L}' -]{3,40}?),? (?:about )?(?:the size of|as (?:big|large) as) (?:an? |the |your )?("
                    + names() + ")s?\\b(.*)$");

    /** "The size of a lime", where what it is of is known. */
    private static final Pattern ALONE = Pattern.compile(
            "(?i)^(?:about |a ball |a piece ){0,2}(?:the size of|as (?:big|large) as) (?:an? |the |your |my )?("
                    + names() + ")$");

    private static Likeness row(Map<String, String> row) {
        return new Likeness(
                row.get("like"),
                Double.parseDouble(row.get("ml")),
                new Spread(Double.parseDouble(row.get("low")), 1, Double.parseDouble(row.get("high"))));
    }

    private static String names() {
        return String.join(
                "|",
                ALL.stream()
                        .map(Likeness::like)
                        .sorted((a, b) -> b.length() - a.length())
                        .toList());
    }

    private KitchenUnit unit() {
        return new KitchenUnit(
                "SIZE_OF_" + like,
                KitchenUnit.Kind.ROUGH,
                ml,
                hand,
                like + "-sized pieces",
                like + "-sized piece",
                KitchenUnit.Open.NEVER,
                List.of());
    }

    /** All of them, the smallest first. */
    static List<Likeness> all() {
        return ALL;
    }

    /** Where "-sized ball" ends that stands here; 0 if it does not. */
    static int sized(String lower, int at) {
        Matcher behind = SIZED_BEHIND.matcher(lower).region(at, lower.length());
        return behind.lookingAt() ? behind.end() : 0;
    }

    /** The size that a text in small letters begins with, as a unit. */
    static Optional<KitchenUnit.Found> at(String lower) {
        Matcher sized = SIZED.matcher(lower);
        return sized.find()
                ? ALL.stream()
                        .filter(one -> one.like.equals(sized.group(1)))
                        .findFirst()
                        .map(one -> new KitchenUnit.Found(one.unit(), sized.end()))
                : Optional.empty();
    }

    /** A text that names a size behind what it is of, turned so that the size comes first; nothing if it does not. */
    static Optional<String> turned(String text) {
        Matcher alone = ALONE.matcher(text);
        if (alone.matches()) {
            return Optional.of("1 " + alone.group(1).toLowerCase(Locale.ROOT) + "-sized piece");
        }
        Matcher behind = BEHIND.matcher(text);
        return behind.matches()
                ? Optional.of((behind.group(1) == null ? "1" : behind.group(1)) + " "
                        + behind.group(3).toLowerCase(Locale.ROOT) + "-sized piece " + behind.group(2)
                        + behind.group(4))
                : Optional.empty();
    }
}
