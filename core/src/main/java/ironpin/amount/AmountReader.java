package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.Band;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads amounts as cooks write them: {@code new AmountReader(CupStandard.US).read("2 1/4 cups flour")}.
 *
 * <p>A mass is exact; a volume becomes a mass through the density of what it is of, a piece through what one usually
 * weighs. The range is the product of every range on the way.
 */
public final class AmountReader {
    private static final double MOST_GRAMS = 100_000;
    private static final int MOST_TEXT = 200;
    private static final Pattern NUMBER_AND_WORD = Pattern.compile(
            "(?i)(?:\\d[\\d.,/]*\\s?[½⅓⅔¼¾⅛]?|[½⅓⅔¼¾⅛]|\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|half)\\s)\\s*(\\p{L}+)");
    private static final int LONGEST_MEASURE = 80;
    private static final Pattern ABOUT_OR_NUMBER =
            Pattern.compile("(?i)^(?:about|around|roughly|approx|some|~|nearly|just|a) ");

    private final CupStandard cups;
    private final Legend legend;

    /** @param cups whose cups, spoons and pints are meant where the text does not say */
    public AmountReader(CupStandard cups) {
        this(cups, Legend.NONE);
    }

    /**
     * @param cups whose cups, spoons and pints are meant where the text does not say
     * @param legend what the text around says its measures are
     */
    public AmountReader(CupStandard cups, Legend legend) {
        this.cups = cups;
        this.legend = legend;
    }

    /** Reads an amount whose text says what it is of. @throws UnreadableAmount if it cannot be understood */
    public Reading read(String text) {
        return read(text, Optional.empty());
    }

    /**
     * Reads an amount.
     *
     * @param of what it is of, where the text does not say
     * @throws UnreadableAmount if it cannot be understood, with the place
     */
    public Reading read(String text, Optional<Food> of) {
        if (text.length() > MOST_TEXT) {
            throw new UnreadableAmount(text, MOST_TEXT, text.length(), "an amount has up to 200 characters");
        }
        Optional<String> sized = of.flatMap(known -> Likeness.turned(text.strip()));
        if (sized.isPresent()) {
            return read(sized.get(), of);
        }
        AmountScan scan = new AmountScan(text, legend);
        List<Part> parts = scan.measure();
        Part first = parts.get(0);
        Optional<List<Part>> again = scan.again();
        int restAt = scan.position();
        String rest = scan.rest();
        Optional<WeightBehind> behind = again.isEmpty() ? WeightBehind.in(rest, first, legend) : Optional.empty();
        String name = behind.map(WeightBehind::name)
                .orElseGet(() -> rest.replaceAll("\\(.*", "").strip());
        FoodName read = FoodName.read(rest);
        boolean bare = name.isEmpty() || first.counted();
        String counted = rest.strip();
        // At the garlic's line a clove is one of garlic, not the spice.
        Optional<Food> food = of.filter(one -> one.measure().piece(counted).isPresent())
                .or(read::food)
                .or(() -> bare || !Part.plainMass(parts) ? of : Optional.empty());
        return reading(
                new MeasuredThing(text, restAt, name, read, food, Way.said(rest), cups),
                parts,
                WeightBehind.drained(text, first, legend)
                        .or(() -> again)
                        .or(() -> behind.flatMap(WeightBehind::weights)));
    }

    private static Reading reading(MeasuredThing thing, List<Part> parts, Optional<List<Part>> again) {
        boolean weighedBeside = parts.get(0).counted() && again.isPresent();
        // What was weighed counts; what was scooped or counted checks it.
        boolean weighedBehind = again.filter(Part::plainMass).isPresent() && !Part.plainMass(parts)
                || again.filter(other -> Part.byHand(parts) && !Part.byHand(other))
                        .isPresent();
        List<Part> first = weighedBeside || weighedBehind ? again.get() : parts;
        PartGrams weights = new PartGrams(thing);
        Retold told = new Retold(thing, weights);
        Spread grams = weights.of(first);
        if (!(grams.usual() > 0)) {
            throw new UnreadableAmount(thing.text(), 0, thing.restAt(), "an amount is above 0");
        }
        if (grams.usual() > MOST_GRAMS) {
            throw new UnreadableAmount(thing.text(), 0, thing.restAt(), "more than 100 kg is no amount for a kitchen");
        }
        // Beside a weight, a bare number only says how many.
        Optional<Reading.Second> second = (weighedBeside
                        ? Optional.<List<Part>>empty()
                        : weighedBehind ? Optional.of(parts) : again)
                .map(other -> {
                    Spread beside = weights.of(other);
                    boolean agrees = new OrdinaryMeasure(thing, weights).agrees(grams, other);
                    return new Reading.Second(told.said(other), Mass.ofGrams(beside.usual()), band(beside), agrees);
                });
        return new Reading(
                told.said(first) + second.map(one -> " (" + one.said() + ")").orElse("") + thing.named(),
                Mass.ofGrams(grams.usual()),
                band(grams),
                told.assumption(first),
                thing.of().map(Food::key),
                told.alternatives(first),
                second,
                told.guessed(first));
    }

