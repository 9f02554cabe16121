package ironpin.web.book;

import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Again;
import java.time.Clock;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Cooking a batch again: a new plan with all its lots. */
@Controller
class AgainController {
    private final BatchStore batches;
    private final Again again;
    private final Clock clock;

    AgainController(BatchStore batches, Again again, Clock clock) {
        this.batches = batches;
        this.again = again;
        this.clock = clock;
    }

    @PostMapping("/batches/{id}/again")
    String again(@PathVariable long id, @RequestParam(defaultValue = "false") boolean change) {
        StoredBatch cooked = batches.load(id);
        String label = change ? "cooked again, changed" : "cooked again";
        long next = batches.create(again.of(cooked, change), label, cooked.source(), clock.instant());
        return "redirect:/batches/" + next + "/table";
    }
}
