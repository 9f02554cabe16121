package ironpin.recipe;

import ironpin.amount.Spread;
import ironpin.batch.Style;
import ironpin.plan.Finding;
import ironpin.quantity.Decimal;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.util.List;
import java.util.Optional;

/** Whether dough, filling, pieces, sizes and wrapper of a recipe go together. */
final class PieceCheck {
    private static final double BENCH_LOSS = 0.99;

    /** Two figures for one thing may differ so much, and cooks weigh by eye. */
    private static final double DOUGH_TOLERANCE = 0.12;

    private static final double FILLING_TOLERANCE = 0.15;
    private static final double THINNEST_MM = 0.6;

    private PieceCheck() {}

    static void of(ReadRecipe recipe, List<Finding> contradictions, List<Finding> findings) {
        count(recipe, contradictions);
        Optional<Integer> pieces = recipe.pieces();
        if (pieces.isEmpty()) {
            findings.add(Finding.look(
                    "No yield",
                    "is given: pieces follow from the usual size, "
                            + Quoted.mass(recipe.style().doughEach().grams(), 0) + " of dough each.",
                    "",
                    null));
            return;
        }
        int fewest = pieces.get();
        int most = recipe.yield().most().orElse(fewest);
        Optional<Spread> dough = total(
                        recipe.doughs().stream().map(RecipeDough::mass).toList())
                .map(all -> each(all.times(BENCH_LOSS), fewest, most));
        Optional<Spread> filling = total(
                        recipe.fillings().stream().map(RecipeFilling::mass).toList())
                .map(all -> each(all, fewest, most));
        dough.ifPresent(each -> dough(recipe, each, fewest, contradictions, findings));
        filling.ifPresent(each -> filling(recipe, each, fewest, contradictions, findings));
        if (dough.isPresent() && filling.isPresent()) {
            ratio(dough.get(), filling.get(), findings);
        }
        recipe.yield()
                .eaters()
                .ifPresent(eaters -> findings.add(Finding.note(
                        RecipeCheck.one((double) fewest / eaters), "pieces for each of " + eaters + " eaters.", "")));
        wrapper(recipe, dough, filling, contradictions, findings);
    }

    private static void count(ReadRecipe recipe, List<Finding> contradictions) {
        Optional<Integer> count = recipe.hints().count();
        Optional<Integer> fewest = recipe.yield().fewest();
        if (count.isPresent() && fewest.isPresent()) {
            int most = recipe.yield().most().orElse(fewest.get());
            boolean each = fewest.get() == count.get() * recipe.doughs().size();
            if (!each && (count.get() < fewest.get() || count.get() > most)) {
                contradictions.add(Finding.stop(
                        recipe.yield().said().orElseThrow() + " against " + count.get(),
                        "pieces: it says it makes " + recipe.yield().said().orElseThrow()
                                + " and divides the dough into " + count.get() + ".",
                        "",
                        null));
            }
        }
    }

    private static void dough(
            ReadRecipe recipe, Spread each, int pieces, List<Finding> contradictions, List<Finding> findings) {
        Optional<Spread> said = recipe.hints().doughEach();
        if (said.isPresent() && apart(each, said.get(), DOUGH_TOLERANCE)) {
            contradictions.add(differ("dough", "At the stated size it makes", each, said.get(), pieces));
            return;
        }
        Style style = recipe.style();
        boolean usual = style.doughBand().contains(Mass.ofGrams(each.usual()));
        String band = Quoted.mass(style.doughBand().low().grams(), 0) + " to "
                + Quoted.mass(style.doughBand().high().grams(), 0);
        findings.add(
                usual
                        ? Finding.good(grams(each), "of dough in each of " + pieces + ", usual is " + band + ".", "")
                        : Finding.look(
                                grams(each), "of dough in each of " + pieces + "; usual is " + band + ".", "", null));
    }

    private static void filling(
            ReadRecipe recipe, Spread each, int pieces, List<Finding> contradictions, List<Finding> findings) {
        Optional<Spread> said = recipe.hints().fillingEach();
        if (said.isPresent() && apart(each, said.get(), FILLING_TOLERANCE)) {
            contradictions.add(differ("filling", "At the stated spoon it fills", each, said.get(), pieces));
            return;
        }
        findings.add(Finding.note(grams(each), "of filling for each of " + pieces + " (est.).", ""));
    }

