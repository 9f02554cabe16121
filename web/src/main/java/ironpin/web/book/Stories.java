package ironpin.web.book;

import ironpin.book.Happened;
import ironpin.clock.Task;
import ironpin.format.WrittenBatch;
import ironpin.format.WrittenBatch.Told;
import ironpin.quantity.UnitSystem;
import ironpin.store.HappenedStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Plans;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What happened to a batch, its steps called as its plan calls them. */
@Component
public class Stories {
    private final HappenedStore happened;
    private final Plans plans;

    Stories(HappenedStore happened, Plans plans) {
        this.happened = happened;
        this.plans = plans;
    }

    List<Happened> of(StoredBatch stored) {
        Map<String, String> titles =
                plans.of(stored).day().tasks().stream().collect(Collectors.toMap(Task::key, Task::title, (a, b) -> a));
        return happened.story(stored, key -> titles.getOrDefault(key, ""));
    }

    /** As its document takes it along: of a very long one what happened last. */
    public List<Told> written(StoredBatch stored) {
        List<Happened> all = of(stored);
        return all.subList(Math.max(0, all.size() - WrittenBatch.LONGEST_STORY), all.size()).stream()
                .map(Stories::written)
                .toList();
    }

    private static Told written(Happened one) {
        String said = one.said().render(UnitSystem.METRIC);
        return new Told(one.at(), one.what(), said.substring(0, Math.min(said.length(), WrittenBatch.LONGEST_LINE)));
    }
}
