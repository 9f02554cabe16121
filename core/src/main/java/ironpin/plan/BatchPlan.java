package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.clock.DayPlan;
import ironpin.clock.Gap;
import ironpin.clock.Layout;
import ironpin.clock.Timetable;
import ironpin.cook.Rounds;
import ironpin.crew.Cook;
import ironpin.refusal.NotThere;
import ironpin.schedule.Solved;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Everything that follows from one batch. A pure function of it: the same batch gives the same plan.
 *
 * @param batch what the cook wants
 * @param balance where every gram goes
 * @param lots each lot's own plan, in the batch's order
 * @param day what has to be done, and who and what there is for it
 * @param laidOut the day with its times
 */
public record BatchPlan(Batch batch, Balance balance, List<LotPlan> lots, DayPlan day, LaidOut laidOut) {
    public BatchPlan {
        lots = List.copyOf(lots);
    }

    /** The plan of this batch, for a cook of whom nothing is known. */
    public static BatchPlan of(Batch batch) {
        return of(batch, Cook.UNKNOWN);
    }

    /** The plan of this batch. @param cook who does it, as far as is known */
    public static BatchPlan of(Batch batch, Cook cook) {
        return of(batch, cook, ZoneOffset.UTC);
    }

    /**
     * The plan of this batch.
     *
     * @param cook who does it, as far as is known
     * @param zone of the kitchen's clock
     */
    public static BatchPlan of(Batch batch, Cook cook, ZoneId zone) {
        Balance balance = Balancer.solve(batch);
        List<LotPlan> lots = batch.lots().stream()
                .map(lot -> LotPlan.of(batch, balance, lot))
                .toList();
        Map<Integer, Rounds> rounds = new HashMap<>();
        lots.forEach(lot -> rounds.put(lot.lot().no(), lot.rounds()));
        DayPlan day = DayPlan.of(batch, balance, rounds, cook, zone);
        return new BatchPlan(batch, balance, lots, day, LaidOut.first(batch, day));
    }

    /** The day, backwards from the serving time. */
    public Timetable timetable() {
        return laidOut.timetable();
    }

    /** Every wait of the day that must not grow too long. */
    public List<Gap> gaps() {
        return laidOut.gaps();
    }

    /** The same batch with its day laid out better. */
    public BatchPlan laid(Solved solved) {
        return laid(Layout.timetable(day, solved));
    }

    /** The same batch with its day laid out another way. */
    public BatchPlan laid(Timetable other) {
        return new BatchPlan(batch, balance, lots, day, LaidOut.as(batch, day, other));
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
        return gaps().stream()
                .filter(gap -> gap.kind() == kind && gap.no() == no)
                .toList();
    }
}
