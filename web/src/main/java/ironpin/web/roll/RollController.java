package ironpin.web.roll;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.RollField;
import ironpin.clock.Progress;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What a width would give while it is being dragged: nothing is kept. */
@Controller
class RollController {
    private final BatchStore batches;
    private final Screens screens;
    private final Shown shown;

    RollController(BatchStore batches, Screens screens, Shown shown) {
        this.batches = batches;
        this.screens = screens;
        this.shown = shown;
    }

    /** @param disc width, mm */
    @GetMapping("/batches/{id}/roll/tried")
    String tried(@PathVariable long id, @RequestParam int lot, @RequestParam double disc, Model model) {
        StoredBatch stored = batches.load(id);
        double whole = Math.rint(Math.max(RollField.DISC.low(), Math.min(RollField.DISC.high(), disc)));
        Batch batch;
        try {
            batch = RollField.DISC.write(stored.batch(), Address.lot(lot), whole);
        } catch (Refused cannotFollow) {
            batch = stored.batch();
        }
        shown.show(screens.tried(stored, batch, Station.ROLL, lot), Progress.ALL, model);
        return "tried :: rolled";
    }
}
