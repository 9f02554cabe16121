package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.amount.Height;
import ironpin.amount.Reading;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.Served;
import ironpin.batch.edit.SpellField;
import ironpin.batch.edit.VesselField;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SaidOtherwiseTest {
    @DataProvider
    public Object[][] said() {
        return new Object[][] {
            {"half-way up", 0.5},
            {"halfway up the dumplings", 0.5},
            {"about half way up their sides", 0.5},
            {"to two thirds of the height", 2 / 3.0},
            {"⅔ up", 2 / 3.0},
            {"a third of the way up", 1 / 3.0},
            {"just covered", 1.0},
            {"to cover", 1.0},
            {"until covered", 1.0},
            // Amounts, and no heights.
            {"1/2", 0.0},
            {"half", 0.0},
            {"half a cup", 0.0},
            {"90", 0.0},
            {"two thirds of a cup", 0.0},
            {"a cover charge", 0.0},
            {"", 0.0},
        };
    }

    @Test(dataProvider = "said")
    public void aHeightIsReadAndAnAmountIsLeftAlone(String text, double share) {
        assertEquals(Height.read(text).orElse(0.0), share, 1e-9, text);
    }

    private static BatchPlan plan(String style) {
        Batch batch =
                Styles.start(Styles.get(style), "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 4, Appetite.USUAL);
        return BatchPlan.of(batch);
    }

    /** By hand: the floor that no piece stands on, times half the height, a gram for each 1,000 mm³. */
    @Test
    public void halfWayUpIsHalfTheHeightOfWhatIsFree() {
        BatchPlan plan = plan("pan-crescent");
        LiquidHeight stands = LiquidHeight.in(plan.lot(1));
        double byHand = stands.free().freeMm2() * stands.height().millimetres() / 2 / 1_000;
        int spell = 0;
        while (plan.lot(1).spells().get(spell).pour().isZero()) {
            spell++;
        }
        Optional<Reading> reading =
                LiquidHeight.typed(SpellField.SPELL_POUR.at(new Address.SpellOf(1, spell)), "half-way up", plan);
        assertEquals(reading.orElseThrow().mass().grams(), byHand, 0.01);
        // A pan of some 24 to 30 cm with pieces of 2 to 3 cm takes something between a glass and a small jug.
        assertTrue(byHand > 80 && byHand < 600, byHand + " g");
        assertTrue(reading.orElseThrow().guessed());
    }

    /** π/6·30³ mm³ of dough at 1.22 g/cm³ is 17.2 g; half of a piece's dough is half of its mass. */
    @Test
    public void aPieceIsSaidByItsWidthOrByTheOtherHalf() {
        BatchPlan plan = plan("boiled-crescent");
        assertEquals(size(CountField.DOUGH_EACH, "3 cm ball", plan), 17.25, 0.02);
        assertEquals(size(CountField.DOUGH_EACH, "30mm across", plan), 17.25, 0.02);
        double dough = plan.lot(1).share().doughEach().grams();
        assertEquals(size(CountField.FILLING_EACH, "half of the dough ball", plan), dough / 2, 0.01);
        assertEquals(size(CountField.FILLING_EACH, "twice the dough", plan), dough * 2, 0.01);
        assertEquals(size(CountField.FILLING_EACH, "half of the filling", plan), 0, 0);
        assertEquals(size(CountField.FILLING_EACH, "18 g", plan), 0, 0);
    }

    /** Half of the pieces to the freezer, twice the water: of what the plan holds now. */
    @Test
    public void halfAndTwiceAreOfWhatThereIs() {
        BatchPlan plan = plan("boiled-crescent");
        int pieces = plan.lot(1).share().pieces();
        Address.OfLot lot = Address.lot(1);
        assertEquals(
                SaidOtherwise.of(CountField.OF_THESE_TO_FREEZER.at(lot), "half", plan)
                        .orElseThrow()
                        .mass()
                        .grams(),
                pieces / 2.0);
        assertEquals(size(CountField.PIECES, "half of them", plan), pieces / 2.0);
        assertEquals(size(CountField.FILLING_EACH, "a third less", plan), 12.0, 0.01);
        assertEquals(size(CountField.DOUGH_EACH, "double it", plan), 30.0, 0.01);
    }

    @Test
    public void forTwiceAsManyWhatWasCountedIsTwiceAsMuch() {
        Batch four = CountField.PIECES
                .at(Address.lot(1))
                .write(plan("boiled-crescent").batch(), 30);
        Batch eight = Served.to(four, 8);
        assertEquals(eight.eaters(), 8);
        assertEquals(BatchPlan.of(eight).lot(1).share().pieces(), 60);
        // As they eat, it follows by itself.
        assertEquals(
                BatchPlan.of(Served.to(plan("boiled-crescent").batch(), 8))
                        .lot(1)
                        .share()
                        .pieces(),
                2 * plan("boiled-crescent").lot(1).share().pieces());
    }

    private static double size(PlanField<Address.OfLot> field, String text, BatchPlan plan) {
        return SaidOtherwise.of(field.at(Address.lot(1)), text, plan)
                .map(reading -> reading.mass().grams())
                .orElse(0.0);
    }

    @Test
    public void nothingStandsHalfWayUpInAPot() {
        BatchPlan plan = plan("boiled-crescent");
        assertTrue(LiquidHeight.typed(VesselField.VESSEL_WATER.at(Address.lot(1)), "half-way up", plan)
                .isEmpty());
        assertTrue(LiquidHeight.typed(VesselField.VESSEL_WATTS.at(Address.lot(1)), "half-way up", plan)
                .isEmpty());
    }
}
