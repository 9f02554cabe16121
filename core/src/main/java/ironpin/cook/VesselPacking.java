package ironpin.cook;

import ironpin.refusal.Numbered;
import ironpin.worked.WorkedOut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Pieces laid out in a vessel: up to 29 round ones as close as anybody knows ({@link BestCircles}); otherwise the fullest of several
 * brick and square lattices, each tried at several offsets and turned, of rings along the wall, and of pieces {@link Snug pushed}
 * apart. Not a proof of the optimum, but within a tenth of the best that is known, and something hands can copy.
 *
 * @param piece the footprint of one piece
 * @param wall the vessel
 * @param gapMm kept between pieces; half of it is kept from the wall
 * @param places centres from the middle of the vessel
 */
public record VesselPacking(Footprint piece, Wall wall, double gapMm, List<Place> places) {
    private static final int OFFSETS = 5;
    private static final int KEPT = 400;

    /** More than these are laid in rows anyway. */
    private static final int MOST_PUSHED = 48;

    /** Axes that differ by less than this part are those of a round piece. */
    private static final double ROUND = 0.02;

    /** No pieces that are alike cover more of a plane. */
    private static final double DENSEST = Math.PI / Math.sqrt(12);

    private static final int HALVINGS = 12;
    private static final double SLACK = 1e-9;
    private static final int RIM_POINTS = 24;

    /** Turns at which a ring is tried. */
    private static final int TURNS = 24;

    private static final WorkedOut<Asked, VesselPacking> FOUND = new WorkedOut<>(KEPT, VesselPacking::search);

    private record Asked(Footprint piece, Wall wall, double gapMm) {}

