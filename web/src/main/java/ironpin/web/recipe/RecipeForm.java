package ironpin.web.recipe;

import ironpin.quantity.UnitSystem;
import ironpin.recipe.Corrections;
import ironpin.recipe.Meaning;
import ironpin.recipe.Place;
import ironpin.recipe.RecipeLine;
import ironpin.recipe.UnreadableRecipe;
import ironpin.recipe.WrittenRecipe;
import ironpin.web.page.Units;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A recipe that is being looked at: it lives in the page's form and nowhere else until it becomes a batch.
 *
 * @param written as it stands, corrections of its text included
 * @param choices what was corrected in where lines belong and what they stand for
 * @param steps what was understood of the steps, and put right
 */
record RecipeForm(WrittenRecipe written, Map<Integer, RecipeLine.Choice> choices, StepsPart steps) {
    private static final int MOST_STEPS = 50_000;
    private static final int MOST_TITLE = 80;
    private static final String NAMELESS = "A recipe";

    static RecipeForm of(WrittenRecipe written, UnitSystem units) {
        return new RecipeForm(written, Map.of(), StepsPart.untouched(units));
    }

    Corrections corrections() {
        return new Corrections(choices, steps::correct);
    }

    /** @throws UnreadableRecipe if the form holds no lines or too many */
    static RecipeForm of(HttpServletRequest request) {
        String[] texts = all(request, "line");
        String[] headings = all(request, "heading");
        String[] places = all(request, "place");
        String[] meanings = all(request, "meaning");
        List<WrittenRecipe.Line> lines = new ArrayList<>();
        Map<Integer, RecipeLine.Choice> choices = new HashMap<>();
        for (int i = 0; i < texts.length; i++) {
            if (texts[i].isBlank()) {
                continue;
            }
            Optional<Place> place = Place.ofKey(at(places, i));
            Optional<Meaning> meaning = Meaning.ofKey(at(meanings, i));
            if (place.isPresent() || meaning.isPresent()) {
                choices.put(lines.size(), new RecipeLine.Choice(place, meaning));
            }
            lines.add(new WrittenRecipe.Line(at(headings, i), texts[i]));
        }
        String steps = one(request, "steps");
        if (steps.length() > MOST_STEPS) {
            throw new UnreadableRecipe("The steps have up to 50,000 characters.");
        }
        WrittenRecipe written = new WrittenRecipe(
                title(request),
                one(request, "yield"),
                Arrays.asList(all(request, "time")),
                lines,
                steps.lines().filter(line -> !line.isBlank()).toList(),
                one(request, "source"));
        return new RecipeForm(written, choices, StepsPart.of(request.getParameterMap(), Units.of(request)));
    }

    /** The whole recipe in its own words, as it is kept with the batch. */
    String words() {
        StringBuilder words = new StringBuilder(written.title()).append('\n');
        if (!written.source().isBlank()) {
            words.append("From ").append(written.source()).append('\n');
        }
        if (!written.yield().isBlank()) {
            words.append(written.yield()).append('\n');
        }
        written.times().forEach(time -> words.append(time).append('\n'));
        String heading = "";
        for (WrittenRecipe.Line line : written.lines()) {
            if (!line.heading().equals(heading)) {
                heading = line.heading();
                words.append('\n').append(heading).append('\n');
            }
            words.append("- ").append(line.text()).append('\n');
        }
        words.append('\n').append(String.join("\n", written.steps()));
        return words.toString();
    }

    /** What stands in the form, as it could have been pasted. */
    static String text(HttpServletRequest request) {
        String lines = String.join("\n", all(request, "line"));
        return (one(request, "title") + "\n" + one(request, "yield") + "\n\n" + lines + "\n\nMethod\n"
                        + one(request, "steps"))
                .strip();
    }

    private static String title(HttpServletRequest request) {
        String title = one(request, "title").strip();
        return title.isEmpty() ? NAMELESS : title.substring(0, Math.min(MOST_TITLE, title.length()));
    }

    private static String[] all(HttpServletRequest request, String name) {
        String[] values = request.getParameterValues(name);
        return values == null ? new String[0] : values;
    }

    private static String one(HttpServletRequest request, String name) {
        String value = request.getParameter(name);
        return value == null ? "" : value;
    }

    private static String at(String[] values, int i) {
        return i < values.length ? values[i] : "";
    }
}
