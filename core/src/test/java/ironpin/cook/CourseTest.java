package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.heat.HeatPiece;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.List;
import org.testng.annotations.Test;

/** What vessels do while pieces cook: balances worked by hand, and directions that must hold. */
public class CourseTest {
    private static final HeatPiece CRESCENT = PieceBody.of(
            Fold.PLEATED_CRESCENT,
            Length.ofMillimetres(102),
            Length.ofMillimetres(30),
            Mass.ofGrams(15),
            Mass.ofGrams(18));
    private static final HeatPiece BREAD = PieceBody.of(
            Fold.GATHERED_BALL,
            Length.ofMillimetres(160),
            Length.ofMillimetres(30),
            Mass.ofGrams(60),
            Mass.ofGrams(50));

    private static Load load(HeatPiece body, double grams, int count, Vessel vessel, Start from, Spell... spells) {
        return new Load(body, Mass.ofGrams(grams), count, List.of(spells), from.temperature(), vessel, Load.OVEN);
    }

    private static Vessel pot(double watts, double water) {
        return Vessel.usual(VesselKind.POT).withWatts(watts).withWater(Mass.ofGrams(water));
    }

    private static Spell boil(double minutes) {
        return Spell.of(Fire.BOIL, Duration.ofSeconds(Math.round(60 * minutes)), Flame.HIGH);
    }

    private static Load boiled(int count, double watts, double water, Start from) {
        return load(CRESCENT, 33, count, pot(watts, water), from, boil(8));
    }

    /** 4 l at 100 °C and 500 g at 5 °C, hardly any power: mixed they have (4000·4.18·100 + 500·3.4·5)/(4000·4.18 + 500·3.4) = 91.2 °C. */
    @Test
    public void aPotNeverFallsUnderTheMixture() {
        PotLoad fallen = PotLoad.of(boiled(15, 100, 4_000, Start.FRIDGE));
        double mixed = (4_000 * 4.18 * 100 + 15 * 33 * 3.4 * 5) / (4_000 * 4.18 + 15 * 33 * 3.4);
        assertEquals(mixed, 91.5, 0.5);
        assertTrue(PotLoad.of(boiled(15, 1_500, 4_000, Start.FRIDGE)).lowest().celsius() > 97);
        Course alone = Course.of(load(
                CRESCENT,
                33,
                15,
                pot(100, 4_000),
                Start.FRIDGE,
                boil(8).covered().withFlame(Flame.LOW)));
        double least = 100;
        for (double one : alone.run().around()) {
            least = Math.min(least, one);
        }
        assertTrue(least > mixed - 4, least + " °C: only what the kitchen takes is missing");
        assertTrue(least < 98, least + " °C: the pieces took their heat");
        assertTrue(fallen.back().isEmpty(), "100 W never bring it back");
    }

    /** Back at the boil when P·t has given back what the pieces took: never later than if they took all of theirs, P net of 320 W. */
    @Test
    public void aPotComesBackWhenTheBalanceSays() {
        for (int count : new int[] {30, 60, 90}) {
            PotLoad load = PotLoad.of(boiled(count, 1_500, 4_000, Start.ROOM));
            double all = count * 33 * 3.1 * 80 / (1_500 - 320);
            double back = load.back().orElseThrow().toSeconds();
            assertTrue(back < all, count + ": " + back + " against at most " + all);
            assertTrue(back > 0.15 * all, count + ": " + back + " of " + all);
        }
    }

    @Test
    public void morePiecesLessPowerAndLessWaterFallFurther() {
        double usual = PotLoad.of(boiled(40, 1_500, 4_000, Start.ROOM)).lowest().celsius();
        assertTrue(PotLoad.of(boiled(80, 1_500, 4_000, Start.ROOM)).lowest().celsius() < usual);
        assertTrue(PotLoad.of(boiled(40, 900, 4_000, Start.ROOM)).lowest().celsius() < usual);
        assertTrue(PotLoad.of(boiled(40, 1_500, 2_000, Start.ROOM)).lowest().celsius() < usual);
        assertTrue(PotLoad.of(boiled(40, 1_500, 4_000, Start.FREEZER)).lowest().celsius() < usual);
        int weak = PotLoad.largest(boiled(1, 800, 4_000, Start.ROOM));
        int strong = PotLoad.largest(boiled(1, 2_500, 4_000, Start.ROOM));
        assertTrue(strong > 1.5 * weak, strong + " against " + weak);
        assertTrue(PotLoad.of(boiled(weak, 800, 4_000, Start.ROOM))
                        .back()
                        .orElseThrow()
                        .compareTo(PotLoad.BACK_TO_BOIL)
                <= 0);
    }

