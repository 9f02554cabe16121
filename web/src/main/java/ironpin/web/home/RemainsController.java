package ironpin.web.home;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.Lanes;
import ironpin.book.Remains;
import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.RemainsStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Again;
import ironpin.web.page.Choice;
import java.time.Clock;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is left over: used, or planned with. */
@Controller
class RemainsController {
    private final Lying lying;
    private final RemainsStore remains;
    private final BatchStore batches;
    private final Again again;
    private final Clock clock;

    RemainsController(Lying lying, RemainsStore remains, BatchStore batches, Again again, Clock clock) {
        this.lying = lying;
        this.remains = remains;
        this.batches = batches;
        this.again = again;
        this.clock = clock;
    }

    @PostMapping("/batches/{id}/left/used")
    String used(@PathVariable long id, @RequestParam int lot, @RequestParam String what) {
        batches.load(id).batch().lot(lot);
        remains.used(id, lot, Choice.of(Remains.What.class, what), clock.instant());
        return "redirect:/";
    }

    /** The same once more, as many pieces as it does for. */
    @PostMapping("/batches/{id}/left/plan")
    String plan(@PathVariable long id, @RequestParam int lot, @RequestParam String what) {
        Lying.Row row = lying.rows().stream()
                .filter(one -> one.batch() == id && one.lot() == lot)
                .filter(one -> one.remains().what() == Choice.of(Remains.What.class, what))
                .findFirst()
                .orElseThrow(() -> NotThere.called("left-over " + what.toLowerCase(Locale.ROOT), "batch " + id));
        StoredBatch cooked = batches.load(id);
        Batch same = again.of(cooked, false);
        Batch one = same;
        for (Lot other : same.lots()) {
            one = other.no() == lot ? one : Lanes.drop(one, other.no());
        }
        Batch planned = CountField.PIECES.write(
                one, Address.lot(lot), Math.max(1, row.remains().pieces()));
        long next = batches.create(planned, "with what was left", cooked.source(), clock.instant());
        return "redirect:/batches/" + next + "/table";
    }
}
