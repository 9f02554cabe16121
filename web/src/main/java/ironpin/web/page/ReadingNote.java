package ironpin.web.page;

import ironpin.amount.Reading;
import ironpin.batch.edit.PlanNumber;
import ironpin.web.picture.Say;
import java.util.List;

/**
 * How an amount typed in words was understood, to be shown where it was typed until the next change.
 *
 * @param field key of the field
 * @param at where it stands
 * @param text what it was taken for, its range, and what was assumed
 * @param alternatives what else it may have meant
 * @param disagrees what a second measure in the text says, if the two cannot both be right
 */
public record ReadingNote(String field, String at, String text, List<String> alternatives, String disagrees) {
    static ReadingNote of(PlanNumber<?> number, Reading reading) {
        return new ReadingNote(
                number.field().key(), number.at().text(), said(reading), reading.alternatives(), disagrees(reading));
    }

    boolean of(PlanNumber<?> number) {
        return field.equals(number.field().key()) && at.equals(number.at().text());
    }

    static String said(Reading reading) {
        String grams = reading.mass().grams() < 20
                ? Say.fineGrams(reading.mass().grams())
                : Say.grams(reading.mass().grams());
        boolean exact = reading.range().low().equals(reading.range().high());
        String range = exact ? "" : ", between " + Say.plainRange(reading.range());
        return reading.said() + ": " + grams + range + ". " + reading.assumption();
    }

    /** Only what is not plain: the range and what was assumed. */
    public static String assumed(Reading reading) {
        double high = reading.range().high().grams();
        double span = high - reading.range().low().grams();
        // Water by the spoon varies by less than the range is shown with.
        boolean exact = span < (high < 20 ? 0.1 : 1);
        return exact ? "" : "Between " + Say.plainRange(reading.range()) + ". " + reading.assumption();
    }

    public static String disagrees(Reading reading) {
        return reading.second()
                .filter(second -> !second.agrees())
                .map(second ->
                        second.said() + " would be " + Say.grams(second.mass().grams()) + ", between "
                                + Say.plainRange(second.range()) + ": the two do not agree; the first is taken.")
                .orElse("");
    }
}