    /** What bounds a round: the surface of a wide pot over a strong hob, the water of a shallow one, the heat of a weak one. */
    @Test
    public void theLimitIsTheOneThatHolds() {
        assertEquals(rounds(pot(2_500, 6_000)).limit(), Rounds.Limit.SURFACE);
        assertEquals(rounds(pot(2_500, 1_000)).limit(), Rounds.Limit.WATER);
        assertEquals(rounds(pot(500, 6_000)).limit(), Rounds.Limit.HEAT);
        // π·260²/4 mm² over π·84.5·45.7/4 mm² a piece, once and a half: 26.
        assertEquals(rounds(pot(2_500, 6_000)).capacity(), 26);
        // A quarter of a kilogram of water is 250 cm³, and a piece about 31.
        assertEquals(rounds(pot(2_500, 1_000)).capacity(), 8);
    }

    private static Rounds rounds(Vessel vessel) {
        return Rounds.of(
                60,
                load(CRESCENT, 33, 1, vessel, Start.ROOM, boil(6)),
                Fold.PLEATED_CRESCENT,
                Length.ofMillimetres(102),
                0);
    }

    /** Cold water that goes in cools the pot by the mixture: 500 g of 15 °C into 4 kg of 100 °C and the pot. */
    @Test
    public void coldWaterCoolsThePotByTheMixture() {
        Course course = Course.of(load(CRESCENT, 33, 1, pot(1_500, 4_000), Start.ROOM, boil(4), boil(4).pouring(500)));
        int at = course.run().sample(Duration.ofSeconds(242));
        double mixed = ((4_000 * 4.18 + 750) * 100 + 500 * 4.18 * 15) / (4_500 * 4.18 + 750);
        assertEquals(course.run().around()[at], mixed, 0.6);
        assertEquals(course.marks().get(1).from(), Duration.ofMinutes(4));
    }

    /** A kilogram of water over a kilowatt lasts 2257 s of boiling; it is warned of before, and a round on more lasts. */
    @Test
    public void aSteamerRunsDryWhenItsWaterHasGone() {
        Vessel basket = Vessel.of(VesselKind.BASKET, Length.ofMillimetres(240), 2, 1_000)
                .withWater(Mass.ofGrams(1_000));
        Spell steam = Spell.of(Fire.STEAM, Duration.ofMinutes(12), Flame.HIGH).covered();
        SteamWater water = SteamWater.of(basket, List.of(steam), 3);
        assertEquals(water.perRound().grams(), 319, 0.5);
        assertEquals(water.wanted().grams(), 319 * 3 * 1.5, 3);
        assertEquals(water.dry().orElseThrow(), Duration.ofSeconds(2_257));
        assertTrue(water.warn().orElseThrow().compareTo(water.dry().orElseThrow()) < 0);
        assertTrue(water.lasts(basket, 3) && !water.lasts(basket, 4));
        Course dry = Course.of(load(CRESCENT, 28, 12, basket.withWater(Mass.ofGrams(100)), Start.ROOM, steam));
        double gone = dry.dry().orElseThrow().toSeconds();
        assertTrue(gone > 225 && gone < 275, "100 g are gone after " + gone + " s, what the lid loses besides");
    }

    /** Steam cannot give more than the hob makes: a full steamer over a weak hob takes longer than a nearly empty one. */
    @Test
    public void aFullSteamerTakesLonger() {
        Vessel weak = Vessel.usual(VesselKind.BASKET).withWatts(600);
        Spell steam = Spell.of(Fire.STEAM, Duration.ofMinutes(12), Flame.HIGH).covered();
        Temperature safe = Temperature.ofCelsius(71);
        Duration few = Course.of(load(CRESCENT, 33, 2, weak, Start.ROOM, steam))
                .until(safe)
                .orElseThrow();
        Duration many = Course.of(load(CRESCENT, 33, 20, weak, Start.ROOM, steam))
                .until(safe)
                .orElseThrow();
        assertTrue(many.toSeconds() > 1.15 * few.toSeconds(), many + " against " + few);
        Duration cold = Course.of(load(
                        CRESCENT, 33, 2, weak, Start.ROOM, steam.withCold(true).withTime(Duration.ofMinutes(30))))
                .until(safe)
                .orElseThrow();
        assertTrue(cold.compareTo(few.plus(SteamSpace.warmUp(weak).dividedBy(2))) > 0);
    }

    /** Water in a pan is gone when the power has boiled it away, what the hot metal gives at once taken off. */
    @Test
    public void thePansWaterIsGoneWhenItHasBoiledAway() {
        Vessel pan = Vessel.usual(VesselKind.PAN);
        Spell sear = Spell.of(Fire.PAN, Duration.ofMinutes(2), Flame.MEDIUM).fatted();
        Spell steam =
                Spell.of(Fire.PAN, Duration.ofMinutes(6), Flame.HIGH).covered().pouring(93);
        Course course = Course.of(load(CRESCENT, 33, 10, pan, Start.ROOM, sear, steam));
        double expected = BoilOff.timeFor(800, Mass.ofGrams(93), Temperature.ofCelsius(15))
                .toSeconds();
        double gone = course.dry().orElseThrow().minus(Duration.ofMinutes(2)).toSeconds();
        assertTrue(gone <= expected + 2 && gone > expected - 70, gone + " s against " + expected);
        int searing = course.run().sample(Duration.ofSeconds(110));
        assertTrue(course.run().at(searing, 0.99, 0) > course.run().at(searing, 0.99, 0.99) + 30, "the seat sears");
        assertTrue(course.run().around()[course.run().sample(Duration.ofMinutes(4))] < 102);
    }

