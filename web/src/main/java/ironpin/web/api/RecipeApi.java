package ironpin.web.api;

import ironpin.amount.Spread;
import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import ironpin.quantity.UnitSystem;
import ironpin.recipe.CupFit;
import ironpin.recipe.Meaning;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeCheck;
import ironpin.recipe.RecipeDough;
import ironpin.recipe.RecipeFilling;
import ironpin.recipe.RecipeLine;
import ironpin.recipe.RecipeReader;
import ironpin.web.recipe.RecipeFile;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a recipe really says. */
@RestController
@RequestMapping("/api/v1/calculate")
class RecipeApi {
    /** A recipe as text, as schema.org JSON-LD, or as an HTML page that holds some. */
    record Ask(String text, String cups) {}

    /** A line: its mass with the range it may have, where it belongs, and what it stands for. */
    record Line(String text, Spread grams, String place, String meaning, String trouble) {}

    /** A dough weighed up; hydration is effective, in percent. */
    record Dough(String name, String family, Spread flourG, Spread massG, Spread hydrationPercent, List<CupFit> cups) {}

    /** A filling weighed up, vegetables as they go in. */
    record Filling(String name, String kind, Spread massG) {}

    /** One thing the figures say. */
    record Said(String level, String figure, String text, String why) {
        static Said of(Finding finding) {
            return new Said(
                    finding.level().label(),
                    UnitSystem.METRIC.say(finding.figure()),
                    UnitSystem.METRIC.say(finding.text()),
                    UnitSystem.METRIC.say(finding.why()));
        }
    }

    record Answer(
            String title,
            Integer pieces,
            Integer eaters,
            String style,
            List<Line> lines,
            List<Dough> doughs,
            List<Filling> fillings,
            List<Said> contradictions,
            List<Said> findings,
            List<String> forgotten) {}

    @PostMapping("/recipe")
    Answer recipe(@RequestBody Ask ask) {
        String text = Given.there("text", ask.text(), "a recipe as text, as schema.org JSON-LD, or as an HTML page");
        CupStandard cups = Given.choiceOr("cups", ask.cups(), CupStandard.US);
        ReadRecipe read = new RecipeReader(cups).read(RecipeFile.read(text, ""));
        RecipeCheck check = RecipeCheck.of(read, Map.of());
        return new Answer(
                read.written().title(),
                read.pieces().orElse(null),
                read.yield().eaters().orElse(null),
                read.style().key(),
                read.lines().stream().map(RecipeApi::line).toList(),
                read.doughs().stream()
                        .map(dough -> dough(dough, check.cups().getOrDefault(dough.group(), List.of())))
                        .toList(),
                read.fillings().stream().map(RecipeApi::filling).toList(),
                check.contradictions().stream().map(Said::of).toList(),
                check.findings().stream().map(Said::of).toList(),
                check.forgotten().stream().map(UnitSystem.METRIC::say).toList());
    }

    private static Line line(RecipeLine line) {
        return new Line(
                line.text(),
                line.grams().orElse(null),
                line.place().key(),
                line.meaning().map(Meaning::key).orElse(null),
                line.trouble());
    }

    private static Dough dough(RecipeDough dough, List<CupFit> cups) {
        return new Dough(dough.name(), dough.family().name(), dough.flour(), dough.mass(), dough.hydration(), cups);
    }

    private static Filling filling(RecipeFilling filling) {
        return new Filling(filling.name(), filling.kind().name(), filling.mass());
    }
}
