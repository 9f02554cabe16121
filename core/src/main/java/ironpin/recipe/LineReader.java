package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one line: its amount, what it is of, and what it says besides. */
final class LineReader {
    /** "00 flour" is a kind of it, and no amount. */
    private static final Pattern DOUBLE_ZERO = Pattern.compile("(?i)^(?:tipo |type )?[\"“]?0{1,2}[\"”]? flour\\b");

    private static final Pattern LEADS_ON =
            Pattern.compile("(?i).*\\b(?:in|with|of|by|for|to|from|or)|.*\\b(?:into|until|them|it|then|these)\\b.*");
    private static final Pattern TO_TASTE = Pattern.compile(
            "(?i)[,;(]?\\s*\\b(?:or )?(?:to (?:your )?taste|as (?:needed|required|desired)|as much as (?:needed|you like)|q\\.?s\\.?"
                    + "|if (?:needed|required|desired|necessary))\\b\\)?");
    private static final Pattern BESIDE = Pattern.compile(
            "(?i)\\bfor (?:the )?(?:dusting|(?:deep[ -]|shallow[ -]|pan[ -])?frying|roasting|toasting|rolling|the pan|pan|brushing|greasing|boiling|steaming"
                    + "|kneading|griddle|griddling|work ?surface|worktop|cooking|coating|pot|pots|water bath|sprinkling|serving|garnish(?:ing)?|decoration"
                    + "|lining|steamer|board|shaping|sealing|oiling|topping|drizzling|dipping)\\b|\\bto (?:serve|garnish|fry|dust|brush|glaze|grease|cook|finish"
                    + "|sprinkle|drizzle|decorate)\\b");
    private static final Pattern MORE = Pattern.compile(
            "(?i)[,;(]?\\s*\\b(?:plus|and|with) (?:a little |a bit |some )?(?:more|extra|additional|some)\\b.*");
    private static final Pattern DIVIDED = Pattern.compile("(?i),?\\s*\\(?\\bdivided\\b\\)?.*");
    private static final Pattern OPTIONAL = Pattern.compile("(?i)[,;]?\\s*\\(?\\boptional(?:ly)?\\b:?\\)?");
    private static final Pattern FOR_PART = Pattern.compile(
            "(?i)[,;(]?\\s*\\bfor (?:the )?(dough|wrappers?|skins?|pastry|filling|stuffing|dip|dipping|sauce|dipping sauce)\\b\\)?");
    /** Where a name may end and its amount begin. */
    private static final Pattern AMOUNT_BEGINS = Pattern.compile(
            "(?i)(?<=[\\p{L})'%])\\s*(?:[:,=|–—-]|\\.{1,3})?\\s+\\(?(?=(?:about |approx\\.? |~|x ?|× ?)?(?:\\d|[½⅓⅔¼¾⅛])|(?:an? )?(?:good |small |large |big |generous )?(?:pinch|handful|knob"
                    + "|dash|bunch|splash|glug|drizzle)\\b|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|half|a few|a couple of)\\b)");

    /** What is kept or taken besides, in brackets or behind a comma, is for something else. */
    private static final Pattern KEPT = Pattern.compile(
            "(?i)[,;(]\\s*(?:keep|keeping|reserve|reserving|set aside|save|saving|plus|and|with)\\b[^()]*\\b(?:for|extra|more)\\b[^()]*\\)?");

    /** "50 % water", "25% of the meat weight in cold stock", "salt 2 %". */
    private static final Pattern SHARE_FIRST = Pattern.compile(
            "(?i)^(\\d{1,3}(?:[.,]\\d{1,2})?)(?: ?[–-] ?(\\d{1,3}(?:[.,]\\d{1,2})?))? ?(?:%|per ?cent)\\s+(?:(?:of )?(?:the |its )?(flour|meat|filling|mince)(?:'s)?(?: weight| mass)?,? (?:in |of |as )?)?(?:of )?([\\p{L}].*)$");

    private static final Pattern SHARE_LAST = Pattern.compile(
            "(?i)^([\\p{L}][^\\d%]{2,60}?)[\\s:=(,–-]+(\\d{1,3}(?:[.,]\\d{1,2})?)(?: ?[–-] ?(\\d{1,3}(?:[.,]\\d{1,2})?))? ?(?:%|per ?cent)\\)?(?: of (?:the )?(flour|meat|filling|mince)\\b.*)?$");

    /** A second amount of something else behind a name. */
    private static final Pattern ANOTHER = Pattern.compile(
            "(?i)(?:[/·•;|+,]|\\band\\b|&)\\s*(?:about )?(?:\\d[\\d.,/]*\\s?[½⅓⅔¼¾⅛]?|[½⅓⅔¼¾⅛])\\s?(?:g|kg|ml|l|oz|lbs?|cups?|tbsps?|tsps?"
                    + "|tablespoons?|teaspoons?|grams?|ounces?)\\b\\s+(?:of )?(?!in all|each|total|drained|when|after)\\p{L}");