    private static Band<Mass> band(Spread grams) {
        return Band.grams(grams.low(), grams.high());
    }

    /** A number as cooks write it: "3 1/2", "3½", "0,5", "two"; nothing if the text does not begin with one. */
    public static OptionalDouble number(String text) {
        return Numbers.at(text.strip().toLowerCase(Locale.ROOT))
                .map(found -> OptionalDouble.of(found.value()))
                .orElse(OptionalDouble.empty());
    }

    /** A text in small letters with its number words, "one" to "ninety-nine", in digits. */
    public static String inDigits(String text) {
        return Numbers.inDigits(text);
    }

    /** A text that says a size behind what it is of ("butter the size of an egg"), turned so that it can be read. */
    public static Optional<String> turned(String text) {
        return Likeness.turned(text);
    }

    /** What stands behind the amount, as it was written. @throws UnreadableAmount if the text starts with no amount */
    public String whatOf(String text) {
        AmountScan scan = new AmountScan(text, legend);
        scan.measure();
        scan.again();
        return scan.rest();
    }

    /** What stands behind the amount, as it was written; nothing if the text starts with no amount. */
    public Optional<String> behind(String text) {
        try {
            return Optional.of(whatOf(text));
        } catch (UnreadableAmount none) {
            return Optional.empty();
        }
    }

    /** Whether a text starts with an amount. */
    public boolean startsAny(String text) {
        return behind(text).isPresent();
    }

    /** Whether a text starts with an amount in a unit of mass or volume, be it only a hand's. */
    public boolean measured(String text) {
        return first(text)
                .filter(part -> switch (part.unit().kind()) {
                    case MASS, VOLUME, NATIONAL, ROUGH, KNOB -> true;
                    case LENGTH, PIECE -> false;
                })
                .isPresent();
    }

    /** Whether a number with a unit of mass or volume stands anywhere in a text. */
    public static boolean holdsMeasure(String text) {
        Matcher number = NUMBER_AND_WORD.matcher(text);
        while (number.find()) {
            String ahead = text.substring(number.start(1));
            boolean unit = KitchenUnit.at(ahead, ahead.toLowerCase(Locale.ROOT))
                    .filter(found -> found.unit().kind() != KitchenUnit.Kind.LENGTH)
                    .isPresent();
            if (unit) {
                return true;
            }
        }
        return false;
    }

    /** Whether a text starts with a number of pieces that are named: "2 cloves", "a bunch". */
    public boolean pieces(String text) {
        return first(text)
                .filter(part -> part.counted() && part.word().isPresent())
                .isPresent();
    }

    private Optional<Part> first(String text) {
        try {
            return Optional.of(new AmountScan(text, legend).measure().get(0));
        } catch (UnreadableAmount none) {
            return Optional.empty();
        }
    }

    /** Where the measure that begins at a place with a number ends; nothing if none begins there. */
    public OptionalInt measureEnd(String text, int from) {
        String ahead = text.substring(from, Math.min(text.length(), from + LONGEST_MEASURE));
        try {
            AmountScan scan = new AmountScan(ahead, legend);
            scan.measure();
            scan.again();
            return ABOUT_OR_NUMBER.matcher(ahead).find() || number(ahead).isPresent()
                    ? OptionalInt.of(from + scan.position())
                    : OptionalInt.empty();
        } catch (UnreadableAmount none) {
            return OptionalInt.empty();
        }
    }

    /** Whether a text begins with a measure that says no amount: "a splash of", "a few grinds of", "a spoonful of". */
    public boolean open(String text) {
        return first(text)
                .filter(part -> switch (part.unit().open()) {
                    case ALWAYS -> true;
                    case ALONE ->
                        part.low() == 1
                                && part.high() == 1
                                && part.fill().isEmpty()
                                && !Character.isDigit(text.strip().charAt(0));
                    case NEVER -> false;
                })
                .isPresent();
    }
}
