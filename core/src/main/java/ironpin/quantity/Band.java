package ironpin.quantity;

/**
 * An inclusive range in which a quantity is at home.
 *
 * @param low the least value
 * @param high the greatest value, not below the least
 * @param <T> the quantity
 */
public record Band<T extends Comparable<? super T>>(T low, T high) {
    public Band {
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("a band runs upwards, not from " + low + " to " + high);
        }
    }

    /** Whether the value lies inside, the ends included. */
    public boolean contains(T value) {
        return value.compareTo(low) >= 0 && value.compareTo(high) <= 0;
    }

    /** The value itself, or the nearer end. */
    public T clamp(T value) {
        if (value.compareTo(low) < 0) {
            return low;
        }
        return value.compareTo(high) > 0 ? high : value;
    }

    /** A band of percentages. */
    public static Band<Percentage> percent(double low, double high) {
        return new Band<>(Percentage.of(low), Percentage.of(high));
    }

    /** A band of masses in grams. */
    public static Band<Mass> grams(double low, double high) {
        return new Band<>(Mass.ofGrams(low), Mass.ofGrams(high));
    }

    /** A band of temperatures in degrees Celsius. */
    public static Band<Temperature> celsius(double low, double high) {
        return new Band<>(Temperature.ofCelsius(low), Temperature.ofCelsius(high));
    }
}
