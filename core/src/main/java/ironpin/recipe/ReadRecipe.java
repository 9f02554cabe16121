package ironpin.recipe;

import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A recipe understood as far as it can be.
 *
 * @param written as it was given
 * @param yield what it says it makes
 * @param hints what its steps say
 * @param lines everything that goes in
 * @param doughs weighed up; none if it wants bought wrappers, or no dough was found
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
    private static final int FEWEST_IN_A_TITLE = 4;

    public ReadRecipe {
        lines = List.copyOf(lines);
        doughs = List.copyOf(doughs);
        fillings = List.copyOf(fillings);
    }

    /** Pieces it makes, the fewest if it gives a range: as it says, as it divides the dough, or as it counts its wrappers. */
    public Optional<Integer> pieces() {
        Matcher title = COUNTED_TITLE.matcher(written.title());
        return yield.fewest()
                .or(hints::count)
                .or(() -> DivisionHint.ofWrappers(lines))
                .or(() -> title.matches()
                        ? Optional.of(Integer.parseInt(title.group(1))).filter(n -> n >= FEWEST_IN_A_TITLE)
                        : Optional.empty());
    }

    /** Whether its pieces are stuffed flatbreads: by what it calls them, or by their dough. */
    public boolean bread() {
        boolean dough = doughs.stream()
                .anyMatch(one -> one.family() == DoughFamily.WHOLEMEAL || one.family() == DoughFamily.MAIZE);
        VesselKind vessel = hints.vessel().orElse(null);
        boolean wet = vessel == VesselKind.POT || vessel == VesselKind.BASKET;
        return !wet
                        && (hints.bread()
                                || dough
                                || hints.fold()
                                        .filter(Fold.GATHERED_BALL::equals)
                                        .isPresent())
                || vessel == VesselKind.GRIDDLE;
    }

    /** The style it is nearest to: by what it is, its vessel, or else as most are cooked. */
    public Style style() {
        if (bread()) {
            return Styles.get("griddle-bread");
        }
        return Styles.get(
                switch (hints.vessel().orElse(VesselKind.POT)) {
                    case POT, DISH -> "boiled-crescent";
                    case PAN -> "pan-crescent";
                    case BASKET -> "steamed-leaf";
                    case GRIDDLE -> "griddle-bread";
                });
    }

    /** How its pieces are closed: as it says, or as its style usually is. */
    public Fold fold() {
        Fold usual = style().fold();
        boolean bread = usual == Fold.GATHERED_BALL;
        return hints.fold()
                .filter(fold -> bread == (fold == Fold.GATHERED_BALL) && fold != Fold.TRIANGLE)
                .orElse(usual);
    }

    /** Whether it is made with wrappers out of a pack. */
    public boolean bought() {
        return doughs.isEmpty() && hints.bought();
    }
}
