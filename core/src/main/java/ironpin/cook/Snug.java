package ironpin.cook;

import ironpin.cook.VesselPacking.Place;
import java.util.ArrayList;
import java.util.List;

/**
 * Pieces pushed apart until none overlap: from several beginnings, spirals and rings, every overlap moves both pieces away
 * from each other, and the wall moves them inwards. No luck is drawn: the same pieces always come to lie the same.
 */
final class Snug {
    private static final int SPIRALS = 8;
    private static final int BEGINNINGS = SPIRALS + 4;
    private static final int STEPS = 400;
    private static final double INWARDS = 0.995;

    /** Moved by nearly twice what would just part them, since each is pushed by several. */
    private static final double PUSH = 1.9;

    /** Where so many steps leave more than this share of what overlapped before, more of them would not end it. */
    private static final int LOOK_EVERY = 20;

    private static final double FALLS = 0.9;
    private static final double GOLDEN = Math.PI * (3 - Math.sqrt(5));

    /** Overlaps that are rubbed away by a hair of shrinking. */
    private static final double ENOUGH = 1e-4;

    private Snug() {}

    /**
     * So many pieces, all turned the same way, or nothing if no way was found. A long piece is a round one in a picture drawn out across, so
     * that only the wall needs to know how long they are.
     *
     * @param a half of a piece with its gap, along @param b and across
     * @param piece what the wall holds
     */
    static List<Place> in(int count, double a, double b, Footprint piece, Wall wall) {
        double stretch = a / b;
        for (int beginning = 0; beginning < BEGINNINGS; beginning++) {
            double[] x = new double[count];
            double[] y = new double[count];
            for (int i = 0; i < count; i++) {
                double[] polar = beginning < SPIRALS ? spiral(i, count, beginning) : ring(i, count, beginning);
                double out = polar[0];
                double angle = polar[1];
                x[i] = (wall.halfLength() - piece.lengthMm() / 2) * out * Math.cos(angle);
                y[i] = (wall.halfBreadth() - piece.widthMm() / 2) * stretch * out * Math.sin(angle);
            }
            if (settle(x, y, a, stretch, piece, wall)) {
                List<Place> places = new ArrayList<>();
                for (int i = 0; i < count; i++) {
                    places.add(new Place(x[i], y[i] / stretch, 0));
                }
                return places;
            }
        }
        return List.of();
    }

    private static double[] spiral(int i, int count, int beginning) {
        return new double[] {Math.pow((i + 0.5) / count, 0.5 + 0.04 * (beginning % 4)), i * GOLDEN + beginning};
    }

    /** In rings from the wall inwards, each with six pieces fewer than the one around it. */
    private static double[] ring(int i, int count, int beginning) {
        int rings = (int) Math.ceil((Math.sqrt(12.0 * count - 3) + 3) / 6);
        int left = count;
        int first = 0;
        for (int ring = rings - 1; ; ring--) {
            int here = ring <= 0 ? left : Math.min(left, 6 * ring);
            if (i < first + here) {
                double out = rings == 1 ? 0 : (double) ring / (rings - 1);
                return new double[] {out, 2 * Math.PI * (i - first) / here + 0.4 * (beginning - SPIRALS) * ring};
            }
            first += here;
            left -= here;
        }
    }

    private static boolean settle(double[] x, double[] y, double half, double stretch, Footprint piece, Wall wall) {
        // A hair wider apart, so that what is found leaves no overlap at all.
        double apart = 2 * half * (1 + ENOUGH);
        Neighbours near = new Neighbours(x, y, apart);
        double before = Double.MAX_VALUE;
        for (int step = 1; step <= STEPS; step++) {
            near.look();
            double over = 0;
            for (int pair = 0; pair < near.pairs(); pair++) {
                int i = near.one(pair);
                int j = near.other(pair);
                double dx = x[i] - x[j];
                double dy = y[i] - y[j];
                double squared = dx * dx + dy * dy;
                if (squared < apart * apart) {
                    double distance = Math.max(1e-9, Math.sqrt(squared));
                    double push = PUSH * (apart - distance) / 2 / distance;
                    over += apart - distance;
                    x[i] += dx * push;
                    y[i] += dy * push;
                    x[j] -= dx * push;
                    y[j] -= dy * push;
                }
            }
            for (int i = 0; i < x.length; i++) {
                for (int tries = 0; tries < 200 && !wall.holds(x[i], y[i] / stretch, piece); tries++) {
                    x[i] *= INWARDS;
                    y[i] *= INWARDS;
                }
            }
            if (near.apart(2 * half) && new Neighbours(x, y, apart).apart(2 * half)) {
                return true;
            }
            if (step % LOOK_EVERY == 0) {
                if (over > FALLS * before) {
                    return false;
                }
                before = over;
            }
        }
        return false;
    }
}
