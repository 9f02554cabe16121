package ironpin.plan;

import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Numbers in sentences. */
final class Words {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_CLOCK = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private Words() {}

    static Sentence grams(double grams) {
        return Quantity.mass(grams, 0);
    }

    static Sentence fine(double grams) {
        return Quantity.mass(grams, 1);
    }

    static Sentence celsius(double celsius) {
        return Quantity.temperature(celsius);
    }

    /** As in "15–30 °C". */
    static Sentence celsius(Band<Temperature> band) {
        return Sentence.of(
                Quantity.number(Dimension.TEMPERATURE, band.low().celsius(), 0),
                "–",
                Quantity.temperature(band.high().celsius()));
    }

    /** The time of day, with the weekday if it is another day than the serving. */
    static String clock(ZonedDateTime time, ZonedDateTime serving) {
        return time.format(time.toLocalDate().equals(serving.toLocalDate()) ? CLOCK : DAY_AND_CLOCK);
    }

    static Sentence mm(double millimetres) {
        return Quantity.length(millimetres, 0);
    }

    static Sentence fineMm(double millimetres) {
        return Quantity.length(millimetres, 1);
    }

    /** Points with their sign. */
    static String signed(double points) {
        return (points < 0 ? "−" : "+") + one(Math.abs(points));
    }

    static String one(double value) {
        return Decimal.fixed(value, 1);
    }

    static String two(double value) {
        return Decimal.fixed(value, 2);
    }

    static String trimmed(double value) {
        return Decimal.trimmed(value, 1);
    }

    static double toTenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    static double floorTenth(double value) {
        return Math.floor(value * 10 + 1e-9) / 10.0;
    }
}
