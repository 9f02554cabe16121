package ironpin.dough;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class MixingTest {
    private static final Temperature KETTLE = Temperature.ofCelsius(96);
    private static final Temperature TAP = Temperature.ofCelsius(12);
    private static final Mixing BOWL = new Mixing(Mass.ofGrams(350), Temperature.ofCelsius(21), Mass.ofGrams(210), 0);

    @Test
    public void twoKettlesMixToTheWantedTemperature() {
        Mixing.Split split = BOWL.split(BOWL.poured(Temperature.ofCelsius(55)), TAP, KETTLE);
        assertEquals(split.kettle().grams(), 166.8, 0.05);
        assertEquals(split.tap().grams(), 43.2, 0.05);
    }

    @Test
    public void allOfItFromTheKettleScaldsMostOfTheFlour() {
        Temperature mixed = BOWL.mixed(KETTLE);
        assertEquals(mixed.celsius(), 65.2, 0.05);
        assertEquals(Scald.share(mixed), 0.78, 0.005);
    }

    @Test
    public void whatNoKettleReachesIsRefusedAndTheReachIsTold() {
        for (double wish : new double[] {100, 5}) {
            Temperature poured = BOWL.poured(Temperature.ofCelsius(wish));
            assertThrows(IllegalArgumentException.class, () -> BOWL.split(poured, TAP, KETTLE));
            assertTrue(!BOWL.reach(TAP, KETTLE).contains(Temperature.ofCelsius(wish)));
        }
        assertEquals(BOWL.reach(TAP, KETTLE).high().celsius(), 65.2, 0.05);
    }

    @Test
    public void heatAndWaterAreConserved() {
        Random random = new Random(41);
        for (int i = 0; i < 3_000; i++) {
            Mixing bowl = new Mixing(
                    Mass.ofGrams(100 + random.nextInt(900)),
                    Temperature.ofCelsius(10 + random.nextInt(25)),
                    Mass.ofGrams(60 + random.nextInt(700)),
                    random.nextInt(400));
            Temperature poured = Temperature.ofCelsius(12 + random.nextInt(84));
            Temperature mixed = bowl.mixed(poured);
            double given = bowl.water().grams() * 4.18 * (poured.celsius() - mixed.celsius());
            double taken = (bowl.flour().grams() * 1.75 + bowl.otherJoulesPerKelvin())
                    * (mixed.celsius() - bowl.flourAt().celsius());
            assertEquals(given, taken, 4);
            assertEquals(bowl.poured(mixed).celsius(), poured.celsius(), 0.01);
            Mixing.Split split = bowl.split(poured, TAP, KETTLE);
            assertEquals(split.kettle().plus(split.tap()), bowl.water());
            double heat = split.kettle().grams() * 96 + split.tap().grams() * 12;
            assertEquals(heat / bowl.water().grams(), poured.celsius(), 1e-3);
        }
    }

    @Test
    public void recipesBothCalledHotWaterDiffer() {
        // Boiling at 65 % mixes to about 66 °C, boiling at 50 % to about 61 °C, tap at 55 °C to about 40 °C.
        Mass flour = Mass.ofGrams(300);
        Temperature room = Temperature.ofCelsius(21);
        Mixing wet = new Mixing(flour, room, Mass.ofGrams(195), 0);
        Mixing firm = new Mixing(flour, room, Mass.ofGrams(150), 0);
        Temperature boiling = Temperature.ofCelsius(96);
        assertTrue(Scald.share(wet.mixed(boiling)) > 0.8);
        assertEquals(Scald.share(firm.mixed(boiling)), 0.5, 0.2);
        assertTrue(Scald.share(firm.mixed(Temperature.ofCelsius(55))) < 0.01);
        assertEquals(Scald.share(Scald.temperatureFor(0.3)), 0.3, 1e-3);
    }

    @Test
    public void handsWaitForHotDoughOnly() {
        assertEquals(BOWL.untilHands(Temperature.ofCelsius(40)), Duration.ZERO);
        // τ = 12.5·∛(560/500) = 12.98 min; ln((65.2−21)/(45−21)) = 0.611.
        assertEquals(BOWL.untilHands(Temperature.ofCelsius(65.2)).toSeconds() / 60.0, 7.93, 0.02);
    }

    @Test
    public void correctionsGoByTheFormulasInCappedSteps() {
        Mass flour = Mass.ofGrams(300);
        Correction dry = Correction.whole(flour, Mass.ofGrams(138), Percentage.of(50));
        assertEquals(dry.waterToAdd().grams(), 12, 1e-6);
        Correction wet = Correction.whole(flour, Mass.ofGrams(174), Percentage.of(54));
        assertEquals(wet.flourToAdd().grams(), 22.2, 0.05);
        assertEquals(wet.hydrationAfter(flour, Mass.ofGrams(174)).percent(), 54, 1e-4);
        Mass water = Mass.ofGrams(138);
        int steps = 0;
        while (Correction.whole(flour, water, Percentage.of(50)).waterToAdd().grams() > 0.001) {
            Mass step = Correction.whole(flour, water, Percentage.of(50))
                    .capped(flour)
                    .waterToAdd();
            assertTrue(step.grams() <= 4.5 + 1e-9);
            water = water.plus(step);
            steps++;
        }
        assertEquals(steps, 3);
        assertEquals(Correction.step(BenchFeel.CRUMBLY, flour, water).waterToAdd(), Mass.ofGrams(4.5));
        assertEquals(Correction.step(BenchFeel.SMEARS, flour, water).flourToAdd(), Mass.ofGrams(4.5));
        assertEquals(Correction.step(BenchFeel.TEARS, flour, water).rest(), Duration.ofMinutes(10));
    }

    @Test
    public void aSteelBowlTakesTheHeatOfItsWarmedPart() {
        // 60 % of 800 g of steel at 0.49 J/gK, which the family of values for steel bowls gives.
        Bowl steel = new Bowl("s", "Steel bowl", BowlMaterial.STEEL, Mass.ofGrams(800));
        assertEquals(steel.joulesPerKelvin(), 0.6 * 800 * BowlMaterial.STEEL.joulesPerGramKelvin(), 1e-9);
        assertTrue(BowlMaterial.STEEL.joulesPerGramKelvin() > 0.4 && BowlMaterial.STEEL.joulesPerGramKelvin() < 0.6);
    }

    @Test
    public void withoutGlutenNothingShrinksBack() {
        assertTrue(BenchFeel.of(DoughFamily.COLD_WATER).stream().anyMatch(feel -> feel.cure() == BenchFeel.Cure.REST));
        assertTrue(BenchFeel.of(DoughFamily.MAIZE).stream().noneMatch(feel -> feel.cure() == BenchFeel.Cure.REST));
        assertTrue(BenchFeel.of(DoughFamily.MAIZE).size() >= 4);
        assertEquals(BenchFeel.of(DoughFamily.EGG), List.of(BenchFeel.values()));
    }

    @Test
    public void onlyFatsSoftenWithoutWetting() {
        assertEquals(
                Stream.of(DoughAddition.values()).filter(DoughAddition::fat).toList(),
                List.of(DoughAddition.OIL, DoughAddition.LARD, DoughAddition.BUTTER));
    }

    @Test
    public void waterComesFromTheTapOrTheKettleAtTheEnds() {
        Temperature tap = Temperature.ofCelsius(12);
        Temperature kettle = Temperature.ofCelsius(96);
        Mixing mixing = new Mixing(Mass.ofGrams(600), Temperature.ofCelsius(21), Mass.ofGrams(300), 0);
        assertEquals(mixing.split(tap, tap, kettle).kettle().grams(), 0, 1e-6);
        assertEquals(mixing.split(kettle, tap, kettle).kettle().grams(), 300, 1e-6);
        assertEquals(
                mixing.split(Temperature.ofCelsius(54), tap, kettle).kettle().grams(), 150, 1e-3);
        assertThrows(Refused.class, () -> mixing.split(Temperature.ofCelsius(11), tap, kettle));
        assertThrows(Refused.class, () -> mixing.split(Temperature.ofCelsius(97), tap, kettle));
    }
}
