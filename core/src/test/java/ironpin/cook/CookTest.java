package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.caution.Caution;
import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CookTest {
    @Test
    public void waterForFiveMinutesOfSteamAtEightHundredWatts() {
        Mass water = BoilOff.waterFor(800, Duration.ofMinutes(5), Temperature.ofCelsius(20));
        assertEquals(water.grams(), 93, 0.5);
    }

    /** 750 W for 4 min from 18 °C; the power is found again from the test, and the time from the water. */
    @Test
    public void fourMinutesAtThreeQuartersOfAKilowatt() {
        Temperature poured = Temperature.ofCelsius(18);
        Mass water = BoilOff.waterFor(750, Duration.ofMinutes(4), poured);
        assertEquals(water.grams(), 69, 0.5);
        assertEquals(BoilOff.watts(water, Duration.ofMinutes(4), poured), 750, 1e-3);
        assertEquals(BoilOff.timeFor(750, water, poured), Duration.ofMinutes(4));
        assertThrows(Refused.class, () -> BoilOff.of(0, Duration.ofMinutes(4)));
        assertThrows(Refused.class, () -> BoilOff.of(Double.NaN, Duration.ofMinutes(4)));
        assertThrows(Refused.class, () -> BoilOff.watts(Mass.ofGrams(0), Duration.ofMinutes(4), poured));
        assertThrows(Refused.class, () -> BoilOff.waterFor(750, Duration.ofMinutes(4), Temperature.ofCelsius(140)));
    }

    @Test
    public void twelveMinutesAtAKilowattBoilAwayAThirdOfALitre() {
        assertEquals(BoilOff.of(1_000, Duration.ofMinutes(12)).grams(), 319, 0.5);
    }

    @Test
    public void roundsAreEvenAndComplete() {
        for (int pieces = 0; pieces <= 150; pieces++) {
            for (int capacity = 1; capacity <= 40; capacity++) {
                List<Integer> sizes = Rounds.split(pieces, capacity);
                assertEquals(sizes.stream().mapToInt(Integer::intValue).sum(), pieces);
                int least = sizes.stream().mapToInt(Integer::intValue).min().orElse(0);
                int most = sizes.stream().mapToInt(Integer::intValue).max().orElse(0);
                assertTrue(most <= capacity && most - least <= 1);
            }
        }
    }

    private static Duration roundTime(CookMethod method, double grams, Start from) {
        return Cooking.time(method.ready(Mass.ofGrams(grams), Vessel.usual(method.vessel()), from));
    }

    @Test
    public void everyMethodIsFoundByItsKeyAndLargerOrColderPiecesTakeLonger() {
        for (CookMethod method : CookMethod.all()) {
            assertEquals(CookMethod.ofKey(method.key()), method);
            Duration small = roundTime(method, 20, Start.ROOM);
            assertTrue(roundTime(method, 60, Start.ROOM).compareTo(small) > 0, method.key());
            assertTrue(roundTime(method, 20, Start.FREEZER).compareTo(small) > 0, method.key());
        }
        assertThrows(IllegalArgumentException.class, () -> CookMethod.ofKey("boil/in-oil"));
    }

    @Test
    public void aRopeWeighsWhatItsPiecesWeigh() {
        for (int pieces = 1; pieces <= 120; pieces++) {
            RopePlan rope = RopePlan.of(Mass.ofGrams(15), pieces, Length.ofMillimetres(28));
            double grams = rope.cut().centimetres() * RopePlan.gramsPerCm(rope.diameter());
            assertEquals(grams, 15, 0.01);
            assertEquals(rope.ropes() * rope.longest() - rope.shorterRopes(), pieces);
            assertTrue(rope.shorterRopes() < rope.ropes() && rope.ropeLength().centimetres() <= 45);
            int product = CutTree.of(rope.longest()).factors().stream().reduce(1, (a, b) -> a * b);
            assertEquals(product, rope.longest());
        }
        // λ = 1.22·π·2.8²/4 = 7.512 g/cm.
        assertEquals(RopePlan.gramsPerCm(Length.ofMillimetres(28)), 7.512, 0.001);
    }

    @Test
    public void timesGrowWithTheSquareOfTheThickness() {
        // Eight times the mass is twice the thickness, four times the time.
        Duration one = Growth.scaled(6, 33, Mass.ofGrams(33));
        Duration eight = Growth.scaled(6, 33, Mass.ofGrams(33 * 8));
        assertEquals(one, Duration.ofMinutes(6));
        assertEquals(eight, Duration.ofMinutes(24));
    }

    /** Rounds of the piece that each way was taken from: 33 g, in the steamer 28 g, on the griddle 110 g, in the dish 45 g. */
    @DataProvider
    public Object[][] rounds() {
        return new Object[][] {
            {"boil/cold-additions", 33, "BOIL 120, BOIL 120 +120, BOIL 120 +120, BOIL 120 +120"},
            {"boil/steady-simmer", 33, "BOIL 120, BOIL 360 low"},
            {"boil/then-fried", 33, "BOIL 120, BOIL 310 low, PAN 120 fat"},
            {"steam/boiling", 28, "STEAM 540 lid"},
            {"steam/cold", 28, "STEAM 650 lid cold, STEAM 540 lid"},
            {"pan-fry-steam/hot", 33, "PAN 150 fat, PAN 300 +92 lid, PAN 90"},
            {"pan-fry-steam/cold", 33, "PAN 240 fat cold, PAN 300 +92 lid, PAN 90"},
            {"pan-fry-steam/skirt", 33, "PAN 150 fat, PAN 300 +92 lid, PAN 90"},
            {"shallow-fry/half-way", 33, "FRY 240, FRY 240 turn, REST 60 low"},
            {"griddle/last", 110, "GRIDDLE 210, GRIDDLE 210 turn, GRIDDLE 30 turn fat, GRIDDLE 30 turn fat"},
            {"griddle/first", 110, "GRIDDLE 210 fat, GRIDDLE 210 turn fat"},
            {"griddle/under-lid", 110, "GRIDDLE 210, GRIDDLE 210 lid turn fat low"},
            {"bake/fan", 45, "BAKE 1200 lid, BAKE 900"},
        };
    }

    private static String said(Spell spell) {
        return spell.fire() + " " + spell.time().toSeconds()
                + (spell.pour().micrograms() > 0
                        ? " +" + Math.round(spell.pour().grams())
                        : "")
                + (spell.lid() ? " lid" : "")
                + (spell.turn() ? " turn" : "")
                + (spell.fat() ? " fat" : "")
                + (spell.cold() ? " cold" : "")
                + (spell.flame() == Flame.LOW ? " low" : "");
    }

    @Test(dataProvider = "rounds")
    public void aRoundTakesItsSpells(String way, int grams, String spells) {
        CookMethod method = CookMethod.ofKey(way);
        List<Spell> round = method.ready(Mass.ofGrams(grams), Vessel.usual(method.vessel()), Start.ROOM);
        assertEquals(round.stream().map(CookTest::said).collect(Collectors.joining(", ")), spells);
    }

    /** A card has a sentence for every spell, and says what can hurt where it does. */
    @Test
    public void everySpellIsOnTheCard() {
        for (CookMethod method : CookMethod.all()) {
            List<Spell> spells = method.ready(Mass.ofGrams(33), Vessel.usual(method.vessel()), Start.ROOM);
            List<CookStep> card = CookCard.of(spells, method);
            assertEquals(card.size(), spells.size());
            for (int i = 0; i < card.size(); i++) {
                assertEquals(card.get(i).time(), spells.get(i).time());
                assertTrue(
                        card.get(i).text().render(UnitSystem.METRIC).endsWith("."),
                        card.get(i).toString());
                boolean pours = spells.get(i).pour().micrograms() > 0;
                assertEquals(
                        card.get(i)
                                .text()
                                .render(UnitSystem.METRIC)
                                .contains(Math.round(spells.get(i).pour().grams()) + " g"),
                        pours,
                        card.get(i).toString());
            }
            assertTrue(method.schools().contains(method));
            assertTrue(card.stream().anyMatch(step -> step.caution().isPresent()), method.key());
        }
        List<CookStep> pan = CookCard.of(
                new PanFrySteam(PanFrySteam.Start.HOT)
                        .ready(Mass.ofGrams(33), Vessel.usual(VesselKind.PAN), Start.ROOM),
                new PanFrySteam(PanFrySteam.Start.HOT));
        assertEquals(pan.get(1).caution().orElseThrow(), Caution.HOT_FAT);
    }
}