    /** Where a piece lies, mm from the middle. @param turn of its long axis from the vessel's, degrees */
    public record Place(double xMm, double yMm, double turn) {}

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
        return FOUND.of(new Asked(piece, new Wall.Round(radiusMm), gapMm));
    }

    /** The fullest layout found between straight walls. @param lengthMm @param breadthMm inside, above 0 */
    public static VesselPacking in(Footprint piece, double lengthMm, double breadthMm, double gapMm) {
        return FOUND.of(new Asked(piece, new Wall.Box(lengthMm / 2, breadthMm / 2), gapMm));
    }

    /** The fullest layout found in a vessel. */
    public static VesselPacking of(Footprint piece, Vessel vessel, double gapMm) {
        double length = vessel.diameter().millimetres();
        return vessel.kind() == VesselKind.DISH
                ? in(piece, length, vessel.breadth().millimetres(), gapMm)
                : of(piece, length / 2, gapMm);
    }

    private static VesselPacking search(Asked asked) {
        Footprint piece = asked.piece();
        double gap = asked.gapMm();
        Wall wall = asked.wall().inset(gap / 2);
        boolean round = Math.abs(piece.lengthMm() - piece.widthMm()) < ROUND * piece.lengthMm();
        List<Place> best = List.of();
        for (double turn : round ? new double[] {0} : new double[] {0, 90}) {
            for (boolean brick : new boolean[] {true, false}) {
                best = fuller(best, lattices(piece, wall, gap, brick, turn));
            }
        }
        boolean known = false;
        if (asked.wall() instanceof Wall.Round circle) {
            double half = (piece.lengthMm() + gap) / 2;
            List<Place> closest = round ? BestCircles.in(half, circle.radius()) : List.of();
            // Nobody knows how to lay more of so few.
            known = round && closest.size() < BestCircles.most();
            best = known
                    ? closest
                    : fuller(fuller(best, closest), round ? rings(half, circle.radius()) : spokes(piece, wall, gap));
        }
        best = known ? best : pushed(best, piece, wall, gap);
        List<Place> fromTheMiddle = best.stream()
                .sorted(Comparator.comparingDouble(place -> Math.hypot(place.xMm(), place.yMm())))
                .toList();
        return new VesselPacking(piece, asked.wall(), gap, fromTheMiddle);
    }

    private static List<Place> fuller(List<Place> best, List<Place> other) {
        return other.size() > best.size() ? other : best;
    }

    private static List<Place> pushed(List<Place> found, Footprint piece, Wall wall, double gap) {
        List<Place> best = found;
        double a = (piece.lengthMm() + gap) / 2;
        double b = (piece.widthMm() + gap) / 2;
        double most = DENSEST * wall.area(gap) / (Math.PI * a * b);
        while (best.size() < MOST_PUSHED && best.size() + 1 <= most) {
            List<Place> more = Snug.in(best.size() + 1, a, b, piece, wall);
            if (more.isEmpty()) {
                return best;
            }
            best = more;
        }
        return best;
    }

    private static List<Place> lattices(Footprint piece, Wall wall, double gap, boolean brick, double turn) {
        boolean along = turn == 0;
        double stepX = (along ? piece.lengthMm() : piece.widthMm()) + gap;
        double stepY = (along ? piece.widthMm() : piece.lengthMm()) + gap;
        double rowY = brick ? stepY * Math.sqrt(3) / 2 : stepY;
        List<Place> best = List.of();
        // A lattice moved by more than half a step is one moved by less, in the mirror.
        for (int i = 0; i < OFFSETS * OFFSETS; i++) {
            double offsetX = stepX / 2 * (i % OFFSETS) / (OFFSETS - 1);
            double offsetY = rowY / 2 * (i / OFFSETS) / (OFFSETS - 1);
            best = fuller(best, lattice(piece, wall, new Step(stepX, rowY, brick, offsetX, offsetY), turn));
        }
        return best;
    }

    private record Step(double x, double row, boolean brick, double offsetX, double offsetY) {}

    private static List<Place> lattice(Footprint piece, Wall wall, Step step, double turn) {
        List<Place> places = new ArrayList<>();
        int rows = (int) Math.ceil(Math.max(0, wall.halfBreadth()) / step.row()) + 1;
        int columns = (int) Math.ceil(Math.max(0, wall.halfLength()) / step.x()) + 1;
        double cos = turn == 0 ? 1 : 0;
        for (int row = -rows; row <= rows; row++) {
            double y = row * step.row() + step.offsetY();
            double shift = step.brick() && (row & 1) == 1 ? step.x() / 2 : 0;
            for (int column = -columns; column <= columns; column++) {
                double x = column * step.x() + step.offsetX() + shift;
                if (wall.holds(x, y, piece.lengthMm() / 2, piece.widthMm() / 2, cos, 1 - cos)) {
                    places.add(new Place(x, y, turn));
                }
            }
        }
        return places;
    }

    /**
     * Round pieces in rings: as many along the wall as touch it, and inside them the fullest ring that goes, turned until it fits into the
     * gaps of the one around it. So five lie where no lattice holds more than four, and nineteen as closely as anybody knows.
     *
     * @param half of a piece with its gap
     * @param radius inside, half a gap of it kept from the wall
     */
    private static List<Place> rings(double half, double radius) {
        List<Place> places = new ArrayList<>();
        double reach = radius - half;
        if (reach < -SLACK) {
            return places;
        }
        int most = reach < half ? 1 : (int) Math.floor(Math.PI / Math.asin(Math.min(1, half / reach)) + SLACK);
        places.addAll(ring(most, most == 1 ? 0 : reach, 0));
        for (int count = most; count > 0; count--) {
            List<Place> inner = fitting(count, half, places);
            if (!inner.isEmpty()) {
                places.addAll(inner);
                count = Math.min(count, inner.size());
            }
        }
        return places;
    }

    /** The tightest ring of so many, at a turn at which it keeps clear of the others; or nothing. */
    private static List<Place> fitting(int count, double half, List<Place> others) {
        double radius = count == 1 ? 0 : half / Math.sin(Math.PI / count);
        for (int turn = 0; turn < TURNS; turn++) {
            List<Place> ring = ring(count, radius, 2 * Math.PI * turn / TURNS / count);
            boolean clear = ring.stream().allMatch(one -> others.stream()
                    .allMatch(other ->
                            Math.hypot(one.xMm() - other.xMm(), one.yMm() - other.yMm()) >= 2 * half * (1 - SLACK)));
            if (clear) {
                return ring;
            }
        }
        return List.of();
    }

    private static List<Place> ring(int count, double radius, double turn) {
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * i / count + turn;
            places.add(new Place(radius * Math.cos(angle), radius * Math.sin(angle), 0));
        }
        return places;
    }

    /** Long pieces set in a ring like spokes, as a pan is often laid, and what still fits in the middle the same way. */
    private static List<Place> spokes(Footprint piece, Wall wall, double gap) {
        List<Place> places = new ArrayList<>();
        double a = piece.lengthMm() / 2;
        double b = piece.widthMm() / 2;
        double radius = wall.halfLength();
        while (radius > a) {
            double ring = Math.sqrt(Math.max(0, radius * radius - b * b)) - a;
            if (ring < a) {
                break;
            }
            for (int count = (int) (2 * Math.PI * radius / (2 * b)); count > 0; count--) {
                List<Place> trial = new ArrayList<>();
                for (int i = 0; i < count; i++) {
                    double angle = 2 * Math.PI * i / count;
                    trial.add(new Place(ring * Math.cos(angle), ring * Math.sin(angle), Math.toDegrees(angle)));
                }
                if (count == 1 || apart(piece, trial.get(0), trial.get(1), gap)) {
                    places.addAll(trial);
                    break;
                }
            }
            radius = ring - a - gap;
        }
        Place middle = new Place(0, 0, 0);
        boolean free =
                wall.holds(0, 0, a, b, 1, 0) && places.stream().allMatch(place -> apart(piece, place, middle, gap));
        if (free) {
            places.add(middle);
        }
        return places;
    }

    /** Whether two pieces keep their gap: no point of the rim of either, grown by half of it, lies in the other. */
    static boolean apart(Footprint piece, Place one, Place other, double gap) {
        double a = piece.lengthMm() / 2 + gap / 2;
        double b = piece.widthMm() / 2 + gap / 2;
        double distance = Math.hypot(one.xMm() - other.xMm(), one.yMm() - other.yMm());
        if (distance >= 2 * Math.max(a, b) - SLACK) {
            return true;
        }
        if (distance < 2 * Math.min(a, b) - SLACK) {
            return false;
        }
        return outside(a, b, one, other) && outside(a, b, other, one);
    }

    private static boolean outside(double a, double b, Place one, Place other) {
        double turn = Math.toRadians(one.turn());
        double otherTurn = Math.toRadians(other.turn());
        for (int i = 0; i < RIM_POINTS; i++) {
            double angle = 2 * Math.PI * i / RIM_POINTS;
            double u = a * Math.cos(angle);
            double v = b * Math.sin(angle);
            double x = other.xMm() + u * Math.cos(otherTurn) - v * Math.sin(otherTurn) - one.xMm();
            double y = other.yMm() + u * Math.sin(otherTurn) + v * Math.cos(otherTurn) - one.yMm();
            double along = (x * Math.cos(turn) + y * Math.sin(turn)) / a;
            double across = (-x * Math.sin(turn) + y * Math.cos(turn)) / b;
            if (along * along + across * across < 1 - SLACK) {
                return false;
            }
        }
        return true;
    }

    /** How many pieces the layout holds. */
    public int count() {
        return places.size();
    }

    /** Whether a piece at this place would be inside and keep its gap from the others. @param but the one that is moved, from 0 */
    public boolean legal(Place place, int but, int shown) {
        double turn = Math.toRadians(place.turn());
        if (!wall.inset(gapMm / 2)
                .holds(
                        place.xMm(),
                        place.yMm(),
                        piece.lengthMm() / 2,
                        piece.widthMm() / 2,
                        Math.cos(turn),
                        Math.sin(turn))) {
            return false;
        }
        for (int i = 0; i < Math.min(shown, places.size()); i++) {
            if (i != but && !apart(piece, places.get(i), place, gapMm)) {
                return false;
            }
        }
        return true;
    }

    /**
     * The same with one piece moved towards a place, as far as it keeps clear of the wall and of the others.
     *
     * @param index from 0
     * @param shown how many of the pieces are there; the others are in no one's way
     */
    public VesselPacking moved(int index, double xMm, double yMm, int shown) {
        Place from = Numbered.of(places, index, "piece");
        double far = 0;
        double tried = 1;
        for (int i = 0; i < HALVINGS; i++) {
            Place there = new Place(
                    from.xMm() + tried * (xMm - from.xMm()), from.yMm() + tried * (yMm - from.yMm()), from.turn());
            if (legal(there, index, shown)) {
                far = tried;
                if (tried == 1) {
                    break;
                }
                tried += Math.pow(0.5, i + 1);
            } else {
                tried -= Math.pow(0.5, i + 1);
            }
        }
        List<Place> changed = new ArrayList<>(places);
        changed.set(
                index,
                new Place(from.xMm() + far * (xMm - from.xMm()), from.yMm() + far * (yMm - from.yMm()), from.turn()));
        return new VesselPacking(piece, wall, gapMm, changed);
    }

    /** Half the vessel's length, mm. */
    public double radiusMm() {
        return wall.halfLength();
    }

    /** Half its breadth, mm. */
    public double halfBreadthMm() {
        return wall.halfBreadth();
    }
}
