package ironpin.plan;

import ironpin.batch.Station;
import ironpin.caution.Caution;
import ironpin.clock.Forecast;
import ironpin.cook.Fire;
import ironpin.filling.SafeCore;
import ironpin.filling.Treatment;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the numbers of a plan say at each station, and what can hurt there. */
public final class Findings {
    private Findings() {}

    /** The findings for one lot at one station, most pressing first. */
    public static List<Finding> at(Station station, BatchPlan plan, int lotNo) {
        return at(station, plan, lotNo, Optional.empty());
    }

    /** The same, with how late the day is by now. */
    public static List<Finding> at(Station station, BatchPlan plan, int lotNo, Optional<Forecast> late) {
        return said(station, plan, plan.lot(lotNo), late).stream()
                .map(one -> one.offering(fix -> fix.possible(plan.batch())))
                .sorted((a, b) -> b.level().compareTo(a.level()))
                .toList();
    }

    /** In the order of the rules, with every fix that comes to mind, possible or not. */
    private static List<Finding> said(Station station, BatchPlan plan, LotPlan lot, Optional<Forecast> late) {
        if (lot.lot().stashed() && station.makes()) {
            return unmade(station, plan, lot);
        }
        return switch (station) {
            case TABLE -> TableFindings.of(plan, lot, late);
            case DOUGH -> DoughFindings.of(plan, lot);
            case FILLING -> FillingFindings.of(plan, lot);
            case PORTION -> PortionFindings.of(plan, lot);
            case ROLL -> RollFindings.of(lot);
            case FOLD -> FoldFindings.of(lot);
            case COOK -> CookFindings.of(plan, lot);
            case CLOCK -> ClockFindings.of(plan, late);
            case BOOK -> List.of();
        };
    }

    /** Of pieces out of the freezer only what is in them still matters until they are cooked. */
    private static List<Finding> unmade(Station station, BatchPlan plan, LotPlan lot) {
        List<Finding> found = new ArrayList<>(List.of(fromFreezer(lot)));
        if (station == Station.FILLING) {
            found.addAll(0, AllergenFindings.avoided(plan, lot));
            found.add(AllergenFindings.all(plan, lot));
        }
        return found;
    }

    static Finding fromFreezer(LotPlan lot) {
        return Finding.of(
                Saying.FROM_FREEZER,
                Sentence.of(Count.of(lot.share().pieces(), "piece")),
                Sentence.of("come out of the freezer: nothing is made for them."),
                Sentence.of("They are cooked straight from it, not thawed."));
    }

    /** What a lot holds, or may hold, that somebody at the table avoids. */
    public static List<Finding> avoided(BatchPlan plan, int lotNo) {
        return AllergenFindings.avoided(plan, plan.lot(lotNo));
    }

    /** When to begin; once that is past, how late it is and when the table follows, with the press that takes that time. */
    public static Finding start(BatchPlan plan, Optional<Forecast> late) {
        return TableFindings.start(plan, late);
    }

    /** The most pressing level of a station over all lots. */
    public static Finding.Level worst(Station station, BatchPlan plan) {
        // The clock is the whole day's, whichever lot is in hand.
        return plan.lots().stream()
                .limit(station == Station.CLOCK ? 1 : plan.lots().size())
                .flatMap(lot -> said(station, plan, lot, Optional.empty()).stream())
                .map(Finding::level)
                .max(Enum::compareTo)
                .orElse(Finding.Level.NOTE);
    }

    /** What can hurt at this station with this lot. */
    public static List<Caution> cautions(Station station, LotPlan lot) {
        boolean raw = SafeCore.of(lot.filling().formula()).mindRaw();
        if (lot.lot().stashed() && station.makes()) {
            return List.of(Caution.REFREEZE);
        }
        return switch (station) {
            case TABLE -> List.of(Caution.ALLERGENS);
            case DOUGH -> dough(lot);
            case FILLING -> filling(lot, raw);
            case FOLD -> List.of(Caution.TWO_HOURS);
            case COOK ->
                switch (lot.lot().vessel().kind()) {
                    case POT -> List.of(Caution.BOILING_WATER, Caution.CORE, Caution.HOT_MIDDLE);
                    case BASKET -> List.of(Caution.STEAM, Caution.CORE, Caution.HOT_MIDDLE);
                    case PAN ->
                        List.of(
                                lot.spells().get(0).fire() == Fire.FRY ? Caution.HOT_OIL : Caution.HOT_FAT,
                                Caution.CORE,
                                Caution.HOT_MIDDLE);
                    case GRIDDLE -> List.of(Caution.HOT_PLATE, Caution.CORE, Caution.HOT_MIDDLE);
                    case DISH -> List.of(Caution.STEAM, Caution.CORE, Caution.HOT_MIDDLE);
                };
            case BOOK -> List.of(Caution.REFREEZE);
            case PORTION, ROLL, CLOCK -> List.of();
        };
    }

    private static List<Caution> filling(LotPlan lot, boolean raw) {
        List<Caution> found = new ArrayList<>();
        if (raw) {
            found.add(Caution.RAW_FILLING);
        }
        boolean salted = lot.filling().formula().lines().stream().anyMatch(line -> line.spoken()
                .done()
                .filter(one -> one == Treatment.SALT)
                .isPresent());
        if (salted) {
            found.add(Caution.SALTED_GREENS);
        }
        if (lot.filling().formula().aspic().isPresent()) {
            found.add(Caution.HOT_STOCK);
            found.add(Caution.HOT_MIDDLE);
        }
        found.add(Caution.TWO_HOURS);
        return found;
    }

    private static List<Caution> dough(LotPlan lot) {
        List<Caution> found = new ArrayList<>();
        if (lot.lot().bought().isPresent()) {
            return found;
        }
        boolean hot = lot.dough().water().celsius() > 60;
        if (hot) {
            found.add(lot.dough().family().wheat() ? Caution.HOT_DOUGH : Caution.BOILING_STARCH);
        }
        if (lot.dough().restPlan().cold()) {
            found.add(Caution.COLD_REST);
        }
        found.add(Caution.RAW_FLOUR);
        return found;
    }
}
