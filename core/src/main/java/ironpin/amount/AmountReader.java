package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import ironpin.pantry.Measure;
import ironpin.quantity.Band;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Spread;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
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
    private static final double WORTH_A_WORD_G = 2;
    /** g/ml of what is mashed or grated to a pulp. */
    private static final Spread MASHED = new Spread(0.85, 0.96, 1.05);

    private static final Pattern PULP = Pattern.compile("(?i)\\b(?:pur[ée]e|pur[ée]ed|blended|blitzed|paste)\\b");
    private static final Pattern GRATED = Pattern.compile("(?i)\\b(?:grated|pounded|juice)\\b");
    private static final Set<String> BULBS = Set.of("bulb", "bulbs");

    private static final Spread ROOT = new Spread(0.6, 1, 1.5);
    private static final Spread KNOB = new Spread(0.5, 1, 1.8);

    /** A weight behind the name: "1 cabbage, 600 g", "3 carrots (about 200 g)". */
    private static final Pattern LATER_WEIGHT = Pattern.compile(
            "(?i)(?:[,(;\\[]|\\)\\s*|\\s[–—-]\\s|\\s(?=weighing |of about ))\\s*(?:about |approx\\.? |around |~|roughly |total |weighing |net |of about |ca\\.? ){0,2}\\d[\\d.,/ ½¼¾⅓⅔–-]{0,12}"
                    + "\\s?(?:g|kg|grams?|oz|ounces?|lbs?|pounds?|ml|cups?)\\b");

    /** What is left of it when its water is poured off. */
    private static final Pattern DRAINED = Pattern.compile(
            "(?i)(\\d[\\d.,]{0,6}\\s?(?:g|kg|grams?|oz|ounces?|ml))\\s+(?:when |once )?drained|drained (?:weight )?(?:of |about |is )?(\\d[\\d.,]{0,6}\\s?(?:g|kg|grams?|oz|ounces?))");

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
        Optional<List<Part>> again = scan.again();
        int restAt = scan.position();
        String rest = scan.rest();
        String name = rest.replaceAll("\\(.*", "").strip();
        if (again.isEmpty()) {
            Matcher later = LATER_WEIGHT.matcher(rest);
            if (later.find() && ofTheSame(rest.substring(0, later.start()))) {
                again = new AmountScan(
                                rest.substring(later.start())
                                        .replaceFirst("^\\s+(?=weighing|of about)", ", ")
                                        .replaceFirst("^\\)\\s*", ", ")
                                        .replaceFirst("of about", "about"),
                                legend)
                        .again();
                boolean each = rest.substring(later.end()).matches("^\\)?\\s*each\\b.*");
                again = again.map(weights -> each ? times(weights, parts.get(0)) : weights);
                name = (name.length() > later.start() ? name.substring(0, later.start()) : name).strip();
            }
        }
        Matcher drained = DRAINED.matcher(text);
        if (drained.find()) {
            String left = drained.group(1) == null ? drained.group(2) : drained.group(1);
            boolean each = parts.get(0).counted()
                    && parts.get(0).low() == parts.get(0).high()
                    && parts.get(0).low() >= 1
                    && !text.contains("total");
            List<Part> weights = new AmountScan(left, legend).measure();
            again = Optional.of(each ? times(weights, parts.get(0)) : weights);
        }
        FoodName read = FoodName.read(rest);
        boolean bare = name.isEmpty() || parts.get(0).counted();
        String counted = rest.strip();
        // At the garlic's line a clove is one of garlic, not the spice.
        Optional<Food> food = of.filter(one -> one.measure().piece(counted).isPresent())
                .or(read::food)
                .or(() -> bare ? of : Optional.empty());
        boolean plain = parts.stream().allMatch(part -> part.unit().kind() == KitchenUnit.Kind.MASS);
        return new Sum(text, restAt, name, read, food.or(() -> plain ? Optional.empty() : of), way(rest))
                .reading(parts, again);
    }

    /** A weight behind a comma is of the first thing, unless something else was named between. */
    private static boolean ofTheSame(String before) {
        int comma = before.indexOf(',');
        return comma < 0
                || FoodWords.isWord(before.substring(comma + 1))
                || before.substring(comma + 1).isBlank();
    }

    private static List<Part> times(List<Part> weights, Part count) {
        return count.counted()
                ? weights.stream().map(part -> part.times(count.low())).toList()
                : weights;
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

    private static Way way(String rest) {
        String lower = rest.toLowerCase(Locale.ROOT);
        if (lower.contains("scooped") || lower.contains("dipped")) {
            return Way.SCOOPED;
        }
        if (lower.contains("sifted")) {
            return Way.SIFTED;
        }
        return lower.contains("spooned") ? Way.SPOONED : Way.UNSAID;
    }

    /** Recipes round what they weigh. */
    private static final double ROUNDED = 0.05;

    private static final double HALF_A_GRAM = 0.5;
    private static final double ROUND_OUNCE = 25 / 28.35;
    private static final double SPOON_ML = 40;
    private static final double SPOON = 0.12;
    private static final double FLAKES = 0.5;
    private static final double LOOSE = 0.6;
    private static final double PRESSED = 1.6;
    private static final Set<Food.Role> CUT = Set.of(
            Food.Role.VEGETABLE,
            Food.Role.AROMATIC,
            Food.Role.CHEESE,
            Food.Role.NUT,
            Food.Role.STARCHY,
            Food.Role.MEAT);

    /** The parts of one text, worked out for one food. */
    private final class Sum {
        private final String text;
        private final int restAt;
        private final String name;
        private final FoodName read;
        private final Optional<Food> of;
        private final Way way;

        Sum(String text, int restAt, String name, FoodName read, Optional<Food> of, Way way) {
            this.text = text;
            this.restAt = restAt;
            this.name = name;
            this.read = read;
            this.of = of;
            this.way = way;
        }

        Reading reading(List<Part> parts, Optional<List<Part>> again) {
            boolean weighedBeside = parts.get(0).counted() && again.isPresent();
            // What was weighed counts; what was scooped or counted checks it.
            boolean weighedBehind = again.filter(this::plainMass).isPresent() && !plainMass(parts)
                    || again.filter(other -> byHand(parts) && !byHand(other)).isPresent();
            List<Part> first = weighedBeside || weighedBehind ? again.get() : parts;
            Optional<List<Part>> second = weighedBehind ? Optional.of(parts) : again;
            Spread grams = grams(first);
            if (!(grams.usual() > 0)) {
                throw new UnreadableAmount(text, 0, restAt, "an amount is above 0");
            }
            if (grams.usual() > MOST_GRAMS) {
                throw new UnreadableAmount(text, 0, restAt, "more than 100 kg is no amount for a kitchen");
            }
            // Beside a weight, a bare number only says how many.
            Optional<Reading.Second> other = weighedBeside ? Optional.empty() : second.map(one -> second(grams, one));
            String said =
                    said(first) + other.map(one -> " (" + one.said() + ")").orElse("");
            return new Reading(
                    said + named(),
                    Mass.ofGrams(grams.usual()),
                    band(grams),
                    assumption(first),
                    of.map(Food::key),
                    alternatives(first),
                    other,
                    guessed(first));
        }

        private Reading.Second second(Spread first, List<Part> parts) {
            Spread grams = grams(parts);
            Spread wide = anyOrdinary(parts);
            boolean agrees = wide.high() * 1.02 >= first.low() * (1 - ROUNDED) - HALF_A_GRAM
                    && wide.low() * 0.98 <= first.high() * (1 + ROUNDED) + HALF_A_GRAM;
            return new Reading.Second(said(parts), Mass.ofGrams(grams.usual()), band(grams), agrees);
        }

        /**
         * Everything that an ordinary cook may have had in that measure: a spoon is never quite level, a cut vegetable lies loosely
         * or pressed, a pint is one or the other, salt is fine or in flakes.
         */
        private Spread anyOrdinary(List<Part> parts) {
            Spread sum = Spread.of(0);
            for (Part part : parts) {
                Spread one = grams(part);
                double low = one.low();
                double high = one.high();
                if (part.unit() != KitchenUnit.CUP
                        && part.unit().kind() == KitchenUnit.Kind.NATIONAL
                        && part.cups().isEmpty()) {
                    for (CupStandard other : CupStandard.values()) {
                        Spread there =
                                filled(part, part.number().times(part.unit().millilitres(other)));
                        low = Math.min(low, there.low());
                        high = Math.max(high, there.high());
                    }
                }
                if (part.unit().key().equals("OUNCE") || part.unit().key().equals("POUND")) {
                    // Kitchen tables take 25 g for an ounce.
                    low *= ROUND_OUNCE;
                }
                boolean volume = part.unit().kind() == KitchenUnit.Kind.NATIONAL
                        || part.unit().kind() == KitchenUnit.Kind.VOLUME;
                if (volume && part.unit().size() < SPOON_ML) {
                    low *= 1 - SPOON;
                    high *= 1 + SPOON;
                }
                Food.Role role = of.map(Food::role).orElse(Food.Role.LIQUID);
                if (volume && role == Food.Role.SALT) {
                    low *= FLAKES;
                }
                if (volume && CUT.contains(role)) {
                    low *= LOOSE;
                    high *= PRESSED;
                }
                sum = sum.plus(new Spread(low, Math.max(low, Math.min(high, one.usual())), high));
            }
            return sum;
        }

        private Band<Mass> band(Spread grams) {
            return Band.grams(grams.low(), grams.high());
        }

        private Spread grams(List<Part> parts) {
            Spread sum = Spread.of(0);
            for (Part part : parts) {
                Spread one = grams(part);
                sum = part.sign() > 0
                        ? sum.plus(one)
                        : new Spread(
                                Math.max(0, sum.low() - one.high()),
                                Math.max(0, sum.usual() - one.usual()),
                                Math.max(0, sum.high() - one.low()));
            }
            return sum;
        }

        private Spread grams(Part part) {
            Spread number = part.number();
            double size = part.unit().size();
            return switch (part.unit().kind()) {
                case MASS -> number.times(size).times(part.unit().hand());
                case VOLUME -> filled(part, number.times(size));
                case NATIONAL -> filled(part, number.times(part.unit().millilitres(standard(part))));
                case ROUGH -> rough(part, number);
                case LENGTH -> number.times(size).times(perCm()).times(ROOT);
                case KNOB -> number.times(knob(size)).times(KNOB);
                case PIECE -> number.times(piece(part));
            };
        }

        private Spread rough(Part part, Spread number) {
            Optional<Spread> handful = part.unit() == KitchenUnit.HANDFUL
                    ? of.flatMap(food -> food.measure().piece("handful"))
                    : Optional.empty();
            return handful.isPresent()
                    ? number.times(handful.get())
                    : filled(
                            part,
                            number.times(part.unit().size()).times(part.unit().hand()));
        }

        private double knob(double cm) {
            Food food = demand("a knob of what?");
            return food.measure()
                    .piece("knob")
                    .or(() -> food.measure().piece(Measure.CENTIMETRE).map(one -> one.times(cm)))
                    .orElseThrow(() -> unreadable("only a root or butter is measured in knobs"))
                    .usual();
        }

        private CupStandard standard(Part part) {
            return part.cups().orElse(cups);
        }

        private Spread filled(Part part, Spread millilitres) {
            Spread fill = part.fill().map(Part.Fill::factor).orElse(Spread.of(1));
            return millilitres.times(fill).times(density(demand("a spoon or cup of water and of flour differ")));
        }

        /** What is mashed or grated to a pulp lies without air, whatever it was before. */
        private Spread density(Food food) {
            boolean pulp = PULP.matcher(text).find()
                    && switch (food.role()) {
                        case VEGETABLE, STARCHY, SWEET -> food.water() > 0.5;
                        case AROMATIC ->
                            food.key().equals("ginger") || food.key().equals("garlic");
                        default -> false;
                    };
            boolean grated = GRATED.matcher(text).find()
                    && (food.key().equals("ginger") || food.key().equals("garlic"));
            return pulp || grated ? MASHED : way.density(food);
        }

        private double perCm() {
            return demand("a length of what?")
                    .measure()
                    .piece(Measure.CENTIMETRE)
                    .orElseThrow(() -> unreadable("only a root is measured by its length"))
                    .usual();
        }

        private Spread piece(Part part) {
            Food food = demand("a number of what?");
            Measure measure = countable(food);
            // "2 bulbs of shallot" are two shallots; of garlic they are two heads.
            Optional<String> word = part.word()
                    .filter(one -> !BULBS.contains(one.toLowerCase(Locale.ROOT))
                            || measure.piece(one).isPresent());
            Spread piece = word.flatMap(measure::piece)
                    .or(() -> word.isEmpty() || named(word.get(), measure)
                            ? inName(measure).or(() -> measure.counted().map(Map.Entry::getValue))
                            : Optional.empty())
                    .orElseThrow(() -> unreadable("say how much " + food.label() + ": g, ml, cups…"));
            return part.size().map(size -> size.of(piece)).orElse(piece);
        }

        /** Four potatoes, mashed, are counted before they are mashed. */
        private Measure countable(Food food) {
            String before = name.replaceAll(",.*", "").strip();
            return food.measure().pieces().isEmpty()
                    ? FoodName.read(before).food().map(Food::measure).orElse(food.measure())
                    : food.measure();
        }

        private boolean named(String word, Measure measure) {
            return AmountWords.GENERIC.has(word) && measure.counted().isPresent();
        }

        /** "4 bay leaves": what is counted stands in the name. */
        private Optional<Spread> inName(Measure measure) {
            for (String word : name.split("[^\\p{L}]+")) {
                Optional<Spread> one = word.isEmpty() ? Optional.empty() : measure.piece(word);
                if (one.isPresent()) {
                    return one;
                }
            }
            return Optional.empty();
        }

        private Food demand(String why) {
            return of.orElseThrow(() -> unreadable(
                    name.isEmpty()
                            ? "of what? " + why
                            : "'" + name + "' is not known by volume or number: say it in grams"));
        }

        private UnreadableAmount unreadable(String message) {
            return new UnreadableAmount(text, restAt, text.length(), message);
        }

        private String said(List<Part> parts) {
            StringBuilder out = new StringBuilder();
            for (Part part : parts) {
                out.append(out.length() == 0 ? "" : part.sign() < 0 ? " minus " : " + ")
                        .append(said(part));
            }
            return out.toString();
        }

        private String said(Part part) {
            StringBuilder out = new StringBuilder(part.about() ? "about " : "");
            out.append(Numbers.written(part.low()));
            if (part.high() > part.low()) {
                out.append('–').append(Numbers.written(part.high()));
            }
            part.size().ifPresent(size -> out.append(' ').append(size.word()));
            part.fill().ifPresent(fill -> out.append(' ').append(fill.word()));
            if (part.unit() == KitchenUnit.CUP || part.cups().isPresent()) {
                out.append(' ').append(standard(part).label());
            }
            boolean one = part.high() <= 1 && part.low() == part.high();
            String unit = part.counted()
                    ? part.word().orElse("")
                    : one ? part.unit().one() : part.unit().written();
            return out.append(unit.isEmpty() ? "" : " " + unit).toString();
        }

        /** What it is of, as it was written, or as it was known before. */
        private String named() {
            String label = !name.isEmpty() ? name : of.map(Food::label).orElse("");
            return label.isEmpty() ? "" : " " + label;
        }

        private String bare() {
            String label = !name.isEmpty() ? name : of.map(Food::label).orElse("");
            return label.replaceAll("(?i),?\\s*(?:scooped|dipped|sifted|spooned)(?: in)?", "")
                    .strip();
        }

        private boolean guessed(List<Part> parts) {
            boolean volume =
                    parts.stream().anyMatch(part -> measured(part.unit().kind()));
            boolean ofItsKind =
                    of.filter(food -> food.measure().usualOfItsKind()).isPresent();
            boolean hand = parts.stream().anyMatch(part -> part.unit().kind() == KitchenUnit.Kind.ROUGH);
            // A pinch is a pinch.
            boolean matters = grams(parts).usual() >= WORTH_A_WORD_G;
            boolean nameGuessed = !read.known() && read.food().isPresent();
            return volume && matters && (ofItsKind || hand) || nameGuessed && !plainMass(parts);
        }

        private boolean byHand(List<Part> parts) {
            return parts.stream().anyMatch(part -> part.unit().kind() == KitchenUnit.Kind.ROUGH);
        }

        private boolean plainMass(List<Part> parts) {
            return parts.stream().allMatch(part -> part.unit().kind() == KitchenUnit.Kind.MASS);
        }

        private String assumption(List<Part> parts) {
            List<String> assumed = new ArrayList<>();
            for (Part part : parts) {
                switch (part.unit().kind()) {
                    case NATIONAL -> {
                        double ml = part.unit().millilitres(standard(part));
                        if (part.unit() != KitchenUnit.TABLESPOON || ml != CupStandard.US.tablespoon()) {
                            assumed.add(standard(part).label() + " "
                                    + (part.unit() == KitchenUnit.FLUID_OUNCE
                                            ? "fluid ounces"
                                            : part.unit() == KitchenUnit.TABLESPOON
                                                    ? "tablespoons"
                                                    : part.unit().written())
                                    + " of " + Decimal.trimmed(ml, 1) + " ml");
                        }
                    }
                    case ROUGH ->
                        assumed.add("a " + part.unit().one() + " of about "
                                + (handful(part)
                                        ? of.orElseThrow()
                                                        .measure()
                                                        .piece("handful")
                                                        .orElseThrow()
                                                        .usual() + " g"
                                        : Decimal.trimmed(part.unit().size(), 2) + " ml"));
                    case KNOB -> assumed.add("a knob of usual size");
                    case PIECE ->
                        assumed.add(
                                part.size().map(size -> size.word() + " ones").orElse("middling ones"));
                    case LENGTH -> assumed.add("a root of usual thickness");
                    case MASS, VOLUME -> {}
                }
                if (part.high() > part.low()) {
                    assumed.add("the middle of the range");
                }
            }
            boolean poured =
                    parts.stream().anyMatch(part -> measured(part.unit().kind()) && !handful(part));
            if (poured && of.isPresent()) {
                Food food = of.get();
                assumed.add((read.known() ? food.label() : "if it is " + food.label() + ",")
                        + (food.measure().scooped().isPresent() && way == Way.UNSAID ? " spooned in" : "")
                        + " at " + Decimal.trimmed(density(food).usual(), 2) + " g/ml");
            }
            return assumed.isEmpty()
                    ? ""
                    : "Taken as "
                            + String.join(", ", assumed.stream().distinct().toList()) + " (est.).";
        }

        private boolean handful(Part part) {
            return part.unit() == KitchenUnit.HANDFUL
                    && of.flatMap(food -> food.measure().piece("handful")).isPresent();
        }

        private boolean measured(KitchenUnit.Kind kind) {
            return kind == KitchenUnit.Kind.VOLUME
                    || kind == KitchenUnit.Kind.NATIONAL
                    || kind == KitchenUnit.Kind.ROUGH;
        }

        /** What else it may have meant: another country's cup, another way into the cup, another size. */
        private List<String> alternatives(List<Part> parts) {
            Part part = parts.get(0);
            if (parts.size() > 1 || of.isEmpty()) {
                return List.of();
            }
            List<String> others = new ArrayList<>();
            if (of.get().measure().scooped().isPresent() && measured(part.unit().kind())) {
                Way other = way == Way.SCOOPED ? Way.SPOONED : Way.SCOOPED;
                others.add(said(part) + " " + bare() + ", " + other.word());
            }
            if (part.unit() == KitchenUnit.CUP) {
                Arrays.stream(CupStandard.values())
                        .filter(one -> one.millilitres() != standard(part).millilitres())
                        .filter(one -> one != CupStandard.AUSTRALIAN)
                        .forEach(one -> others.add(said(part.withCups(one)) + named()));
            }
            if (part.counted() && part.word().isEmpty()) {
                Arrays.stream(Part.PieceSize.values())
                        .filter(size -> size != part.size().orElse(Part.PieceSize.MEDIUM))
                        .forEach(size -> others.add(said(part.withSize(size)) + named()));
            }
            return others;
        }
    }
}