    private static void ratio(Spread dough, Spread filling, List<Finding> findings) {
        double ratio = filling.usual() / dough.usual();
        String figure = Decimal.fixed(ratio, 2) + " : 1";
        findings.add(
                ratio >= Style.LEAST_FILLING && ratio <= Style.MOST_FILLING
                        ? Finding.good(figure, "filling to dough.", "")
                        : Finding.look(
                                figure,
                                "filling to dough; usual is " + Style.LEAST_FILLING + " to " + Style.MOST_FILLING + ". "
                                        + (ratio < Style.LEAST_FILLING ? "Dough" : "Filling") + " will be left over.",
                                "",
                                null));
    }

    private static void wrapper(
            ReadRecipe recipe,
            Optional<Spread> dough,
            Optional<Spread> filling,
            List<Finding> contradictions,
            List<Finding> findings) {
        Optional<Length> disc = recipe.hints().disc();
        Fold fold = recipe.style().fold();
        if (disc.isEmpty()) {
            return;
        }
        String wide = Quoted.length(disc.get().millimetres(), 0);
        Optional<Spread> skin = recipe.hints().doughEach().or(() -> dough);
        if (skin.isPresent() && fold.enclosure() != Fold.Enclosure.DISC) {
            WrapperProfile profile = WrapperProfile.ofDiameter(
                    Mass.ofGrams(skin.get().usual()),
                    disc.get(),
                    recipe.style().shape().centreToRim());
            if (profile.rim().millimetres() < THINNEST_MM) {
                contradictions.add(Finding.stop(
                        grams(skin.get()) + " against " + wide,
                        "of dough rolled so wide: the rim would be "
                                + Quoted.length(profile.rim().millimetres(), 1) + " thin and tear (est.).",
                        "",
                        null));
            }
        }
        Optional<Spread> inside = recipe.hints().fillingEach().or(() -> filling);
        if (inside.isEmpty()) {
            return;
        }
        double grams = inside.get().usual();
        if (fold.enclosure() == Fold.Enclosure.DISC) {
            skin.map(each -> StuffedBread.of(Mass.ofGrams(each.usual()), Mass.ofGrams(grams), disc.get()))
                    .filter(bread -> !bread.holds())
                    .ifPresent(bread -> contradictions.add(Finding.stop(
                            grams(inside.get()) + " against " + wide,
                            "of filling in a bread so wide: the skin would be "
                                    + Quoted.length(bread.skin().millimetres(), 1) + " and tear (est.).",
                            "",
                            null)));
            return;
        }
        FillRoom room = FillRoom.of(disc.get(), fold);
        if (grams > room.bound().grams()) {
            contradictions.add(Finding.stop(
                    grams(inside.get()) + " against " + Quoted.mass(room.bound().grams(), 0),
                    "of filling: a wrapper of " + wide + " holds no more than the second (est.).",
                    "Roll wider or fill less.",
                    null));
        } else if (grams > room.comfortable().grams()) {
            findings.add(Finding.look(
                    grams(inside.get()),
                    "of filling is much for a wrapper of " + wide + ": it closes with ease round "
                            + Quoted.mass(room.comfortable().grams(), 0) + " (est.).",
                    "",
                    null));
        } else {
            findings.add(Finding.good(grams(inside.get()), "of filling fits a wrapper of " + wide + " (est.).", ""));
        }
    }

    private static Finding differ(String what, String otherwise, Spread each, Spread said, int pieces) {
        return Finding.stop(
                grams(each) + " against " + grams(said),
                "of " + what + " in a piece: what is mixed gives the first for " + pieces
                        + " pieces, the steps say the second.",
                otherwise + " " + Math.round(each.usual() * pieces / said.usual()) + " pieces.",
                null);
    }

    private static Optional<Spread> total(List<Spread> masses) {
        return masses.stream().reduce(Spread::plus);
    }

    private static Spread each(Spread all, int fewest, int most) {
        double usual = all.usual() / ((fewest + most) / 2.0);
        return new Spread(all.low() / most, usual, all.high() / fewest);
    }

    private static boolean apart(Spread worked, Spread said, double tolerance) {
        return worked.low() * (1 - tolerance) > said.high() || worked.high() * (1 + tolerance) < said.low();
    }

    private static String grams(Spread each) {
        return Quoted.mass(each.usual(), 1);
    }
}
