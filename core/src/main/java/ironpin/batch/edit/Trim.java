package ironpin.batch.edit;

import java.math.BigDecimal;

/** Plain digits without a tail of zeros. */
final class Trim {
    private Trim() {}

    static String number(double value) {
        if (!Double.isFinite(value)) {
            return String.valueOf(value);
        }
        BigDecimal exact = BigDecimal.valueOf(value).stripTrailingZeros();
        return exact.abs().compareTo(BigDecimal.valueOf(1e12)) > 0 ? exact.toString() : exact.toPlainString();
    }
}
