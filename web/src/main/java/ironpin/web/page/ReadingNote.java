package ironpin.web.page;

import ironpin.amount.Reading;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Say;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How an amount typed in words was understood, to be shown where it was typed until the next change.
 *
 * @param field key of the field
 * @param at where it stands
 * @param text what it was taken for, its range, and what was assumed
 * @param alternatives what else it may have meant
 * @param ways what else could follow from it, where it is what there is of a line
 * @param disagrees what a second measure in the text says, if the two cannot both be right
 */
public record ReadingNote(
        String field, String at, Sentence text, List<String> alternatives, Sentence disagrees, List<Fix> ways) {
    static ReadingNote of(PlanNumber<?> number, Reading reading) {
        return new ReadingNote(
                number.field().key(),
                number.at().text(),
                said(reading),
                reading.alternatives(),
                disagrees(reading),
                List.of());
    }

    /** A line was weighed: so it stands now, and these would use all of it. */
    static ReadingNote weighed(PlanNumber<?> number, Optional<Reading> reading, List<Fix> ways) {
        Sentence text = reading.map(ReadingNote::said)
                .orElse(Sentence.of("All of it weighs as much as before; the others changed."));
        return new ReadingNote(
                number.field().key(),
                number.at().text(),
                text,
                reading.map(Reading::alternatives).orElse(List.of()),
                reading.map(ReadingNote::disagrees).orElse(Sentence.EMPTY),
                ways);
    }

    /** Where its mark could be read another way and both make sense, which way it was read. */
    static Optional<ReadingNote> otherwise(PlanNumber<?> number, String typed, double metric) {
        PlanField<?> field = number.field();
        OptionalDouble other = TypedNumber.otherwise(typed, metric);
        if (other.isEmpty() || other.getAsDouble() < field.low() || other.getAsDouble() > field.high()) {
            return Optional.empty();
        }
        Sentence text =
                Sentence.of("Taken for ", said(field, metric), ", not for ", said(field, other.getAsDouble()), ".");
        return Optional.of(
                new ReadingNote(field.key(), number.at().text(), text, List.of(), Sentence.EMPTY, List.of()));
    }

    /** With what another note says before it. */
    ReadingNote behind(Optional<ReadingNote> other) {
        return other.map(one ->
                        new ReadingNote(field, at, Sentence.of(one.text, " ", text), alternatives, disagrees, ways))
                .orElse(this);
    }

    private static Sentence said(PlanField<?> field, double value) {
        return field.dimension()
                .map(one -> Sentence.of(Quantity.brief(one, value, 3)))
                .orElseGet(() -> Sentence.of(Decimal.trimmed(value, 3), " ", field.unit()));
    }

    boolean of(PlanNumber<?> number) {
        return field.equals(number.field().key()) && at.equals(number.at().text());
    }

    static Sentence said(Reading reading) {
        Sentence grams = reading.mass().grams() < 20
                ? Quantity.fineGrams(reading.mass().grams())
                : Quantity.grams(reading.mass().grams());
        boolean exact = reading.range().low().equals(reading.range().high());
        Sentence range = exact ? Sentence.EMPTY : Sentence.of(", between ", Say.plainRange(reading.range()));
        return Sentence.of(reading.said(), ": ", grams, range, ". ", reading.assumption());
    }

    /** Only what is not plain: the range and what was assumed. */
    public static Sentence assumed(Reading reading) {
        double high = reading.range().high().grams();
        double span = high - reading.range().low().grams();
        // Water by the spoon varies by less than the range is shown with.
        boolean exact = span < (high < 20 ? 0.1 : 1);
        return exact
                ? Sentence.EMPTY
                : Sentence.of("Between ", Say.plainRange(reading.range()), ". ", reading.assumption());
    }

    public static Sentence disagrees(Reading reading) {
        return reading.second()
                .filter(second -> !second.agrees())
                .map(second -> Sentence.of(
                        second.said(),
                        " would be ",
                        Quantity.grams(second.mass().grams()),
                        ", between ",
                        Say.plainRange(second.range()),
                        ": the two do not agree; the first is taken."))
                .orElse(Sentence.EMPTY);
    }
}
