package ironpin.web.book;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.diagnosis.Diagnosis;
import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.ExperimentStore;
import ironpin.store.StoredBatch;
import ironpin.web.page.Again;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The next plan, with the one change that a cause wants, marked as something that is tried. */
@Controller
class ExperimentController {
    private final Cupboard cupboard;
    private final BatchStore batches;
    private final ExperimentStore experiments;
    private final Screens screens;
    private final Why why;
    private final Again again;
    private final Clock clock;

    ExperimentController(
            Cupboard cupboard,
            BatchStore batches,
            ExperimentStore experiments,
            Screens screens,
            Why why,
            Again again,
            Clock clock) {
        this.cupboard = cupboard;
        this.batches = batches;
        this.experiments = experiments;
        this.screens = screens;
        this.why = why;
        this.again = again;
        this.clock = clock;
    }

    /** @param cause key of one that the diagnosis of this lot names */
    @PostMapping("/batches/{id}/try")
    String trying(@PathVariable long id, @RequestParam int lot, @RequestParam String cause) {
        StoredBatch cooked = batches.load(id);
        Screen screen = screens.of(id, Optional.of(Station.BOOK), lot);
        Diagnosis.Likely likely = why.diagnosis(screen).stream()
                .flatMap(one -> one.likely().stream())
                .filter(one -> one.key().equals(cause) && one.fix().isPresent())
                .findFirst()
                .orElseThrow(() -> NotThere.called("cause with a change", cause));
        Batch changed = likely.fix().orElseThrow().applyTo(again.of(cooked, false));
        long next = cupboard.together(() -> {
            long made = batches.create(changed, "cooked again, to try a change", cooked.source(), clock.instant());
            experiments.begin(
                    new ExperimentStore.Begun(
                            made,
                            screen.lotNo(),
                            id,
                            screen.lotNo(),
                            screen.lot().lot().style(),
                            cause,
                            likely.fix().orElseThrow().label()),
                    clock.instant());
            return made;
        });
        return "redirect:/batches/" + next + "/table?lot=" + screen.lotNo();
    }
}
