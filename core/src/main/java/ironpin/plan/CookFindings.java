package ironpin.plan;

import ironpin.cook.BoilOff;
import ironpin.cook.Rounds;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How many at once, for how long, and to which core temperature. */
final class CookFindings {
    private CookFindings() {}

    static List<Finding> of(LotPlan lot) {
        List<Finding> found = new ArrayList<>();
        Rounds rounds = lot.rounds();
        if (rounds.sizes().isEmpty()) {
            return found;
        }
        String what = lot.lot().vessel().kind().label();
        String limit = rounds.limit() == Rounds.Limit.HEAT
                ? "More would keep the pot off the boil for over 2½ min (est.)."
                : "No more fit side by side once they have swollen.";
        int count = rounds.sizes().size();
        found.add(Finding.note(
                count + (count == 1 ? " round" : " rounds"),
                "of at most " + rounds.sizes().get(0) + " in the " + what + ".",
                "It takes " + rounds.capacity() + ". " + limit));
        Duration time =
                lot.lot().method().roundTime(lot.share().piece(), lot.lot().vessel());
        found.add(Finding.note(
                minutes(time),
                "a round (est.).",
                "From similar pieces: time grows with the square of the thickness. The probe decides."));
        double core = lot.filling().kind().safeCore().celsius();
        String why = lot.filling().kind().raw()
                ? "Usual public guidance for " + lot.filling().kind().label() + "."
                : "Nothing raw in it; this is the usual figure for reheated food.";
        found.add(Finding.note(Words.celsius(core), "in the middle before it is served.", why));
        if (lot.lot().vessel().kind() == VesselKind.BASKET) {
            found.add(water(lot.lot().vessel(), time, count));
        }
        return found;
    }

    private static Finding water(Vessel vessel, Duration time, int rounds) {
        double each = BoilOff.of(vessel.watts(), time).grams();
        return Finding.look(
                Words.grams(each * rounds),
                "of water boils away over " + rounds + (rounds == 1 ? " round" : " rounds")
                        + ": start with that and half as much again.",
                "At " + Math.round(vessel.watts()) + " W a steamer loses " + Words.grams(each)
                        + " a round; it must not run dry.",
                null);
    }

    private static String minutes(Duration time) {
        long seconds = time.toSeconds();
        return seconds % 60 == 0
                ? seconds / 60 + " min"
                : String.format(Locale.ROOT, "%d:%02d min", seconds / 60, seconds % 60);
    }
}
