package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.LotBuilder;
import ironpin.batch.PieceRule;
import ironpin.cook.Cooking;
import ironpin.cook.Vessel;
import ironpin.crew.Crew;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFormula;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.filling.MixSchool;
import ironpin.filling.SafeCore;
import ironpin.kit.Kit;
import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import ironpin.pantry.Flour;
import ironpin.portion.Cutting;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import ironpin.quantity.Temperature;
import ironpin.style.DoughStart;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes a batch of a recipe: its proportions and sizes, for as many as eat. What it does not say is as usual. */
public final class RecipeBatch {
    private static final Percentage LOSS = Percentage.of(1);
    private static final double MOST_WATER = 220;
    private static final double LEAST_PIECE = 1;
    private static final double MOST_PIECE = 500;
    private static final int MOST_FLOURS = 3;
    private static final int MOST_EACH = 60;
    private static final int MOST_NAME = 80;
    private static final Duration LONGEST_REST = Duration.ofHours(24);

    private final ReadRecipe recipe;
    private final Kit kit;
    private final Style style;

    private RecipeBatch(ReadRecipe recipe, Kit kit) {
        this.recipe = recipe;
        this.kit = kit;
        this.style = recipe.style();
    }

    /** The batch. @param eaters how many eat, 1 to 200 */
    public static Batch of(ReadRecipe recipe, LocalDateTime serving, int eaters, Appetite appetite, Kit kit) {
        return new RecipeBatch(recipe, kit).batch(serving, eaters, appetite);
    }

    /** Lines of the recipe that have no place in its batch, since they have no mass or are not known. */
    public static List<RecipeLine> leftOut(ReadRecipe recipe) {
        return recipe.lines().stream()
                .filter(line -> line.place().part() != Place.Part.BESIDE)
                .filter(line -> line.grams().isEmpty())
                .filter(line -> !(line.meaning().orElse(null) instanceof Meaning.Wrappers))
                .toList();
    }

