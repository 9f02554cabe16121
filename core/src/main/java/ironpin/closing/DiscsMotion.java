package ironpin.closing;

import java.util.List;

/** Two thin discs with the filling between. */
final class DiscsMotion implements Motion {
    private static final int RINGS = 9;
    private static final int COLUMNS = 61;
    private static final double FILLED = 0.84;
    private static final int CRIMPS = 30;

    private final double radius;

    DiscsMotion(double radius) {
        this.radius = radius;
    }

    @Override
    public Frame at(int step, double done) {
        double t = Ease.smooth(done);
        double spread = step == 0 ? t : 1;
        double over = step < 1 ? 0 : step == 1 ? t : 1;
        double crimp = step < 2 ? 0 : step == 2 ? done : 1;
        double rolled = step == 3 ? t : 0;
        double thick = 0.09 * radius * (1 - 0.45 * rolled);
        double wide = 1 / Math.sqrt(1 - 0.45 * rolled);
        Patch lower = disc((r, a) -> 0);
        Patch upper = disc((r, a) -> dome(r, thick) + crimped(r, a, crimp)).moved((x, y, z) -> new double[] {
            x + (1 - over) * 2.15 * radius, y, z + 0.8 * over + Math.sin(Math.PI * over) * 0.5 * radius
        });
        Patch filling = Patch.of(Patch.Tone.FILLING, RINGS, COLUMNS, (row, column) -> {
            double r = Math.min(FILLED, row * FILLED / 0.9) * Ease.mix(0.35, 1, spread);
            double up = dome(r / Ease.mix(0.35, 1, spread), thick) * Ease.mix(3.2, 0.94, spread);
            double angle = 2 * Math.PI * column;
            return new double[] {
                radius * r * Math.cos(angle), radius * r * Math.sin(angle), 0.5 + up + (1 - spread) * 0.35 * radius
            };
        });
        return new Frame(List.of(lower, filling, upper)).moved((x, y, z) -> new double[] {x * wide, y * wide, z});
    }

    private interface High {
        double at(double r, double angle);
    }

    private Patch disc(High high) {
        return Patch.of(Patch.Tone.SKIN, RINGS, COLUMNS, (row, column) -> {
            double angle = 2 * Math.PI * column;
            return new double[] {radius * row * Math.cos(angle), radius * row * Math.sin(angle), high.at(row, angle)};
        });
    }

    private static double dome(double r, double thick) {
        return thick * Ease.smooth((0.95 - r) / 0.14);
    }

    private double crimped(double r, double angle, double done) {
        double gone = Ease.smooth((done * 1.15 - angle / (2 * Math.PI)) / 0.15);
        return r < 0.93 ? 0 : gone * 0.03 * radius * (0.5 + 0.5 * Math.cos(CRIMPS * angle));
    }
}
