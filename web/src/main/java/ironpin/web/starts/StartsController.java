package ironpin.web.starts;

import ironpin.batch.Batch;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.Served;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.StartStore;
import ironpin.web.page.Asked;
import ironpin.web.picture.StylePicture;
import ironpin.wording.Name;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of one's own starts, and beginning from one. */
@Controller
class StartsController {
    private final StartStore starts;
    private final BatchStore batches;
    private final KitStore kit;
    private final Clock clock;

    StartsController(StartStore starts, BatchStore batches, KitStore kit, Clock clock) {
        this.starts = starts;
        this.batches = batches;
        this.kit = kit;
        this.clock = clock;
    }

    /** A start as it is shown. */
    public record Card(long id, String name, String what, int eaters, Sentence picture) {
        static Card of(StartStore.Kept kept) {
            Batch batch = kept.batch();
            List<String> lots = batch.lots().stream()
                    .map(lot -> lot.name() + ", "
                            + Name.within(batch.filling(lot.fillingNo()).name()))
                    .toList();
            return new Card(kept.id(), kept.name(), String.join("; ", lots), batch.eaters(), StylePicture.of(batch));
        }
    }

    @GetMapping("/starts")
    String page(Model model) {
        model.addAttribute("cards", starts.all().stream().map(Card::of).toList());
        model.addAttribute("usual", Asked.usualServing(clock));
        return "starts";
    }

    /** A batch is kept as a start, as it stands. */
    @PostMapping("/batches/{id}/keep-as-start")
    String keep(@PathVariable long id, @RequestParam String name, Model model, HttpServletResponse response) {
        return doing(model, response, () -> starts.keep(name, batches.load(id).batch(), clock.instant()));
    }

    @PostMapping("/starts/{id}/name")
    String rename(@PathVariable long id, @RequestParam String name, Model model, HttpServletResponse response) {
        return doing(model, response, () -> {
            starts.load(id);
            starts.rename(id, name);
        });
    }

    @PostMapping("/starts/{id}/up")
    String up(@PathVariable long id, Model model, HttpServletResponse response) {
        return doing(model, response, () -> {
            starts.load(id);
            starts.up(id);
        });
    }

    @PostMapping("/starts/{id}/drop")
    String drop(@PathVariable long id, Model model, HttpServletResponse response) {
        return doing(model, response, () -> starts.drop(id));
    }

    private String doing(Model model, HttpServletResponse response, Runnable what) {
        try {
            what.run();
            return "redirect:/starts";
        } catch (Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", Name.first(refused.getMessage()) + ".");
            return page(model);
        }
    }

    /** A new batch from it. @param eaters as it was kept where nothing is said */
    @PostMapping("/starts/{id}/begin")
    String begin(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String eaters,
            @RequestParam(defaultValue = "") String date,
            @RequestParam(defaultValue = "") String time,
            Model model,
            HttpServletResponse response) {
        StartStore.Kept kept = starts.load(id);
        Optional<Integer> eat = eaters.isBlank() ? Optional.of(kept.batch().eaters()) : Asked.eaters(eaters);
        Optional<LocalDateTime> serving =
                date.isBlank() && time.isBlank() ? Optional.of(Asked.usualServing(clock)) : Asked.serving(date, time);
        if (eat.isEmpty() || serving.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute(
                    "problem", eat.isEmpty() ? "How many eat is a whole number from 1 to 200." : Asked.SERVING_RULE);
            return page(model);
        }
        Batch batch = Composing.in(kit.load(), kept.batch())
                .withTitle(kept.name())
                .withHeld(List.of())
                .withServing(serving.get());
        Batch served = Served.to(batch, eat.get());
        long made = batches.create(served, "from a start of one's own", clock.instant());
        return "redirect:/batches/" + made + "/table";
    }
}
