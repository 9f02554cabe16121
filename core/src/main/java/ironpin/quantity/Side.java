package ironpin.quantity;

import java.util.function.DoubleFunction;

/**
 * On which side of a band a number lies, as a reader sees it: a number that is printed like an edge lies on the edge, in
 * whichever units it is read. So a verdict and the figures beside it cannot contradict each other.
 */
public enum Side {
    BELOW,
    WITHIN,
    ABOVE;

    /**
     * @param low least of the band
     * @param high most of the band
     * @param printed how the number and the edges are written, quantities quoted
     */
    public static Side of(double value, double low, double high, DoubleFunction<String> printed) {
        if (value < low && !alike(value, low, printed)) {
            return BELOW;
        }
        return value > high && !alike(value, high, printed) ? ABOVE : WITHIN;
    }

    /** Whether two numbers are written the same; they are then in every system of units. */
    private static boolean alike(double a, double b, DoubleFunction<String> printed) {
        return UnitSystem.METRIC.say(printed.apply(a)).equals(UnitSystem.METRIC.say(printed.apply(b)));
    }
}
