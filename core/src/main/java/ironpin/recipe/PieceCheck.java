package ironpin.recipe;

import ironpin.plan.Finding;
import ironpin.plan.Saying;
import ironpin.quantity.Decimal;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Side;
import ironpin.quantity.Spread;
import ironpin.style.Style;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether dough, filling, pieces, sizes and wrapper of a recipe go together. */
final class PieceCheck {
    private static final double BENCH_LOSS = 0.99;

    /** Two figures for one thing may differ so much, and cooks weigh by eye. */
    private static final double DOUGH_TOLERANCE = 0.12;

    private static final double FILLING_TOLERANCE = 0.15;
    private static final double THINNEST_MM = 0.6;

    private final ReadRecipe recipe;
    private final List<Finding> contradictions;
    private final List<Finding> findings;
    private final int fewest;
    private final int most;
    private final Optional<Spread> dough;
    private final Optional<Spread> filling;

    private PieceCheck(ReadRecipe recipe, int fewest, List<Finding> contradictions, List<Finding> findings) {
        this.recipe = recipe;
        this.contradictions = contradictions;
        this.findings = findings;
        this.fewest = fewest;
        this.most = recipe.yield().most().filter(high -> high >= fewest).orElse(fewest);
        this.dough = known(
                        openDough(recipe),
                        recipe.doughs().stream().map(RecipeDough::mass).toList())
                .map(all -> each(all.times(BENCH_LOSS)));
        this.filling = known(
                        openFilling(recipe),
                        recipe.fillings().stream().map(RecipeFilling::mass).toList())
                .map(this::each);
    }

    static void of(ReadRecipe recipe, List<Finding> contradictions, List<Finding> findings) {
        count(recipe).ifPresent(contradictions::add);
        Optional<Integer> pieces = recipe.pieces();
        if (pieces.isEmpty()) {
            findings.add(noYield(recipe));
            return;
        }
        new PieceCheck(recipe, pieces.get(), contradictions, findings).say();
    }

    /** What one piece weighs as far as every line of it is known, g. */
    static Optional<Double> pieceGrams(ReadRecipe recipe) {
        if (recipe.pieces().isEmpty()) {
            return recipe.hints()
                    .doughEach()
                    .flatMap(dough -> recipe.hints().fillingEach().map(filling -> dough.usual() + filling.usual()));
        }
        PieceCheck check = new PieceCheck(recipe, recipe.pieces().get(), new ArrayList<>(), new ArrayList<>());
        return check.dough.flatMap(dough -> check.filling.map(filling -> dough.usual() + filling.usual()));
    }

    private void say() {
        if (dough.isPresent()) {
            dough(dough.get());
        } else if (!recipe.doughs().isEmpty()) {
            findings.add(Doubt.about("how much dough goes into a piece", openDough(recipe)));
        }
        if (filling.isPresent()) {
            filling(filling.get());
        } else if (!recipe.fillings().isEmpty()) {
            findings.add(Doubt.about("how much filling goes into a piece", openFilling(recipe)));
        }
        if (dough.isPresent() && filling.isPresent()) {
            ratio(dough.get(), filling.get());
        }
        recipe.yield()
                .eaters()
                .ifPresent(eaters -> findings.add(Finding.of(
                        Saying.RECIPE_FOR_EATERS,
                        Sentence.of(Decimal.trimmed((double) fewest / eaters, 1)),
                        Sentence.of("pieces for each of " + eaters + (eaters == 1 ? " eater." : " eaters.")),
                        Sentence.EMPTY)));
        wrapper();
    }

    private static List<RecipeLine> openDough(ReadRecipe recipe) {
        return recipe.doughs().stream().flatMap(one -> one.open().stream()).toList();
    }

    private static List<RecipeLine> openFilling(ReadRecipe recipe) {
        return recipe.fillings().stream().flatMap(one -> one.open().stream()).toList();
    }

    private static Optional<Spread> known(List<RecipeLine> open, List<Spread> masses) {
        return open.isEmpty() ? masses.stream().reduce(Spread::plus) : Optional.empty();
    }

    private static Finding noYield(ReadRecipe recipe) {
        Style style = recipe.style();
        Optional<Spread> said = recipe.hints().doughEach();
        double each = said.map(Spread::usual).orElse(style.doughEach().grams());
        return Finding.of(
                Saying.RECIPE_NO_YIELD,
                Sentence.of("No yield"),
                Sentence.of(
                        "was found: pieces follow from ",
                        said.isPresent() ? "the stated " : "the usual ",
                        Quantity.mass(each, 1),
                        " of dough each."),
                Sentence.of("Type how many it makes in the field above."));
    }

