package ironpin.recipe;

import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * What a cook put right in a recipe.
 *
 * @param lines what was corrected in its lines, by their numbers
 * @param steps what was put right of its steps
 */
public record Corrections(Map<Integer, RecipeLine.Choice> lines, UnaryOperator<RecipeHints> steps) {
    /** Nothing. */
    public static final Corrections NONE = new Corrections(Map.of(), UnaryOperator.identity());

    public Corrections {
        lines = Map.copyOf(lines);
    }

    /** Only lines were corrected. */
    public static Corrections of(Map<Integer, RecipeLine.Choice> lines) {
        return new Corrections(lines, UnaryOperator.identity());
    }

    RecipeHints apply(RecipeHints read) {
        return steps.apply(read);
    }
}
