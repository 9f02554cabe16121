package ironpin.web.api;

import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.Corrections;
import ironpin.recipe.CupFit;
import ironpin.recipe.Meaning;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeCheck;
import ironpin.recipe.RecipeDough;
import ironpin.recipe.RecipeFilling;
import ironpin.recipe.RecipeLine;
import ironpin.recipe.RecipeReader;
import ironpin.web.recipe.Patience;
import ironpin.web.recipe.RecipeFile;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a recipe really says. */
@RestController
@RequestMapping("/api/v1/calculate")
class RecipeApi {
    /** A recipe as text, as schema.org JSON-LD, or as an HTML page that holds some. */
    record RecipeAsk(String text, String cups) {}

    /** A line: its mass with the range it may have, where it belongs, and what it stands for. */
    record RecipeLinePart(
            String text, RecipeLine.Status status, Spread grams, String place, String meaning, String trouble) {}

    /** A dough weighed up; hydration is effective, in percent. */
    record RecipeDoughPart(
            String name, String family, Spread flourG, Spread massG, Spread hydrationPercent, List<CupFit> cups) {}

    /** A filling weighed up, vegetables as they go in. */
    record RecipeFillingPart(String name, String kind, Spread massG) {}

    /** One thing the figures say. */
    record RecipeSaid(String level, String figure, String text, String why) {
        static RecipeSaid of(Finding finding) {
            return new RecipeSaid(
                    finding.level().label(),
                    finding.figure().render(UnitSystem.METRIC),
                    finding.text().render(UnitSystem.METRIC),
                    finding.why().render(UnitSystem.METRIC));
        }
    }

    record RecipeAnswer(
            String title,
            Integer pieces,
            Integer eaters,
            String style,
            List<RecipeLinePart> lines,
            List<RecipeDoughPart> doughs,
            List<RecipeFillingPart> fillings,
            List<RecipeSaid> contradictions,
            List<RecipeSaid> findings,
            List<String> forgotten,
            AllergenPart allergens) {}

    @PostMapping("/recipe")
    RecipeAnswer recipe(@RequestBody RecipeAsk ask) {
        String text = Given.there("text", ask.text(), "a recipe as text, as schema.org JSON-LD, or as an HTML page");
        CupStandard cups = Given.choiceOr("cups", ask.cups(), CupStandard.US);
        ReadRecipe read = Patience.with(() -> new RecipeReader(cups).read(RecipeFile.read(text, "")));
        RecipeCheck check = RecipeCheck.of(read, Corrections.NONE);
        return new RecipeAnswer(
                read.written().title(),
                read.pieces().orElse(null),
                read.yield().eaters().orElse(null),
                read.style().key(),
                read.lines().stream().map(RecipeApi::line).toList(),
                read.doughs().stream()
                        .map(dough -> dough(dough, check.cups().getOrDefault(dough.group(), List.of())))
                        .toList(),
                read.fillings().stream().map(RecipeApi::filling).toList(),
                check.contradictions().stream().map(RecipeSaid::of).toList(),
                check.findings().stream().map(RecipeSaid::of).toList(),
                check.forgotten().stream()
                        .map(one -> one.render(UnitSystem.METRIC))
                        .toList(),
                AllergenPart.of(check.allergens()));
    }

    private static RecipeLinePart line(RecipeLine line) {
        return new RecipeLinePart(
                line.text(),
                line.status(),
                line.weighed().orElse(null),
                line.place().key(),
                line.meaning().map(Meaning::key).orElse(null),
                line.trouble());
    }

    private static RecipeDoughPart dough(RecipeDough dough, List<CupFit> cups) {
        return new RecipeDoughPart(
                dough.name(), dough.family().name(), dough.flour(), dough.mass(), dough.hydration(), cups);
    }

    private static RecipeFillingPart filling(RecipeFilling filling) {
        return new RecipeFillingPart(filling.name(), filling.kind().name(), filling.mass());
    }
}
