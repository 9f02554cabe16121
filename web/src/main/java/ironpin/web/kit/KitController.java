package ironpin.web.kit;

import ironpin.kit.Kit;
import ironpin.quantity.CupStandard;
import ironpin.refusal.NotThere;
import ironpin.store.KitStore;
import ironpin.store.MinuteStore;
import ironpin.web.page.FieldError;
import ironpin.web.page.Units;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What stands in the kitchen, edited in place; open batches follow. */
@Controller
@RequestMapping("/kit")
class KitController {
    private final KitStore kits;
    private final MinuteStore minutes;
    private final Clock clock;

    KitController(KitStore kits, MinuteStore minutes, Clock clock) {
        this.kits = kits;
        this.minutes = minutes;
        this.clock = clock;
    }

    @GetMapping
    String kit(@RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment, Model model) {
        return show(Optional.empty(), fragment, model);
    }

    /**
     * One cell of the kit.
     *
     * @param key of the flour or bowl; empty for the temperatures
     */
    @PostMapping("/cell")
    String cell(
            @RequestParam KitCell cell,
            @RequestParam(defaultValue = "") String key,
            @RequestParam String value,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        try {
            Kit before = kits.load();
            if (!key.isEmpty()
                    && before.flour(key).isEmpty()
                    && before.bowl(key).isEmpty()) {
                throw NotThere.called("flour or bowl", key);
            }
            UnaryOperator<Kit> change = cell.change(before, key, value, Units.of(request));
            kits.change(cell.label(), change, clock.instant());
            return show(Optional.empty(), fragment, model);
        } catch (KitCell.Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(Optional.of(new FieldError(cell.name() + key, 0, value, refused.said())), fragment, model);
        }
    }

    @PostMapping("/cups")
    String cups(
            @RequestParam CupStandard cups,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        kits.change(cups.label() + " cups", kit -> kit.withCups(cups), clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    @PostMapping("/flours/add")
    String addFlour(@RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment, Model model) {
        kits.change("a new flour", KitRows::withNewFlour, clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    @PostMapping("/flours/drop")
    String dropFlour(
            @RequestParam String key,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        kits.change("a flour less", kit -> KitRows.withoutFlour(kit, key), clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    /** Forgets what batches taught about a flour. */
    @PostMapping("/flours/forget")
    String forget(
            @RequestParam String key,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        kits.change("an offset forgotten", kit -> KitRows.forgetting(kit, key), clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    /** A kind of work takes as long as it takes anybody again. */
    @PostMapping("/minutes/forget")
    String forgetMinutes(
            @RequestParam String kind,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        minutes.forget(kind);
        return show(Optional.empty(), fragment, model);
    }

    @PostMapping("/bowls/add")
    String addBowl(@RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment, Model model) {
        kits.change("a new bowl", KitRows::withNewBowl, clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    @PostMapping("/bowls/drop")
    String dropBowl(
            @RequestParam String key,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        kits.change("a bowl less", kit -> KitRows.withoutBowl(kit, key), clock.instant());
        return show(Optional.empty(), fragment, model);
    }

    private String show(Optional<FieldError> refused, boolean fragment, Model model) {
        model.addAttribute("k", new KitScreen(kits.load(), refused));
        return fragment ? "kit :: screen" : "kit";
    }
}
