package ironpin.closing;

import java.util.ArrayList;
import java.util.List;

/**
 * A sheet rolled up. Rolled so far, the wound part is a spiral of even pitch whose outer radius follows from its length,
 * {@code r² = l·b/π + r₀²}, and rests on the sheet where it is still flat.
 */
final class RollMotion implements Motion {
    private static final int SLICES = 6;
    private static final int ROWS = 61;
    private static final int COLUMNS = 5;
    private static final double PITCH = 7;
    private static final double INNER = 2.5;
    private static final double FREE = 20;

    private final double length;
    private final double slice;

    /** @param length of the sheet that is rolled up, mm */
    RollMotion(double length) {
        this.length = length;
        slice = 0.28 * length;
    }

    @Override
    public Frame at(int step, double done) {
        double t = Ease.smooth(done);
        double spread = step == 0 ? t : 1;
        double free = Math.min(FREE, length / 5);
        double rolled = step == 0 ? 0 : step == 1 ? (length - free) * t : step == 2 ? length - free * (1 - t) : length;
        double gap = step == 3 ? t * 0.6 * slice : 0;
        List<Patch> patches = new ArrayList<>();
        for (int i = 0; i < SLICES; i++) {
            double left = (i - SLICES / 2.0) * slice + (i - (SLICES - 1) / 2.0) * gap;
            patches.add(Patch.of(
                    Patch.Tone.SKIN,
                    ROWS,
                    COLUMNS,
                    (row, column) -> point(left + column * slice, row * length, rolled, 0)));
            patches.add(Patch.of(Patch.Tone.FILLING, ROWS, COLUMNS, (row, column) -> {
                double s = row * (length - free) * Ease.mix(0.06, 1, spread) + (1 - spread) * 0.4 * length;
                double[] at = point(left + column * slice, s, rolled, PITCH * 0.42);
                return new double[] {at[0], at[1], at[2] + (1 - spread) * 0.3 * length};
            }));
        }
        double across = SLICES * slice;
        double scale = Math.min(1, 170 / across);
        Frame frame = new Frame(patches)
                .moved((x, y, z) -> new double[] {x * scale, (y - length / 2) * scale, z * scale})
                .grounded();
        return frame;
    }

    /** @param s along the sheet from the edge that is rolled first @param in how far towards the middle of the roll */
    private double[] point(double x, double s, double rolled, double in) {
        if (s >= rolled) {
            return new double[] {x, s, in};
        }
        double outer = Math.sqrt(rolled * PITCH / Math.PI + INNER * INNER);
        double back = rolled - s;
        double b = PITCH / (2 * Math.PI);
        // Arc length of the spiral from its outer end: a = r·ϑ − b·ϑ²/2.
        double inside = Math.max(0, outer * outer - 2 * b * back);
        double turn = (outer - Math.sqrt(inside)) / b;
        double r = Math.max(0.3, outer - b * turn - in);
        return new double[] {x, rolled - r * Math.sin(turn), outer - r * Math.cos(turn)};
    }
}
