package ironpin.quantity;

/**
 * A length, exact to the micrometre, never negative.
 *
 * @param micrometres from 0 to 10⁹ (a kilometre)
 */
public record Length(long micrometres) implements Comparable<Length> {
    private static final double LIMIT_MM = 1_000_000;

    public Length {
        if (micrometres < 0) {
            throw new IllegalArgumentException("a length cannot be negative: " + micrometres + " µm");
        }
    }

    /**
     * @param millimetres from 0 to 10⁶
     * @throws IllegalArgumentException outside that range
     */
    public static Length ofMillimetres(double millimetres) {
        return new Length(Fixed.units(millimetres, 1_000, LIMIT_MM, "a length in mm"));
    }

    /** Millimetres. */
    public double millimetres() {
        return micrometres / 1_000.0;
    }

    /** Centimetres. */
    public double centimetres() {
        return micrometres / 10_000.0;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }

    @Override
    public String toString() {
        return millimetres() + " mm";
    }
}
