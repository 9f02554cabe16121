package ironpin.quantity;

/**
 * A percentage, exact to a millionth of a percent. Baker's percentages may exceed 100.
 *
 * @param millionths millionths of one percent
 */
public record Percentage(long millionths) implements Comparable<Percentage> {
    private static final double PER_PERCENT = 1_000_000;
    private static final double LIMIT_PERCENT = 1_000_000;

    /** Nothing. */
    public static final Percentage ZERO = new Percentage(0);

    /**
     * @param percent any finite number up to 10⁶ in magnitude
     * @throws IllegalArgumentException otherwise
     */
    public static Percentage of(double percent) {
        return new Percentage(Fixed.units(percent, PER_PERCENT, LIMIT_PERCENT, "a percentage"));
    }

    /** 0.5 gives 50 %. */
    public static Percentage ofFraction(double fraction) {
        return of(fraction * 100);
    }

    /** 50 % gives 50. */
    public double percent() {
        return millionths / PER_PERCENT;
    }

    /** 50 % gives 0.5. */
    public double fraction() {
        return percent() / 100;
    }

    /** This share of a mass. */
    public Mass of(Mass whole) {
        return whole.multipliedBy(fraction());
    }

    public Percentage plus(Percentage other) {
        return new Percentage(Math.addExact(millionths, other.millionths));
    }

    public Percentage minus(Percentage other) {
        return new Percentage(Math.subtractExact(millionths, other.millionths));
    }

    public boolean isZero() {
        return millionths == 0;
    }

    @Override
    public int compareTo(Percentage other) {
        return Long.compare(millionths, other.millionths);
    }

    @Override
    public String toString() {
        return percent() + " %";
    }
}
