package ironpin.closing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.wrapper.Fold;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What every fold's movement must keep, whichever it is. */
public class MotionTest {
    private static final double WIDE = 100;

    @DataProvider
    public Object[][] folds() {
        Object[][] all = new Object[Fold.values().length][];
        for (int i = 0; i < all.length; i++) {
            all[i] = new Object[] {Fold.values()[i]};
        }
        return all;
    }

    private static double skin(Frame frame) {
        return frame.patches().stream()
                .filter(patch -> patch.tone() == Patch.Tone.SKIN)
                .mapToDouble(Patch::area)
                .sum();
    }

    /** A step begins where the one before ended, or the piece would jump. */
    @Test(dataProvider = "folds")
    public void stepsFollowOnOneAnother(Fold fold) {
        Motion motion = Motion.of(fold, WIDE, 0.65);
        for (int step = 0; step + 1 < fold.steps().size(); step++) {
            List<Patch> end = motion.at(step, 1).patches();
            List<Patch> begin = motion.at(step + 1, 0).patches();
            assertEquals(begin.size(), end.size());
            for (int i = 0; i < end.size(); i++) {
                assertEquals(begin.get(i).rows(), end.get(i).rows());
                assertEquals(begin.get(i).columns(), end.get(i).columns());
                for (int at = 0; at < end.get(i).xyz().length; at++) {
                    assertEquals(begin.get(i).xyz()[at], end.get(i).xyz()[at], 1.5, fold + " step " + step);
                }
            }
        }
    }

    /** Between two moments close to each other no point may leap. */
    @Test(dataProvider = "folds")
    public void nothingLeaps(Fold fold) {
        Motion motion = Motion.of(fold, WIDE, 0.65);
        int moments = 60;
        for (int step = 0; step < fold.steps().size(); step++) {
            Frame before = motion.at(step, 0);
            for (int i = 1; i <= moments; i++) {
                Frame now = motion.at(step, (double) i / moments);
                for (int p = 0; p < now.patches().size(); p++) {
                    double[] a = before.patches().get(p).xyz();
                    double[] b = now.patches().get(p).xyz();
                    for (int at = 0; at < a.length; at++) {
                        assertTrue(Math.abs(b[at] - a[at]) < 0.28 * WIDE, fold + " step " + step + " at " + i);
                    }
                }
                before = now;
            }
        }
    }

    /** Dough neither appears nor is lost: the skin keeps the wrapper's area, as far as dough stretches and pleats press together. */
    @Test(dataProvider = "folds")
    public void theSkinKeepsItsArea(Fold fold) {
        Motion motion = Motion.of(fold, WIDE, 0.65);
        double flat = skin(motion.at(0, 0));
        boolean pressed = fold.enclosure() == Fold.Enclosure.DISC || fold == Fold.LEAF_PARCEL;
        for (int step = 0; step < fold.steps().size(); step++) {
            double ratio = skin(motion.at(step, 1)) / flat;
            if (pressed) {
                // What is pressed, rolled or spread out grows, and what is drawn shut gathers in.
                assertTrue(ratio > 0.55 && ratio < 12, fold + " step " + step + ": " + ratio);
            } else {
                assertTrue(ratio > 0.72 && ratio < 1.3, fold + " step " + step + ": " + ratio);
            }
        }
        if (!pressed && fold.outline() == ironpin.wrapper.Outline.ROUND) {
            assertEquals(flat, Math.PI * WIDE * WIDE / 4, 0.03 * flat, fold.toString());
        }
    }

    @Test(dataProvider = "folds")
    public void nothingGoesThroughTheBoard(Fold fold) {
        Motion motion = Motion.of(fold, WIDE, 0.65);
        for (int step = 0; step < fold.steps().size(); step++) {
            for (Patch patch : motion.at(step, 0.5).patches()) {
                for (int at = 2; at < patch.xyz().length; at += 3) {
                    assertTrue(patch.xyz()[at] > -0.5, fold + " step " + step + ": " + patch.xyz()[at]);
                }
            }
        }
    }

    private static double apart(double[] a, double[] b) {
        return Math.hypot(Math.hypot(a[0] - b[0], a[1] - b[1]), a[2] - b[2]);
    }

