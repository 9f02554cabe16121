package ironpin.web.sheet;

import ironpin.batch.Filling;
import ironpin.filling.FillingLine;
import ironpin.filling.RawNeed;
import ironpin.household.Household;
import ironpin.pantry.Food;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.web.page.Screen;
import ironpin.wording.Name;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** A batch as a schema.org Recipe, which other programs read: how much it makes, how long it takes, what goes in, and what is done. */
final class RecipeOut {
    /** How far a cup is from the grams that stand beside it is nobody's question there. */
    private static final String ROUNDED = ", \\d+ % (?:less|more)";

    private final SheetScreen sheet;
    private final BatchPlan plan;
    private final RawNeed need;

    RecipeOut(Screen screen) {
        this.sheet = new SheetScreen(screen);
        this.plan = screen.plan();
        this.need = screen.kit().hand();
    }

    Map<String, Object> written() {
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", plan.batch().title());
        recipe.put(
                "recipeYield",
                List.of(
                        sheet.lots().stream().map(SheetScreen.Pieces::title).collect(Collectors.joining(", ")),
                        plan.batch().eaters() + " servings"));
        recipe.put(
                "totalTime",
                Duration.between(
                                plan.timetable().latestStart().toInstant(),
                                plan.timetable().serving().toInstant())
                        .truncatedTo(ChronoUnit.MINUTES)
                        .toString());
        List<String> ingredients = new ArrayList<>();
        List<Map<String, Object>> sections = new ArrayList<>();
        for (SheetScreen.Made dough : sheet.doughs()) {
            made(dough, dough.lines(), ingredients, sections);
        }
        for (Filling filling : plan.batch().fillings()) {
            String name = Name.first(filling.called());
            sheet.fillings().stream()
                    .filter(one -> one.name().equals(name))
                    .findFirst()
                    .ifPresent(one -> made(one, bought(filling), ingredients, sections));
        }
        sheet.lots().forEach(lot -> sections.add(section(Name.first(lot.title()), lot.how())));
        recipe.put("recipeIngredient", ingredients);
        recipe.put("recipeInstructions", sections);
        return recipe;
    }

    private static void made(
            SheetScreen.Made one,
            List<SheetScreen.Line> lines,
            List<String> ingredients,
            List<Map<String, Object>> sections) {
        ingredients.add(Name.first(one.name()) + ":");
        lines.forEach(line -> ingredients.add(said(line)));
        sections.add(section(Name.first(one.name()), one.steps()));
    }

    /** As it is bought: whoever reads "squeezed" behind a mass elsewhere weighs before they squeeze. */
    private List<SheetScreen.Line> bought(Filling filling) {
        List<Mass> masses =
                filling.formula().masses(plan.balance().filling(filling.no()).made());
        List<SheetScreen.Line> lines = new ArrayList<>();
        for (int i = 0; i < masses.size(); i++) {
            FillingLine line = filling.formula().lines().get(i);
            Mass left = masses.get(i);
            Optional<Food> food = line.spoken().food();
            Mass mass = line.spoken()
                    .done()
                    .filter(done -> !done.sets() && food.isPresent())
                    .map(done -> need.raw(food.get(), done, left))
                    .orElse(left);
            lines.add(new SheetScreen.Line(Sentence.of(line.ingredient()), Household.weighed(line.ingredient(), mass)));
        }
        return lines;
    }

    /** In both measures, grams first: as in "480 g (4 cups, 16.9 oz) plain flour". */
    private static String said(SheetScreen.Line line) {
        String metric = line.mass().render(UnitSystem.METRIC);
        String us = line.mass()
                .render(UnitSystem.US)
                .replaceAll(ROUNDED, "")
                .replace(" (", ", ")
                .replace(")", "");
        return metric
                + (us.equals(metric) ? " " : " (" + us + ") ")
                + line.name().render(UnitSystem.METRIC);
    }

    private static Map<String, Object> section(String name, List<Sentence> steps) {
        Map<String, Object> section = new LinkedHashMap<>();
        section.put("@type", "HowToSection");
        section.put("name", name);
        section.put(
                "itemListElement",
                steps.stream()
                        .map(step -> Map.of("@type", "HowToStep", "text", step.render(UnitSystem.METRIC)))
                        .toList());
        return section;
    }
}
