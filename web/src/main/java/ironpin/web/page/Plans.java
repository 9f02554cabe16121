package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.store.KitStore;
import ironpin.store.Recent;
import ironpin.store.StoredBatch;
import org.springframework.stereotype.Component;

/**
 * What follows from batches as they stand. The same batch in the same hands gives the same plan, so one that was worked out
 * lately is not worked out again: not for a list, and not for the next page.
 */
@Component
class Plans {
    private static final int RECENT = 48;

    private final KitStore kit;
    private final Recent<Asked, BatchPlan> recent = new Recent<>(RECENT);

    private record Asked(Batch batch, Hand hand) {}

    Plans(KitStore kit) {
        this.kit = kit;
    }

    BatchPlan of(StoredBatch stored) {
        Hand hand = kit.load().hand();
        return recent.get(new Asked(stored.batch(), hand), () -> BatchPlan.of(stored.batch(), hand));
    }
}
