package ironpin.web.recipe;

import ironpin.cook.VesselKind;
import ironpin.dough.KneadSchool;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Length;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Spread;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.RecipeHints;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/** What can be understood of a recipe's steps, each with how it is shown and put right. */
enum StepField {
    COUNT(
            "divided into",
            "pieces",
            1,
            2_000,
            hints -> hints.count().map(Integer::doubleValue),
            (hints, value) -> hints.withCount(value.map(Double::intValue))),
    DOUGH_EACH(
            "dough for a piece",
            Dimension.MASS,
            1,
            500,
            hints -> hints.doughEach().map(Spread::usual),
            (hints, value) -> hints.withDoughEach(value.map(Spread::of))),
    FILLING_EACH(
            "filling in a piece",
            Dimension.MASS,
            1,
            500,
            hints -> hints.fillingEach().map(Spread::usual),
            (hints, value) -> hints.withFillingEach(value.map(Spread::of))),
    DISC(
            "rolled to",
            Dimension.LENGTH,
            30,
            400,
            hints -> hints.disc().map(Length::millimetres),
            (hints, value) -> hints.withDisc(value.map(Length::ofMillimetres))),
    WATER("water for the dough at", Dimension.TEMPERATURE, 0, 100, RecipeHints::waterC, RecipeHints::withWaterC),
    REST(
            "the dough rests",
            "min",
            0,
            1_440,
            hints -> hints.rest().map(StepField::minutes),
            (hints, value) -> hints.withRest(value.map(StepField::time))),
    COOKING(
            "cooked for",
            "min",
            0,
            120,
            hints -> hints.cooking().map(StepField::minutes),
            (hints, value) -> hints.withCooking(value.map(StepField::time))),
    KNEADING("kneaded", KneadSchool.values(), KneadSchool::label, RecipeHints::kneading, RecipeHints::withKneading),
    FOLD("closed as a", Fold.values(), Fold::label, RecipeHints::fold, RecipeHints::withFold),
    VESSEL("cooked in the", VesselKind.values(), VesselKind::label, RecipeHints::vessel, RecipeHints::withVessel);

    private static final double SECONDS = 60;

    private final String label;
    private final Sentence unit;
    private final Optional<Dimension> dimension;
    private final double low;
    private final double high;
    private final Map<String, String> choices;
    private final Function<RecipeHints, Optional<Sentence>> shown;
    private final BiFunction<RecipeHints, Optional<String>, RecipeHints> chosen;
    private final BiFunction<RecipeHints, Optional<Double>, RecipeHints> written;

    StepField(
            String label,
            String unit,
            double low,
            double high,
            Function<RecipeHints, Optional<Double>> read,
            BiFunction<RecipeHints, Optional<Double>, RecipeHints> write) {
        this(
                label,
                Sentence.of(unit),
                Optional.empty(),
                low,
                high,
                Map.of(),
                shown(read, Optional.empty()),
                null,
                write);
    }

    StepField(
            String label,
            Dimension dimension,
            double low,
            double high,
            Function<RecipeHints, Optional<Double>> read,
            BiFunction<RecipeHints, Optional<Double>, RecipeHints> write) {
        this(
                label,
                Quantity.unit(dimension),
                Optional.of(dimension),
                low,
                high,
                Map.of(),
                shown(read, Optional.of(dimension)),
                null,
                write);
    }

    <E extends Enum<E>> StepField(
            String label,
            E[] all,
            Function<E, String> words,
            Function<RecipeHints, Optional<E>> read,
            BiFunction<RecipeHints, Optional<E>, RecipeHints> write) {
        this(
                label,
                Sentence.EMPTY,
                Optional.empty(),
                0,
                0,
                choices(all, words),
                hints -> read.apply(hints).map(one -> Sentence.of(one.name())),
                (hints, name) -> write.apply(hints, name.flatMap(one -> Arrays.stream(all)
                        .filter(e -> e.name().equals(one))
                        .findFirst())),
                null);
    }

    StepField(
            String label,
            Sentence unit,
            Optional<Dimension> dimension,
            double low,
            double high,
            Map<String, String> choices,
            Function<RecipeHints, Optional<Sentence>> shown,
            BiFunction<RecipeHints, Optional<String>, RecipeHints> chosen,
            BiFunction<RecipeHints, Optional<Double>, RecipeHints> written) {
        this.label = label;
        this.unit = unit;
        this.dimension = dimension;
        this.low = low;
        this.high = high;
        this.choices = choices;
        this.shown = shown;
        this.chosen = chosen;
        this.written = written;
    }

    private static Function<RecipeHints, Optional<Sentence>> shown(
            Function<RecipeHints, Optional<Double>> read, Optional<Dimension> dimension) {
        return hints -> read.apply(hints).map(value -> dimension
                .map(one -> Quantity.number(one, value, one == Dimension.MASS ? 1 : 0))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(value, 1))));
    }

    private static <E extends Enum<E>> Map<String, String> choices(E[] all, Function<E, String> words) {
        Map<String, String> choices = new LinkedHashMap<>();
        Arrays.stream(all).forEach(one -> choices.put(one.name(), words.apply(one)));
        return choices;
    }

    private static double minutes(Duration time) {
        return time.toSeconds() / SECONDS;
    }

    private static Duration time(double minutes) {
        return Duration.ofSeconds(Math.round(minutes * SECONDS));
    }

    /** Name of its field in the form. */
    String key() {
        return "step-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    String label() {
        return label;
    }

    Sentence unit() {
        return unit;
    }

    Optional<Dimension> dimension() {
        return dimension;
    }

    /** What may be chosen, by the value that is sent; empty for a number. */
    Map<String, String> choices() {
        return choices;
    }

    /** As its field shows it in these units; empty if the steps do not say. */
    String shown(RecipeHints hints, UnitSystem units) {
        return shown.apply(hints).orElse(Sentence.EMPTY).render(units);
    }

    /** Whether a number may be written. */
    boolean allows(double value) {
        return value >= low && value <= high;
    }

    /** What may be written, in words. */
    Sentence range() {
        Sentence range = dimension
                .map(one -> Sentence.of(Quantity.number(one, low, 0), " and ", Quantity.brief(one, high, 0)))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(low, 0), " and ", Decimal.trimmed(high, 0), " ", unit));
        return Sentence.of("Between ", range, ", or empty.");
    }

    RecipeHints choose(RecipeHints hints, Optional<String> name) {
        return chosen.apply(hints, name);
    }

    RecipeHints write(RecipeHints hints, Optional<Double> value) {
        return written.apply(hints, value);
    }
}
