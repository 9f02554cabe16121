package ironpin.web.freezer;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Stash;
import ironpin.clock.Hardening;
import ironpin.plan.LotPlan;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.FreezerStore;
import ironpin.store.FreezerStore.Bag;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.numbers.OwnNumbers;
import ironpin.web.page.Plans;
import ironpin.web.page.Units;
import ironpin.web.paper.Paper;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wording.Span;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What lies in the freezer: put in, labelled, and taken out again. */
@Controller
class FreezerController {
    /** Batches that are looked through for pieces that can go in: what is under way, then the nearest. */
    private static final int LOOKED_AT = 40;

    /** Lots that are offered; each wants its plan. */
    private static final int OFFERED = 10;

    private final Cupboard cupboard;
    private final FreezerStore freezer;
    private final BatchStore batches;
    private final Plans plans;
    private final Clock clock;

    FreezerController(Cupboard cupboard, FreezerStore freezer, BatchStore batches, Plans plans, Clock clock) {
        this.cupboard = cupboard;
        this.freezer = freezer;
        this.batches = batches;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * A lot whose pieces can go in.
     *
     * @param pieces meant for the freezer
     * @param hard how long they take on a tray, est.
     */
    record Waiting(long batch, int lot, String name, String title, int pieces, String hard) {}

    @GetMapping("/freezer")
    String freezer(Model model) {
        return show(model, "");
    }

    private String show(Model model, String refused) {
        LocalDate today = LocalDate.now(clock);
        model.addAttribute(
                "bags",
                freezer.stock().stream().map(bag -> InTheFreezer.of(bag, today)).toList());
        model.addAttribute("waiting", waiting());
        model.addAttribute("refused", refused);
        return "freezer";
    }

    private List<Waiting> waiting() {
        List<Long> nearest = new ArrayList<>(batches.numbers(Status.RUNNING, 0, LOOKED_AT));
        nearest.addAll(batches.numbers(Status.DONE, 0, OFFERED));
        batches.planned(LocalDateTime.now(clock)).stream().limit(LOOKED_AT).forEach(one -> nearest.add(one.id()));
        List<Waiting> found = new ArrayList<>();
        for (long id : nearest) {
            StoredBatch stored = batches.load(id);
            // Grams alone are quickly worked out; the whole plan only for what is shown.
            Balance balance = Balancer.solve(stored.batch());
            for (Lot lot : stored.batch().lots()) {
                int open = balance.lot(lot.no()).toFreezer() - freezer.bagged(id, lot.no());
                if (open > 0 && !lot.stashed()) {
                    String hard = hard(plans.of(stored).lot(lot.no()));
                    found.add(
                            new Waiting(id, lot.no(), lot.name(), stored.batch().title(), open, hard));
                }
                if (found.size() == OFFERED) {
                    return found;
                }
            }
        }
        return found;
    }

    private static String hard(LotPlan lot) {
        Hardening time = Hardening.of(lot.lot(), lot.share());
        return Span.inMinutes(time.least()) + " to " + Span.inMinutes(time.most());
    }

    /** A bag is full. */
    @PostMapping("/freezer/put")
    String put(
            @RequestParam long batch,
            @RequestParam int lot,
            @RequestParam String pieces,
            HttpServletResponse response,
            Model model) {
        try {
            LotPlan plan = plans.of(batches.load(batch)).lot(lot);
            int made = plan.share().pieces();
            if (count(pieces) + freezer.bagged(batch, lot) > made) {
                throw new Refused("only " + Count.of(made, "piece") + " of these are made, "
                        + freezer.bagged(batch, lot) + " of them in bags already");
            }
            Batch whole = batches.load(batch).batch();
            freezer.put(Bagged.of(batch, whole, plan, count(pieces), LocalDate.now(clock)));
            return "redirect:/freezer";
        } catch (Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, Name.first(refused.getMessage()) + ".");
        }
    }

    private static int count(String text) {
        try {
            return Integer.parseInt(text.strip());
        } catch (NumberFormatException notOne) {
            throw new Refused("“" + text + "” is no whole number");
        }
    }

    /** Pieces are taken out, to be cooked as they are. */
    @PostMapping("/freezer/{bag}/take")
    String take(@PathVariable long bag, @RequestParam String pieces, HttpServletResponse response, Model model) {
        try {
            freezer.take(bag, count(pieces));
            return "redirect:/freezer";
        } catch (Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, Name.first(refused.getMessage()) + ".");
        }
    }

    /** Pieces are taken out for a plan of their own: nothing is made, they are cooked from frozen. */
    @PostMapping("/freezer/{bag}/cook")
    String cook(@PathVariable long bag, @RequestParam String pieces, HttpServletResponse response, Model model) {
        try {
            int count = count(pieces);
            Bag from = freezer.bag(bag);
            Batch source = from.batch()
                    .map(id -> batches.load(id).batch())
                    .orElseThrow(() ->
                            new Refused("the batch these came from is gone: take them out, and plan by their label"));
            Batch plan = Stash.plan(source, from.lot(), count, LocalDateTime.now(clock));
            long id = cupboard.together(() -> {
                freezer.take(bag, count);
                return batches.create(plan, "out of the freezer", clock.instant());
            });
            return "redirect:/batches/" + id + "/cook";
        } catch (Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, Name.first(refused.getMessage()) + ".");
        }
    }

    /** Labels of every bag that is in. */
    @GetMapping("/freezer/labels.pdf")
    ResponseEntity<byte[]> labels(HttpServletRequest request) {
        UnitSystem units = Units.of(request);
        List<LabelsPdf.Label> labels = freezer.stock().stream()
                .map(bag -> new LabelsPdf.Label(
                        bag.left() + " " + bag.name(),
                        List.of(
                                "In it: " + bag.holds() + ".",
                                OwnNumbers.of(request).said(bag.cooking().render(units)),
                                "Never refreeze once thawed."),
                        List.of("Frozen " + bag.frozen() + "; at its best until about "
                                + bag.frozen().plusDays(InTheFreezer.GOOD_DAYS))))
                .toList();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"freezer-labels.pdf\"")
                .body(LabelsPdf.of(labels, Paper.of(request)));
    }
}
