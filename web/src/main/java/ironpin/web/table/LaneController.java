package ironpin.web.table;

import ironpin.batch.Batch;
import ironpin.batch.edit.Lanes;
import ironpin.kit.Kit;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.web.page.Changes;
import ironpin.web.page.From;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Lots that join and leave a supper, and what they share. */
@Controller
@RequestMapping("/batches/{id}/lanes")
class LaneController {
    private final BatchStore batches;
    private final KitStore kits;
    private final Changes changes;

    LaneController(BatchStore batches, KitStore kits, Changes changes) {
        this.batches = batches;
        this.kits = kits;
        this.changes = changes;
    }

    @PostMapping("/add")
    String add(@PathVariable long id, @RequestParam String style, From from, Model model) {
        if (style.isEmpty()) {
            return changes.answer(batches.load(id), from, model, Optional.empty());
        }
        Style chosen = Styles.get(style);
        Kit kit = kits.load();
        return changes.change(id, from, model, "with " + chosen.name(), batch -> Lanes.add(batch, chosen, kit));
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> batch.lot(from.lot()).name(),
                "a lot less",
                batch -> Lanes.drop(batch, from.lot()));
    }

    @PostMapping("/dough")
    String dough(@PathVariable long id, @RequestParam int dough, From from, Model model) {
        return changes.change(
                id, from, model, "another dough", (Batch batch) -> Lanes.shareDough(batch, from.lotOf(batch), dough));
    }

    @PostMapping("/filling")
    String filling(@PathVariable long id, @RequestParam int filling, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                "another filling",
                (Batch batch) -> Lanes.shareFilling(batch, from.lotOf(batch), filling));
    }
}
