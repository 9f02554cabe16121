package ironpin.web.page;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.batch.Batch;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.store.KitStore;
import ironpin.store.StoredBatch;
import org.springframework.stereotype.Component;

/**
 * What follows from batches as they stand. The same batch in the same hands gives the same plan, so one that was worked out
 * lately is not worked out again: not for a list, and not for the next page.
 */
@Component
public class Plans {
    private static final int RECENT = 48;

    private final KitStore kit;
    private final Cache<Planned, BatchPlan> recent =
            Caffeine.newBuilder().maximumSize(RECENT).build();

    private record Planned(Batch batch, Hand hand) {}

    Plans(KitStore kit) {
        this.kit = kit;
    }

    public BatchPlan of(StoredBatch stored) {
        Hand hand = kit.load().hand();
        return recent.get(new Planned(stored.batch(), hand), asked -> BatchPlan.of(asked.batch(), asked.hand()));
    }
}
