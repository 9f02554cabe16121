package ironpin.web.cook;

import ironpin.clock.DayPlan;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.FireStore;
import ironpin.store.RunStore;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore.Of;
import ironpin.web.kitchen.FireDesk;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;

/** Rounds that go in and come out: written down, watched and timed. */
@Component
public class RoundsInAndOut {
    private final Cupboard cupboard;
    private final BatchStore batches;
    private final FireStore fire;
    private final RunStore runs;
    private final FireDesk desk;

    RoundsInAndOut(Cupboard cupboard, BatchStore batches, FireStore fire, RunStore runs, FireDesk desk) {
        this.cupboard = cupboard;
        this.batches = batches;
        this.fire = fire;
        this.runs = runs;
        this.desk = desk;
    }

    /** The next round of a lot is in: its spells are timed from now. @throws Refused if all have been in */
    public StoredBatch in(long id, int lotNo, Instant now) {
        return cupboard.together(() -> {
            StoredBatch stored = batches.load(id);
            LotPlan lot = BatchPlan.of(stored.batch()).lot(lotNo);
            Of of = new Of(id, lotNo);
            List<Integer> sizes = lot.rounds().sizes();
            int before = fire.rounds(of).size();
            if (before >= sizes.size()) {
                throw new Refused("all " + sizes.size() + " rounds have been in");
            }
            FireStore.Cooked round = fire.in(of, sizes.get(before), now);
            desk.in(round);
            if (DayPlan.listed(sizes.size())) {
                String key = DayPlan.round(lotNo, round.round());
                Duration end = Duration.ZERO;
                for (int i = 0; i < lot.spells().size(); i++) {
                    end = end.plus(lot.spells().get(i).time());
                    runs.startTimer(id, key, lot.card().get(i).key(), end, now);
                }
            }
            return batches.start(id, now);
        });
    }

    /** The round of a lot that is on the fire is out. */
    public StoredBatch out(long id, int lotNo, Instant now) {
        return cupboard.together(() -> {
            StoredBatch stored = batches.load(id);
            Of of = new Of(id, lotNo);
            int round = fire.rounds(of).size();
            fire.out(of, now);
            desk.out(of);
            runs.timers(id).stream()
                    .filter(timer -> timer.taskKey().equals(DayPlan.round(lotNo, round)))
                    .forEach(timer -> runs.stopTimer(id, timer.id(), now));
            return stored;
        });
    }
}
