package ironpin.recipe;

import ironpin.amount.Reading;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughBand;
import ironpin.dough.HydrationTarget;
import ironpin.dough.StrangeFlour;
import ironpin.pantry.Flour;
import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.quantity.Spread;
import ironpin.wording.Name;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whether a dough of a recipe is as wet as its family wants, and rests as long. */
public final class DoughCheck {
    private static final double ROUNDED = 0.08;
    private static final double WORTH_A_RANGE = 1;
    /** Points of water by which flours of one kind differ; so near to its band no recipe is wrong. */
    private static final double NEAR = 2;

    /** Points outside the band from which, where it is measured by the cup, nobody's dough is so: one that is only soft is somebody's. */
    private static final double MISTYPED = 8;

    /** Fat, % of the flour, from which a dough is a short pastry; the bands here are for doughs with a tenth at most. */
    private static final double SHORT = 15;

    private final ReadRecipe recipe;
    private final RecipeDough dough;
    private final HydrationTarget target;
    private final List<CupFit> fits;

    DoughCheck(ReadRecipe recipe, RecipeDough dough, Corrections corrections) {
        this.recipe = recipe;
        this.dough = dough;
        this.target = target(recipe, dough);
        this.fits = dough.openWater().isEmpty() && dough.wet()
                ? CupFit.of(recipe, dough.group(), target, corrections)
                : List.of();
    }

    List<CupFit> fits() {
        return fits;
    }

    void say(List<Finding> contradictions, List<Finding> findings) {
        if (!dough.openWater().isEmpty()) {
            findings.add(Doubt.about("how wet the " + Name.within(dough.name()) + " is", dough.openWater()));
        } else if (!dough.wet()) {
            findings.add(dry());
        } else {
            hydration(contradictions, findings);
        }
        for (RecipeLine line : dough.lines()) {
            twice(line).map(said -> fitting(line, said)).ifPresent(contradictions::add);
        }
        rest(findings);
        rises(findings);
    }

    /** A dough with yeast in it is planned like any other here, and that is said. */
    private void rises(List<Finding> findings) {
        boolean yeast = dough.lines().stream().anyMatch(line -> line.food()
                .food()
                .filter(food -> food.key().equals("yeast"))
                .isPresent());
        if (yeast) {
            findings.add(Finding.of(
                    Saying.RECIPE_RISES,
                    Sentence.of("Yeast"),
                    Sentence.of("in the dough: it rises, and here it is planned as a dough that does not."),
                    Sentence.of("Rest it as the recipe says; sizes and times are for flat dough.")));
        }
    }

    /** Where a dough of this recipe should lie. */
    public static HydrationTarget target(ReadRecipe recipe, RecipeDough dough) {
        double shift = 0;
        for (Map.Entry<Flour, Spread> one : dough.flours().entrySet()) {
            shift += one.getValue().usual()
                    / dough.flour().usual()
                    * HydrationTarget.flourShift(dough.family(), one.getKey());
        }
        return new HydrationTarget(dough.band(), recipe.style().method().hydrationShift(), shift, 0);
    }

