package ironpin.quantity;

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
     * @param decimals with which the number and the edges are written, 0 to 4
     */
    public static Side of(double value, double low, double high, int decimals) {
        double seen = Decimal.rounded(value, decimals);
        if (seen < Decimal.rounded(low, decimals)) {
            return BELOW;
        }
        return seen > Decimal.rounded(high, decimals) ? ABOVE : WITHIN;
    }
}
