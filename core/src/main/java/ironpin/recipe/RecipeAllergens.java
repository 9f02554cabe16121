package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.allergen.AllergenLines;
import ironpin.pantry.Allergens;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;

/** The allergens of all that a recipe names, in its lines whatever their amount, and in its steps, remarks and title. */
final class RecipeAllergens {
    private RecipeAllergens() {}

    static AllergenAnswer of(ReadRecipe recipe) {
        List<AllergenAnswer.Line> lines = new ArrayList<>(recipe.lines().stream()
                .map(line -> new AllergenAnswer.Line(line.name(), allergens(line)))
                .toList());
        lines.addAll(FoodsSaid.in(recipe.written()).lines());
        return AllergenAnswer.of(lines);
    }

    private static Allergens allergens(RecipeLine line) {
        return line.meaning().orElse(null) instanceof Meaning.OfFlour of
                ? AllergenLines.of(of.flour()).plus(line.food().allergens())
                : line.food().allergens();
    }

    static Finding said(ReadRecipe recipe) {
        AllergenAnswer answer = of(recipe);
        int size = answer.sure().size();
        return Finding.of(
                Saying.RECIPE_ALLERGENS,
                Sentence.of(size + (size == 1 ? " allergen" : " allergens") + (answer.known() ? "" : " at least")),
                Sentence.of("in all of it: " + answer.said() + "."),
                Sentence.EMPTY);
    }
}
