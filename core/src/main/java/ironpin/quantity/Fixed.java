package ironpin.quantity;

/** The one rounding rule behind the fixed-point values: to the nearest tiny unit, refusing what is not a number. */
final class Fixed {
    private Fixed() {}

    /**
     * @param value in the everyday unit
     * @param perUnit tiny units in one everyday unit
     * @param limit largest magnitude accepted, in the everyday unit
     * @throws IllegalArgumentException if the value is not finite or lies beyond the limit
     */
    static long units(double value, double perUnit, double limit, String what) {
        if (!Double.isFinite(value) || Math.abs(value) > limit) {
            throw new IllegalArgumentException(
                    what + " must be a number between -" + limit + " and " + limit + ", not " + value);
        }
        return Math.round(value * perUnit);
    }
}