    /** How far the crease's middle lies off the line between its ends, seen from above, as a share of the wrapper's width. */
    private static double bow(Fold fold, int step) {
        Patch skin = Motion.of(fold, WIDE, 0.65).at(step, 1).patches().get(0);
        int crease = (skin.rows() - 1) / 2;
        double[] left = skin.point(crease, 0);
        double[] middle = skin.point(crease, skin.columns() / 2);
        double[] right = skin.point(crease, skin.columns() - 1);
        double along = Math.hypot(right[0] - left[0], right[1] - left[1]);
        double across = (right[0] - left[0]) * (middle[1] - left[1]) - (right[1] - left[1]) * (middle[0] - left[0]);
        return Math.abs(across) / along / WIDE;
    }

    /** One pleated side is shorter than the other, so a crescent bends; a half-moon has two alike, and is straight. */
    @Test
    public void aCrescentBendsAndAHalfMoonDoesNot() {
        assertTrue(bow(Fold.PLEATED_CRESCENT, 3) > 0.15, "" + bow(Fold.PLEATED_CRESCENT, 3));
        assertTrue(bow(Fold.PLEATED_CRESCENT, 1) < bow(Fold.PLEATED_CRESCENT, 2) / 2);
        assertTrue(bow(Fold.HALF_MOON, 3) < 0.02, "" + bow(Fold.HALF_MOON, 3));
    }

    /** A half-moon is shut along its whole seam, not in the middle alone. */
    @Test
    public void aHalfMoonIsShutToItsEnds() {
        Patch skin = Motion.of(Fold.HALF_MOON, WIDE, 0.65).at(2, 1).patches().get(0);
        for (int column = 0; column < skin.columns(); column++) {
            double open = apart(skin.point(0, column), skin.point(skin.rows() - 1, column));
            assertTrue(open < 1, "open by " + open + " at " + column);
        }
        Patch half = Motion.of(Fold.HALF_MOON, WIDE, 0.65).at(2, 0.5).patches().get(0);
        int quarter = half.columns() / 5;
        assertTrue(apart(half.point(0, quarter), half.point(half.rows() - 1, quarter)) > 3, "shut before its turn");
    }

    /** The tines of a fork stand half a millimetre out, from the left end on to the right one. */
    @Test
    public void aCrimpIsPressedAlongTheRim() {
        Motion motion = Motion.of(Fold.CRIMPED_EDGE, WIDE, 0.65);
        Patch before = motion.at(2, 1).patches().get(0);
        Patch midway = motion.at(3, 0.5).patches().get(0);
        Patch after = motion.at(3, 1).patches().get(0);
        int left = before.columns() / 5;
        int right = before.columns() * 4 / 5;
        double most = 0;
        for (int column = left; column <= right; column++) {
            most = Math.max(most, apart(after.point(0, column), before.point(0, column)));
        }
        assertTrue(most > 0.3 && most < 12, "" + most);
        double begun = 0;
        double waiting = 0;
        for (int i = -3; i <= 3; i++) {
            begun = Math.max(begun, apart(midway.point(0, left + i), before.point(0, left + i)));
            waiting = Math.max(waiting, apart(midway.point(0, right + i), after.point(0, right + i)));
        }
        assertTrue(begun > 0.3 && waiting > 0.3, begun + " " + waiting);
    }

