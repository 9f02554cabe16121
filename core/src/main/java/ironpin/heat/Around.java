package ironpin.heat;

import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * What a piece stands in for a while.
 *
 * @param transfer heat that passes its surface, W/(m²·K), 0 (insulated) to 20,000
 * @param celsius how hot it is there, −60 to 300
 * @param time how long, above 0 and up to a week
 */
public record Around(double transfer, double celsius, Duration time) {
    private static final double MOST_TRANSFER = 20_000;

    public Around {
        if (!(transfer >= 0 && transfer <= MOST_TRANSFER)) {
            throw new Refused("0 to 20,000 W/(m²·K) pass a surface, not " + transfer);
        }
        if (!(celsius >= Matter.COLDEST && celsius <= 300)) {
            throw new Refused("−60 to 300 °C around a piece, not " + celsius);
        }
        if (time.isNegative() || time.isZero() || time.compareTo(Duration.ofDays(7)) > 0) {
            throw new Refused("a piece stays somewhere for more than nothing and up to a week");
        }
    }

    double seconds() {
        return time.toMillis() / 1_000.0;
    }
}
