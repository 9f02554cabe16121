package ironpin.web.recipe;

import ironpin.dough.DoughAddition;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.recipe.CupFit;
import ironpin.recipe.Meaning;
import ironpin.recipe.Place;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeBatch;
import ironpin.recipe.RecipeCheck;
import ironpin.recipe.RecipeDough;
import ironpin.recipe.RecipeLine;
import ironpin.recipe.RecipeReader;
import ironpin.recipe.WrittenRecipe;
import ironpin.web.page.ReadingNote;
import ironpin.web.picture.RecipePicture;
import ironpin.wording.Count;
import ironpin.wording.Name;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What the page of a recipe shows. */
public final class RecipeScreen {
    private static final Set<Saying> DOUBTS = EnumSet.of(
            Saying.RECIPE_NO_DOUGH,
            Saying.RECIPE_NO_YIELD,
            Saying.RECIPE_NOT_READ,
            Saying.RECIPE_NOT_KNOWN,
            Saying.RECIPE_GUESSED);

    private final RecipeForm form;
    private final ReadRecipe read;
    private final RecipeCheck check;

    RecipeScreen(RecipeForm form, CupStandard cups) {
        this.form = form;
        this.read = new RecipeReader(cups).read(form.written(), form.corrections());
        this.check = RecipeCheck.of(read, form.corrections());
    }

    ReadRecipe read() {
        return read;
    }

    /**
     * A line as it is shown.
     *
     * @param no which
     * @param heading it stands under
     * @param text as written
     * @param place key of where it belongs
     * @param placed whether the cook said so
     * @param meaning key of what it stands for; empty if not known
     * @param meant whether the cook said so
     * @param grams what it weighs, or why not
     * @param status how well it was read, in a word or two; empty where all of it was
     * @param unread whether it counts in no sum although it should
     * @param note why, and what was assumed
     */
    public record Line(
            int no,
            String heading,
            String text,
            String place,
            boolean placed,
            String meaning,
            boolean meant,
            Sentence grams,
            String status,
            boolean unread,
            Sentence note) {}

    /** A dough: its name, baker's percentages, and picture. */
    public record DoughView(String name, List<String> shares, Sentence picture) {}

    public WrittenRecipe written() {
        return form.written();
    }

    public String steps() {
        return String.join("\n", form.written().steps());
    }

    public List<Line> lines() {
        return read.lines().stream().map(this::line).toList();
    }

    private Line line(RecipeLine line) {
        RecipeLine.Choice choice = form.choices().getOrDefault(line.no(), RecipeLine.Choice.NONE);
        boolean unread = line.status() == RecipeLine.Status.NOT_READ;
        Sentence grams = line.grams()
                .map(spread -> Quantity.weighed(Mass.ofGrams(spread.usual())))
                .orElse(Sentence.EMPTY);
        List<Sentence> notes = new ArrayList<>();
        if (!line.trouble().isEmpty()) {
            notes.add(Sentence.of(Name.first(line.trouble()), "."));
        }
        if (!grams.isEmpty()) {
            line.reading()
                    .map(ReadingNote::assumed)
                    .filter(said -> !said.isEmpty())
                    .ifPresent(notes::add);
        }
        return new Line(
                line.no(),
                line.heading(),
                line.text(),
                line.place().key(),
                choice.place().isPresent(),
                line.meaning().map(Meaning::key).orElse(""),
                choice.meaning().isPresent(),
                grams,
                line.status() == RecipeLine.Status.READ ? "" : line.status().label(),
                unread,
                Sentence.join(" ", notes));
    }

    /** Where a line may belong: one group more than there is. */
    public List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (Place.Part part : List.of(Place.Part.DOUGH, Place.Part.FILLING, Place.Part.DIP)) {
            int most = read.lines().stream()
                    .map(RecipeLine::place)
                    .filter(place -> place.part() == part)
                    .mapToInt(Place::group)
                    .max()
                    .orElse(0);
            for (int group = 1; group <= Math.min(Place.MOST_GROUPS, most + 1); group++) {
                places.add(new Place(part, group));
            }
        }
        places.add(new Place(Place.Part.BESIDE, 1));
        return places;
    }

    /** What a line may stand for, by where it belongs. */
    public List<Meaning> meanings(String place) {
        return place.startsWith("dough") ? Meaning.inDough() : Meaning.inFilling();
    }

    public List<Finding> contradictions() {
        return check.contradictions();
    }

    /** What was not read, guessed or not found: it stands before everything else. */
    public List<Finding> doubts() {
        return check.findings().stream()
                .filter(one -> DOUBTS.contains(one.saying()))
                .toList();
    }

    /** What the figures come to, in a few words. */
    public String verdict() {
        int untold = (int) check.findings().stream()
                .filter(one -> one.saying() == Saying.RECIPE_CANNOT_TELL)
                .count();
        if (!contradictions().isEmpty()) {
            return Count.of(contradictions().size(), "contradiction", "contradictions");
        }
        return untold == 0
                ? "No two of its figures disagree"
                : "No contradiction found; " + Count.of(untold, "sum", "sums") + " cannot be told";
    }

    /** Lines that have no place in the batch that is made of it. */
    public List<String> leftOut() {
        return RecipeBatch.leftOut(read).stream().map(RecipeLine::text).toList();
    }

    /** What was understood of the steps. */
    public List<StepsPart.View> understood() {
        return form.steps().views();
    }

    public List<Finding> findings() {
        return check.findings().stream()
                .filter(one -> !DOUBTS.contains(one.saying()))
                .sorted((a, b) -> b.level().compareTo(a.level()))
                .toList();
    }

    public List<Sentence> forgotten() {
        return check.forgotten();
    }

    public List<DoughView> doughs() {
        return read.doughs().stream().map(this::dough).toList();
    }

    private DoughView dough(RecipeDough dough) {
        List<String> shares = new ArrayList<>();
        double whole = dough.flour().usual();
        dough.flours().entrySet().stream()
                .sorted((a, b) ->
                        Double.compare(b.getValue().usual(), a.getValue().usual()))
                .forEach(one -> shares.add(
                        one.getKey().name() + " " + percent(100 * one.getValue().usual() / whole)));
        for (DoughAddition addition : DoughAddition.values()) {
            if (dough.percent(addition) > 0) {
                shares.add(addition.label() + " " + percent(dough.percent(addition)));
            }
        }
        List<CupFit> fits = distinct(check.cups().getOrDefault(dough.group(), List.of()));
        return new DoughView(
                dough.name() + ": " + dough.family().label().toLowerCase(Locale.ROOT),
                shares,
                dough.wet() && dough.open().isEmpty()
                        ? RecipePicture.of(dough, RecipeCheck.target(read, dough), fits)
                        : Sentence.EMPTY);
    }

    /** Countries whose cups come out the same are shown once. */
    private static List<CupFit> distinct(List<CupFit> fits) {
        Map<String, CupFit> seen = new LinkedHashMap<>();
        fits.forEach(fit -> seen.putIfAbsent(fit.way() + Decimal.fixed(fit.hydration(), 1), fit));
        return List.copyOf(seen.values());
    }

    private static String percent(double value) {
        return Decimal.trimmed(value, 1) + " %";
    }
}
