package ironpin.plan;

import ironpin.allergen.AllergenAnswer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.SpellField;
import ironpin.clock.Gap;
import ironpin.clock.Pace;
import ironpin.cook.Fire;
import ironpin.cook.PotLoad;
import ironpin.cook.Rounds;
import ironpin.filling.SafeCore;
import ironpin.quantity.Belief;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How many at once, for how long, and to which core temperature. */
final class CookFindings {
    /** From so many on, a day is made of rounds. */
    private static final int MANY_ROUNDS = 8;

    private static final double QUARTER = 15;
    private static final double SECONDS = 60;

    private CookFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        Rounds rounds = lot.rounds();
        if (rounds.sizes().isEmpty()) {
            return found;
        }
        found.add(rounds(lot, rounds));
        if (rounds.sizes().size() >= MANY_ROUNDS && rounds.packing().count() > 0) {
            found.add(Finding.of(
                    Saying.ROUNDS_MANY,
                    Sentence.of(Count.of(rounds.sizes().size(), "round")),
                    Sentence.of("one after another take "
                            + Span.inMinutes(lot.roundTime()
                                    .plus(Pace.BETWEEN_ROUNDS)
                                    .multipliedBy(rounds.sizes().size()))
                            + " (est.)."),
                    Sentence.of("A second " + lot.lot().vessel().kind().label()
                            + " on another burner, a wider one, or smaller pieces shorten the evening.")));
        }
        Duration time = lot.roundTime();
        found.add(Finding.of(
                Saying.ROUND_TIME,
                Sentence.of(Span.of(time)),
                Sentence.of("a round (est.)."),
                Sentence.of((lot.lot().cooking().own().isEmpty() ? "As it is usually done. " : "As you set it. ")
                        + "The probe decides. The clock adds " + Span.of(Pace.BETWEEN_ROUNDS) + " to change rounds.")));
        InsidePiece.of(lot).ifPresent(inside -> found.add(inside(lot, inside)));
        found.add(core(SafeCore.of(lot.filling().formula())));
        VesselFindings.add(found, lot);
        for (Gap.Kind kind : List.of(Gap.Kind.PIECES_WAIT, Gap.Kind.PLATES_COOL)) {
            plan.gaps(kind, lot.lot().no()).stream()
                    .map(gap -> ClockFindings.said(plan, gap))
                    .flatMap(Optional::stream)
                    .forEach(found::add);
        }
        return found;
    }

    private static Finding rounds(LotPlan lot, Rounds rounds) {
        if (rounds.packing().count() == 0) {
            return Finding.of(
                    Saying.ROUNDS_TOO_WIDE,
                    Quantity.mm(rounds.packing().piece().lengthMm()),
                    Sentence.of(
                            "is a piece across once it has swollen (est.): it does not lie in a ",
                            lot.lot().vessel().kind().label(),
                            " of ",
                            Quantity.mm(lot.lot().vessel().diameter().millimetres()),
                            "."),
                    Sentence.of("Take a wider vessel, or roll smaller pieces."));
        }
        int count = rounds.sizes().size();
        String largest = "It takes " + rounds.capacity() + " (est.). ";
        if (rounds.overfull()) {
            return Finding.of(
                    Saying.ROUNDS_OVERFULL,
                    Sentence.of(rounds.said()),
                    Sentence.of("a round, as you said, are more than the "
                            + lot.lot().vessel().kind().label() + " is thought to take: " + rounds.capacity()
                            + " (est.)."),
                    Sentence.of(why(rounds.limit())),
                    new Fix(
                            Sentence.of("As many as it takes"),
                            SpellField.AT_ONCE.at(Address.lot(lot.lot().no())),
                            0));
        }
        Saying limit =
                switch (rounds.limit()) {
                    case ROOM -> Saying.ROUNDS_BY_ROOM;
                    case SURFACE -> Saying.ROUNDS_BY_SURFACE;
                    case WATER -> Saying.ROUNDS_BY_WATER;
                    case HEAT -> Saying.ROUNDS_BY_HEAT;
                };
        return Finding.of(
                rounds.said() > 0 ? Saying.ROUNDS_BY_WORD : limit,
                Sentence.of(Count.of(count, "round")),
                Sentence.of("of at most " + rounds.sizes().get(0) + " in the "
                        + lot.lot().vessel().kind().label() + "."),
                Sentence.of((rounds.said() > 0 ? "As you said. " : "") + largest + why(rounds.limit())));
    }

    private static String why(Rounds.Limit limit) {
        return switch (limit) {
            case ROOM -> "No more were found to fit side by side once they have swollen.";
            case SURFACE ->
                "More would cover the surface over " + Words.one(Rounds.COVER)
                        + " times: they no longer move over one another.";
            case WATER -> "More would fill over a quarter of the water: they no longer swim freely.";
            case HEAT -> "More would keep the pot off the boil for over " + Span.of(PotLoad.BACK_TO_BOIL) + ".";
        };
    }

    /** How far the spells bring the middle, by the late edge; the printed figures are those of the verdict. */
    private static Finding inside(LotPlan lot, InsidePiece inside) {
        Sentence safe = Quantity.celsius(inside.safe().celsius());
        Duration total = inside.course().total();
        String start = lot.lot().cooking().from().label();
        if (inside.most().isEmpty() && inside.usual().isPresent()) {
            return Finding.of(
                    Saying.INSIDE_LATE,
                    Quantity.celsius(Math.floor(inside.lateAtEnd())),
                    Sentence.of(
                            "in the middle is all that the late ones come to when the last step ends (est.); ",
                            safe,
                            " is wanted."),
                    Sentence.of(
                            "Longer under the lid with a little more water, fewer at once, or smaller pieces. The probe decides."
                                    + UsualMinutes.said(lot)));
        }
        if (inside.most().isEmpty()) {
            return Finding.of(
                    Saying.INSIDE_NEVER,
                    Quantity.celsius(Math.floor(inside.lateAtEnd())),
                    Sentence.of(
                            "in the middle when the last step ends (est.), where what is not known is against it; ",
                            safe,
                            " is wanted."),
                    Sentence.of(
                            "These steps do not get there, however long the last one lasts. Turn up, cover, or make smaller pieces."));
        }
        Duration most = InsidePiece.up(inside.most().get());
        Belief taught = lot.lot().cooking().correction();
        String probe = taught.lessons() == 0
                ? "Conduction alone; the probe decides."
                : "Your probe says " + Words.two(taught.mean()) + " times the model ("
                        + Count.of(taught.lessons(), "reading") + ").";
        String spread = "Straight " + start + ", "
                + inside.least().map(InsidePiece::up).map(Span::of).orElse("?") + " to " + Span.of(most)
                + " " + inside.edge().words() + ": mass, form, start and the heat that passes are not known better. "
                + probe
                + UsualMinutes.said(lot);
        if (most.compareTo(total) <= 0) {
            return Finding.of(
                    Saying.INSIDE_SAFE,
                    Sentence.of(Span.of(InsidePiece.up(inside.usual().orElse(most)))),
                    Sentence.of("to ", safe, " in the middle (est.); the steps last ", Span.of(total), "."),
                    Sentence.of(spread));
        }
        // What has been lifted out is not cooked any longer by waiting longer.
        int last = lot.spells().size() - 1;
        while (last > 0 && lot.spells().get(last).fire() == Fire.REST) {
            last--;
        }
        double minutes =
                Math.ceil((lot.spells().get(last).time().plus(most.minus(total)).toSeconds()) / QUARTER)
                        * QUARTER
                        / SECONDS;
        return Finding.of(
                Saying.INSIDE_LATE,
                Sentence.of(Span.of(most)),
                Sentence.of(
                        "until the late ones have ",
                        safe,
                        " in the middle (est.); the steps last ",
                        Span.of(total),
                        "."),
                Sentence.of(spread),
                new Fix(
                        Sentence.of("Step " + (last + 1) + " for " + Words.two(minutes) + " min"),
                        SpellField.SPELL_MINUTES.at(
                                new Address.SpellOf(lot.lot().no(), last)),
                        minutes));
    }

    private static Finding core(SafeCore core) {
        Sentence figure = Quantity.celsius(core.core().celsius());
        String text = "in the middle before it is served.";
        if (!core.unknown().isEmpty()) {
            return Finding.of(
                    Saying.CORE_NOT_KNOWN,
                    figure,
                    Sentence.of(text),
                    Sentence.of("The hottest there is, because it is not known what "
                            + AllergenAnswer.quoted(core.unknown())
                            + (core.unknown().size() == 1 ? " is." : " are.")));
        }
        return core.raw().isEmpty()
                ? Finding.of(
                        Saying.CORE_REHEATED,
                        figure,
                        Sentence.of(text),
                        Sentence.of("Nothing raw in it; this is the usual figure for reheated food."))
                : Finding.of(
                        Saying.CORE_RAW,
                        figure,
                        Sentence.of(text),
                        Sentence.of("Usual public guidance for " + core.because() + ", raw in it."));
    }
}