    private Batch batch(LocalDateTime serving, int eaters, Appetite appetite) {
        Batch usual = Styles.start(style, recipe.written().title(), serving, eaters, appetite, kit);
        List<Dough> doughs = recipe.doughs().isEmpty()
                ? usual.doughs()
                : recipe.doughs().stream().map(this::dough).toList();
        List<Filling> fillings = recipe.fillings().isEmpty()
                ? usual.fillings()
                : recipe.fillings().stream().map(this::filling).toList();
        int count = Math.max(fillings.size(), doughs.size());
        List<Lot> lots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Dough dough = doughs.get(Math.min(i, doughs.size() - 1));
            Filling filling = fillings.get(Math.min(i, fillings.size() - 1));
            lots.add(lot(i, count, dough, filling, eaters, appetite));
        }
        return new Batch(
                usual.title(),
                serving,
                eaters,
                appetite,
                kit.waters(),
                usual.guests(),
                doughs,
                fillings,
                lots,
                Crew.USUAL,
                List.of(),
                unread());
    }

    /**
     * What goes into none of its parts and could matter to somebody: lines without a mass, what was not understood, and foods that
     * only the steps name. What is known and holds nothing that is avoided need not be asked about.
     */
    private List<String> unread() {
        List<AllergenAnswer.Line> open = new ArrayList<>();
        recipe.lines().stream()
                .filter(line -> line.grams().isEmpty() || line.place().part() == Place.Part.BESIDE)
                .filter(line -> !(line.meaning().orElse(null) instanceof Meaning.Wrappers))
                .forEach(line -> open.add(new AllergenAnswer.Line(
                        line.food().known() ? line.name() : line.text(),
                        line.food().allergens())));
        Set<Allergen> weighed = AllergenAnswer.of(recipe.lines().stream()
                        .filter(line -> line.grams().isPresent() && line.place().part() != Place.Part.BESIDE)
                        .map(line ->
                                new AllergenAnswer.Line(line.name(), line.food().allergens()))
                        .toList())
                .sure()
                .keySet();
        FoodsSaid.in(recipe.written()).lines().stream()
                .filter(line -> !line.allergens().known()
                        || !weighed.containsAll(line.allergens().sure()))
                .forEach(open::add);
        return open.stream()
                .filter(line -> !line.allergens().equals(Allergens.NONE))
                .map(AllergenAnswer.Line::name)
                .map(name -> name.strip().length() <= Batch.LONGEST_UNREAD
                        ? name.strip()
                        : name.strip().substring(0, Batch.LONGEST_UNREAD))
                .filter(name -> !name.isBlank())
                .distinct()
                .limit(Batch.MOST_UNREAD)
                .toList();
    }

    private Dough dough(RecipeDough read) {
        DoughStart start = DoughStart.of(read.family(), style.method());
        DoughFormula formula = read.formula();
        double water = read.wet()
                ? Math.min(MOST_WATER, formula.hydration().percent())
                : start.formula().hydration().percent();
        Duration rest = recipe.hints()
                .rest()
                .filter(time -> time.compareTo(LONGEST_REST) <= 0)
                .orElse(start.rest());
        KneadSchool school = recipe.hints()
                .kneading()
                .filter(one -> read.family().schools().contains(one))
                .orElse(Kneading.usual(read.family()).school());
        return new Dough(
                read.group(),
                read.name(),
                read.family(),
                flours(read.flours()),
                formula.with(DoughAddition.WATER, Percentage.of(water)),
                read.waterC().map(Temperature::ofCelsius).orElse(start.water()),
                rest,
                new Kneading(school, Kneading.By.HAND),
                Optional.empty(),
                LOSS,
                Optional.empty());
    }

    /** The three heaviest, as the kit knows them; their shares add up to all of it. */
    private List<FlourShare> flours(Map<Flour, Spread> read) {
        List<Map.Entry<Flour, Spread>> heaviest = read.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Flour, Spread> one) ->
                                -one.getValue().usual())
                        .thenComparing(one -> one.getKey().key()))
                .limit(MOST_FLOURS)
                .toList();
        double whole =
                heaviest.stream().mapToDouble(one -> one.getValue().usual()).sum();
        return heaviest.stream()
                .map(one -> new FlourShare(
                        kit.flour(one.getKey().key()).orElse(one.getKey()),
                        Percentage.ofFraction(one.getValue().usual() / whole)))
                .toList();
    }

    private Filling filling(RecipeFilling read) {
        return new Filling(
                read.group(),
                read.name(),
                read.kind(),
                read.formula(),
                MixSchool.suiting(read.kind()).get(0),
                SafeCore.of(read.formula()).mindRaw() ? Mass.ofGrams(10) : Mass.ZERO,
                LOSS,
                Optional.empty());
    }

    /** Each lot's own dough and filling shared out over its part of the pieces. */
    private Lot lot(int index, int count, Dough dough, Filling filling, int eaters, Appetite appetite) {
        Optional<Double> pieces = recipe.pieces().map(n -> (double) n / count);
        Mass doughEach = each(
                recipe.hints().doughEach(),
                pieces.flatMap(n -> massOfDough(dough.no())
                        .map(all -> all
                                * (1 - LOSS.fraction())
                                / (n * sharing(recipe.doughs().size(), count)))),
                style.doughEach());
        Mass fillingEach = each(
                recipe.hints().fillingEach(),
                pieces.flatMap(n -> massOfFilling(filling.no())
                        .map(all -> all
                                * (1 - LOSS.fraction())
                                / (n * sharing(recipe.fillings().size(), count)))),
                style.fillingEach());
        Lot.Shape shape = Lot.Shape.of(
                style.shape().rope(),
                recipe.hints().disc().orElse(style.shape().disc()),
                style.shape().centreToRim());
        Optional<BoughtWrapper> bought = recipe.bought()
                ? Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK))
                : Optional.empty();
        Fold fold = recipe.fold();
        return LotBuilder.stagedBuilder()
                .no(index + 1)
                .name(name(index, count, filling))
                .style(style.key())
                .doughNo(dough.no())
                .fillingNo(filling.no())
                .rule(pieces(count, eaters, appetite, doughEach, dough.no()))
                .toFreezer(0)
                .doughEach(doughEach)
                .fillingEach(fillingEach)
                .shape(shape)
                .fold(bought.map(wrapper -> wrapper.holding(fold)).orElse(fold))
                .method(style.method())
                .vessel(Vessel.usual(style.method().vessel()))
                .dip(dip())
                .bought(bought)
                .cutting(Cutting.USUAL)
                .stashed(false)
                .cooking(Cooking.USUAL)
                .handiwork(Handiwork.usual(
                        bought.map(wrapper -> wrapper.holding(fold)).orElse(fold)))
                .build();
    }

    private String name(int index, int count, Filling filling) {
        String name = count == 1 ? style.name() : filling.name();
        boolean plain = name.equalsIgnoreCase("filling");
        String said = plain ? style.name() + (count == 1 ? "" : " " + (index + 1)) : name;
        return said.length() <= MOST_NAME ? said : said.substring(0, MOST_NAME);
    }

    /** How many lots draw on one mass that there are fewer of than lots. */
    private static double sharing(int masses, int count) {
        return masses == 0 ? 1 : Math.max(1, (double) count / masses);
    }

    private Optional<Double> massOfDough(int no) {
        return recipe.doughs().stream()
                .filter(dough ->
                        dough.group() == no && dough.wet() && dough.open().isEmpty())
                .map(dough -> dough.mass().usual())
                .findFirst();
    }

    private Optional<Double> massOfFilling(int no) {
        return recipe.fillings().stream()
                .filter(filling -> filling.group() == no && filling.open().isEmpty())
                .map(filling -> filling.mass().usual())
                .findFirst();
    }

    /** What all of it comes to for a piece, where the yield says how many; else what the steps say, or what is usual. */
    private static Mass each(Optional<Spread> said, Optional<Double> worked, Mass usual) {
        return worked.or(() -> said.map(Spread::usual)).map(RecipeBatch::piece).orElse(usual);
    }

    /** The recipe's own dip, if it has one that was read; one that it does not speak of is not put beside it. */
    private Dip dip() {
        List<Dip.Part> parts = recipe.lines().stream()
                .filter(line -> line.place().part() == Place.Part.DIP)
                .filter(line -> line.grams().filter(grams -> grams.usual() > 0).isPresent())
                .map(line -> Dip.ofGrams(cut(line.name()), line.grams().get().usual()))
                .limit(Dip.MOST_PARTS)
                .toList();
        return parts.isEmpty() ? Dips.NONE : new Dip("The recipe's dip", parts);
    }

    private static String cut(String name) {
        return name.length() <= Dip.MOST_NAME ? name : name.substring(0, Dip.MOST_NAME);
    }

    /**
     * As many as the recipe makes, shared out over its lots; for more or fewer than it serves, as many more or fewer. By the eater
     * where that comes out even, so that they can be changed later. Where it does not say, as many as its dough gives, whoever
     * eats; a usual number where it has no dough either.
     */
    private PieceRule pieces(int count, int eaters, Appetite appetite, Mass doughEach, int doughNo) {
        Optional<Integer> made = recipe.pieces();
        // A recipe without a count keeps its own amounts.
        Optional<Integer> given = massOfDough(doughNo).map(all -> (int) Math.floor(all
                * (1 - LOSS.fraction())
                / doughEach.grams()
                / sharing(recipe.doughs().size(), count)));
        if (made.isEmpty() && given.filter(n -> n >= 1).isPresent()) {
            return new PieceRule.Counted(held(given.get(), PieceRule.MOST));
        }
        if (made.isEmpty()) {
            return new PieceRule.PerEater(held(style.perEater(appetite) / (double) count, MOST_EACH));
        }
        double serves = recipe.yield().eaters().orElse(eaters);
        double pieces = made.get() * (eaters / serves) / count;
        double each = pieces / eaters;
        return each == Math.rint(each) && each >= 1 && each <= MOST_EACH
                ? new PieceRule.PerEater((int) each)
                : new PieceRule.Counted(held(pieces, PieceRule.MOST));
    }

    private static int held(double count, int most) {
        return (int) Math.min(most, Math.max(1, Math.round(count)));
    }

    private static Mass piece(double grams) {
        double held = Math.min(MOST_PIECE, Math.max(LEAST_PIECE, grams));
        return Mass.ofGrams(Math.round(held * 10) / 10.0);
    }
}
