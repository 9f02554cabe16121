package ironpin.recipe;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.amount.AmountReader;
import ironpin.cook.VesselKind;
import ironpin.dough.KneadSchool;
import ironpin.quantity.Length;
import ironpin.quantity.Spread;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What was understood of the steps of a recipe; each may be missing, and a cook may put it right.
 *
 * @param count pieces it is divided into
 * @param doughEach grams of dough it says for one piece
 * @param fillingEach grams of filling it says for one piece
 * @param disc width it is rolled to
 * @param rest longest rest of the dough it speaks of
 * @param kneading school of kneading
 * @param waterC temperature of the water for the dough, where the lines do not say
 * @param fold how the pieces are closed
 * @param vessel what they are cooked in
 * @param cooking minutes in the vessel
 * @param bread whether they are stuffed flatbreads
 * @param bought whether it speaks of wrappers out of a pack
 * @param freezes whether it speaks of freezing
 */
@RecordBuilder
public record RecipeHints(
        Optional<Integer> count,
        Optional<Spread> doughEach,
        Optional<Spread> fillingEach,
        Optional<Length> disc,
        Optional<Duration> rest,
        Optional<KneadSchool> kneading,
        Optional<Double> waterC,
        Optional<Fold> fold,
        Optional<VesselKind> vessel,
        Optional<Duration> cooking,
        boolean bread,
        boolean bought,
        boolean freezes)
        implements RecipeHintsBuilder.With {
    private static final Pattern BREAD = Pattern.compile(
            "\\b(?:flat ?breads?|griddle ?breads?|stuffed breads?|parathas?|rotis?|naans?|gozleme|gözleme|pupusas?|arepas?|gorditas?|bolani"
                    + "|kulchas?|filled breads?|khachapuri|hotteok|bing|pancakes? with filling|quesadillas?)\\b");
    private static final Pattern FREEZES = Pattern.compile("\\bfreez|\\bbe frozen\\b|\\bfrozen (?:for|up to|raw)\\b");
    private static final Pattern BOUGHT = Pattern.compile(
            "\\b(?:shop-?bought|store-?bought|ready-?made|bought|packet of|pack of|pre-?made|frozen)\\b.{0,30}\\b(?:wrappers?|skins?|pastry)\\b");

    /** The figures in these steps. */
    static RecipeHints of(WrittenRecipe written, List<RecipeLine> lines, AmountReader amounts) {
        List<StepSentence> sentences = StepSentence.of(written.steps());
        List<StepSentence> all = new ArrayList<>(StepSentence.of(List.of(written.title())));
        all.addAll(sentences);
        String title = written.title().toLowerCase(Locale.ROOT);
        boolean bread = BREAD.matcher(title).find()
                || sentences.stream().filter(sentence -> sentence.says(BREAD)).count() >= 2;
        boolean bought = lines.stream().anyMatch(line -> line.meaning().orElse(null) instanceof Meaning.Wrappers)
                || all.stream().anyMatch(sentence -> sentence.says(BOUGHT));
        return new RecipeHints(
                DivisionHint.of(sentences),
                SizeHints.doughEach(sentences),
                SizeHints.fillingEach(sentences, amounts),
                SizeHints.disc(sentences),
                TimeHints.rest(sentences),
                TimeHints.kneading(sentences),
                WaterHint.of(sentences),
                FoldHint.of(all),
                TimeHints.vessel(all),
                TimeHints.cooking(sentences),
                bread,
                bought,
                sentences.stream().anyMatch(sentence -> sentence.says(FREEZES)));
    }
}
