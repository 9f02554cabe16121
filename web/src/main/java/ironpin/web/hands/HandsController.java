package ironpin.web.hands;

import ironpin.hands.Fault;
import ironpin.hands.SharedWork;
import ironpin.plan.BatchPlan;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore;
import ironpin.web.page.Changes;
import ironpin.web.page.From;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One tap a piece, and one tap a fault. */
@Controller
@RequestMapping("/batches/{id}")
class HandsController {
    private final BatchStore batches;
    private final WorkStore work;
    private final Changes changes;
    private final Clock clock;

    HandsController(BatchStore batches, WorkStore work, Changes changes, Clock clock) {
        this.batches = batches;
        this.work = work;
        this.changes = changes;
        this.clock = clock;
    }

    @PostMapping("/tap")
    String tap(
            @PathVariable long id,
            @RequestParam SharedWork job,
            @RequestParam(defaultValue = "me") String person,
            From from,
            Model model) {
        String who = person.isBlank() ? "me" : person.strip();
        return kept(
                id,
                from,
                model,
                (of, seen) -> work.tap(of, seen.lot().lot().fold(), new WorkStore.Tapped(who, job, clock.instant())));
    }

    @PostMapping("/tap/back")
    String untap(@PathVariable long id, @RequestParam SharedWork job, From from, Model model) {
        return kept(id, from, model, (of, seen) -> work.untap(of, job));
    }

    /** @param piece which one, if that is known; empty if not */
    @PostMapping("/fault")
    String fault(
            @PathVariable long id,
            @RequestParam Fault fault,
            @RequestParam(defaultValue = "") String piece,
            From from,
            Model model) {
        return kept(
                id,
                from,
                model,
                (of, seen) -> work.see(
                        of, seen.fault(fault, place(piece, seen.lot().share().pieces()))));
    }

    private static Optional<Integer> place(String typed, int most) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        String digits = typed.strip();
        int place = digits.matches("\\d{1,4}") ? Integer.parseInt(digits) : 0;
        if (place < 1 || place > most) {
            throw new Refused("which piece is a whole number from 1 to " + most + ", not “" + digits + "”");
        }
        return Optional.of(place);
    }

    @PostMapping("/fault/back")
    String unseen(@PathVariable long id, From from, Model model) {
        return kept(id, from, model, (of, seen) -> work.unsee(of));
    }

    private String kept(long id, From from, Model model, BiConsumer<WorkStore.Of, AtWork> change) {
        return changes.kept(id, from, model, () -> {
            StoredBatch stored = batches.load(id);
            int lot = from.lotOf(stored.batch());
            change.accept(
                    new WorkStore.Of(id, lot),
                    AtWork.of(work, id, BatchPlan.of(stored.batch()).lot(lot), ZonedDateTime.now(clock)));
            return stored;
        });
    }
}
