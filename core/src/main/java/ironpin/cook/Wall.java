package ironpin.cook;

/** The inside of a vessel from above, its middle at 0, in mm. */
public sealed interface Wall {
    /** Whether all of an ellipse lies inside. @param a half its long axis @param b half its short axis @param cos @param sin of its turn */
    boolean holds(double x, double y, double a, double b, double cos, double sin);

    /** The same for a piece that is not turned. */
    default boolean holds(double x, double y, Footprint piece) {
        // By symmetry as good as any other place like it, and there the wall need only look at a quarter of the rim.
        return holds(Math.abs(x), Math.abs(y), piece.lengthMm() / 2, piece.widthMm() / 2, 1, 0);
    }

    /** Its area with a strip of half a gap all round, mm². */
    default double area(double gap) {
        double length = halfLength() + gap / 2;
        double breadth = halfBreadth() + gap / 2;
        return (this instanceof Round ? Math.PI : 4) * length * breadth;
    }

    /** Half its length and half its breadth. */
    double halfLength();

    double halfBreadth();

    /** Round. */
    record Round(double radius) implements Wall {
        private static final int RIM_POINTS = 32;
        private static final double[] COS = new double[RIM_POINTS];
        private static final double[] SIN = new double[RIM_POINTS];

        static {
            for (int i = 0; i < RIM_POINTS; i++) {
                COS[i] = Math.cos(2 * Math.PI * i / RIM_POINTS);
                SIN[i] = Math.sin(2 * Math.PI * i / RIM_POINTS);
            }
        }

        @Override
        public boolean holds(double x, double y, double a, double b, double cos, double sin) {
            double reach = radius - Math.min(a, b);
            double far = x * x + y * y;
            if (reach < 0 || far > reach * reach) {
                return false;
            }
            if (Math.abs(a - b) < 1e-9 || Math.sqrt(far) + Math.max(a, b) <= radius) {
                return true;
            }
            boolean outwards = sin == 0 && cos > 0 && x >= 0 && y >= 0;
            int looked = outwards ? RIM_POINTS / 4 + 1 : RIM_POINTS;
            for (int i = 0; i < looked; i++) {
                double u = a * COS[i];
                double v = b * SIN[i];
                double rimX = x + u * cos - v * sin;
                double rimY = y + u * sin + v * cos;
                if (rimX * rimX + rimY * rimY > radius * radius) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public double halfLength() {
            return radius;
        }

        @Override
        public double halfBreadth() {
            return radius;
        }
    }

    /** With straight sides. */
    record Box(double halfLength, double halfBreadth) implements Wall {
        @Override
        public boolean holds(double x, double y, double a, double b, double cos, double sin) {
            return Math.abs(x) + reach(a * cos, b * sin) <= halfLength
                    && Math.abs(y) + reach(a * sin, b * cos) <= halfBreadth;
        }

        private static double reach(double one, double other) {
            return Math.sqrt(one * one + other * other);
        }
    }

    /** A smaller one, everywhere so far from it; or one that nothing fits. */
    default Wall inset(double mm) {
        if (this instanceof Round round) {
            return new Round(round.radius - mm);
        }
        return new Box(halfLength() - mm, halfBreadth() - mm);
    }
}
