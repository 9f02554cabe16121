package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.Measure;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What the parts of an amount weigh: a volume by the density of what it is of, a piece by what one usually weighs. */
final class PartGrams {
    /** g/ml of what is mashed or grated to a pulp. */
    private static final Spread MASHED = new Spread(0.85, 0.96, 1.05);

    private static final Pattern PULP = Pattern.compile("(?i)\\b(?:pur[ée]e|pur[ée]ed|blended|blitzed|paste)\\b");
    private static final Pattern GRATED = Pattern.compile("(?i)\\b(?:grated|pounded|juice)\\b");
    private static final Set<String> BULBS = Set.of("bulb", "bulbs");

    private static final Spread ROOT = new Spread(0.6, 1, 1.5);
    private static final Spread KNOB = new Spread(0.5, 1, 1.8);

    private final MeasuredThing thing;

    PartGrams(MeasuredThing thing) {
        this.thing = thing;
    }

    /** Of all of them, less what is taken away. */
    Spread of(List<Part> parts) {
        Spread sum = Spread.of(0);
        for (Part part : parts) {
            Spread one = of(part);
            sum = part.sign() > 0
                    ? sum.plus(one)
                    : new Spread(
                            Math.max(0, sum.low() - one.high()),
                            Math.max(0, sum.usual() - one.usual()),
                            Math.max(0, sum.high() - one.low()));
        }
        return sum;
    }

    Spread of(Part part) {
        Spread number = part.number();
        double size = part.unit().size();
        return switch (part.unit().kind()) {
            case MASS -> number.times(size).times(part.unit().hand());
            case VOLUME -> filled(part, number.times(size));
            case NATIONAL -> filled(part, number.times(part.unit().millilitres(thing.standard(part))));
            case ROUGH -> rough(part, number);
            case LENGTH -> number.times(size).times(perCm()).times(ROOT);
            case KNOB -> number.times(knob(size)).times(KNOB);
            case PIECE -> number.times(piece(part));
        };
    }

    /** What a handful of it weighs, where that is known and it was measured in handfuls. */
    Optional<Spread> handful(Part part) {
        return thing.of().filter(food -> part.unit() == KitchenUnit.HANDFUL).flatMap(food -> food.measure()
                .piece("handful"));
    }

    private Spread rough(Part part, Spread number) {
        Optional<Spread> handful = handful(part);
        return handful.isPresent()
                ? number.times(handful.get())
                : filled(
                        part, number.times(part.unit().size()).times(part.unit().hand()));
    }

    private double knob(double cm) {
        Food food = thing.demand("a knob of what?");
        return food.measure()
                .piece("knob")
                .or(() -> food.measure().piece(Measure.CENTIMETRE).map(one -> one.times(cm)))
                .orElseThrow(() -> thing.unreadable("only a root or butter is measured in knobs"))
                .usual();
    }

    /** What lies in so many ml, filled as it is said. */
    Spread filled(Part part, Spread millilitres) {
        Spread fill = part.fill().map(Part.Fill::factor).orElse(Spread.of(1));
        return millilitres.times(fill).times(density(thing.demand("a spoon or cup of water and of flour differ")));
    }

    /** What is mashed or grated to a pulp lies without air, whatever it was before. */
    Spread density(Food food) {
        boolean pulp = PULP.matcher(thing.text()).find()
                && switch (food.role()) {
                    case VEGETABLE, STARCHY, SWEET -> food.water() > 0.5;
                    case AROMATIC -> food.key().equals("ginger") || food.key().equals("garlic");
                    default -> false;
                };
        boolean grated = GRATED.matcher(thing.text()).find()
                && (food.key().equals("ginger") || food.key().equals("garlic"));
        return pulp || grated ? MASHED : thing.way().density(food);
    }

    private double perCm() {
        return thing.demand("a length of what?")
                .measure()
                .piece(Measure.CENTIMETRE)
                .orElseThrow(() -> thing.unreadable("only a root is measured by its length"))
                .usual();
    }

    private Spread piece(Part part) {
        Food food = thing.demand("a number of what?");
        Measure measure = countable(food);
        // "2 bulbs of shallot" are two shallots; of garlic they are two heads.
        Optional<String> word = part.word()
                .filter(one -> !BULBS.contains(one.toLowerCase(Locale.ROOT))
                        || measure.piece(one).isPresent());
        Spread piece = word.flatMap(measure::piece)
                .or(() -> word.isEmpty() || named(word.get(), measure)
                        ? inName(measure).or(() -> measure.counted().map(Map.Entry::getValue))
                        : Optional.empty())
                .orElseThrow(() -> thing.unreadable("say how much " + food.label() + ": g, ml, cups…"));
        return part.size().map(size -> size.of(piece)).orElse(piece);
    }

    /** Four potatoes, mashed, are counted before they are mashed. */
    private Measure countable(Food food) {
        String before = thing.name().replaceAll(",.*", "").strip();
        return food.measure().pieces().isEmpty()
                ? FoodName.read(before).food().map(Food::measure).orElse(food.measure())
                : food.measure();
    }

    private boolean named(String word, Measure measure) {
        return AmountWords.GENERIC.has(word) && measure.counted().isPresent();
    }

    /** "4 bay leaves": what is counted stands in the name. */
    private Optional<Spread> inName(Measure measure) {
        for (String word : thing.name().split("[^\\p{L}]+")) {
            Optional<Spread> one = word.isEmpty() ? Optional.empty() : measure.piece(word);
            if (one.isPresent()) {
                return one;
            }
        }
        return Optional.empty();
    }
}
