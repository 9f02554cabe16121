package ironpin.quantity;

/**
 * A mass, exact to the microgram. Negative masses are allowed as the result of a subtraction, so that a shortage can be
 * told from a surplus; factories of recipes refuse them.
 *
 * @param micrograms the mass in micrograms, at most 10⁹ g in magnitude
 */
public record Mass(long micrograms) implements Comparable<Mass> {
    private static final double PER_GRAM = 1_000_000;
    private static final double LIMIT_GRAMS = 1_000_000_000;

    /** No mass at all. */
    public static final Mass ZERO = new Mass(0);

    /**
     * @param grams any finite number up to 10⁹ in magnitude; rounded to the microgram
     * @throws IllegalArgumentException if it is not finite or too large
     */
    public static Mass ofGrams(double grams) {
        return new Mass(Fixed.units(grams, PER_GRAM, LIMIT_GRAMS, "a mass in grams"));
    }

    /** The mass in grams. */
    public double grams() {
        return micrograms / PER_GRAM;
    }

    public Mass plus(Mass other) {
        return new Mass(Math.addExact(micrograms, other.micrograms));
    }

    public Mass minus(Mass other) {
        return new Mass(Math.subtractExact(micrograms, other.micrograms));
    }

    /** Exactly this many times the mass. */
    public Mass times(long count) {
        return new Mass(Math.multiplyExact(micrograms, count));
    }

    /** The mass scaled by a factor, rounded to the microgram. */
    public Mass multipliedBy(double factor) {
        return ofGrams(grams() * factor);
    }

    /** The mass divided by a number that is not zero, rounded to the microgram. */
    public Mass dividedBy(double divisor) {
        if (divisor == 0) {
            throw new ArithmeticException("a mass cannot be divided by zero");
        }
        return ofGrams(grams() / divisor);
    }

    /** How many whole pieces of the given positive mass this mass yields; zero if it is itself negative. */
    public long wholePieces(Mass piece) {
        if (piece.micrograms <= 0) {
            throw new IllegalArgumentException("a piece must weigh something");
        }
        return Math.max(0, micrograms / piece.micrograms);
    }

    /** This mass as a multiple of the other. */
    public double ratioTo(Mass other) {
        if (other.micrograms == 0) {
            throw new ArithmeticException("no ratio to a mass of zero");
        }
        return (double) micrograms / other.micrograms;
    }

    public boolean isNegative() {
        return micrograms < 0;
    }

    public boolean isZero() {
        return micrograms == 0;
    }

    @Override
    public int compareTo(Mass other) {
        return Long.compare(micrograms, other.micrograms);
    }

    @Override
    public String toString() {
        return grams() + " g";
    }
}
