package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.cook.VesselPacking.Place;
import ironpin.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PackingTest {
    /** Least radius of a circle that holds so many of radius 1, from 1 on: the best known, as E. Specht publishes them. */
    private static final double[] BEST = {
        1, 2, 2.154701, 2.414214, 2.701302, 3, 3, 3.304765, 3.613126, 3.813026, 3.923804, 4.029602, 4.236068, 4.328429,
        4.521357, 4.615426, 4.792034, 4.863703, 4.863703, 5.122321, 5.252317, 5.439719, 5.545204, 5.651661, 5.752824,
        5.828177, 5.906398, 6.014938, 6.138598, 6.197741
    };

    @DataProvider
    public Object[][] counts() {
        return IntStream.rangeClosed(1, BEST.length)
                .mapToObj(count -> new Object[] {count})
                .toArray(Object[][]::new);
    }

    /** All of them in the best known circle, a hundredth of a millimetre spared, and one fewer in any that is narrower. */
    @Test(dataProvider = "counts")
    public void roundPiecesLieAsCloseAsAnybodyKnows(int count) {
        double radius = 50 * BEST[count - 1];
        Footprint piece = new Footprint(100, 100);
        assertEquals(
                VesselPacking.of(piece, radius + 0.01, 0).count(),
                count == BEST.length || BEST[count] > BEST[count - 1] ? count : count + 1);
        if (count > 1 && BEST[count - 2] < BEST[count - 1]) {
            assertEquals(VesselPacking.of(piece, radius - 0.01, 0).count(), count - 1);
        }
    }

    /** A wider vessel never holds fewer. */
    @Test
    public void aWiderVesselHoldsNoFewer() {
        Footprint piece = new Footprint(40, 40);
        int before = 0;
        for (double radius = 20; radius < 124; radius += 0.37) {
            int count = VesselPacking.of(piece, radius, 0).count();
            assertTrue(count >= before, count + " after " + before + " at " + radius);
            before = count;
        }
        assertTrue(before >= 29, "up to " + before);
    }

    /** Thousands of vessels: nothing overlaps, nothing leaves the wall, measured by points on every rim. */
    @Test
    public void piecesKeepTheirGapAndStayInside() {
        Random random = new Random(8);
        int pieces = 0;
        for (int i = 0; i < 2_000; i++) {
            double length = 25 + random.nextInt(70);
            double width = random.nextInt(3) == 0 ? length : length * (0.35 + 0.6 * random.nextDouble());
            double gap = random.nextInt(15);
            VesselKind kind = random.nextInt(5) == 0 ? VesselKind.DISH : VesselKind.PAN;
            Vessel vessel = Vessel.of(kind, Length.ofMillimetres(120 + random.nextInt(260)), 1, 900);
            Footprint piece = new Footprint(length, width);
            VesselPacking packing = VesselPacking.of(piece, vessel, gap);
            pieces += packing.count();
            for (int a = 0; a < packing.count(); a++) {
                Place one = packing.places().get(a);
                assertTrue(inside(piece, vessel, one), "a piece leaves the vessel");
                for (int b = 0; b < a; b++) {
                    assertTrue(clear(piece, one, packing.places().get(b)), "pieces overlap");
                }
            }
        }
        assertTrue(pieces > 10_000, "of " + pieces);
    }

    private static double[] rim(Footprint piece, Place place, double angle) {
        double u = piece.lengthMm() / 2 * Math.cos(angle);
        double v = piece.widthMm() / 2 * Math.sin(angle);
        double turn = Math.toRadians(place.turn());
        return new double[] {
            place.xMm() + u * Math.cos(turn) - v * Math.sin(turn), place.yMm() + u * Math.sin(turn) + v * Math.cos(turn)
        };
    }

    private static boolean inside(Footprint piece, Vessel vessel, Place place) {
        for (double angle = 0; angle < 2 * Math.PI; angle += 0.1) {
            double[] at = rim(piece, place, angle);
            boolean in = vessel.kind() == VesselKind.DISH
                    ? Math.abs(at[0]) <= vessel.diameter().millimetres() / 2 + 1e-6
                            && Math.abs(at[1]) <= vessel.breadth().millimetres() / 2 + 1e-6
                    : Math.hypot(at[0], at[1]) <= vessel.diameter().millimetres() / 2 + 0.3;
            if (!in) {
                return false;
            }
        }
        return true;
    }

    private static boolean clear(Footprint piece, Place one, Place other) {
        if (Math.hypot(one.xMm() - other.xMm(), one.yMm() - other.yMm()) >= piece.lengthMm()) {
            return true;
        }
        double turn = Math.toRadians(one.turn());
        for (double angle = 0; angle < 2 * Math.PI; angle += 0.15) {
            double[] at = rim(piece, other, angle);
            double x = at[0] - one.xMm();
            double y = at[1] - one.yMm();
            double along = (x * Math.cos(turn) + y * Math.sin(turn)) / (piece.lengthMm() / 2);
            double across = (-x * Math.sin(turn) + y * Math.cos(turn)) / (piece.widthMm() / 2);
            if (along * along + across * across < 0.999) {
                return false;
            }
        }
        return true;
    }

    /** A long search: pieces thrown in at any place and turn for as long as any fits, the best of many tries. */
    @Test
    public void longPiecesLieAsCloseAsALongSearchFinds() {
        double[][] cases = {{84, 46, 130}, {75, 30, 120}, {60, 40, 150}, {84, 46, 180}, {50, 25, 110}};
        Random random = new Random(5);
        for (double[] one : cases) {
            Footprint piece = new Footprint(one[0], one[1]);
            int best = 0;
            for (int attempt = 0; attempt < 25; attempt++) {
                best = Math.max(best, thrown(piece, one[2], random));
            }
            int found = VesselPacking.of(piece, one[2], 0).count();
            assertTrue(found >= 0.9 * best, found + " against " + best);
        }
    }

    private static int thrown(Footprint piece, double radius, Random random) {
        List<Place> places = new ArrayList<>();
        double lean = 180 * random.nextDouble();
        double loose = random.nextBoolean() ? 10 : 180;
        Wall wall = new Wall.Round(radius);
        for (int failed = 0; failed < 3_000; failed++) {
            double angle = 2 * Math.PI * random.nextDouble();
            double out = radius * Math.sqrt(random.nextDouble());
            Place place = new Place(out * Math.cos(angle), out * Math.sin(angle), lean + loose * random.nextDouble());
            double turn = Math.toRadians(place.turn());
            boolean fits = wall.holds(
                            place.xMm(),
                            place.yMm(),
                            piece.lengthMm() / 2,
                            piece.widthMm() / 2,
                            Math.cos(turn),
                            Math.sin(turn))
                    && places.stream().allMatch(other -> VesselPacking.apart(piece, other, place, 0));
            if (fits) {
                places.add(place);
                failed = 0;
            }
        }
        return places.size();
    }

    @Test
    public void breadsOfTenCentimetresInAPanOfThirty() {
        assertEquals(VesselPacking.of(new Footprint(100, 100), 150, 0).count(), 7);
        assertEquals(VesselPacking.of(new Footprint(100, 100), 150, 6).count(), 5);
        assertEquals(VesselPacking.of(new Footprint(100, 100), 60, 10).count(), 1);
        assertEquals(VesselPacking.of(new Footprint(100, 100), 45, 0).count(), 0);
    }

    /** A piece may be dragged where it keeps clear of the others and of the wall, and nowhere else. */
    @Test
    public void aDraggedPieceStaysLegal() {
        VesselPacking packing = VesselPacking.of(new Footprint(60, 60), 150, 6);
        int last = packing.count() - 1;
        Place there = packing.places().get(last);
        assertTrue(packing.legal(there, last, packing.count()));
        Place neighbour = packing.places().get(0);
        assertTrue(!packing.legal(new Place(neighbour.xMm() + 20, neighbour.yMm(), 0), last, packing.count()));
        assertTrue(!packing.legal(new Place(140, 0, 0), last, packing.count()));
        Random random = new Random(4);
        VesselPacking moved = packing;
        for (int i = 0; i < 400; i++) {
            int which = random.nextInt(moved.count());
            moved = moved.moved(which, 300 * random.nextDouble() - 150, 300 * random.nextDouble() - 150, moved.count());
            assertTrue(moved.legal(moved.places().get(which), which, moved.count()), "after " + i);
        }
        assertTrue(!moved.places().equals(packing.places()));
        // Alone in the vessel it goes where it is dragged.
        VesselPacking alone = packing.moved(0, 40, -35, 1);
        assertEquals(alone.places().get(0).xMm(), 40, 0.1);
    }
}
