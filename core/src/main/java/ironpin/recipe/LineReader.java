package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one line: its amount, what it is of, and what it says besides. */
final class LineReader {
    private static final Pattern TO_TASTE = Pattern.compile(
            "(?i)[,;(]?\\s*\\b(?:or )?(?:to (?:your )?taste|as (?:needed|required|desired)|as much as (?:needed|you like)|q\\.?s\\.?"
                    + "|if (?:needed|required|desired|necessary))\\b\\)?");
    private static final Pattern BESIDE = Pattern.compile(
            "(?i)\\bfor (?:the )?(?:dusting|(?:deep[ -]|shallow[ -]|pan[ -])?frying|rolling|the pan|pan|brushing|greasing|boiling|steaming"
                    + "|kneading|griddle|griddling|work ?surface|worktop|cooking|coating|pot|pots|water bath|sprinkling|serving|garnish(?:ing)?|decoration"
                    + "|lining|steamer|board|shaping|sealing|oiling|topping|drizzling|dipping)\\b|\\bto (?:serve|garnish|fry|dust|brush|glaze|grease|cook|finish"
                    + "|sprinkle|drizzle|decorate)\\b");
    private static final Pattern MORE = Pattern.compile(
            "(?i)[,;(]?\\s*\\b(?:plus|and|with) (?:a little |a bit |some )?(?:more|extra|additional|some)\\b.*");
    private static final Pattern DIVIDED = Pattern.compile("(?i),?\\s*\\(?\\bdivided\\b\\)?.*");
    private static final Pattern OPTIONAL = Pattern.compile("(?i)[,;]?\\s*\\(?\\boptional(?:ly)?\\b:?\\)?");
    private static final Pattern FOR_PART = Pattern.compile(
            "(?i)[,;(]?\\s*\\bfor (?:the )?(dough|wrappers?|skins?|pastry|filling|stuffing|dip|dipping|sauce|dipping sauce)\\b\\)?");
    private static final Pattern JUICE = Pattern.compile("(?i)^(?:the )?juice of (.{1,12}?) (lemons?|limes?)\\b(.*)$");
    private static final Pattern ZEST = Pattern.compile(
            "(?i)^(?:the )?(?:finely |freshly )?(?:grated )?(?:zest|rind|peel) of (.{1,12}?) (lemons?|limes?|oranges?)\\b(.*)$");
    /** Where a name may end and its amount begin. */
    private static final Pattern AMOUNT_BEGINS = Pattern.compile(
            "(?i)(?<=[\\p{L})'%])\\s*[:,–—-]?\\s+(?=(?:about |approx\\.? |~|x ?)?(?:\\d|[½⅓⅔¼¾⅛])|(?:an? )?(?:pinch|handful|knob"
                    + "|dash|bunch|splash)\\b|(?:one|two|three|four|half an?|a few|a couple of)\\s)");

    /** A second amount of something else behind a name. */
    private static final Pattern ANOTHER = Pattern.compile(
            "(?i)(?:[/·•;|+,]|\\band\\b|&)\\s*(?:about )?(?:\\d[\\d.,/]*\\s?[½⅓⅔¼¾⅛]?|[½⅓⅔¼¾⅛])\\s?(?:g|kg|ml|l|oz|lbs?|cups?|tbsps?|tsps?"
                    + "|tablespoons?|teaspoons?|grams?|ounces?)\\b\\s+(?:of )?(?!in all|each|total|drained|when|after)\\p{L}");

    private static final Pattern COUNTED =
            Pattern.compile("(?i)^(?:an?|one|two|three|four|five|six|half an?|a couple of|a few)\\s");

    private static final Pattern BARE_COUNT = Pattern.compile("^x ?");

    private final AmountReader amounts;

    LineReader(AmountReader amounts) {
        this.amounts = amounts;
    }

    /**
     * What a line says.
     *
     * @param name what it is, without the amount
     * @param food how that name was understood
     * @param reading its amount, if it gives one that can be read
     * @param trouble why its amount cannot be read; empty if it can or if there is none
     * @param toTaste whether the cook is to decide how much
     * @param beside whether it is for the board, the pan or the table
     * @param divided whether part of it is for something else
     * @param optional whether it may be left out
     * @param part what it says it is for
     */
    record Read(
            String name,
            FoodName food,
            Optional<Reading> reading,
            String trouble,
            boolean toTaste,
            boolean beside,
            boolean divided,
            boolean optional,
            Optional<Place.Part> part) {}

