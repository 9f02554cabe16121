package ironpin.cook;

import java.util.ArrayList;
import java.util.List;

/**
 * Pieces laid out in a round vessel: the fullest of several brick and square lattices, each tried at several offsets.
 * Not a proof of the optimum, but within a piece or two of it, and something hands can copy.
 *
 * @param piece the footprint of one piece
 * @param radiusMm inside radius of the vessel
 * @param places centres from the middle of the vessel, mm, long axis along x
 */
public record VesselPacking(Footprint piece, double radiusMm, List<Place> places) {
    private static final int OFFSETS = 5;
    private static final int RIM_POINTS = 12;
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
        return new VesselPacking(piece, radiusMm, best);
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
