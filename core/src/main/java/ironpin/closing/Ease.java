package ironpin.closing;

/** From nothing to all, without a jerk. */
final class Ease {
    private Ease() {}

    /** 0 up to 0, 1 from 1, smooth between. */
    static double smooth(double t) {
        double x = Math.max(0, Math.min(1, t));
        return x * x * (3 - 2 * x);
    }

    /** Part of a whole that is done one after another: the share of the i-th of n at t, each overlapping the next a little. */
    static double turn(double t, int i, int n) {
        double each = 1.0 / n;
        return smooth((t - i * each) / each);
    }

    static double mix(double a, double b, double t) {
        return a + (b - a) * t;
    }
}
