package ironpin.quantity;

import java.math.BigDecimal;

/** Writes numbers with a fixed count of decimals, rounded half up; many times faster than a format string. */
public final class Decimal {
    private static final long[] POWERS = {1, 10, 100, 1_000, 10_000};
    private static final double LIMIT = 1e13;
    private static final double LARGEST_ROUNDED = 1e12;

    private Decimal() {}

    /**
     * As in "1,090.9".
     *
     * @param value any number; one too large to group is written as Java writes it
     * @param decimals 0 to 4
     */
    public static String grouped(double value, int decimals) {
        return write(value, decimals, true, false);
    }

    /** As in "1090.9". */
    public static String fixed(double value, int decimals) {
        return write(value, decimals, false, false);
    }

    /** As in "1090.9", without zeros at the end of the decimals. */
    public static String trimmed(double value, int decimals) {
        return write(value, decimals, false, true);
    }

    /** With all its decimals and no tail of zeros, as somebody would type it. */
    public static String typed(double value) {
        if (!Double.isFinite(value)) {
            return String.valueOf(value);
        }
        BigDecimal exact = BigDecimal.valueOf(value).stripTrailingZeros();
        return Math.abs(value) > LARGEST_ROUNDED ? exact.toString() : exact.toPlainString();
    }

    /** To the digits that are written: what is written alike is alike, in every system of units. */
    public static double rounded(double value, int decimals) {
        double power = POWERS[decimals];
        double scaled = Math.floor(Math.abs(value) * power + 0.5) / power;
        return Math.abs(value) < LARGEST_ROUNDED ? Math.copySign(scaled, value) : value;
    }

    private static String write(double value, int decimals, boolean group, boolean trim) {
        if (!(Math.abs(value) < LIMIT)) {
            return String.valueOf(value);
        }
        long power = POWERS[decimals];
        long scaled = (long) Math.floor(Math.abs(value) * power + 0.5);
        StringBuilder out = new StringBuilder(16);
        if (value < 0 && scaled != 0) {
            out.append('-');
        }
        whole(out, scaled / power, group);
        fraction(out, scaled % power, decimals, trim);
        return out.toString();
    }

    private static void whole(StringBuilder out, long whole, boolean group) {
        String digits = Long.toString(whole);
        for (int i = 0; i < digits.length(); i++) {
            if (group && i > 0 && (digits.length() - i) % 3 == 0) {
                out.append(',');
            }
            out.append(digits.charAt(i));
        }
    }

    private static void fraction(StringBuilder out, long fraction, int decimals, boolean trim) {
        long rest = fraction;
        int places = decimals;
        while (trim && places > 0 && rest % 10 == 0) {
            rest /= 10;
            places--;
        }
        if (places > 0) {
            String digits = Long.toString(rest);
            out.append('.').append("0".repeat(places - digits.length())).append(digits);
        }
    }
}
