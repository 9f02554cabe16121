package ironpin.recipe;

import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A recipe understood as far as it can be.
 *
 * @param written as it was given
 * @param yield what it says it makes
 * @param hints figures in its steps
 * @param lines everything that goes in
 * @param doughs weighed up; none if it wants bought wrappers
 * @param fillings weighed up
 */
public record ReadRecipe(
        WrittenRecipe written,
        RecipeYield yield,
        RecipeHints hints,
        List<RecipeLine> lines,
        List<RecipeDough> doughs,
        List<RecipeFilling> fillings) {
    private static final Pattern COUNTED_TITLE = Pattern.compile("^(\\d{1,3}) \\p{L}.*");

    public ReadRecipe {
        lines = List.copyOf(lines);
        doughs = List.copyOf(doughs);
        fillings = List.copyOf(fillings);
    }

    /** Pieces it makes, the fewest if it gives a range: as it says, or else as it divides the dough. */
    public Optional<Integer> pieces() {
        Matcher title = COUNTED_TITLE.matcher(written.title());
        return yield.fewest()
                .or(hints::count)
                .or(() -> title.matches()
                        ? Optional.of(Integer.parseInt(title.group(1))).filter(n -> n > 3)
                        : Optional.empty());
    }

    /** The style it is nearest to: by its vessel, or else by its dough. */
    public Style style() {
        VesselKind vessel = hints.vessel().orElseGet(() -> {
            boolean bread = doughs.stream()
                    .anyMatch(dough -> dough.family() == DoughFamily.WHOLEMEAL || dough.family() == DoughFamily.MAIZE);
            return bread ? VesselKind.GRIDDLE : VesselKind.POT;
        });
        return Styles.get(
                switch (vessel) {
                    case POT -> "boiled-crescent";
                    case PAN -> "pan-crescent";
                    case BASKET -> "steamed-leaf";
                    case GRIDDLE -> "griddle-bread";
                });
    }

    /** Whether it is made with wrappers out of a pack. */
    public boolean bought() {
        return doughs.isEmpty()
                && lines.stream().anyMatch(line -> line.meaning()
                        .filter(meaning -> meaning instanceof Meaning.Wrappers)
                        .isPresent());
    }
}