    /** A bread that is never turned stays colder on top; turned, the coldest place is sooner safe. */
    @Test
    public void turningBringsTheOtherSideDown() {
        Vessel plate = Vessel.usual(VesselKind.GRIDDLE);
        Spell side = Spell.of(Fire.GRIDDLE, Duration.ofSeconds(75), Flame.MEDIUM);
        Temperature safe = Temperature.ofCelsius(74);
        Course turned = Course.of(load(BREAD, 110, 2, plate, Start.ROOM, side, side.turned()));
        Course left = Course.of(load(BREAD, 110, 2, plate, Start.ROOM, side, side));
        int end = turned.run().sample(Duration.ofSeconds(148));
        assertTrue(turned.run().at(end, 0.99, 1) > left.run().at(end, 0.99, 1) + 20, "the first side was on the plate");
        assertTrue(turned.until(safe).orElseThrow().compareTo(left.until(safe).orElseThrow()) < 0);
    }

    /** Boiled first and then fried: the skin's time in water ends, and it browns. */
    @Test
    public void boiledAndThenFriedIsTwoVessels() {
        Spell fry = Spell.of(Fire.PAN, Duration.ofMinutes(3), Flame.MEDIUM).fatted();
        Course both = Course.of(load(CRESCENT, 33, 8, pot(1_500, 4_000), Start.ROOM, boil(5), fry));
        assertTrue(both.run().around()[both.run().sample(Duration.ofMinutes(4))] > 99);
        assertTrue(both.run().around()[both.run().sample(Duration.ofMinutes(6))] > 130);
    }

    @Test
    public void broth() {
        Vessel dish = Vessel.usual(VesselKind.DISH);
        Spell covered =
                Spell.of(Fire.BAKE, Duration.ofMinutes(20), Flame.MEDIUM).covered();
        HeatPiece slice = PieceBody.of(
                Fold.ROLLED_STRIP,
                Length.ofMillimetres(120),
                Length.ofMillimetres(40),
                Mass.ofGrams(20),
                Mass.ofGrams(25));
        Course baked = Course.of(load(slice, 45, 12, dish, Start.ROOM, covered));
        Duration safe = baked.until(Temperature.ofCelsius(74)).orElseThrow();
        assertTrue(safe.toMinutes() >= 3 && safe.toMinutes() < 20, safe.toString());
    }

    /** A pan of 280 mm with ten crescents: 61,575 mm² less ten feet; film, half-way and two thirds follow from what is free. */
    @Test
    public void whatIsFreeInAPan() {
        Footprint foot = Footprint.of(Fold.PLEATED_CRESCENT, Length.ofMillimetres(102));
        FreePan free = FreePan.of(Vessel.usual(VesselKind.PAN), foot, 10);
        double feet = 10 * Math.PI * foot.lengthMm() * foot.widthMm() / 4 * 0.8;
        assertEquals(free.freeMm2(), Math.PI * 280 * 280 / 4 - feet, 1);
        assertEquals(free.batter().grams(), free.freeMm2() * 1.5 / 1_000, 0.01);
        assertEquals(free.starch().grams() * 11, free.batter().grams(), 0.01);
        assertEquals(free.to(FreePan.HALF_WAY, Length.ofMillimetres(26)).grams(), free.freeMm2() * 13 / 1_000, 0.01);
        assertEquals(free.to(FreePan.BROTH, Length.ofMillimetres(30)).grams(), free.freeMm2() * 20 / 1_000, 0.01);
        assertThrows(Refused.class, () -> FreePan.of(Vessel.usual(VesselKind.PAN), foot, 60));
    }

    @Test
    public void whatMakesNoSenseIsRefused() {
        assertThrows(Refused.class, () -> boil(0));
        assertThrows(Refused.class, () -> boil(500));
        assertThrows(Refused.class, () -> boil(3).pouring(9_000));
        assertThrows(Refused.class, () -> load(CRESCENT, 33, 0, pot(900, 3_000), Start.ROOM, boil(3)));
        assertThrows(Refused.class, () -> load(CRESCENT, 33, 4, pot(900, 3_000), Start.ROOM));
        assertThrows(Refused.class, () -> pot(0, 4_000));
        assertThrows(Refused.class, () -> pot(Double.NaN, 4_000));
    }
}
