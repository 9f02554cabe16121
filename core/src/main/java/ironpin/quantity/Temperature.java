package ironpin.quantity;

/**
 * A temperature, exact to a thousandth of a degree Celsius.
 *
 * @param millidegrees thousandths of a degree Celsius, not below absolute zero and at most 1,000 °C
 */
public record Temperature(long millidegrees) implements Comparable<Temperature> {
    private static final double ABSOLUTE_ZERO_C = -273.15;
    private static final double LIMIT_C = 1_000;

    public Temperature {
        if (millidegrees < ABSOLUTE_ZERO_C * 1_000) {
            throw new IllegalArgumentException("no temperature lies below absolute zero: " + millidegrees + " m°C");
        }
    }

    /**
     * @param celsius degrees Celsius from −273.15 to 1,000
     * @throws IllegalArgumentException outside that range
     */
    public static Temperature ofCelsius(double celsius) {
        return new Temperature(Fixed.units(celsius, 1_000, LIMIT_C, "a temperature in °C"));
    }

    /** Degrees Celsius. */
    public double celsius() {
        return millidegrees / 1_000.0;
    }

    /** Degrees Fahrenheit. */
    public double fahrenheit() {
        return celsius() * 9 / 5 + 32;
    }

    @Override
    public int compareTo(Temperature other) {
        return Long.compare(millidegrees, other.millidegrees);
    }

    @Override
    public String toString() {
        return celsius() + " °C";
    }
}
