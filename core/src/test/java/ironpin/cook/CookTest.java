package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.portion.CutTree;
import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CookTest {
    @Test
    public void waterForFiveMinutesOfSteamAtEightHundredWatts() {
        Mass water = BoilOff.waterFor(800, Duration.ofMinutes(5), Temperature.ofCelsius(20));
        assertEquals(water.grams(), 93, 0.5);
    }

    @Test
    public void twelveMinutesAtAKilowattBoilAwayAThirdOfALitre() {
        assertEquals(BoilOff.of(1_000, Duration.ofMinutes(12)).grams(), 319, 0.5);
    }

    @Test
    public void packedPiecesStayInsideAndApart() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            double diameter = 20 + random.nextInt(60);
            double radius = 80 + random.nextInt(120);
            double gap = random.nextInt(20);
            VesselPacking packing = VesselPacking.of(new Footprint(diameter, diameter), radius, gap);
            List<VesselPacking.Place> places = packing.places();
            double area = places.size() * diameter * diameter / 4;
            assertTrue(area <= radius * radius, "more dough than vessel");
            for (int a = 0; a < places.size(); a++) {
                VesselPacking.Place one = places.get(a);
                assertTrue(Math.hypot(one.xMm(), one.yMm()) + diameter / 2 <= radius + 1e-6);
                for (int b = 0; b < a; b++) {
                    VesselPacking.Place other = places.get(b);
                    double distance = Math.hypot(one.xMm() - other.xMm(), one.yMm() - other.yMm());
                    assertTrue(distance >= diameter + gap - 1e-6, "pieces touch");
                }
            }
        }
    }

    @Test
    public void sevenAndNineteenCirclesAreFound() {
        // Published optima: seven unit circles fit radius 3, nineteen fit 4.864; eight do not fit 3.
        assertEquals(VesselPacking.of(new Footprint(2, 2), 3.0001, 0).count(), 7);
        int nineteen = VesselPacking.of(new Footprint(2, 2), 5.0001, 0).count();
        assertTrue(nineteen >= 19 && nineteen <= 20, "found " + nineteen);
    }

    @DataProvider
    Object[][] published() {
        // Least radius of a circle that holds so many of radius 1: the published optima for 2 to 9, and 13.
        return new Object[][] {
            {2, 2.0}, {3, 2.1547}, {4, 2.4142}, {5, 2.7013}, {6, 3.0}, {7, 3.0}, {8, 3.3048}, {9, 3.6131}, {13, 4.2361}
        };
    }

    @Test(dataProvider = "published")
    public void asManyRoundsAsAnybodyFoundAreFound(int count, double ratio) {
        int just = VesselPacking.of(new Footprint(100, 100), 50 * (ratio + 0.0002), 0)
                .count();
        assertTrue(just >= count, "only " + just + " of " + count);
        if (count != 6) {
            assertTrue(VesselPacking.of(new Footprint(100, 100), 50 * (ratio - 0.002), 0)
                            .count()
                    < count);
        }
    }

    @Test
    public void breadsOfTenCentimetresInAPanOfThirty() {
        assertEquals(VesselPacking.of(new Footprint(100, 100), 150, 0).count(), 7);
        assertEquals(VesselPacking.of(new Footprint(100, 100), 150, 6).count(), 5);
        assertEquals(VesselPacking.of(new Footprint(100, 100), 150, 10).count(), 5);
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

    @Test
    public void aStrongerHobTakesMoreAtOnce() {
        Mass piece = Mass.ofGrams(33);
        Temperature kitchen = Temperature.ofCelsius(20);
        // 1,500 W for 150 s is 225 kJ; a piece takes 33·3.4·80 = 8.98 kJ.
        assertEquals(PotLoad.largest(1_500, piece, kitchen), 25);
        assertTrue(PotLoad.largest(3_000, piece, kitchen) > PotLoad.largest(1_500, piece, kitchen));
        assertEquals(PotLoad.largest(100, Mass.ofGrams(900), kitchen), 1);
    }

    @Test
    public void everyMethodIsFoundByItsKeyAndLargerPiecesTakeLonger() {
        for (CookMethod method : CookMethod.all()) {
            assertEquals(CookMethod.ofKey(method.key()), method);
            Vessel vessel = Vessel.usual(method.vessel());
            Duration small = method.roundTime(Mass.ofGrams(20), vessel);
            Duration large = method.roundTime(Mass.ofGrams(60), vessel);
            assertTrue(large.compareTo(small) > 0, method.key());
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

    /** Rounds of the piece that each way was taken from: 33 g, in the steamer 28 g, on the griddle 110 g. */
    @DataProvider
    public Object[][] rounds() {
        return new Object[][] {
            {"boil/cold-additions", 33, "in 30, cold-1 110, cold-2 110, cold-3 110"},
            {"boil/steady-simmer", 33, "in 30, simmer 198, floating 132"},
            {"steam/boiling", 28, "steam 540"},
            {"steam/cold", 28, "warm-up 240, steam 540"},
            {"pan-fry-steam/hot", 33, "sear 150, steam 300, crisp 90"},
            {"pan-fry-steam/cold", 33, "sear 240, steam 300, crisp 90"},
            {"griddle/last", 110, "first-side 210, second-side 210, crisp 60"},
            {"griddle/first", 110, "first-side 210, second-side 210"},
        };
    }

    @Test(dataProvider = "rounds")
    public void aRoundTakesItsSpells(String way, int grams, String spells) {
        CookMethod method = CookMethod.ofKey(way);
        List<CookStep> round = method.round(Mass.ofGrams(grams), Vessel.usual(method.vessel()));
        assertEquals(
                round.stream()
                        .map(step -> step.key() + " " + step.time().toSeconds())
                        .collect(Collectors.joining(", ")),
                spells);
    }

    @Test
    public void everySpellTakesSomeTimeWhateverAPieceWeighs() {
        for (CookMethod method : CookMethod.all()) {
            Vessel vessel = Vessel.usual(method.vessel());
            for (int grams = 15; grams <= 150; grams += 5) {
                for (CookStep step : method.round(Mass.ofGrams(grams), vessel)) {
                    assertTrue(step.time().toSeconds() > 0, method.key() + " at " + grams + " g: " + step);
                }
            }
            assertTrue(method.schools().contains(method));
            assertEquals(method.schools().size(), 2, method.key());
        }
    }

    @Test
    public void thePanIsToldExactlyTheWaterThatBoilsAway() {
        Vessel pan = Vessel.usual(VesselKind.PAN);
        List<CookStep> steps = new PanFrySteam(PanFrySteam.Start.HOT).round(Mass.ofGrams(33), pan);
        Mass water = BoilOff.waterFor(800, steps.get(1).time(), Temperature.ofCelsius(15));
        assertEquals(steps.get(1).time(), Duration.ofMinutes(5));
        assertTrue(
                UnitSystem.METRIC.say(steps.get(1).text()).contains(Math.round(water.grams()) + " g of water"),
                steps.get(1).text());
    }

    @Test
    public void widerVesselsNeverHoldFewer() {
        Footprint piece = new Footprint(84, 45);
        int before = 0;
        for (int radius = 60; radius <= 200; radius += 5) {
            int now = VesselPacking.of(piece, radius, 6).count();
            assertTrue(now >= before - 1, now + " after " + before + " at " + radius);
            before = Math.max(before, now);
        }
    }
}
