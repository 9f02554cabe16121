package ironpin.wrapper;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class WrapperTest {
    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    @Test
    public void aTaperedDiscHoldsItsDough() {
        Random random = new Random(7);
        for (int i = 0; i < 2_000; i++) {
            Mass mass = Mass.ofGrams(5 + random.nextInt(60));
            double ratio = 1 + random.nextDouble() * 2;
            WrapperProfile wide =
                    WrapperProfile.ofDiameter(mass, Length.ofMillimetres(60 + random.nextInt(120)), ratio);
            assertEquals(wide.volumeCm3() * 1.22, mass.grams(), mass.grams() * 0.003);
            WrapperProfile back = WrapperProfile.ofRim(mass, wide.rim(), ratio);
            double tolerance = wide.diameter().millimetres() * 0.002;
            assertEquals(back.diameter().millimetres(), wide.diameter().millimetres(), tolerance);
        }
    }

    @Test
    public void fifteenGramsAtNinetyFiveMillimetres() {
        // 15/1.22 = 12.295 cm³ over 70.88 cm² is 1.7346 mm on the mean; ÷ (1 + 0.8/3) = 1.369 mm at the rim.
        WrapperProfile profile = WrapperProfile.ofDiameter(Mass.ofGrams(15), Length.ofMillimetres(95), 1.8);
        assertEquals(profile.rim().millimetres(), 1.369, 0.002);
        assertEquals(profile.centre().millimetres(), 2.465, 0.003);
    }

    @Test
    public void theTubeBoundIsTheSumOfItsStrips() {
        double r = 4.2;
        int n = 200_000;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double x = -r + (i + 0.5) * 2 * r / n;
            double strip = 2 * Math.sqrt(r * r - x * x);
            sum += strip * strip / (4 * Math.PI) * 2 * r / n;
        }
        assertEquals(FillRoom.tubeBoundCm3(r), sum, 1e-6);
    }

    @Test
    public void thePurseBoundIsTheRevolvedProfileAndBeatsTheSphere() {
        double r = 4.2;
        double bound = FillRoom.purseBoundCm3(r);
        double sphere = 4 * Math.pow(r, 3) / (3 * Math.PI * Math.PI);
        assertTrue(bound > sphere * 1.1 && bound < 0.1531 * Math.pow(r, 3));
        // u = sin θ takes the singularity out of both integrals.
        double lengthPerA = 0;
        double volumePerA3 = 0;
        int n = 100_000;
        for (int i = 0; i < n; i++) {
            double u = Math.sin((i + 0.5) * Math.PI / 2 / n);
            double weight = Math.PI / 2 / n / Math.sqrt(1 + u * u);
            lengthPerA += weight;
            volumePerA3 += 2 * Math.PI * Math.pow(u, 4) * weight;
        }
        double a = r / 2 / lengthPerA;
        assertEquals(bound, volumePerA3 * a * a * a, 1e-5);
    }

    @Test
    public void noEllipsoidOfTheSameMeridianBeatsThePurse() {
        double r = 1;
        for (double flat = 0.2; flat <= 1.5; flat += 0.05) {
            double meridian = 0;
            int n = 20_000;
            for (int i = 0; i < n; i++) {
                double t = (i + 0.5) * Math.PI / n;
                meridian += Math.hypot(Math.cos(t), flat * Math.sin(t)) * Math.PI / n;
            }
            double a = r / meridian;
            double volume = 4.0 / 3 * Math.PI * a * a * a * flat;
            assertTrue(volume <= FillRoom.purseBoundCm3(r) + 1e-9, "flattened to " + flat);
        }
    }

    private static FillRoom.Skin usual(double mm) {
        return FillRoom.Skin.usual(Length.ofMillimetres(mm));
    }

    @Test
    public void roomGrowsWithTheDiscAndABallHasNone() {
        double small = FillRoom.of(usual(80), Fold.LEAF).comfortable().grams();
        double large = FillRoom.of(usual(95), Fold.LEAF).comfortable().grams();
        assertTrue(large > small * 1.5);
        assertThrows(IllegalArgumentException.class, () -> FillRoom.of(usual(95), Fold.GATHERED_BALL));
    }

    /** 12.2 g are 10 cm³; on 100 by 50 mm they lie 2 mm thick. */
    @Test
    public void anEvenWrapperIsItsVolumeOverItsArea() {
        WrapperProfile even = WrapperProfile.even(Mass.ofGrams(12.2), mm(100), mm(50));
        assertEquals(even.rim(), mm(2));
        assertEquals(even.centre(), mm(2));
        assertEquals(even.diameter(), mm(100));
        for (Mass nothing : List.of(Mass.ZERO, Mass.ofGrams(-1))) {
            assertThrows(IllegalArgumentException.class, () -> WrapperProfile.even(nothing, mm(100), mm(50)));
            assertThrows(IllegalArgumentException.class, () -> WrapperProfile.ofDiameter(nothing, mm(100), 2));
            assertThrows(IllegalArgumentException.class, () -> WrapperProfile.ofRim(nothing, mm(1), 2));
            assertThrows(IllegalArgumentException.class, () -> StuffedBread.of(nothing, Mass.ofGrams(1), mm(90)));
        }
        assertThrows(IllegalArgumentException.class, () -> WrapperProfile.even(Mass.ofGrams(1), mm(0), mm(50)));
        assertThrows(IllegalArgumentException.class, () -> WrapperProfile.even(Mass.ofGrams(1), mm(50), mm(0)));
        assertThrows(IllegalArgumentException.class, () -> WrapperProfile.ofDiameter(Mass.ofGrams(1), mm(0), 2));
        assertThrows(IllegalArgumentException.class, () -> WrapperProfile.ofRim(Mass.ofGrams(1), mm(0), 2));
        assertThrows(IllegalArgumentException.class, () -> StuffedBread.of(Mass.ofGrams(1), Mass.ZERO, mm(0)));
        // A rim of 1 mm and a middle of 2.5: 1.5 mm in the mean of a cone, so 18.3 g (15 cm³) cover 100 cm².
        assertEquals(
                WrapperProfile.ofRim(Mass.ofGrams(18.3), mm(1), 2.5).diameter().millimetres(),
                10 * Math.sqrt(400 / Math.PI),
                0.01);
        assertEquals(WrapperProfile.ofRim(Mass.ofGrams(18.3), mm(1), 2.5).centre(), mm(2.5));
    }

    /** 122 g dough and 102 g filling are 100 cm³ each; over 100 cm² they lie 20 mm thick, 5 mm of it skin on either side. */
    @Test
    public void aBreadsSkinIsHalfItsDough() {
        StuffedBread bread = StuffedBread.of(Mass.ofGrams(122), Mass.ofGrams(102), mm(10 * Math.sqrt(400 / Math.PI)));
        assertEquals(bread.thickness().millimetres(), 20, 0.01);
        assertEquals(bread.skin().millimetres(), 5, 0.01);
        assertTrue(new StuffedBread(mm(100), mm(3), mm(0.5)).holds());
        assertTrue(!new StuffedBread(mm(100), mm(3), mm(0.49)).holds());
    }

    /** Every line longer by a share, every room larger by its cube: of a purse, a triangle, a tube; a roll's slice stays as wide. */
    @Test
    public void whatStretchesHoldsMore() {
        for (Fold fold : List.of(Fold.LEAF, Fold.HALF_MOON, Fold.TRIANGLE, Fold.PURSE)) {
            double still = FillRoom.of(new FillRoom.Skin(mm(90), mm(30), 0, 0.65), fold)
                    .bound()
                    .grams();
            double grown = FillRoom.of(new FillRoom.Skin(mm(90), mm(30), 0.21, 0.65), fold)
                    .bound()
                    .grams();
            assertEquals(grown / still, Math.pow(1.1, 3), 1e-4, fold + "");
        }
        // 90 mm less two seams of a triangle: half its diagonal is √2 of what is left of half a side.
        double half = (4.5 - Fold.TRIANGLE.seamMm() / 10) * Math.sqrt(2);
        assertEquals(
                FillRoom.of(new FillRoom.Skin(mm(90), mm(30), 0, 1), Fold.TRIANGLE)
                        .bound()
                        .grams(),
                2 * half * half * half / (3 * Math.PI) * FillRoom.FILLING_DENSITY,
                0.01);
        FillRoom room = FillRoom.of(new FillRoom.Skin(mm(90), mm(30), 0.2, 0.65), Fold.HALF_MOON);
        assertEquals(room.most().grams() / room.bound().grams(), Math.pow(1.35 / 1.2, 1.5), 1e-3);
    }

    @Test
    public void ordinaryPacks() {
        assertEquals(
                BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THICK)
                        .each(),
                Mass.ofGrams(9));
        assertEquals(
                BoughtWrapper.usual(BoughtWrapper.Shape.SQUARE, BoughtWrapper.Thickness.THICK)
                        .each(),
                Mass.ofGrams(11));
        assertEquals(
                BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN)
                        .outline(),
                Outline.ROUND);
    }

    @Test
    public void aBreadPressedTwiceAsWideIsAQuarterAsThick() {
        StuffedBread narrow = StuffedBread.of(Mass.ofGrams(60), Mass.ofGrams(58), Length.ofMillimetres(120));
        StuffedBread wide = StuffedBread.of(Mass.ofGrams(60), Mass.ofGrams(58), Length.ofMillimetres(240));
        assertEquals(wide.thickness().millimetres(), narrow.thickness().millimetres() / 4, 0.01);
        // 60/1.22 cm³ over 113.1 cm², half on either side.
        assertEquals(narrow.skin().millimetres(), 60 / 1.22 / (Math.PI * 36) * 10 / 2, 0.001);
        assertTrue(narrow.holds() && wide.holds());
        assertTrue(!StuffedBread.of(Mass.ofGrams(60), Mass.ofGrams(58), Length.ofMillimetres(260))
                .holds());
    }

    @Test
    public void aTriangleHoldsWhatItsStripsClose() {
        double half = 5.2;
        int strips = 200_000;
        double sum = 0;
        for (int i = 0; i < strips; i++) {
            double x = half * (i + 0.5) / strips;
            double length = 2 * (half - x);
            sum += 2 * length * length / (4 * Math.PI) * half / strips;
        }
        assertEquals(FillRoom.triangleBoundCm3(half), sum, 1e-6);
    }

    @Test
    public void aBoughtWrapperIsThinAndStretchesNot() {
        BoughtWrapper round = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN);
        // 6 g at 1.22 g/cm³ over a disc of 9 cm.
        assertEquals(round.thick().millimetres(), 60 / 1.22 / (Math.PI * 81 / 4), 1e-3);
        FillRoom made = FillRoom.of(usual(90), Fold.HALF_MOON);
        FillRoom bought = FillRoom.of(
                new FillRoom.Skin(round.size(), Length.ofMillimetres(30), FillRoom.BOUGHT_STRETCH, 0.65),
                Fold.HALF_MOON);
        assertEquals(made.bound().grams() / bought.bound().grams(), Math.pow(1.2, 1.5), 1e-4);
        assertEquals(round.packsFor(0), new BoughtWrapper.Packs(0, 0, 0));
        assertEquals(round.packsFor(40), new BoughtWrapper.Packs(40, 1, 0));
        assertEquals(round.packsFor(41), new BoughtWrapper.Packs(41, 2, 39));
        for (BoughtWrapper.Shape shape : BoughtWrapper.Shape.values()) {
            for (BoughtWrapper.Thickness thickness : BoughtWrapper.Thickness.values()) {
                BoughtWrapper one = BoughtWrapper.usual(shape, thickness);
                assertTrue(one.thick().millimetres() > 0.5 && one.thick().millimetres() < 1.5, one.toString());
                for (Fold fold : Fold.values()) {
                    assertTrue(one.folds().contains(one.holding(fold)));
                    assertEquals(one.holding(fold).outline(), one.outline());
                }
            }
        }
    }

    /** The width that is asked for a filling is the one that closes round it with ease, for every fold that has a room. */
    @Test
    public void theWidthForAFillingIsTheRoomTurnedRound() {
        for (Fold fold : Fold.values()) {
            if (fold.enclosure() == Fold.Enclosure.DISC) {
                continue;
            }
            FillRoom.Skin skin = new FillRoom.Skin(Length.ofMillimetres(90), Length.ofMillimetres(30), 0.1, 0.6);
            Mass filling = Mass.ofGrams(21);
            Length wide = FillRoom.widthFor(filling, skin, fold);
            FillRoom room = FillRoom.of(new FillRoom.Skin(wide, skin.slice(), 0.1, 0.6), fold);
            assertEquals(room.comfortable().grams(), 21, 0.01, fold.toString());
            assertEquals(room.spare(filling).grams(), 0, 0.01);
        }
    }

    /** A strip of 15 cm with 2 cm left free holds 13²/(4π) cm² a cm: 40.35 cm³ in a slice of 3 cm. */
    @Test
    public void aRolledStripHoldsItsCircle() {
        assertEquals(FillRoom.rollBoundCm3(13, 3), 40.345, 1e-3);
        FillRoom.Skin strip = new FillRoom.Skin(Length.ofMillimetres(150), Length.ofMillimetres(30), 0, 1);
        assertEquals(FillRoom.of(strip, Fold.ROLLED_STRIP).bound().grams(), 40.345 * 1.02, 0.01);
    }

    /** Half-moon of 85 mm with a seam of 6 mm: r = 36.5 mm, 4r³/(3π) = 20.6 cm³. */
    @Test
    public void theHalfMoonsBound() {
        FillRoom.Skin skin = new FillRoom.Skin(Length.ofMillimetres(85), Length.ofMillimetres(30), 0, 1);
        assertEquals(FillRoom.of(skin, Fold.HALF_MOON).bound().grams() / 1.02, 20.6, 0.05);
    }

    @Test
    public void thereAreTwelveClosingsAndMoreEachWithItsSteps() {
        assertTrue(Fold.values().length >= 12);
        for (Fold fold : Fold.values()) {
            assertTrue(fold.steps().size() >= 3, fold.toString());
            assertTrue(fold.pleats() == 0 == (fold.pleated() == 0), fold.toString());
            assertEquals(fold.rim(true) == Rim.DRY, false, "a dry wrapper is wetted: " + fold);
            if (fold.holdsBought()) {
                assertTrue(Fold.of(fold.outline(), true).contains(fold));
            }
        }
        assertEquals(Fold.PURSE.rim(true), Rim.WHOLE);
        assertEquals(Fold.HALF_MOON.rim(true), Rim.HALF);
        assertEquals(Fold.HALF_MOON.rim(false), Rim.DRY);
        assertTrue(Fold.of(Outline.SQUARE, true).equals(java.util.List.of(Fold.TRIANGLE)), "squares do not pleat");
    }
}
