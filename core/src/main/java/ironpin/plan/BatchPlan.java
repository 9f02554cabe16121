package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.clock.DayPlan;
import ironpin.clock.Gap;
import ironpin.clock.Gaps;
import ironpin.clock.Timetable;
import ironpin.cook.Rounds;
import ironpin.filling.RawNeed;
import ironpin.refusal.NotThere;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Everything that follows from one batch. A pure function of it: the same batch gives the same plan.
 *
 * @param batch what the cook wants
 * @param balance where every gram goes
 * @param lots each lot's own plan, in the batch's order
 * @param timetable the day, backwards from the serving time
 * @param gaps every wait of the day that must not grow too long
 */
public record BatchPlan(Batch batch, Balance balance, List<LotPlan> lots, Timetable timetable, List<Gap> gaps) {
    public BatchPlan {
        lots = List.copyOf(lots);
        gaps = List.copyOf(gaps);
    }

    /** The plan of this batch, for a cook of whom nothing is known. */
    public static BatchPlan of(Batch batch) {
        return of(batch, RawNeed.USUAL);
    }

    /** The plan of this batch. @param need of what is raw, as it is known of the cook */
    public static BatchPlan of(Batch batch, RawNeed need) {
        Balance balance = Balancer.solve(batch);
        List<LotPlan> lots = batch.lots().stream()
                .map(lot -> LotPlan.of(batch, balance, lot))
                .toList();
        Map<Integer, Rounds> rounds = new HashMap<>();
        lots.forEach(lot -> rounds.put(lot.lot().no(), lot.rounds()));
        Timetable timetable = Timetable.backwards(DayPlan.tasks(batch, balance, rounds, need), batch.serving());
        return new BatchPlan(batch, balance, lots, timetable, Gaps.of(batch, balance, rounds, timetable));
    }

    /** The plan of this lot. @throws NotThere if there is none */
    public LotPlan lot(int no) {
        return lots.stream()
                .filter(plan -> plan.lot().no() == no)
                .findFirst()
                .orElseThrow(() -> new NotThere("there is no lot number " + no));
    }

    /** The waits of this kind of one dough, filling or lot. */
    List<Gap> gaps(Gap.Kind kind, int no) {
        return gaps.stream().filter(gap -> gap.kind() == kind && gap.no() == no).toList();
    }
}