    private void hydration(List<Finding> contradictions, List<Finding> findings) {
        double low = target.band().low().percent();
        double high = target.band().high().percent();
        double usual = dough.hydration().usual();
        String band = one(low) + " to " + one(high) + " %";
        String figure = one(usual) + " %";
        String kind = Name.within(dough.family().label());
        String a = article(kind);
        String range = dough.hydration().high() - dough.hydration().low() < WORTH_A_RANGE
                ? ""
                : "Its measures leave it open from " + one(dough.hydration().low()) + " to "
                        + one(dough.hydration().high()) + " % (est.).";
        Map<Flour, Double> shares = new HashMap<>();
        dough.flours().forEach((flour, grams) -> shares.put(flour, grams.usual()));
        Optional<Flour> strange = StrangeFlour.in(shares);
        double fat = fatOf(dough);
        if (strange.isEmpty() && fat <= SHORT && Side.of(usual, low, high, 1) == Side.WITHIN) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_IN_BAND,
                    Sentence.of(figure),
                    Sentence.of("effective hydration: " + a + kind + ", within " + band + "."),
                    Sentence.of(range)));
            return;
        }
        if (fat > SHORT) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_NOT_KNOWN,
                    Sentence.of(figure),
                    Sentence.of("effective hydration: with fat for " + one(fat)
                            + " % of the flour it is a short pastry, and how wet that should be is not known here."),
                    Sentence.of(range)));
            return;
        }
        if (strange.isPresent()) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_NOT_KNOWN,
                    Sentence.of(figure),
                    Sentence.of("effective hydration: whether that is wet or dry with "
                            + Name.within(strange.get().name()) + " in it is not known here."),
                    Sentence.of(range)));
            return;
        }
        Band<Percentage> ordinary = DoughBand.ordinary(dough.family());
        boolean someKind = dough.hydration().high() >= ordinary.low().percent() - NEAR
                && dough.hydration().low() <= ordinary.high().percent() + NEAR;
        Optional<CupFit> best = fits.stream().filter(CupFit::fits).findFirst();
        boolean open = dough.hydration().high() >= low && dough.hydration().low() <= high;
        // By the reading that is kindest to it.
        double off = Math.max(low - dough.hydration().high(), dough.hydration().low() - high);
        String outside = "effective hydration, outside " + band + " for " + a + kind;
        if (best.isPresent()) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_BY_CUP,
                    Sentence.of(figure),
                    Sentence.of(outside + "; with " + best.get().cups().label() + " cups, "
                            + best.get().way() + ", it is " + one(best.get().hydration()) + " %: that reading fits."),
                    Sentence.of(range)));
        } else if (open || !range.isEmpty() && off < MISTYPED || twoKinds(ordinary) && someKind) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_OPEN, Sentence.of(figure), Sentence.of(outside + "."), Sentence.of(range)));
        } else if (usual > low - NEAR && usual < high + NEAR) {
            findings.add(Finding.of(
                    Saying.RECIPE_HYDRATION_NEAR,
                    Sentence.of(figure),
                    Sentence.of("effective hydration, just " + (usual < low ? "under " : "over ") + band + " for " + a
                            + kind + "."),
                    Sentence.of("Flours differ by as much: feel the dough.")));
        } else {
            contradictions.add(Finding.of(
                    Saying.RECIPE_HYDRATION_AGAINST_BAND,
                    Sentence.of(figure + " against " + band),
                    Sentence.of("effective hydration in the " + Name.within(dough.name()) + ": too "
                            + (usual < low ? "dry" : "wet") + " for " + a + kind + " however it is measured."),
                    Sentence.of(
                            "It has ",
                            grams(dough.flour().usual()),
                            " of flour. Flour or water may be mistyped, or the family" + " is another.")));
        }
    }

    private static double fatOf(RecipeDough dough) {
        return dough.percent(DoughAddition.OIL)
                + dough.percent(DoughAddition.LARD)
                + dough.percent(DoughAddition.BUTTER);
    }

    /** Families that are really two: what is outside one band may be ordinary in the other. */
    private boolean twoKinds(Band<Percentage> ordinary) {
        return !ordinary.equals(dough.family().hydration());
    }

    private Finding dry() {
        double flour = dough.flour().usual();
        return Finding.of(
                Saying.RECIPE_NO_WATER,
                Sentence.of("No water"),
                Sentence.of(
                        "is measured in the ",
                        Name.within(dough.name()),
                        ": a ",
                        Name.within(dough.family().label()),
                        " takes ",
                        grams(flour * target.band().low().fraction()),
                        " to ",
                        grams(flour * target.band().high().fraction()),
                        " for this flour (est.)."),
                Sentence.EMPTY);
    }

    /** Which of two measures of the flour makes a dough. */
    private Finding fitting(RecipeLine line, Finding said) {
        if (!(line.meaning().orElse(null) instanceof Meaning.OfFlour)
                || !dough.openWater().isEmpty()) {
            return said;
        }
        Reading read = line.reading().orElseThrow();
        double weighed = read.mass().grams();
        double second = read.second().orElseThrow().mass().grams();
        double now = dough.hydration().usual();
        double flour = dough.flour().usual();
        double other = now * flour / (flour + (second - weighed) * line.share());
        boolean first = fits(now);
        if (first == fits(other)) {
            return said;
        }
        return Finding.of(
                Saying.RECIPE_TWO_MEASURES,
                said.figure(),
                Sentence.of(
                        said.text(),
                        " ",
                        grams(first ? weighed : second),
                        " fits: it makes ",
                        one(first ? now : other),
                        " %, the other ",
                        one(first ? other : now),
                        " %."),
                said.why());
    }

    private boolean fits(double percent) {
        return Side.of(
                        percent,
                        target.band().low().percent(),
                        target.band().high().percent(),
                        1)
                == Side.WITHIN;
    }

    /** One thing measured two ways that differ. */
    static Optional<Finding> twice(RecipeLine line) {
        return line.reading()
                .filter(read -> read.second()
                        .filter(second -> !second.agrees() && apart(read, second))
                        .isPresent())
                .map(read -> {
                    Reading.Second second = read.second().orElseThrow();
                    return Finding.of(
                            Saying.RECIPE_TWO_MEASURES,
                            Sentence.of(
                                    grams(read.mass().grams()),
                                    " against ",
                                    grams(second.mass().grams())),
                            Sentence.of("for one thing: “" + line.text() + "” gives two measures that do not agree."),
                            Sentence.of(
                                    second.said(),
                                    " weighs ",
                                    grams(second.range().low().grams()),
                                    " to ",
                                    grams(second.range().high().grams()),
                                    " (est.)."));
                });
    }

    /** Recipes round their cups to what a set of them can measure. */
    private static boolean apart(Reading first, Reading.Second second) {
        double a = first.mass().grams();
        double b = second.mass().grams();
        return Math.abs(a - b) > ROUNDED * Math.max(a, b);
    }

    private static String article(String kind) {
        return kind.matches("[aeio].*") ? "an " : "a ";
    }

    private void rest(List<Finding> findings) {
        Duration least = dough.family().rest().low();
        Optional<Duration> rest = recipe.hints().rest();
        String kind = Name.within(dough.family().label());
        if (rest.isEmpty() && !least.isZero()) {
            findings.add(Finding.of(
                    Saying.RECIPE_REST_NONE,
                    Sentence.of(least.toMinutes() + " min"),
                    Sentence.of("of rest at least for " + article(kind) + kind + "; none was found in the steps."),
                    dough.family().wheat()
                            ? Sentence.of("Without it the dough shrinks back when it is rolled.")
                            : Sentence.of("Without it the flour has not drunk, and the edge cracks.")));
        } else if (rest.isPresent() && rest.get().compareTo(least) < 0) {
            findings.add(Finding.of(
                    Saying.RECIPE_REST_SHORT,
                    Sentence.of(rest.get().toMinutes() + " min"),
                    Sentence.of("of rest; " + article(kind) + kind + " wants at least " + least.toMinutes() + "."),
                    Sentence.EMPTY));
        }
    }

    private static String one(double value) {
        return Decimal.fixed(value, 1);
    }

    private static Sentence grams(double grams) {
        return Quantity.mass(grams, 0);
    }
}
