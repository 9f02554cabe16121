package ironpin.closing;

import java.util.List;

/** A soft dough spread on a leaf, filled, and folded up in it: every part turns about a straight crease. */
final class ParcelMotion implements Motion {
    private static final double LEAF_LONG = 2.0;
    private static final double LEAF_WIDE = 1.5;
    private static final double DOUGH_LONG = 0.8;
    private static final double DOUGH_WIDE = 0.95;
    private static final double SIDE_CREASE = 0.5;
    private static final double END_CREASE = 0.92;

    private final double radius;

    ParcelMotion(double radius) {
        this.radius = radius;
    }

    @Override
    public Frame at(int step, double done) {
        double t = Ease.smooth(done);
        double spread = step == 0 ? t : 1;
        double dropped = step < 1 ? 0 : step == 1 ? t : 1;
        double near = step < 2 ? 0 : step == 2 ? Ease.smooth(2 * done) : 1;
        double far = step < 2 ? 0 : step == 2 ? Ease.smooth(2 * done - 1) : 1;
        double ends = step == 3 ? t : 0;
        double heap = 0.2 * radius * dropped;
        Patch.Move fold = (x, y, z) -> ends(ends, sides(near, far, heap, x, y, z));
        Patch leaf = Patch.of(Patch.Tone.LEAF, 31, 41, (row, column) -> {
                    double x = LEAF_LONG * radius * (2 * column - 1);
                    double taper = Math.sqrt(Math.max(0.05, 1 - Math.pow(Math.abs(2 * column - 1), 3)));
                    return new double[] {x, LEAF_WIDE * radius * taper * (2 * row - 1), 0};
                })
                .moved(fold);
        Patch dough = Patch.of(Patch.Tone.SKIN, 9, 41, (row, column) -> {
                    double angle = 2 * Math.PI * column;
                    double wide = Ease.mix(0.3, 1, spread);
                    double r = row * wide;
                    return new double[] {
                        DOUGH_LONG * radius * r * Math.cos(angle),
                        DOUGH_WIDE * radius * r * Math.sin(angle),
                        1.2 + (1 - wide) * 6 * (1 - row)
                    };
                })
                .moved(fold);
        double lift = (1 - dropped) * 0.8 * radius;
        Patch filling = Heap.of(new double[] {0.5 * radius, 0.3 * radius, 0.14 * radius}, 0.1 * radius + 1.5)
                .moved((x, y, z) -> new double[] {x, y, z + lift + (dropped == 0 ? 0.2 * radius : 0)});
        return new Frame(List.of(leaf, dough, filling)).grounded();
    }

    /** The near side of the leaf over the filling, then the far side over that. */
    private double[] sides(double near, double far, double heap, double x, double y, double z) {
        double crease = SIDE_CREASE * radius;
        double up = z + 0.6;
        if (y < -crease && near > 0) {
            double out = -crease - y;
            double turn = near * Math.PI;
            double[] at = over(out, up, turn, heap + 2);
            return new double[] {x, -crease - at[0], at[1]};
        }
        if (y > crease && far > 0) {
            double out = y - crease;
            double turn = far * Math.PI;
            double[] at = over(out, up, turn, heap + 4);
            return new double[] {x, crease + at[0], at[1]};
        }
        return new double[] {x, y, z};
    }

    /** Turned about its crease, and as high as what lies under it: out from the crease, and up. */
    private static double[] over(double out, double thick, double turn, double high) {
        double lies = Math.max(0, -Math.cos(turn));
        double rise = high * Ease.smooth(out / 8) * Math.sin(Math.min(turn, Math.PI / 2));
        return new double[] {
            out * Math.cos(turn),
            out * Math.sin(turn) + rise + thick * Math.cos(turn) + 2.5 * lies * (1 - Ease.smooth(out / 8))
        };
    }

    /** Both ends under. */
    private double[] ends(double done, double[] at) {
        double crease = END_CREASE * radius;
        double out = Math.abs(at[0]) - crease;
        if (done == 0 || out <= 0) {
            return at;
        }
        double turn = done * Math.PI;
        double up = at[2] + 2;
        return new double[] {
            Math.signum(at[0]) * (crease + out * Math.cos(turn) + up * 0.25 * Math.sin(turn)),
            at[1] * (1 - 0.12 * done),
            -out * Math.sin(turn) + Ease.mix(at[2], -0.45 * at[2] - 1.5, done)
        };
    }
}
