package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.DoughField;
import ironpin.caution.Caution;
import ironpin.cook.CookMethod;
import ironpin.dough.DoughFamily;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.DoughStart;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the dough station says, and when it says it. */
public class DoughFindingsTest {
    private static final Kit KIT = Kit.usual();

    private static Batch start(String style) {
        return Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    private static Batch of(DoughFamily family, String style) {
        Batch batch = start(style);
        return Composing.family(batch, 1, family, batch.lot(1).method(), KIT);
    }

    private static String said(Batch batch) {
        return Findings.at(Station.DOUGH, BatchPlan.of(batch), 1).stream()
                .map(one -> Sentence.of(one.level().label(), ": ", one.figure(), " ", one.text(), " ", one.why())
                        .render(UnitSystem.METRIC))
                .collect(Collectors.joining("\n"));
    }

    @Test
    public void aFlourThatTaughtSomethingIsNamedWithItsRange() {
        Absorption known = Absorption.UNKNOWN.after(Percentage.of(3), 1).after(Percentage.of(2), 1);
        Flour thirsty = KIT.flour("all-round").orElseThrow().withAbsorption(known);
        String said = said(Composing.flour(start("boiled-crescent"), 1, 0, thirsty));
        assertTrue(said.contains("note: +2.1 points learned for the all-round wheat flour (est.)."), said);
        assertTrue(said.contains("From 2 batches; nine times in ten between +0.5 and +3.7."), said);
        assertTrue(said.contains("+0.6 for this flour, +2.1 learned"), said);
        assertFalse(said(start("boiled-crescent")).contains("learned"));
    }

    @Test
    public void aFlourTypedButNotTaughtMovesTheBandWithoutASentenceOfItsOwn() {
        Flour typed = KIT.flour("all-round").orElseThrow().withAbsorption(Absorption.typed(Percentage.of(-2)));
        String said = said(Composing.flour(start("boiled-crescent"), 1, 0, typed));
        assertTrue(said.contains("−2.0 learned"), said);
        assertFalse(said.contains("points learned for"), said);
    }

    @DataProvider
    public Object[][] sentences() {
        return new Object[][] {
            {of(DoughFamily.COLD_WATER, "steamed-leaf"), "look: Cold-water dough is rarely steamed"},
            {of(DoughFamily.COLD_WATER, "steamed-leaf"), "comes out tough"},
            {of(DoughFamily.MAIZE, "boiled-crescent"), "is rarely boiled: usual is cold-water dough."},
            {of(DoughFamily.CLEAR_STARCH, "steamed-leaf"), "good: 98 °C water suits this family."},
            {
                DoughField.WATER_TEMPERATURE.write(of(DoughFamily.CLEAR_STARCH, "steamed-leaf"), Address.dough(1), 60),
                "stop: 60 °C water does nothing here: this family needs it boiling."
            },
            {
                DoughField.WATER_TEMPERATURE.write(start("boiled-crescent"), Address.dough(1), 60),
                "look: 60 °C water: this family wants 15–30 °C."
            },
            {
                DoughField.REST.write(start("boiled-crescent"), Address.dough(1), 90),
                "so most of it moves into the fridge"
            },
            {
                DoughField.REST.write(start("boiled-crescent"), Address.dough(1), 10),
                "Too little rest springs back under the pin."
            },
            {start("steamed-leaf"), "Hands may go in after about 9 min, under 45 °C."},
            {start("steamed-leaf"), "wants about 9 points more water than a cold dough."},
            {start("boiled-crescent"), "Hands may go in at once."},
        };
    }

    @Test(dataProvider = "sentences")
    public void theSentenceFitsTheDough(Batch batch, String sentence) {
        assertTrue(said(batch).contains(sentence), said(batch));
    }

    @Test
    public void aFixForTheWaterIsPouredAsHotAsThisKettleGets() {
        Batch cool =
                DoughField.WATER_TEMPERATURE.write(of(DoughFamily.CLEAR_STARCH, "steamed-leaf"), Address.dough(1), 60);
        Finding stop = Findings.at(Station.DOUGH, BatchPlan.of(cool), 1).get(0);
        assertEquals(stop.fix().orElseThrow().value(), 96, 1e-9);
        Batch mended = stop.fix().get().applyTo(cool);
        assertTrue(Findings.at(Station.DOUGH, BatchPlan.of(mended), 1).stream()
                .noneMatch(one -> one.level() == Finding.Level.STOP));
    }

    @Test
    public void familiesThatSuitTheMethodNeedNoDecision() {
        for (CookMethod method : CookMethod.all()) {
            for (DoughFamily family : DoughStart.offered(method)) {
                Batch batch = Composing.family(start("boiled-crescent").withMethod(1, method), 1, family, method, KIT);
                Finding.Level worst = Findings.worst(Station.DOUGH, BatchPlan.of(batch));
                assertTrue(worst.compareTo(Finding.Level.GOOD) <= 0, family + " " + method.key() + "\n" + said(batch));
            }
        }
    }

    @Test
    public void aBoughtWrapperHasItsOwnSentencesAndNoDoughs() {
        Batch batch = Composing.bought(
                start("steamed-leaf"),
                1,
                Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK)));
        BatchPlan plan = BatchPlan.of(batch);
        assertTrue(said(batch).contains("54 wrappers out of 2 packs, no dough to make."), said(batch));
        assertEquals(Findings.cautions(Station.DOUGH, plan.lot(1)), List.of());
        List<Finding> portion = Findings.at(Station.PORTION, plan, 1);
        assertEquals(portion.get(0).figure().render(UnitSystem.METRIC), "6 wrappers");
        Batch more = portion.get(0).fix().orElseThrow().applyTo(batch);
        assertEquals(BatchPlan.of(more).lot(1).packs().orElseThrow().over(), 0);
        assertTrue(Findings.at(Station.FOLD, plan, 1).stream()
                .anyMatch(one -> one.text().render(UnitSystem.METRIC).contains("wet")));
        assertTrue(Findings.at(Station.ROLL, plan, 1)
                .get(0)
                .text()
                .render(UnitSystem.METRIC)
                .contains("nothing to roll"));
    }

    @Test
    public void hotAndColdDoughsCarryTheirCautions() {
        LotPlan starch =
                BatchPlan.of(of(DoughFamily.CLEAR_STARCH, "steamed-leaf")).lot(1);
        assertTrue(Findings.cautions(Station.DOUGH, starch).contains(Caution.BOILING_STARCH));
        assertFalse(Findings.cautions(Station.DOUGH, starch).contains(Caution.HOT_DOUGH));
        LotPlan cold = BatchPlan.of(DoughField.REST.write(start("boiled-crescent"), Address.dough(1), 600))
                .lot(1);
        assertTrue(Findings.cautions(Station.DOUGH, cold).contains(Caution.COLD_REST));
        assertTrue(Caution.COLD_REST.text().render(UnitSystem.US).contains("41 °F"));
    }
}
