package ironpin.dough;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.NotThere;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class DoughFormulaTest {
    @Test
    public void percentagesAreOfTheFlour() {
        DoughMasses dough = DoughFormula.of(50, 1.2, 0).fromFlour(Mass.ofGrams(620));
        assertEquals(dough.total(), Mass.ofGrams(937.44));
        assertEquals(dough.of(DoughAddition.WATER), Mass.ofGrams(310));
        assertEquals(dough.of(DoughAddition.SALT), Mass.ofGrams(7.44));
    }

    @Test
    public void eggAndDairyWetTheFlourToo() {
        // 400 g flour, 150 g water, one egg of 50 g, 30 g soured cream.
        DoughFormula formula = new DoughFormula(List.of(
                new DoughLine(DoughAddition.WATER, Percentage.of(37.5)),
                new DoughLine(DoughAddition.EGG, Percentage.of(12.5)),
                new DoughLine(DoughAddition.SOURED_CREAM, Percentage.of(7.5))));
        assertEquals(formula.effectiveHydration().percent(), 52.3, 0.05);
        assertEquals(formula.hydration(), Percentage.of(37.5));
    }

    /** 100 g flour and 50 g water are 150 g; 8 % of that strewn is 12 g: 50 of 112 are 44.6 %. */
    @Test
    public void whatIsStrewnWantsWaterToo() {
        DoughFormula formula = DoughFormula.of(50, 0, 0);
        assertEquals(formula.dusted(Percentage.of(8)).percent(), 100 * 50 / 112.0, 1e-3);
        assertEquals(formula.dusted(Percentage.ZERO), Percentage.of(50));
        // 48 % are left where 50/48 of the flour is there: 4.17 g on 150 g.
        assertEquals(formula.dustingFor(2).percent(), 100 * (100 / 24.0) / 150, 1e-3);
    }

    @Test
    public void forDoughUndoesFromFlour() {
        Random random = new Random(2);
        for (int i = 0; i < 2_000; i++) {
            DoughFormula formula =
                    DoughFormula.of(40 + random.nextInt(60), random.nextDouble() * 2, random.nextInt(10));
            Mass wanted = Mass.ofGrams(50 + random.nextInt(4_000));
            assertEquals(formula.forDough(wanted).total().grams(), wanted.grams(), 1e-5);
        }
    }

    @Test
    public void eachAdditionHasItsOwnShare() {
        DoughFormula formula = DoughFormula.of(50, 1.2, 3);
        assertEquals(formula.share(DoughAddition.SALT), Percentage.of(1.2));
        assertEquals(formula.share(DoughAddition.OIL), Percentage.of(3));
        assertEquals(formula.share(DoughAddition.EGG), Percentage.ZERO);
        assertEquals(formula.line(DoughAddition.OIL).share(), Percentage.of(3));
        assertThrows(NotThere.class, () -> formula.line(DoughAddition.EGG));
        // A flour that wants less water than its label, but never so little that nothing binds.
        Flour dry = Flours.get("all-round").withAbsorption(new Absorption(Percentage.of(-4), Percentage.of(1), 3));
        assertEquals(formula.wetted(dry).hydration(), Percentage.of(46));
        assertEquals(DoughFormula.of(23, 0, 0).wetted(dry).hydration(), Percentage.of(23));
        assertEquals(DoughFormula.of(24, 0, 0).wetted(dry).hydration(), Percentage.of(20));
    }

    @Test
    public void aLineOfNothingLeavesTheDough() {
        DoughFormula formula = DoughFormula.of(50, 1, 3);
        assertEquals(formula.with(DoughAddition.OIL, Percentage.ZERO), DoughFormula.of(50, 1, 0));
        assertThrows(
                IllegalArgumentException.class,
                () -> new DoughFormula(List.of(
                        new DoughLine(DoughAddition.SALT, Percentage.of(1)),
                        new DoughLine(DoughAddition.SALT, Percentage.of(1)))));
        assertThrows(IllegalArgumentException.class, () -> formula.with(DoughAddition.WATER, Percentage.of(900)));
    }

    @Test
    public void strongerFlourAndSteamWantMoreWater() {
        double strong = HydrationTarget.flourShift(DoughFamily.COLD_WATER, Flours.get("strong"));
        assertEquals(strong, 1.25 * 1.5, 1e-9);
        assertEquals(HydrationTarget.flourShift(DoughFamily.WHOLEMEAL, Flours.get("wholemeal")), 0, 0);
        Band<Percentage> band = new HydrationTarget(DoughFamily.FULL_SCALD.hydration(), 2, strong, 0.5).band();
        assertEquals(band, Band.percent(58 + 2 + 1.875 + 0.5, 68 + 2 + 1.875 + 0.5));
    }
}
