package ironpin.recipe;

import ironpin.dough.HydrationTarget;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * One way to read the cups of a dough, and where its hydration would then be.
 *
 * @param cups whose cup
 * @param way how the flour got into it
 * @param flourGrams all flour, read so
 * @param hydration effective, in percent, read so
 * @param fits whether that lies in the band of the dough
 */
public record CupFit(CupStandard cups, String way, double flourGrams, double hydration, boolean fits) {
    private static final Pattern CUPS_OF_FLOUR = Pattern.compile(
            "(?i)\\b(?:cups?|c\\.)\\b?[^,]{0,60}\\b(?:flour|masa|starch|cornflour)\\b|\\bflour\\b[^,]{0,40}\\bcups?\\b");
    private static final List<String> WAYS = List.of("spooned", "scooped");

    /** Every way to read the cups of one dough; none if its flour is not in cups, or the recipe says which. */
    static List<CupFit> of(ReadRecipe read, int group, HydrationTarget target, Corrections corrections) {
        boolean cups = read.doughs().stream()
                .filter(dough -> dough.group() == group)
                .flatMap(dough -> dough.lines().stream())
                .anyMatch(line -> line.meaning().orElse(null) instanceof Meaning.OfFlour
                        && line.reading()
                                .filter(one ->
                                        one.second().isEmpty() && one.said().contains(" cup"))
                                .filter(one -> !one.said().matches(".*(?:spooned|scooped|sifted).*"))
                                .isPresent());
        if (!cups) {
            return List.of();
        }
        List<CupFit> fits = new ArrayList<>();
        for (CupStandard standard :
                List.of(CupStandard.US, CupStandard.METRIC, CupStandard.JAPANESE, CupStandard.IMPERIAL)) {
            for (String way : WAYS) {
                fits.add(fit(read.written(), group, standard, way, target, corrections));
            }
        }
        return fits;
    }

    private static CupFit fit(
            WrittenRecipe written,
            int group,
            CupStandard standard,
            String way,
            HydrationTarget target,
            Corrections corrections) {
        List<WrittenRecipe.Line> lines = written.lines().stream()
                .map(line -> CUPS_OF_FLOUR.matcher(line.text()).find()
                        ? new WrittenRecipe.Line(line.heading(), line.text() + ", " + way, line.block())
                        : line)
                .toList();
        WrittenRecipe other = new WrittenRecipe(
                written.title(), written.yield(), written.times(), lines, written.steps(), written.source());
        RecipeDough dough = new RecipeReader(standard)
                .read(other, corrections).doughs().stream()
                        .filter(one -> one.group() == group)
                        .findFirst()
                        .orElseThrow();
        double hydration = dough.hydration().usual();
        return new CupFit(
                standard, way, dough.flour().usual(), hydration, target.band().contains(Percentage.of(hydration)));
    }
}
