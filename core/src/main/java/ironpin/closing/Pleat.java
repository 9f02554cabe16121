package ironpin.closing;

/**
 * A pleat of dough seen along the rim: forward, back under itself, and forward again. The dough keeps its length:
 * {@code 2f + b} is what went in, {@code 2f − b} how far it gets.
 *
 * @param width of dough in it
 * @param advance how far it gets, 0 to its width
 */
record Pleat(double width, double advance) {
    /** Where a point of the dough ends. @param t along the dough, 0 to the width */
    double place(double t) {
        double forward = (width + advance) / 4;
        double back = (width - advance) / 2;
        if (t <= forward) {
            return t;
        }
        return t <= forward + back ? 2 * forward - t : t - 2 * back;
    }

    /** How many layers lie under that point, 0 to 2. */
    double layer(double t) {
        double forward = (width + advance) / 4;
        double back = (width - advance) / 2;
        if (back < 1e-9) {
            return 0;
        }
        if (t <= forward) {
            return 2 * t / forward;
        }
        return t <= forward + back ? 2 - (t - forward) / back : Math.max(0, 1 - (t - forward - back) / forward);
    }
}