    private static Optional<Finding> count(ReadRecipe recipe) {
        Optional<Integer> count = recipe.hints().count();
        Optional<Integer> fewest = recipe.yield().fewest();
        if (count.isEmpty() || fewest.isEmpty()) {
            return Optional.empty();
        }
        int most = recipe.yield().most().orElse(fewest.get());
        int doughs = Math.max(recipe.doughs().size(), recipe.fillings().size());
        boolean each = doughs > 1 && fewest.get() == count.get() * doughs;
        if (each || count.get() >= fewest.get() && count.get() <= most) {
            return Optional.empty();
        }
        String said = recipe.yield().said().orElseThrow();
        return Optional.of(Finding.of(
                Saying.RECIPE_TWO_COUNTS,
                Sentence.of(said + " against " + count.get()),
                Sentence.of("pieces: it says it makes " + said + " and divides the dough into " + count.get() + "."),
                Sentence.EMPTY));
    }

    private void dough(Spread each) {
        Optional<Spread> said = recipe.hints().doughEach();
        if (said.isPresent() && apart(each, said.get(), DOUGH_TOLERANCE)) {
            contradictions.add(differ("dough", "At the stated size it makes", each, said.get()));
            return;
        }
        Style style = recipe.style();
        double low = style.doughBand().low().grams();
        double high = style.doughBand().high().grams();
        boolean usual = Side.of(each.usual(), low, high, 1) == Side.WITHIN;
        Sentence band = Sentence.of(fine(low), " to ", fine(high));
        findings.add(
                usual
                        ? Finding.of(
                                Saying.RECIPE_DOUGH_EACH,
                                grams(each),
                                Sentence.of("of dough in each of ", of(), ", usual is ", band, " (est.)."),
                                Sentence.EMPTY)
                        : Finding.of(
                                Saying.RECIPE_DOUGH_EACH_UNUSUAL,
                                grams(each),
                                Sentence.of("of dough in each of ", of(), "; usual is ", band, " (est.)."),
                                Sentence.EMPTY));
    }

    private String of() {
        return most > fewest ? fewest + " to " + most : String.valueOf(fewest);
    }

    private void filling(Spread each) {
        Optional<Spread> said = recipe.hints().fillingEach();
        if (said.isPresent() && apart(each, said.get(), FILLING_TOLERANCE)) {
            contradictions.add(differ("filling", "At the stated spoon it fills", each, said.get()));
            return;
        }
        findings.add(Finding.of(
                Saying.RECIPE_FILLING_EACH,
                grams(each),
                Sentence.of("of filling for each of " + of() + " (est.)."),
                Sentence.EMPTY));
    }

    private void ratio(Spread doughEach, Spread fillingEach) {
        double ratio = fillingEach.usual() / doughEach.usual();
        String figure = two(ratio) + " : 1";
        Side side = Side.of(ratio, Style.LEAST_FILLING, Style.MOST_FILLING, 2);
        String usual = "usual is " + two(Style.LEAST_FILLING) + " to " + two(Style.MOST_FILLING);
        findings.add(
                switch (side) {
                    case WITHIN ->
                        Finding.of(
                                Saying.RECIPE_RATIO_IN_BAND,
                                Sentence.of(figure),
                                Sentence.of("filling to dough; " + usual + "."),
                                Sentence.EMPTY);
                    case BELOW ->
                        Finding.of(
                                Saying.RECIPE_RATIO_OUT,
                                Sentence.of(figure),
                                Sentence.of("filling to dough; " + usual + ": mostly skin, if all of both is used."),
                                Sentence.EMPTY);
                    case ABOVE ->
                        Finding.of(
                                Saying.RECIPE_RATIO_OUT,
                                Sentence.of(figure),
                                Sentence.of("filling to dough; " + usual + ": very full, if all of both is used."),
                                Sentence.EMPTY);
                });
    }

    private void wrapper() {
        Optional<Length> disc = recipe.hints().disc();
        if (disc.isEmpty()) {
            return;
        }
        Optional<Spread> skin = recipe.hints().doughEach().or(() -> dough);
        Optional<Spread> inside = recipe.hints().fillingEach().or(() -> filling);
        if (recipe.fold().enclosure() == Fold.Enclosure.DISC) {
            bread(disc.get(), skin, inside);
        } else {
            skin.ifPresent(each -> rim(disc.get(), each));
            inside.ifPresent(each -> room(disc.get(), each));
        }
    }

