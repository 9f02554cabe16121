package ironpin.recipe;

import ironpin.amount.Spread;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.DoughStart;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.cook.Vessel;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFormula;
import ironpin.dough.Kneading;
import ironpin.filling.MixSchool;
import ironpin.kit.Kit;
import ironpin.pantry.Flour;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.wrapper.BoughtWrapper;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes a batch of a recipe: its proportions and sizes, for as many as eat. What it does not say is as usual. */
public final class RecipeBatch {
    private static final Percentage LOSS = Percentage.of(1);
    private static final double LEAST_WATER = 20;
    private static final double MOST_WATER = 220;
    private static final double LEAST_PIECE = 1;
    private static final double MOST_PIECE = 500;
    private static final int MOST_FLOURS = 3;
    private static final int MOST_EACH = 60;
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
            lots.add(lot(i, count, dough.no(), filling.no(), appetite));
        }
        return new Batch(
                usual.title(), serving, eaters, appetite, kit.waters(), usual.guests(), doughs, fillings, lots);
    }

    private Dough dough(RecipeDough read) {
        DoughStart start = DoughStart.of(read.family(), style.method());
        DoughFormula formula = read.formula();
        double water =
                Math.min(MOST_WATER, Math.max(LEAST_WATER, formula.hydration().percent()));
        Duration rest = recipe.hints()
                .rest()
                .filter(time -> time.compareTo(LONGEST_REST) <= 0)
                .orElse(start.rest());
        return new Dough(
                read.group(),
                read.name(),
                read.family(),
                flours(read.flours()),
                formula.with(DoughAddition.WATER, Percentage.of(water)),
                read.waterC().map(Temperature::ofCelsius).orElse(start.water()),
                rest,
                Kneading.usual(read.family()),
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
                read.kind().raw() ? Mass.ofGrams(10) : Mass.ZERO,
                LOSS,
                Optional.empty());
    }

    private Lot lot(int index, int count, int doughNo, int fillingNo, Appetite appetite) {
        Optional<Integer> pieces = recipe.pieces();
        Mass dough = pieces.flatMap(
                        n -> sum(recipe.doughs().stream().map(RecipeDough::mass).toList())
                                .map(all -> piece(all * (1 - LOSS.fraction()) / n)))
                .or(() -> recipe.hints().doughEach().map(each -> piece(each.usual())))
                .orElse(style.doughEach());
        Mass filling = pieces.flatMap(n -> sum(recipe.fillings().stream()
                                .map(RecipeFilling::mass)
                                .toList())
                        .map(all -> piece(all * (1 - LOSS.fraction()) / n)))
                .or(() -> recipe.hints().fillingEach().map(each -> piece(each.usual())))
                .orElse(style.fillingEach());
        Lot.Shape shape = new Lot.Shape(
                style.shape().rope(),
                recipe.hints().disc().orElse(style.shape().disc()),
                style.shape().centreToRim());
        Optional<BoughtWrapper> bought = recipe.bought()
                ? Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK))
                : Optional.empty();
        return new Lot(
                index + 1,
                count == 1 ? style.name() : style.name() + " " + (index + 1),
                style.key(),
                doughNo,
                fillingNo,
                new PieceRule.PerEater(perEater(count, appetite)),
                0,
                dough,
                filling,
                shape,
                bought.map(wrapper -> wrapper.holding(style.fold())).orElse(style.fold()),
                style.method(),
                Vessel.usual(style.method().vessel()),
                style.dip(),
                bought);
    }

    /** As many as the recipe gives each, if it says whom it serves; shared out over its lots. */
    private int perEater(int count, Appetite appetite) {
        int each = recipe.pieces()
                .flatMap(pieces -> recipe.yield().eaters().map(eaters -> Math.round((float) pieces / eaters)))
                .orElse(style.perEater(appetite));
        return Math.min(MOST_EACH, Math.max(1, Math.round((float) each / count)));
    }

    private static Optional<Double> sum(List<Spread> masses) {
        return masses.stream().reduce(Spread::plus).map(Spread::usual);
    }

    private static Mass piece(double grams) {
        double held = Math.min(MOST_PIECE, Math.max(LEAST_PIECE, grams));
        return Mass.ofGrams(Math.round(held * 10) / 10.0);
    }
}
