package ironpin.quantity;

/**
 * A number with the range it lies in.
 *
 * @param low least
 * @param usual what is taken
 * @param high most
 */
public record Spread(double low, double usual, double high) {
    public Spread {
        if (!(low <= usual && usual <= high)) {
            throw new IllegalArgumentException("not in order: " + low + ", " + usual + ", " + high);
        }
    }

    /** A number known exactly. */
    public static Spread of(double exact) {
        return new Spread(exact, exact, exact);
    }

    /** Every end times a factor above 0. */
    public Spread times(double factor) {
        return new Spread(low * factor, usual * factor, high * factor);
    }

    /** Every end times the other's; both above 0. */
    public Spread times(Spread other) {
        return new Spread(low * other.low, usual * other.usual, high * other.high);
    }

    /** Both together. */
    public Spread plus(Spread other) {
        return new Spread(low + other.low, usual + other.usual, high + other.high);
    }
}
