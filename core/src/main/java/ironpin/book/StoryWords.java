package ironpin.book;

import ironpin.dough.Correction;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.hands.Fault;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What happened in a batch, in the sentences of its {@link Happened story}. */
public final class StoryWords {
    private StoryWords() {}

    /** A correction at the bench. @param before hydration by poured water @param after the same, corrected */
    public static Sentence felt(Correction made, Percentage before, Percentage after) {
        Sentence added = !made.waterToAdd().isZero()
                ? Sentence.of(Quantity.fineGrams(made.waterToAdd().grams()), " of water")
                : !made.flourToAdd().isZero()
                        ? Sentence.of(Quantity.fineGrams(made.flourToAdd().grams()), " of flour")
                        : Sentence.of(Span.of(made.rest()) + " more rest");
        return Sentence.of(
                "The dough ",
                made.feel().did(),
                ": ",
                added,
                ", from " + Decimal.trimmed(before.percent(), 1) + " % to " + Decimal.trimmed(after.percent(), 1)
                        + " % water.");
    }

    /** A test patty. @param added so much of something, or nothing */
    public static Sentence tasted(PattyVerdict verdict, Mass added, String of) {
        Sentence more = added.isZero()
                ? Sentence.of(".")
                : Sentence.of(": ", Quantity.fineGrams(added.grams()), " of ", of, ".");
        return Sentence.of("A patty tasted ", verdict.label(), more);
    }

    /** A vegetable that was weighed after it had given up its water. */
    public static Sentence left(String food, Treatment done, Mass left, Mass raw) {
        return Sentence.of(
                food, ", ", done.label(), ": ", Quantity.weighed(left), " left of ", Quantity.weighed(raw), ".");
    }

    /** Pieces, or spoonfuls of filling, on the scale. @param mean g */
    public static Sentence onTheScale(boolean dough, int count, double mean) {
        return Sentence.of(
                dough
                        ? Count.of(count, "piece") + " on the scale, dough "
                        : Count.of(count, "spoonful") + " on the scale, ",
                Quantity.fineGrams(mean),
                " on the whole.");
    }

    /** A round. @param took how long, once it is off */
    public static Sentence round(int no, int pieces, Optional<Duration> took) {
        return Sentence.of("round " + no + ", " + Count.of(pieces, "piece") + ", "
                + took.map(Span::of).orElse("still on") + ".");
    }

    /** What a probe read, and what was reckoned for then. */
    public static Sentence probed(Temperature read, Duration after, Temperature reckoned) {
        return Sentence.of(
                Quantity.read(read.celsius()),
                " in the middle after " + Span.of(after) + "; reckoned ",
                Quantity.celsius(reckoned.celsius()),
                ".");
    }

    /** A fault at work. @param place of the piece, if it was said */
    public static Sentence fault(Fault fault, Optional<Integer> place) {
        return Sentence.of(
                fault.label() + place.map(piece -> ", piece " + piece).orElse("") + ".");
    }

    /** How a lot was judged. */
    public static Sentence verdict(Outcome outcome) {
        List<String> said = new ArrayList<>();
        said.add(outcome.made() + " made, " + outcome.burst() + " burst, " + outcome.leaked() + " leaked, "
                + outcome.stuck() + " stuck");
        said.add("skin " + outcome.skin().label());
        said.add("filling " + outcome.filling().label());
        outcome.seen().stream().map(Seen::label).sorted().forEach(said::add);
        String note = outcome.note().isBlank() ? "" : " “" + outcome.note().strip() + "”";
        return Sentence.of(String.join("; ", said) + ".", note);
    }
}
