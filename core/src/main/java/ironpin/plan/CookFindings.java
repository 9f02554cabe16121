package ironpin.plan;

import ironpin.allergen.AllergenAnswer;
import ironpin.clock.Gap;
import ironpin.clock.Pace;
import ironpin.cook.PotLoad;
import ironpin.cook.Rounds;
import ironpin.cook.Steam;
import ironpin.filling.SafeCore;
import ironpin.quantity.Mass;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How many at once, for how long, and to which core temperature. */
final class CookFindings {
    private CookFindings() {}

    static List<Finding> of(BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        Rounds rounds = lot.rounds();
        if (rounds.sizes().isEmpty()) {
            return found;
        }
        found.add(rounds(lot, rounds));
        Duration time =
                lot.lot().method().roundTime(lot.share().piece(), lot.lot().vessel());
        found.add(Finding.of(
                Saying.ROUND_TIME,
                Span.of(time),
                "a round (est.).",
                "From similar pieces: time grows with the square of the thickness. The probe decides. The clock adds "
                        + Span.of(Pace.BETWEEN_ROUNDS) + " to change rounds."));
        found.add(core(SafeCore.of(lot.filling().formula())));
        if (lot.lot().method() instanceof Steam steam) {
            found.add(water(steam, lot, rounds.sizes().size()));
        }
        for (Gap.Kind kind : List.of(Gap.Kind.PIECES_WAIT, Gap.Kind.PLATES_COOL)) {
            plan.gaps(kind, lot.lot().no()).stream()
                    .map(gap -> ClockFindings.said(plan, gap))
                    .flatMap(Optional::stream)
                    .forEach(found::add);
        }
        return found;
    }

    private static Finding rounds(LotPlan lot, Rounds rounds) {
        int count = rounds.sizes().size();
        boolean heat = rounds.limit() == Rounds.Limit.HEAT;
        return Finding.of(
                heat ? Saying.ROUNDS_BY_HEAT : Saying.ROUNDS_BY_ROOM,
                Count.of(count, "round"),
                "of at most " + rounds.sizes().get(0) + " in the "
                        + lot.lot().vessel().kind().label() + ".",
                "It takes " + rounds.capacity() + " (est.). "
                        + (heat
                                ? "More would keep the pot off the boil for over " + Span.of(PotLoad.BACK_TO_BOIL) + "."
                                : "No more were found to fit side by side once they have swollen."));
    }

    private static Finding core(SafeCore core) {
        String figure = Words.celsius(core.core().celsius());
        String text = "in the middle before it is served.";
        if (!core.unknown().isEmpty()) {
            return Finding.of(
                    Saying.CORE_NOT_KNOWN,
                    figure,
                    text,
                    "The hottest there is, because it is not known what "
                            + AllergenAnswer.quoted(core.unknown())
                            + (core.unknown().size() == 1 ? " is." : " are."));
        }
        return core.raw().isEmpty()
                ? Finding.of(
                        Saying.CORE_REHEATED,
                        figure,
                        text,
                        "Nothing raw in it; this is the usual figure for reheated food.")
                : Finding.of(
                        Saying.CORE_RAW, figure, text, "Usual public guidance for " + core.because() + ", raw in it.");
    }

    private static Finding water(Steam steam, LotPlan lot, int rounds) {
        double each = steam.boilsAway(lot.share().piece(), lot.lot().vessel()).grams();
        Mass start = Mass.ofGrams(each * rounds * Steam.RESERVE);
        return Finding.of(
                Saying.STEAM_WATER,
                Words.grams(start.grams()),
                "of water under the basket at least (est.): "
                        + (rounds == 1 ? "the round boils" : rounds + " rounds boil") + " away "
                        + Words.grams(each * rounds) + ", and half as much again stays.",
                "At " + Math.round(lot.lot().vessel().watts()) + " W a round takes " + Words.grams(each)
                        + "; a steamer must not run dry.");
    }
}
