package ironpin.recipe;

import ironpin.allergen.AllergenAnswer;
import ironpin.dough.HydrationTarget;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a recipe's figures say when they are held against each other and against the bands. A figure whose sum holds a line that
 * was not read, or only guessed, is withheld: a recipe is never accused because of what was not read.
 *
 * @param contradictions pairs of its own figures that cannot both be right
 * @param findings what else its figures say
 * @param cups how its cups may be read, by dough; empty where that makes no difference
 * @param forgotten cautions it does not give
 * @param allergens of all its lines
 */
public record RecipeCheck(
        List<Finding> contradictions,
        List<Finding> findings,
        Map<Integer, List<CupFit>> cups,
        List<Sentence> forgotten,
        AllergenAnswer allergens) {
    public RecipeCheck {
        contradictions = List.copyOf(contradictions);
        findings = List.copyOf(findings);
        cups = Map.copyOf(cups);
        forgotten = List.copyOf(forgotten);
    }

    /** The check of a recipe. @param corrections what was put right in it */
    public static RecipeCheck of(ReadRecipe recipe, Corrections corrections) {
        List<Finding> contradictions = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        Map<Integer, List<CupFit>> cups = new HashMap<>();
        unread(recipe, findings);
        for (RecipeDough dough : recipe.doughs()) {
            DoughCheck check = new DoughCheck(recipe, dough, corrections);
            if (!check.fits().isEmpty()) {
                cups.put(dough.group(), check.fits());
            }
            check.say(contradictions, findings);
        }
        recipe.fillings().forEach(filling -> filling.lines()
                .forEach(line -> DoughCheck.twice(line).ifPresent(contradictions::add)));
        PieceCheck.of(recipe, contradictions, findings);
        FillingCheck.of(recipe, findings);
        CookingCheck.of(recipe, contradictions, findings);
        findings.add(RecipeAllergens.said(recipe));
        return new RecipeCheck(contradictions, findings, cups, Forgotten.in(recipe), RecipeAllergens.of(recipe));
    }

    /** How wet a dough of this recipe should be: for its family, its flours and what it is cooked in. */
    public static HydrationTarget target(ReadRecipe recipe, RecipeDough dough) {
        return DoughCheck.target(recipe, dough);
    }

    private static void unread(ReadRecipe recipe, List<Finding> findings) {
        if (recipe.doughs().isEmpty() && !recipe.bought()) {
            findings.add(Finding.of(
                    Saying.RECIPE_NO_DOUGH,
                    Sentence.of("No dough"),
                    Sentence.of("was found: the batch takes the usual one of its style."),
                    Sentence.of("Write flour and water in a line, or say which line is the dough's.")));
        }
        List<RecipeLine> weighed = recipe.lines().stream()
                .filter(line -> line.place().part() != Place.Part.BESIDE)
                .toList();
        name(Saying.RECIPE_NOT_READ, "not read: ", weighed, RecipeLine.Status.NOT_READ, findings);
        name(Saying.RECIPE_GUESSED, "read with a guess: ", weighed, RecipeLine.Status.GUESSED, findings);
        List<String> unknown = weighed.stream()
                .filter(line -> line.status() == RecipeLine.Status.OUTSIDE
                        && line.food().food().isEmpty())
                .filter(line -> !(line.meaning().orElse(null) instanceof Meaning.Wrappers))
                .map(RecipeLine::text)
                .toList();
        if (!unknown.isEmpty()) {
            findings.add(Finding.of(
                    Saying.RECIPE_NOT_KNOWN,
                    Sentence.of(lines(unknown.size())),
                    Sentence.of("not known: " + AllergenAnswer.quoted(unknown) + "."),
                    Sentence.of("What is in it is not known here.")));
        }
        List<String> divided = weighed.stream()
                .filter(line -> line.share() < 1)
                .map(RecipeLine::name)
                .toList();
        if (!divided.isEmpty()) {
            findings.add(Finding.of(
                    Saying.RECIPE_DIVIDED,
                    Sentence.of("Half"),
                    Sentence.of("of what is divided is counted here and half in the other part: "
                            + String.join(", ", divided) + "."),
                    Sentence.of("The recipe does not say how it is divided (est.).")));
        }
    }

    private static void name(
            Saying saying, String how, List<RecipeLine> lines, RecipeLine.Status status, List<Finding> findings) {
        List<String> said = lines.stream()
                .filter(line -> line.status() == status)
                .map(line -> "“" + line.text() + "” (" + line.trouble() + ")")
                .toList();
        if (!said.isEmpty()) {
            findings.add(Finding.of(
                    saying,
                    Sentence.of(lines(said.size())),
                    Sentence.of(how + String.join("; ", said) + "."),
                    status == RecipeLine.Status.NOT_READ
                            ? Sentence.of("What is not read counts in no sum until you put it right in its place.")
                            : Sentence.of("Put it right in its place if it is otherwise.")));
        }
    }

    private static String lines(int count) {
        return count + (count == 1 ? " line" : " lines");
    }
}