    private void rim(Length disc, Spread skin) {
        WrapperProfile profile = WrapperProfile.ofDiameter(
                Mass.ofGrams(skin.usual()), disc, recipe.style().shape().centreToRim());
        if (Side.of(profile.rim().millimetres(), THINNEST_MM, Double.MAX_VALUE, 1) == Side.BELOW) {
            contradictions.add(Finding.of(
                    Saying.RECIPE_RIM_TEARS,
                    Sentence.of(grams(skin), " against ", wide(disc)),
                    Sentence.of(
                            "of dough rolled so wide: the rim would be ",
                            mm(profile.rim().millimetres()),
                            " thin and tear (est.)."),
                    Sentence.EMPTY));
        }
    }

    private void bread(Length disc, Optional<Spread> skin, Optional<Spread> inside) {
        if (skin.isEmpty() || inside.isEmpty()) {
            return;
        }
        StuffedBread bread = StuffedBread.of(
                Mass.ofGrams(skin.get().usual()), Mass.ofGrams(inside.get().usual()), disc);
        if (!bread.holds()) {
            contradictions.add(Finding.of(
                    Saying.RECIPE_SKIN_TEARS,
                    Sentence.of(grams(skin.get()), " against ", wide(disc)),
                    Sentence.of(
                            "of dough in a bread so wide: the skin would be ",
                            mm(bread.skin().millimetres()),
                            " on either side and tear (est.)."),
                    Sentence.EMPTY));
        }
    }

    private void room(Length disc, Spread inside) {
        FillRoom room = FillRoom.of(FillRoom.Skin.usual(disc), recipe.fold());
        double grams = inside.usual();
        double most = room.most().grams();
        double ease = room.comfortable().grams();
        if (Side.of(inside.low(), 0, most, 1) == Side.ABOVE) {
            contradictions.add(Finding.of(
                    Saying.RECIPE_FILL_BURSTS,
                    Sentence.of(grams(inside), " against ", fine(most)),
                    Sentence.of(
                            "of filling: a wrapper of ",
                            wide(disc),
                            " holds no more than the second, pulled as far as it goes (est.)."),
                    Sentence.of("Roll wider or fill less.")));
        } else if (Side.of(grams, 0, ease, 1) == Side.ABOVE) {
            findings.add(Finding.of(
                    Saying.RECIPE_FILL_TIGHT,
                    grams(inside),
                    Sentence.of(
                            "of filling is ",
                            grams > room.bound().grams() ? "hard to close" : "tight",
                            " in a wrapper of ",
                            wide(disc),
                            ": it closes with ease round ",
                            fine(ease),
                            " (est.)."),
                    Sentence.EMPTY));
        } else {
            findings.add(Finding.of(
                    Saying.RECIPE_FILL_FITS,
                    grams(inside),
                    Sentence.of("of filling fits a wrapper of ", wide(disc), " (est.)."),
                    Sentence.EMPTY));
        }
    }

    private Finding differ(String what, String otherwise, Spread each, Spread said) {
        return Finding.of(
                Saying.RECIPE_EACH_AGAINST,
                Sentence.of(grams(each), " against ", grams(said)),
                Sentence.of("of " + what + " in a piece: what is mixed gives the first for " + of()
                        + " pieces, the steps say the second."),
                Sentence.of(otherwise + " about " + Math.round(each.usual() * (fewest + most) / 2.0 / said.usual())
                        + " pieces."));
    }

    private Spread each(Spread all) {
        double usual = all.usual() / ((fewest + most) / 2.0);
        return new Spread(all.low() / most, usual, all.high() / fewest);
    }

    private static boolean apart(Spread worked, Spread said, double tolerance) {
        return worked.low() * (1 - tolerance) > said.high() || worked.high() * (1 + tolerance) < said.low();
    }

    private static Sentence grams(Spread each) {
        return fine(each.usual());
    }

    private static Sentence fine(double grams) {
        return Quantity.mass(grams, 1);
    }

    private static Sentence mm(double mm) {
        return Quantity.length(mm, 1);
    }

    private static Sentence wide(Length disc) {
        return Quantity.length(disc.millimetres(), 0);
    }

    private static String two(double value) {
        return Decimal.fixed(value, 2);
    }
}
