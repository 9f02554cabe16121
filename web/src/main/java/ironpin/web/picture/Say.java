package ironpin.web.picture;

import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAccessor;
import java.util.List;

/** What templates say: they can only speak to instances, and each of these asks the place where it is said. */
public final class Say {

    public static final Say WORDS = new Say();

    private Say() {}

    /** Whole grams, as in "1,091 g". */
    public static Sentence grams(double grams) {
        return Quantity.grams(grams);
    }

    /** As a scale is asked for it. */
    public static Sentence weighed(Mass mass) {
        return Quantity.weighed(mass);
    }

    /** Tenths of a gram. */
    public static Sentence fineGrams(double grams) {
        return Quantity.fineGrams(grams);
    }

    /** A temperature in whole degrees. */
    public static Sentence celsius(double celsius) {
        return Quantity.celsius(celsius);
    }

    /** A length in whole millimetres. */
    public static Sentence mm(double millimetres) {
        return Quantity.mm(millimetres);
    }

    /** A volume in whole millilitres. */
    public static Sentence ml(double millilitres) {
        return Quantity.ml(millilitres);
    }

    /** The unit of a dimension, for templates. */
    public static Sentence unit(Dimension dimension) {
        return Quantity.unit(dimension);
    }

    /** Rounded to so many decimals, without a tail of zeros, as a field takes it. */
    public static String plain(double value, int decimals) {
        return Decimal.trimmed(value, decimals);
    }

    /** Two masses with one unit, as in "120 and 150 g". */
    public static Sentence plainRange(Band<Mass> range) {
        int decimals = range.high().grams() < 20 ? 1 : 0;
        return Sentence.of(
                Quantity.number(Dimension.MASS, range.low().grams(), decimals),
                " and ",
                Quantity.brief(Dimension.MASS, range.high().grams(), decimals));
    }

    /** The time of day. */
    public static String clock(TemporalAccessor time) {
        return TimeOfDay.of(time);
    }

    /** The time of day, with the weekday if it is another day than the serving. */
    public static String clock(TemporalAccessor time, TemporalAccessor serving) {
        return TimeOfDay.of(time, serving);
    }

    /** Weekday and date. */
    public static String day(LocalDateTime time) {
        return TimeOfDay.day(time);
    }

    /** A length of time, for templates; see {@link Span}. */
    public static String time(Duration time) {
        return Span.of(time);
    }

    /** How many, for templates; see {@link Count}. */
    public static String count(int count, String one) {
        return Count.of(count, one);
    }

    /** One after another, for templates. */
    public static Sentence joined(List<Sentence> sentences, String between) {
        return Sentence.join(between, sentences);
    }

    /** Cut to so many characters, at least 2, and said to be. */
    public static String shortened(String text, int most) {
        return text.length() <= most
                ? text
                : text.substring(0, Math.max(1, most - 1)).strip() + "…";
    }
}
