package ironpin.recipe;

import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.cook.Start;
import ironpin.cook.Vessel;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Whether the minutes of a recipe go together: its rest with its time in all, its cooking with the estimate for its pieces. */
final class CookingCheck {
    private static final double MUCH_SHORTER = 0.6;
    private static final double MUCH_LONGER = 1.8;
    private static final Pattern TOTAL = Pattern.compile(
            "(?i)(?:total|ready in)\\D{0,18}(\\d{1,4})\\s*(h|hours?|hrs?|min|minutes?)\\b(?:\\D{0,5}(\\d{1,2})\\s*min)?");

    private CookingCheck() {}

    static void of(ReadRecipe recipe, List<Finding> contradictions, List<Finding> findings) {
        Optional<Duration> total = total(recipe.written().times());
        Optional<Duration> rest = recipe.hints().rest();
        if (total.isPresent() && rest.isPresent() && rest.get().compareTo(total.get()) >= 0) {
            contradictions.add(Finding.of(
                    Saying.RECIPE_REST_AGAINST_TIME,
                    Sentence.of(
                            rest.get().toMinutes() + " against " + total.get().toMinutes()),
                    Sentence.of("minutes: it rests longer than it takes in all."),
                    Sentence.of("Plan with the rest.")));
        }
        cooking(recipe).ifPresent(findings::add);
    }

    /**
     * The minutes it gives, held against the estimate for pieces of the size it makes; only if that size is known. How long a
     * bread takes is a matter of its thickness, which no recipe says.
     */
    private static Optional<Finding> cooking(ReadRecipe recipe) {
        Optional<Duration> said = recipe.hints().cooking();
        Optional<Double> piece = PieceCheck.pieceGrams(recipe);
        if (said.isEmpty() || piece.isEmpty() || recipe.hints().vessel().isEmpty() || recipe.bread()) {
            return Optional.empty();
        }
        CookMethod method = recipe.style().method();
        Vessel vessel = Vessel.usual(method.vessel());
        Duration est =
                Cooking.time(method.ready(Mass.ofGrams(Math.min(500, Math.max(2, piece.get()))), vessel, Start.ROOM));
        double ratio = (double) said.get().toSeconds() / est.toSeconds();
        String figure = said(said.get());
        String about = "The estimate for pieces of this size, " + method.done() + ", is about "
                + Math.round(est.toSeconds() / 60.0) + " min a round. A probe decides.";
        if (ratio < MUCH_SHORTER) {
            return Optional.of(Finding.of(
                    Saying.RECIPE_COOKING_SHORT,
                    Sentence.of(figure),
                    Sentence.of("of cooking is short for its pieces (est.)."),
                    Sentence.of(about)));
        }
        return Optional.of(
                ratio > MUCH_LONGER
                        ? Finding.of(
                                Saying.RECIPE_COOKING_LONG,
                                Sentence.of(figure),
                                Sentence.of("of cooking is long for its pieces (est.)."),
                                Sentence.of(about))
                        : Finding.of(
                                Saying.RECIPE_COOKING_AGREES,
                                Sentence.of(figure),
                                Sentence.of("of cooking goes with its pieces (est.)."),
                                Sentence.of(about)));
    }

    private static String said(Duration time) {
        long minutes = time.toMinutes();
        return time.toSecondsPart() == 0 ? minutes + " min" : minutes + " min " + time.toSecondsPart() + " s";
    }

    private static Optional<Duration> total(List<String> times) {
        for (String time : times) {
            Matcher found = TOTAL.matcher(time);
            if (found.find()) {
                long first = Long.parseLong(found.group(1));
                long minutes = found.group(2).startsWith("h") ? first * 60 : first;
                return Optional.of(
                        Duration.ofMinutes(minutes + (found.group(3) == null ? 0 : Long.parseLong(found.group(3)))));
            }
        }
        return Optional.empty();
    }
}
