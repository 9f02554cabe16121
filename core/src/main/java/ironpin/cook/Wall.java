package ironpin.cook;

/** The inside of a vessel from above, its middle at 0, in mm. */
public sealed interface Wall {
    /** Whether all of an ellipse lies inside. @param a half its long axis @param b half its short axis @param cos @param sin of its turn */
    boolean holds(double x, double y, double a, double b, double cos, double sin);

    /** The same for a piece that is not turned. */
    default boolean holds(double x, double y, Footprint piece) {
        return holds(x, y, piece.lengthMm() / 2, piece.widthMm() / 2, 1, 0);
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
        /** Points of a quarter of a piece's rim, both ends included. */
        private static final int QUARTER = 9;

        private static final double[] COS = new double[QUARTER];
        private static final double[] SIN = new double[QUARTER];

        static {
            for (int i = 0; i < QUARTER; i++) {
                double angle = Math.PI / 2 * i / (QUARTER - 1);
                COS[i] = Math.cos(angle);
                SIN[i] = Math.sin(angle);
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
            // Seen along its own axes, and on its own side: there lies what reaches farthest out.
            double along = Math.abs(x * cos + y * sin);
            double across = Math.abs(y * cos - x * sin);
            for (int i = 0; i < QUARTER; i++) {
                double rimX = along + a * COS[i];
                double rimY = across + b * SIN[i];
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
