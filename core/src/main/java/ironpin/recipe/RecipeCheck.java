package ironpin.recipe;

import ironpin.amount.Reading;
import ironpin.amount.Spread;
import ironpin.dough.HydrationTarget;
import ironpin.pantry.Flour;
import ironpin.plan.Finding;
import ironpin.quantity.Decimal;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quoted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a recipe's figures say when they are held against each other and against the bands.
 *
 * @param contradictions pairs of its own figures that cannot both be right
 * @param findings what else its figures say
 * @param cups how its cups may be read, by dough; empty where that makes no difference
 * @param forgotten cautions it does not give
 */
public record RecipeCheck(
        List<Finding> contradictions, List<Finding> findings, Map<Integer, List<CupFit>> cups, List<String> forgotten) {
    private static final double ROUNDED = 0.08;
    private static final Pattern TOTAL = Pattern.compile(
            "(?i)(?:total|ready in)\\D{0,18}(\\d{1,4})\\s*(h|hours?|hrs?|min|minutes?)\\b(?:\\D{0,5}(\\d{1,2})\\s*min)?");

    public RecipeCheck {
        contradictions = List.copyOf(contradictions);
        findings = List.copyOf(findings);
        cups = Map.copyOf(cups);
        forgotten = List.copyOf(forgotten);
    }

    /** The check of a recipe. @param choices what was corrected in it, by the number of the line */
    public static RecipeCheck of(ReadRecipe recipe, Map<Integer, RecipeLine.Choice> choices) {
        List<Finding> contradictions = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        Map<Integer, List<CupFit>> cups = new HashMap<>();
        for (RecipeDough dough : recipe.doughs()) {
            HydrationTarget target = target(recipe, dough);
            List<CupFit> fits = CupFit.of(recipe, dough.group(), target, choices);
            if (!fits.isEmpty()) {
                cups.put(dough.group(), fits);
            }
            hydration(dough, target, fits, contradictions, findings);
            twice(dough, target, contradictions);
        }
        recipe.fillings().forEach(filling -> filling.lines().forEach(line -> twice(line, contradictions)));
        PieceCheck.of(recipe, contradictions, findings);
        FillingCheck.of(recipe, findings);
        rest(recipe, contradictions, findings);
        unread(recipe, findings);
        return new RecipeCheck(contradictions, findings, cups, Forgotten.in(recipe));
    }

    /** Where a dough of this recipe should lie. */
    public static HydrationTarget target(ReadRecipe recipe, RecipeDough dough) {
        double shift = 0;
        for (Map.Entry<Flour, Spread> one : dough.flours().entrySet()) {
            shift += one.getValue().usual()
                    / dough.flour().usual()
                    * HydrationTarget.flourShift(dough.family(), one.getKey());
        }
        return new HydrationTarget(
                dough.family().hydration(), recipe.style().method().hydrationShift(), shift, 0);
    }

    private static void hydration(
            RecipeDough dough,
            HydrationTarget target,
            List<CupFit> fits,
            List<Finding> contradictions,
            List<Finding> findings) {
        if (!dough.wet()) {
            dry(dough, target, findings);
            return;
        }
        double low = target.band().low().percent();
        double high = target.band().high().percent();
        double usual = dough.hydration().usual();
        String band = one(low) + " to " + one(high) + " %";
        String figure = one(usual) + " %";
        String kind = lower(dough.family().label());
        String a = kind.startsWith("e") ? "an " : "a ";
        String range = dough.hydration().high() - dough.hydration().low() < 1
                ? ""
                : " Its measures leave it open from " + one(dough.hydration().low()) + " to "
                        + one(dough.hydration().high()) + " % (est.).";
        if (target.band().contains(Percentage.of(usual))) {
            findings.add(
                    Finding.good(figure, "effective hydration: " + a + kind + ", within " + band + ".", range.strip()));
            return;
        }
        List<CupFit> good = fits.stream().filter(CupFit::fits).toList();
        boolean open = dough.hydration().high() >= low && dough.hydration().low() <= high;
        if (!good.isEmpty()) {
            CupFit best = good.get(0);
            findings.add(Finding.look(
                    figure,
                    "effective hydration, outside " + band + " for " + a + kind + "; with "
                            + best.cups().label() + " cups, " + best.way() + ", it is " + one(best.hydration())
                            + " %: that reading fits.",
                    range.strip(),
                    null));
        } else if (open) {
            findings.add(Finding.look(
                    figure, "effective hydration, outside " + band + " for " + a + kind + ".", range.strip(), null));
        } else {
            contradictions.add(Finding.stop(
                    one(usual) + " against " + band,
                    "effective hydration in " + lower(dough.name()) + ": too " + (usual < low ? "dry" : "wet") + " for "
                            + a + kind + " however it is measured.",
                    "It has " + Quoted.mass(dough.flour().usual(), 0) + " of flour. Flour or water may be mistyped.",
                    null));
        }
    }

    private static void dry(RecipeDough dough, HydrationTarget target, List<Finding> findings) {
        double flour = dough.flour().usual();
        findings.add(Finding.look(
                "No water",
                "is measured in " + lower(dough.name()) + ": a "
                        + lower(dough.family().label()) + " takes "
                        + Quoted.mass(flour * target.band().low().fraction(), 0) + " to "
                        + Quoted.mass(flour * target.band().high().fraction(), 0) + " for this flour.",
                "",
                null));
    }

    private static void twice(RecipeDough dough, HydrationTarget target, List<Finding> contradictions) {
        for (RecipeLine line : dough.lines()) {
            int before = contradictions.size();
            twice(line, contradictions);
            if (contradictions.size() > before && line.meaning().orElse(null) instanceof Meaning.OfFlour) {
                Reading read = line.reading().orElseThrow();
                double weighed = read.mass().grams();
                double second = read.second().orElseThrow().mass().grams();
                double now = dough.hydration().usual();
                double flour = dough.flour().usual();
                double other = now * flour / (flour + (second - weighed) * line.share());
                boolean first = target.band().contains(Percentage.of(now));
                if (first != target.band().contains(Percentage.of(other))) {
                    Finding said = contradictions.remove(contradictions.size() - 1);
                    contradictions.add(Finding.stop(
                            said.figure(),
                            said.text() + " " + Quoted.mass(first ? weighed : second, 0) + " fits: it makes "
                                    + one(first ? now : other) + " %, the other " + one(first ? other : now) + " %.",
                            said.why(),
                            null));
                }
            }
        }
    }

    /** One thing measured two ways that differ. */
    private static void twice(RecipeLine line, List<Finding> contradictions) {
        line.reading()
                .flatMap(Reading::second)
                .filter(second -> !second.agrees() && apart(line.reading().orElseThrow(), second))
                .ifPresent(second -> {
                    Reading first = line.reading().orElseThrow();
                    contradictions.add(Finding.stop(
                            Quoted.mass(first.mass().grams(), 0) + " against "
                                    + Quoted.mass(second.mass().grams(), 0),
                            "\"" + line.text() + "\" gives two measures that do not mean the same.",
                            second.said() + " weighs "
                                    + Quoted.mass(second.range().low().grams(), 0) + " to "
                                    + Quoted.mass(second.range().high().grams(), 0) + " (est.).",
                            null));
                });
    }

    /** Recipes round their cups to what a set of them can measure. */
    private static boolean apart(Reading first, Reading.Second second) {
        double a = first.mass().grams();
        double b = second.mass().grams();
        return Math.abs(a - b) > ROUNDED * Math.max(a, b);
    }

    private static void rest(ReadRecipe recipe, List<Finding> contradictions, List<Finding> findings) {
        Optional<Duration> total = total(recipe.written().times());
        Optional<Duration> rest = recipe.hints().rest();
        if (total.isPresent() && rest.isPresent() && rest.get().compareTo(total.get()) >= 0) {
            contradictions.add(Finding.stop(
                    minutes(rest.get()) + " against " + minutes(total.get()),
                    "minutes: it rests longer than it takes in all.",
                    "Plan with the rest.",
                    null));
        }
        for (RecipeDough dough : recipe.doughs()) {
            Duration least = dough.family().rest().low();
            if (rest.isEmpty() && !least.isZero()) {
                findings.add(Finding.look(
                        minutes(least) + " min",
                        "of rest at least for a " + lower(dough.family().label()) + "; the recipe speaks of none.",
                        "Without it the dough shrinks back when it is rolled.",
                        null));
            } else if (rest.isPresent() && rest.get().compareTo(least) < 0) {
                findings.add(Finding.look(
                        minutes(rest.get()) + " min",
                        "of rest; a " + lower(dough.family().label()) + " wants at least " + minutes(least) + ".",
                        "",
                        null));
            }
        }
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

    private static void unread(ReadRecipe recipe, List<Finding> findings) {
        List<RecipeLine> weighed = recipe.lines().stream()
                .filter(line ->
                        line.place().part() == Place.Part.DOUGH || line.place().part() == Place.Part.FILLING)
                .toList();
        List<String> open = weighed.stream()
                .filter(line -> line.reading().isEmpty())
                .filter(line -> !(line.meaning().orElse(null) instanceof Meaning.Wrappers))
                .map(RecipeLine::text)
                .toList();
        if (!open.isEmpty()) {
            findings.add(Finding.look(
                    open.size() + (open.size() == 1 ? " line" : " lines"),
                    "without an amount that can be read: " + String.join("; ", open) + ".",
                    "They count for nothing until you write one in grams, cups or pieces.",
                    null));
        }
        List<String> unknown = weighed.stream()
                .filter(line -> line.reading().isPresent() && line.meaning().isEmpty())
                .map(RecipeLine::name)
                .toList();
        if (!unknown.isEmpty()) {
            findings.add(Finding.look(
                    unknown.size() + (unknown.size() == 1 ? " line" : " lines"),
                    "not known by name: " + String.join("; ", unknown) + ".",
                    "Choose what it stands for; until then it is weighed in a filling and left out of a dough.",
                    null));
        }
        List<String> divided = weighed.stream()
                .filter(line -> line.share() < 1)
                .map(RecipeLine::name)
                .toList();
        if (!divided.isEmpty()) {
            findings.add(Finding.note(
                    "Half",
                    "of what is divided is counted here and half in the other part: " + String.join(", ", divided)
                            + ".",
                    "The recipe does not say how it is divided (est.)."));
        }
    }

    static String minutes(Duration time) {
        return "" + time.toMinutes();
    }

    static String one(double value) {
        return Decimal.fixed(value, 1);
    }

    static String lower(String name) {
        return name.isEmpty() ? name : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }
}
