package ironpin.plan;

import ironpin.batch.Lot;
import ironpin.clock.Pace;
import ironpin.cook.Cooking;
import ironpin.cook.Rounds;
import ironpin.kit.Burner;
import ironpin.kit.OwnVessel;
import ironpin.kit.Stove;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A lot in one of the kitchen's vessels on one of its burners (est.).
 *
 * @param vessel which
 * @param burner on which
 * @param rounds how it would go
 * @param all until the last round is out, with the changes between
 */
public record Soonest(OwnVessel vessel, Burner burner, Rounds rounds, Duration all) {
    /** Every vessel of the lot's kind on every burner, the one that serves soonest first. */
    public static List<Soonest> of(LotPlan plan, Stove stove) {
        List<Soonest> found = new ArrayList<>();
        for (OwnVessel own : stove.vessels()) {
            if (own.vessel().kind() == plan.lot().vessel().kind()) {
                stove.burners().forEach(burner -> found.add(in(plan, own, burner)));
            }
        }
        found.sort(Comparator.comparing(Soonest::all)
                .thenComparing(one -> -one.rounds().capacity())
                .thenComparing(one -> one.vessel().name()));
        return found;
    }

    private static Soonest in(LotPlan plan, OwnVessel own, Burner burner) {
        Lot lot = plan.lot().withVessel(own.vessel().withWatts(burner.watts()));
        Rounds rounds = Rounds.of(
                plan.share().toTable(),
                LotPlan.load(lot, plan.share(), 1),
                lot.fold(),
                lot.wide(),
                lot.cooking().atOnce());
        Duration each = Cooking.time(lot.spells(plan.share().piece())).plus(Pace.BETWEEN_ROUNDS);
        return new Soonest(own, burner, rounds, each.multipliedBy(rounds.sizes().size()));
    }
}