    /** What is closed is closed: the two rims of a tube meet, and the rim of a purse comes together. */
    @Test
    public void rimsMeet() {
        for (Fold fold : List.of(Fold.HALF_MOON, Fold.CRIMPED_EDGE, Fold.PRESSED_CORNERS, Fold.JOINED_CORNERS)) {
            Patch skin = Motion.of(fold, WIDE, 0.65).at(2, 1).patches().get(0);
            int middle = skin.columns() / 2;
            double[] near = skin.point(0, middle);
            double[] far = skin.point(skin.rows() - 1, middle);
            double apart = Math.hypot(Math.hypot(near[0] - far[0], near[1] - far[1]), near[2] - far[2]);
            assertTrue(apart < 1, fold + ": " + apart);
        }
        for (Fold fold : List.of(Fold.JOINED_CORNERS, Fold.TRIANGLE)) {
            double[] corners = Stream.of(0.0, 1.0)
                    .map(done ->
                            Motion.of(fold, WIDE, 0.65).at(2, done).patches().get(0))
                    .mapToDouble(skin -> apart(skin.point(0, 0), skin.point(0, skin.columns() - 1)))
                    .toArray();
            assertTrue(corners[0] > 0.9 * WIDE, fold + " begins with its corners apart: " + corners[0]);
            assertTrue(corners[1] < 0.12 * WIDE, fold + " ends with its corners joined: " + corners[1]);
        }
        Patch purse = Motion.of(Fold.PURSE, WIDE, 0.65).at(3, 1).patches().get(0);
        for (int column = 0; column < purse.columns(); column++) {
            double[] rim = purse.point(purse.rows() - 1, column);
            assertTrue(Math.hypot(rim[0], rim[1]) < 6, "the rim stays open at " + column);
        }
    }

    /** A purse shut has the profile of the greatest volume: as wide as {@code a = r/(2L)} on either side. */
    @Test
    public void aShutPurseHasTheProfileOfTheBound() {
        GatheredMotion purse = new GatheredMotion(Fold.PURSE, WIDE / 2);
        double r = WIDE / 2 - 6;
        double widest = 0;
        for (int i = 0; i <= 400; i++) {
            widest = Math.max(widest, purse.profile(r * i / 400, 1)[0]);
        }
        assertEquals(widest, r / 2 / 1.31102878, 0.02 * widest);
        assertEquals(purse.profile(r, 1)[0], 0, 0.4);
    }

    /** 2f + b is the dough that went in, 2f − b how far it gets; the layers lie over one another where it goes back. */
    @Test
    public void aPleatKeepsItsDough() {
        Pleat pleat = new Pleat(20, 12);
        double walked = 0;
        double before = 0;
        for (int i = 1; i <= 2_000; i++) {
            double now = pleat.place(20.0 * i / 2_000);
            walked += Math.abs(now - before);
            before = now;
        }
        assertEquals(walked, 20, 1e-3);
        assertEquals(pleat.place(20), 12, 1e-9);
        assertEquals(pleat.place(8), 8, 1e-9);
        assertEquals(pleat.place(12), 4, 1e-9);
        assertEquals(pleat.layer(0), 0, 1e-9);
        assertTrue(pleat.layer(8) > pleat.layer(12));
        assertEquals(new Pleat(20, 20).layer(10), 0, 1e-9);
    }

    /** Half angle of a lens by its share of the circle's area: 1 at a right angle, and less for thinner ones. */
    @Test
    public void aFullerPieceStandsFurtherApart() {
        assertEquals(TubeMotion.lensFor(1), Math.PI / 2, 1e-3);
        // α = 0.7 rad: π(1.4 − sin 1.4)/(4·0.49) = 0.6645.
        assertEquals(TubeMotion.lensFor(0.6645), 0.7, 1e-3);
        Patch thin = Motion.of(Fold.HALF_MOON, WIDE, 0.3).at(3, 1).patches().get(0);
        Patch full = Motion.of(Fold.HALF_MOON, WIDE, 0.9).at(3, 1).patches().get(0);
        assertTrue(deep(full) > 1.3 * deep(thin));
    }

    private static double deep(Patch patch) {
        double most = 0;
        for (int at = 1; at < patch.xyz().length; at += 3) {
            most = Math.max(most, Math.abs(patch.xyz()[at]));
        }
        return most;
    }

    @Test
    public void aLeftHandDoesEverythingFromTheOtherSide() {
        Frame right = Motion.of(Fold.ROPE_EDGE, WIDE, 0.65).at(3, 0.4);
        Frame left = right.mirrored();
        double[] a = right.patches().get(0).point(3, 10);
        double[] b = left.patches().get(0).point(3, 10);
        assertEquals(b[0], -a[0], 1e-9);
        assertEquals(b[1], a[1], 1e-9);
        assertEquals(b[2], a[2], 1e-9);
    }
}