    /** "1 egg, beaten with enough water to make 180 ml" is more than an egg. */
    private static final Pattern MADE_UP = Pattern.compile(
            "(?i)\\b(?:enough .{2,20} to make|made? up to|you'?ll (?:only )?(?:use|need)|topp?ed up (?:to|with)|plus .{2,20} to make)\\b");

    /** A line that begins so is what could be taken instead of the one before it. */
    private static final Pattern INSTEAD = Pattern.compile("(?i)^(?:or|alternatively)\\b[: ]");

    private static final Pattern COUNTED =
            Pattern.compile("(?i)^(?:an?|one|two|three|four|five|six|half an?|a couple of|a few)\\s");

    private static final Pattern HALF_AND_HALF =
            Pattern.compile("(?i)\\bhalf (?:and half )?([\\p{L}]+(?: [\\p{L}]+)?),?(?: and|/)? half ([\\p{L}]+)");
    private static final Pattern TEMPERATURE = Pattern.compile(
            "(?i)[,(]?\\s*\\b(?:at )?(?:about )?\\d{2,3}(?: ?[–-] ?\\d{2,3})? ?(?:°\\s?[CF]?|degrees?(?: [CF]| celsius)?|(?<=\\d)[CF])(?![\\p{L}])\\)?");
    /** What counts time or people is no amount of food. */
    private static final Pattern NO_AMOUNT = Pattern.compile(
            "(?i)^(?:min|mins|minutes?|hours?|hrs?|h|secs?|seconds?|days?|weeks?|times|people|persons|guests|servings|portions|kcal|degrees)\\b|^°");

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
     * @param open whether its measure says no amount: "a splash"
     * @param share its mass as a share of something else's
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
            Optional<Place.Part> part,
            boolean open,
            Optional<Share> share) {
        Read weighed(Reading found) {
            return new Read(name, food, Optional.of(found), "", toTaste, beside, divided, optional, part, open, share);
        }
    }

    /**
     * A mass told as a share.
     *
     * @param of what the whole is, in its word; empty for what is usual where it stands
     */
    record Share(double percent, String of) {}

    Read read(String line) {
        String text = LineText.tidy(line);
        boolean toTaste = TO_TASTE.matcher(text).find();
        boolean more = MORE.matcher(text).find();
        boolean kept = KEPT.matcher(text).find();
        boolean beside = BESIDE.matcher(KEPT.matcher(text).replaceAll(" ")).find() && !more
                || INSTEAD.matcher(text).find();
        boolean divided = DIVIDED.matcher(text).find() && !kept;
        boolean optional = OPTIONAL.matcher(text).find();
        Matcher part = FOR_PART.matcher(text);
        Optional<Place.Part> said = part.find() ? Heading.part(part.group(1)) : Optional.empty();
        String bare = stripped(text);
        boolean open = amounts.open(bare);
        Amount amount = open
                ? new Amount(
                        Optional.empty(),
                        amounts.behind(bare).filter(name -> !name.isBlank()).orElse(bare),
                        "")
                : several(amount(bare));
        Optional<Shared> shared = amount.reading().isPresent() || open ? Optional.empty() : share(bare);
        String name = shared.map(Shared::name).orElse(amount.name());
        return new Read(
                name,
                FoodName.read(name),
                amount.reading(),
                shared.isPresent() ? "a share of what is not weighed" : amount.trouble(),
                toTaste,
                beside,
                divided,
                optional,
                said,
                open,
                shared.map(Shared::share));
    }

    private record Shared(Share share, String name) {}

    private static Optional<Shared> share(String bare) {
        Matcher first = SHARE_FIRST.matcher(bare);
        if (first.matches()) {
            return Optional.of(
                    new Shared(new Share(middle(first.group(1), first.group(2)), of(first.group(3))), first.group(4)));
        }
        Matcher last = SHARE_LAST.matcher(bare);
        return last.matches()
                ? Optional.of(new Shared(
                        new Share(middle(last.group(2), last.group(3)), of(last.group(4))),
                        last.group(1).strip()))
                : Optional.empty();
    }

    private static double middle(String low, String high) {
        double least = Double.parseDouble(low.replace(',', '.'));
        return high == null ? least : (least + Double.parseDouble(high.replace(',', '.'))) / 2;
    }

    private static String of(String said) {
        return said == null ? "" : said.toLowerCase(Locale.ROOT);
    }

    /** The mass of a share of so many grams, of what a line names. */
    Optional<Reading> weighed(double grams, String name) {
        try {
            return Optional.of(amounts.read(Decimal.trimmed(grams, 2) + " g " + name));
        } catch (UnreadableAmount none) {
            return Optional.empty();
        }
    }

    private static String stripped(String text) {
        String bare = HALF_AND_HALF.matcher(LineText.undotted(text)).replaceAll("$1 and $2");
        bare = TEMPERATURE.matcher(bare).replaceAll(" ");
        for (Pattern pattern : List.of(KEPT, DIVIDED, MORE, TO_TASTE, OPTIONAL, FOR_PART, BESIDE)) {
            bare = pattern.matcher(bare).replaceAll(" ");
        }
        return bare.replaceAll("\\(\\s*\\)", "")
                .replaceAll("\\s+", " ")
                .replaceAll("[,;:]\\s*$", "")
                .strip();
    }

    private record Amount(Optional<Reading> reading, String name, String trouble) {}

    private Amount amount(String bare) {
        Optional<Citrus.Both> both = Citrus.both(bare);
        if (both.isPresent()) {
            Optional<Amount> sum = sum(both.get().juice(), both.get().zest());
            if (sum.isPresent() || both.get().ofOneFruit()) {
                return sum.orElse(new Amount(Optional.empty(), bare, ""));
            }
        }
        List<String> ways = new ArrayList<>(Citrus.turned(bare));
        AmountReader.turned(bare).ifPresent(ways::add);
        ways.add(bare);
        nameFirst(bare, amounts).ifPresent(ways::add);
        String trouble = "";
        for (String way : ways) {
            try {
                Reading reading = amounts.read(way);
                String name = amounts.whatOf(way);
                return new Amount(Optional.of(reading), name.isBlank() ? way : name, "");
            } catch (UnreadableAmount none) {
                trouble = numbered(way) && trouble.isEmpty() ? none.getMessage() : trouble;
            }
        }
        return new Amount(Optional.empty(), nameOf(ways), trouble);
    }

    /** Two things that are weighed as one. */
    private Optional<Amount> sum(String most, String more) {
        try {
            Reading first = amounts.read(most);
            Reading second = amounts.read(more);
            Reading both = new Reading(
                    first.said() + " + " + second.said(),
                    first.mass().plus(second.mass()),
                    Band.grams(
                            first.range().low().grams() + second.range().low().grams(),
                            first.range().high().grams() + second.range().high().grams()),
                    first.assumption(),
                    first.ingredient(),
                    List.of(),
                    Optional.empty(),
                    true);
            return Optional.of(new Amount(Optional.of(both), amounts.whatOf(most), ""));
        } catch (UnreadableAmount none) {
            return Optional.empty();
        }
    }

    /** What names a second thing with its own amount is not read as the first one alone. */
    private static Amount several(Amount read) {
        String name = read.name().replaceAll("\\([^()]*\\)", " ");
        return read.reading().isPresent()
                        && (ANOTHER.matcher(name).find()
                                || MADE_UP.matcher(name).find())
                ? new Amount(Optional.empty(), read.name(), "more than one amount: write each on a line")
                : read;
    }

    private static boolean numbered(String text) {
        return text.chars().anyMatch(c -> Character.isDigit(c) || "½⅓⅔¼¾⅛".indexOf(c) >= 0)
                || COUNTED.matcher(text).find();
    }

    private String nameOf(List<String> ways) {
        return ways.stream()
                .map(way -> amounts.behind(way).orElse(""))
                .filter(name -> !name.isBlank())
                .findFirst()
                .orElse(ways.get(0));
    }

    /** "Plain flour 300 g", "Eggs: 2", "Spring onions x 3", turned so that the amount comes first; nothing if it is not so. */
    static Optional<String> nameFirst(String raw, AmountReader amounts) {
        String text = DOUBLE_ZERO.matcher(raw).replaceFirst("flour");
        Matcher begins = AMOUNT_BEGINS.matcher(text);
        int from = 0;
        while (from < text.length() && begins.find(from)) {
            String name = text.substring(0, begins.start()).strip().replaceAll("[,;:|]$", "");
            String behindName = text.substring(begins.end()).strip();
            boolean inBrackets = begins.group().endsWith("(");
            String amount = BARE_COUNT
                    .matcher(inBrackets ? behindName.replaceFirst("[)\\]]", "") : behindName)
                    .replaceFirst("");
            // "Fried in 3 tbsp oil" measures the oil.
            boolean ofAnother = LEADS_ON.matcher(name).matches() || RecipeText.isStepVerb(name) || severalFoods(name);
            if (name.length() >= 3
                    && !ofAnother
                    && startsWithLetters(name)
                    && FoodName.read(name).food().isPresent()) {
                Optional<String> notes = amounts.behind(amount)
                        .filter(rest -> !NO_AMOUNT.matcher(rest).find());
                if (notes.isPresent()) {
                    String measure = amount.substring(
                                    0, amount.length() - notes.get().length())
                            .strip();
                    String behind = notes.get().isBlank() ? "" : ", " + notes.get();
                    boolean useful = !measure.isEmpty() && measure.length() <= 40;
                    if (useful) {
                        return Optional.of(measure.replaceAll("[,;:|]+$", "").strip() + " " + name + behind);
                    }
                }
            }
            from = begins.end();
        }
        return Optional.empty();
    }

    /** "Salt, pepper, water 50 ml" measures the last of them. */
    private static boolean severalFoods(String name) {
        String[] segments = name.split(",\\s*");
        if (segments.length < 2) {
            return false;
        }
        int foods = 0;
        for (String segment : segments) {
            FoodName read = FoodName.read(segment);
            foods += read.known() ? 1 : 0;
        }
        return foods > 1 && !FoodName.read(segments[1] + " " + segments[0]).known();
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
