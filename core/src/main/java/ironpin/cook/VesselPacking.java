package ironpin.cook;

import java.util.ArrayList;
import java.util.List;

/**
 * Pieces laid out in a round vessel: the fullest of several brick and square lattices, each tried at several offsets, and of rings
 * along the wall.
 * Not a proof of the optimum, but within a piece or two of it, and something hands can copy.
 *
 * @param piece the footprint of one piece
 * @param radiusMm inside radius of the vessel
 * @param places centres from the middle of the vessel, mm, long axis along x
 */
public record VesselPacking(Footprint piece, double radiusMm, List<Place> places) {
    private static final int OFFSETS = 5;
    private static final int RIM_POINTS = 12;
    /** Axes that differ by less than this part are those of a round piece. */
    private static final double ROUND = 0.02;

    private static final double SLACK = 1e-9;
    private static final double[] COS = new double[RIM_POINTS];
    private static final double[] SIN = new double[RIM_POINTS];

    static {
        for (int i = 0; i < RIM_POINTS; i++) {
            COS[i] = Math.cos(2 * Math.PI * i / RIM_POINTS);
            SIN[i] = Math.sin(2 * Math.PI * i / RIM_POINTS);
        }
    }

    /** Where a piece lies. */
    public record Place(double xMm, double yMm) {}

    public VesselPacking {
        places = List.copyOf(places);
    }

    /**
     * The fullest layout found.
     *
     * @param piece footprint, above 0
     * @param radiusMm inside radius, above 0
     * @param gapMm least distance between pieces, 0 or more; half of it is kept from the wall
     */
    public static VesselPacking of(Footprint piece, double radiusMm, double gapMm) {
        List<Place> best = List.of();
        double stepX = piece.lengthMm() + gapMm;
        double stepY = piece.widthMm() + gapMm;
        for (boolean brick : new boolean[] {true, false}) {
            double rowY = brick ? stepY * Math.sqrt(3) / 2 : stepY;
            // A lattice moved by more than half a step is one moved by less, in the mirror.
            for (int i = 0; i < OFFSETS * OFFSETS; i++) {
                double offsetX = stepX / 2 * (i % OFFSETS) / (OFFSETS - 1);
                double offsetY = rowY / 2 * (i / OFFSETS) / (OFFSETS - 1);
                List<Place> places = lattice(piece, radiusMm - gapMm / 2, stepX, rowY, brick, offsetX, offsetY);
                if (places.size() > best.size()) {
                    best = places;
                }
            }
        }
        if (Math.abs(piece.lengthMm() - piece.widthMm()) < ROUND * piece.lengthMm()) {
            List<Place> rings = rings(stepX / 2, radiusMm);
            best = rings.size() > best.size() ? rings : best;
        }
        return new VesselPacking(piece, radiusMm, best);
    }

    /**
     * Round pieces in rings along the wall, with more in the middle: five fit so where no lattice holds more than four.
     *
     * @param half of a piece with its gap
     * @param radius inside, half a gap of it kept from the wall
     */
    private static List<Place> rings(double half, double radius) {
        List<Place> places = new ArrayList<>();
        double reach = radius - half;
        while (reach >= -SLACK) {
            int count = reach < half ? 1 : (int) Math.floor(Math.PI / Math.asin(Math.min(1, half / reach)) + SLACK);
            double ring = count == 1 ? 0 : reach;
            for (int i = 0; i < count; i++) {
                double angle = 2 * Math.PI * i / count;
                places.add(new Place(ring * Math.cos(angle), ring * Math.sin(angle)));
            }
            if (count == 1) {
                break;
            }
            reach -= 2 * half;
        }
        return places;
    }

    /** How many pieces the layout holds. */
    public int count() {
        return places.size();
    }

    private static List<Place> lattice(
            Footprint piece, double radius, double stepX, double rowY, boolean brick, double offsetX, double offsetY) {
        List<Place> places = new ArrayList<>();
        int rows = (int) Math.ceil(radius / rowY) + 1;
        int columns = (int) Math.ceil(radius / stepX) + 1;
        for (int row = -rows; row <= rows; row++) {
            double y = row * rowY + offsetY;
            double shift = brick && (row & 1) == 1 ? stepX / 2 : 0;
            for (int column = -columns; column <= columns; column++) {
                double x = column * stepX + offsetX + shift;
                if (inside(piece, radius, x, y)) {
                    places.add(new Place(x, y));
                }
            }
        }
        return places;
    }

    private static boolean inside(Footprint piece, double radius, double x, double y) {
        double a = piece.lengthMm() / 2;
        double b = piece.widthMm() / 2;
        double reach = radius - Math.min(a, b);
        double squared = x * x + y * y;
        if (reach < 0 || squared > reach * reach) {
            return false;
        }
        for (int i = 0; i < RIM_POINTS; i++) {
            double rimX = x + a * COS[i];
            double rimY = y + b * SIN[i];
            if (rimX * rimX + rimY * rimY > radius * radius) {
                return false;
            }
        }
        return true;
    }
}
