package ironpin.plan;

import ironpin.batch.Balance;
import ironpin.batch.Balancer;
import ironpin.batch.Batch;
import ironpin.clock.DayPlan;
import ironpin.clock.Timetable;
import ironpin.cook.Rounds;
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
 */
public record BatchPlan(Batch batch, Balance balance, List<LotPlan> lots, Timetable timetable) {
    public BatchPlan {
        lots = List.copyOf(lots);
    }

    /** The plan of this batch. */
    public static BatchPlan of(Batch batch) {
        Balance balance = Balancer.solve(batch);
        List<LotPlan> lots = batch.lots().stream()
                .map(lot -> LotPlan.of(batch, balance, lot))
                .toList();
        Map<Integer, Rounds> rounds = new HashMap<>();
        lots.forEach(lot -> rounds.put(lot.lot().no(), lot.rounds()));
        Timetable timetable = Timetable.backwards(DayPlan.tasks(batch, balance, rounds), batch.serving());
        return new BatchPlan(batch, balance, lots, timetable);
    }

    /** The plan of this lot. @throws IllegalArgumentException if there is none */
    public LotPlan lot(int no) {
        return lots.stream()
                .filter(plan -> plan.lot().no() == no)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no lot number " + no));
    }
}
