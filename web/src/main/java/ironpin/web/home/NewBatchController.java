package ironpin.web.home;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.web.page.Asked;
import ironpin.web.page.LastTime;
import ironpin.web.page.LastTimes;
import ironpin.web.picture.RibbonPicture;
import ironpin.web.picture.StylePicture;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;

/** From "who eats" to a finished plan: a style by its drawing, how many, how hungry, when. */
@Controller
class NewBatchController {
    private static final int MOST_EATERS = 200;

    /** What is allowed in the two fields of a day and a time. */
    private final BatchStore batches;

    private final KitStore kit;
    private final LastTimes lastTimes;
    private final Clock clock;

    NewBatchController(BatchStore batches, KitStore kit, LastTimes lastTimes, Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.lastTimes = lastTimes;
        this.clock = clock;
    }

    /**
     * What is chosen so far; everything has a default.
     *
     * @param style key of the style
     * @param eaters as typed
     * @param appetite how hungry
     * @param date as typed
     * @param time as typed
     * @param lastTime whether the change suggested last time is made at once
     */
    public record Wish(String style, String eaters, Appetite appetite, String date, String time, Boolean lastTime) {}

    /** A style on offer. */
    public record Offer(Style style, Sentence picture) {}

    @ModelAttribute("offers")
    List<Offer> offers() {
        return Styles.all().stream()
                .map(style -> new Offer(style, StylePicture.of(style)))
                .toList();
    }

    @GetMapping("/batches/new")
    String form(Wish asked, @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment, Model model) {
        preview(filledIn(asked), model);
        return fragment ? "new :: screen" : "new";
    }

    @PostMapping("/batches")
    String create(Wish asked, Model model) {
        Wish wish = filledIn(asked);
        Optional<BatchPlan> plan = preview(wish, model);
        if (plan.isEmpty()) {
            return "new";
        }
        Batch batch = plan.get().batch();
        long id = batches.create(batch, "new batch", clock.instant());
        return "redirect:/batches/" + id + "/table";
    }

    private Wish filledIn(Wish asked) {
        LocalDateTime serving = Asked.usualServing(clock);
        boolean known = Styles.all().stream().anyMatch(style -> style.key().equals(asked.style()));
        return new Wish(
                known ? asked.style() : Styles.all().get(0).key(),
                asked.eaters() == null ? "4" : asked.eaters(),
                asked.appetite() == null ? Appetite.USUAL : asked.appetite(),
                asked.date() == null ? serving.toLocalDate().toString() : asked.date(),
                asked.time() == null ? serving.toLocalTime().toString() : asked.time(),
                Boolean.TRUE.equals(asked.lastTime()));
    }

    private Optional<BatchPlan> preview(Wish wish, Model model) {
        model.addAttribute("wish", wish);
        Optional<Integer> eaters = Asked.eaters(wish.eaters());
        Optional<LocalDateTime> serving = Asked.serving(wish.date(), wish.time());
        if (eaters.isEmpty()) {
            model.addAttribute("eatersError", "A whole number from 1 to 200.");
        }
        if (serving.isEmpty()) {
            model.addAttribute("servingError", Asked.SERVING_RULE);
        }
        if (eaters.isEmpty() || serving.isEmpty()) {
            return Optional.empty();
        }
        Style style = Styles.get(wish.style());
        Batch batch = Styles.start(style, style.name(), serving.get(), eaters.get(), wish.appetite(), kit.load());
        Optional<LastTime> last = lastTime(BatchPlan.of(batch, kit.load().hand()));
        model.addAttribute("last", last.orElse(null));
        Batch changed = wish.lastTime()
                ? last.flatMap(LastTime::suggestion)
                        .flatMap(suggestion -> suggestion.fix())
                        .map(fix -> fix.applyTo(batch))
                        .orElse(batch)
                : batch;
        BatchPlan plan = BatchPlan.of(changed, kit.load().hand());
        int lotNo = plan.lots().get(0).lot().no();
        model.addAttribute("plan", plan);
        model.addAttribute("lot", plan.lots().get(0));
        model.addAttribute("ribbonWide", RibbonPicture.wide(plan, lotNo));
        model.addAttribute("ribbonNarrow", RibbonPicture.narrow(plan, lotNo));
        return Optional.of(plan);
    }

    private Optional<LastTime> lastTime(BatchPlan plan) {
        LotPlan lot = plan.lots().get(0);
        return lastTimes.before(lot, 0);
    }
}
