package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each contradiction alone, with the nearest recipe that does not contradict itself. */
public class RecipeCheckTest {
    private static final String SOUND =
            "Crescents\nMakes 30\n\nDough\n300 g all-round wheat flour\n150 g water\n4 g salt\n\n"
                    + "Filling\n400 g lamb mince\n100 g carrot\n6 g salt\n\nMethod\nRest for 40 minutes. Boil for 5 minutes.";

    private static RecipeCheck check(String text) {
        ReadRecipe read = new RecipeReader(CupStandard.US).read(RecipeText.read(text, ""));
        return RecipeCheck.of(read, Corrections.NONE);
    }

    private static List<String> said(List<Finding> findings) {
        return findings.stream()
                .map(one -> Sentence.of(one.figure(), " ", one.text()).render(UnitSystem.METRIC))
                .toList();
    }

    @Test
    public void aSoundRecipeIsToldSo() {
        RecipeCheck check = check(SOUND);
        assertEquals(said(check.contradictions()), List.of());
        assertTrue(
                check.findings().stream().noneMatch(one -> one.level().compareTo(Finding.Level.GOOD) > 0),
                said(check.findings()).toString());
        assertTrue(said(check.findings())
                .contains("50.0 % effective hydration: a cold-water dough, within 46.6 to 54.6 %."));
        assertTrue(said(check.findings()).contains("1.19 % salt in the filling, within 1.00 to 1.40 % (est.)."));
    }

    @DataProvider
    Object[][] contradictions() {
        return new Object[][] {
            {"150 g water", "150 g (2 cups) water", "150 g against 473 g"},
            {"150 g water", "150 g (2/3 cup) water", null},
            {"150 g water", "260 g water", "86.7 % against 46.6 to 54.6 %"},
            {"150 g water", "162 g water", null},
            {"Rest for 40 minutes.", "Divide into 20 pieces. Rest for 40 minutes.", "30 against 20"},
            {"Rest for 40 minutes.", "Divide into 30 pieces. Rest for 40 minutes.", null},
            {"Rest for 40 minutes.", "Cut into pieces of 25 g. Rest for 40 minutes.", "15.0 g against 25.0 g"},
            {"Rest for 40 minutes.", "Cut into pieces of 16 g. Rest for 40 minutes.", null},
            {"Boil", "Put 30 g of filling on each. Boil", "16.9 g against 30.0 g"},
            {"Boil", "Put 18 g of filling on each. Boil", null},
            {"Boil", "Roll each to a 6 cm circle. Boil", "16.9 g against 9.4 g"},
            {"Boil", "Roll each to a 20 cm circle. Boil", "15.0 g against 200 mm"},
            {"Boil", "Roll each to a 10 cm circle. Boil", null},
            {"Makes 30", "Makes 30\nTotal time: 30 min", "40 against 30"},
            {"Makes 30", "Makes 30\nTotal time: 2 hours", null},
        };
    }

    @Test(dataProvider = "contradictions")
    public void twoFiguresThatCannotBothBeRightAreBothNamed(String from, String to, String figure) {
        assertTrue(SOUND.contains(from), from);
        List<String> figures = check(SOUND.replace(from, to)).contradictions().stream()
                .map(Finding::figure)
                .map(one -> one.render(UnitSystem.METRIC))
                .toList();
        assertEquals(figures, figure == null ? List.of() : List.of(figure));
    }

    @DataProvider
    Object[][] looks() {
        return new Object[][] {
            {
                "6 g salt",
                "2 g salt",
                "0.40 % salt in the filling: bland; about 4.1 g of salt would bring it to 1.20 % (est.)."
            },
            {"6 g salt", "14 g salt", "2.72 % salt in the filling: salty; usual is 1.00 to 1.40 % (est.)."},
            {"Rest for 40 minutes. ", "", "30 min of rest at least for a cold-water dough; none was found in the steps."
            },
            {"Rest for 40 minutes.", "Rest for 10 minutes.", "10 min of rest; a cold-water dough wants at least 30."},
            {
                "400 g lamb mince",
                "100 g lamb mince",
                "0.46 : 1 filling to dough; usual is 0.80 to 2.00: mostly skin, if all of both is used."
            },
            {"Makes 30", "Makes 60", "7.5 g of dough in each of 60; usual is 12.0 g to 20.0 g (est.)."},
            {"Makes 30\n", "", "No yield was found: pieces follow from the usual 15.0 g of dough each."},
            {
                "150 g water\n",
                "",
                "No water is measured in the dough: a cold-water dough takes 140 g to 164 g for this flour (est.)."
            },
            {"150 g water", "water", "Cannot tell how wet the dough is, because of “water”."},
            {"100 g carrot", "some carrot", "Cannot tell how much filling goes into a piece, because of “some carrot”."
            },
            {
                "100 g carrot",
                "100 g moon dust",
                "Cannot tell how much salt in the filling, because of “100 g moon dust”."
            },
        };
    }

    @Test(dataProvider = "looks")
    public void whatIsWorthALookIsSaidWithItsFigure(String from, String to, String said) {
        List<String> all = said(check(SOUND.replace(from, to)).findings());
        assertTrue(all.contains(said), all.toString());
    }

    @Test
    public void cautionsAreForgottenOnlyWhereTheyMatter() {
        assertTrue(check(SOUND).forgotten().stream()
                .anyMatch(one -> one.render(UnitSystem.METRIC).contains("raw filling")));
        String warm = SOUND.replace("150 g water", "150 g water at 55 °C");
        assertTrue(
                check(warm).forgotten().stream()
                        .anyMatch(one -> one.render(UnitSystem.METRIC).contains("in the core")),
                "55 °C is the water's");
        String cooked = SOUND.replace("lamb mince", "mashed potato");
        assertEquals(check(cooked).forgotten(), List.of());
        String pan = SOUND.replace(
                "Boil for 5 minutes.", "Fry in a pan until golden, add water, put the lid on for 5 minutes.");
        assertTrue(check(pan).forgotten().stream()
                .anyMatch(one -> one.render(UnitSystem.METRIC).contains("hot fat spits")));
        String told = pan.replace("add water", "add water (it spits: stand back)");
        assertTrue(check(told).forgotten().stream()
                .noneMatch(one -> one.render(UnitSystem.METRIC).contains("hot fat spits")));
    }
}