    Read read(String line) {
        String text = LineText.tidy(line);
        boolean toTaste = TO_TASTE.matcher(text).find();
        boolean more = MORE.matcher(text).find();
        boolean beside = BESIDE.matcher(text).find() && !more;
        boolean divided = DIVIDED.matcher(text).find();
        boolean optional = OPTIONAL.matcher(text).find();
        Matcher part = FOR_PART.matcher(text);
        Optional<Place.Part> said = part.find() ? Heading.part(part.group(1)) : Optional.empty();
        String bare = stripped(text);
        Amount amount = several(amount(bare));
        return new Read(
                amount.name(),
                FoodName.read(amount.name()),
                amount.reading(),
                amount.trouble(),
                toTaste,
                beside,
                divided,
                optional,
                said);
    }

    private static String stripped(String text) {
        String bare = LineText.undotted(text);
        for (Pattern pattern : List.of(DIVIDED, MORE, TO_TASTE, OPTIONAL, FOR_PART, BESIDE)) {
            bare = pattern.matcher(bare).replaceAll(" ");
        }
        return bare.replaceAll("\\(\\s*\\)", "")
                .replaceAll("\\s+", " ")
                .replaceAll("[,;:]\\s*$", "")
                .strip();
    }

    private record Amount(Optional<Reading> reading, String name, String trouble) {}

    private Amount amount(String bare) {
        List<String> ways = new ArrayList<>();
        Matcher juice = JUICE.matcher(bare);
        if (juice.matches()) {
            String fruit = juice.group(2).toLowerCase(Locale.ROOT).replaceAll("s$", "");
            ways.add(juice.group(1) + " " + fruit + " juice" + juice.group(3));
        }
        Matcher zest = ZEST.matcher(bare);
        if (zest.matches()) {
            String fruit = zest.group(2).toLowerCase(Locale.ROOT).replaceAll("s$", "");
            ways.add(zest.group(1) + " " + fruit + " zest" + zest.group(3));
        }
        ways.add(bare);
        nameFirst(bare).ifPresent(ways::add);
        String trouble = "";
        for (String way : ways) {
            try {
                Reading reading = amounts.read(way);
                String name = AmountReader.whatOf(way);
                return new Amount(Optional.of(reading), name.isBlank() ? way : name, "");
            } catch (UnreadableAmount none) {
                trouble = numbered(way) && trouble.isEmpty() ? none.getMessage() : trouble;
            }
        }
        return new Amount(Optional.empty(), nameOf(ways), trouble);
    }

    /** What names a second thing with its own amount is not read as the first one alone. */
    private static Amount several(Amount read) {
        String name = read.name().replaceAll("\\([^()]*\\)", " ");
        return read.reading().isPresent() && ANOTHER.matcher(name).find()
                ? new Amount(Optional.empty(), read.name(), "more than one amount: write each on a line")
                : read;
    }

    private static boolean numbered(String text) {
        return text.chars().anyMatch(c -> Character.isDigit(c) || "½⅓⅔¼¾⅛".indexOf(c) >= 0)
                || COUNTED.matcher(text).find();
    }

    private static String nameOf(List<String> ways) {
        for (String way : ways) {
            try {
                String name = AmountReader.whatOf(way);
                if (!name.isBlank()) {
                    return name;
                }
            } catch (UnreadableAmount none) {
                continue;
            }
        }
        return ways.get(0);
    }

    /** "Plain flour 300 g", "Eggs: 2", "Spring onions x 3", turned so that the amount comes first; nothing if it is not so. */
    static Optional<String> nameFirst(String text) {
        Matcher begins = AMOUNT_BEGINS.matcher(text);
        int from = 0;
        while (from < text.length() && begins.find(from)) {
            String name = text.substring(0, begins.start()).strip();
            String amount =
                    BARE_COUNT.matcher(text.substring(begins.end()).strip()).replaceFirst("");
            // "Fried in 3 tbsp oil" measures the oil.
            boolean ofAnother = name.matches("(?i).*\\b(?:in|with|of|by|for|to|from|or)");
            if (name.length() >= 3
                    && !ofAnother
                    && startsWithLetters(name)
                    && FoodName.read(name).food().isPresent()) {
                try {
                    String notes = AmountReader.whatOf(amount);
                    String measure = amount.substring(0, amount.length() - notes.length())
                            .strip();
                    String behind = notes.isBlank() ? "" : ", " + notes;
                    boolean useful = !measure.isEmpty() && measure.length() <= 40;
                    if (useful) {
                        return Optional.of(measure.replaceAll("[,;:]$", "") + " " + name + behind);
                    }
                } catch (UnreadableAmount notHere) {
                    from = begins.end();
                    continue;
                }
            }
            from = begins.end();
        }
        return Optional.empty();
    }

    private static boolean startsWithLetters(String name) {
        return Character.isLetter(name.charAt(0))
                && !name.toLowerCase(Locale.ROOT).startsWith("about ");
    }

    /** Food whose mass does not matter to a sum of masses: salt and spices by the pinch. */
    static boolean negligible(Food food) {
        return switch (food.role()) {
            case SALT, AROMATIC, LEAVENING, SEASONING -> true;
            default -> false;
        };
    }
}
