package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Sentence;
import java.util.List;

/** A sum that cannot be told, because a line of it is not read or only guessed. */
final class Doubt {
    private static final int MOST_NAMED = 3;

    private Doubt() {}

    /** @param what cannot be told, as in "how much filling goes into a piece" */
    static Finding about(String what, List<RecipeLine> because) {
        List<String> named = because.stream()
                .map(RecipeLine::text)
                .distinct()
                .limit(MOST_NAMED)
                .toList();
        long more = because.stream().map(RecipeLine::text).distinct().count() - named.size();
        return Finding.of(
                Saying.RECIPE_CANNOT_TELL,
                Sentence.of("Cannot tell"),
                Sentence.of(what + ", because of " + AllergenAnswer.quoted(named)
                        + (more > 0 ? " and " + more + " more" : "") + "."),
                Sentence.of("Put the line right in its place, and it can be told."));
    }
}
