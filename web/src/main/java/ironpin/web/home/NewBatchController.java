package ironpin.web.home;

import ironpin.batch.Batch;
import ironpin.batch.balance.WeighedDough;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.StartStore;
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

/** From a wish to a finished plan: said in a line, or a start by its drawing, with what, how many, how hungry, when. */
@Controller
class NewBatchController {
    private final BatchStore batches;
    private final KitStore kit;
    private final LastTimes lastTimes;
    private final StartStore starts;
    private final Clock clock;

    NewBatchController(BatchStore batches, KitStore kit, LastTimes lastTimes, StartStore starts, Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.lastTimes = lastTimes;
        this.starts = starts;
        this.clock = clock;
    }

    /** A style on offer. */
    public record Offer(Style style, Sentence picture) {}

    @ModelAttribute("offers")
    List<Offer> offers() {
        return Styles.all().stream()
                .map(style -> new Offer(style, StylePicture.of(style)))
                .toList();
    }

    @ModelAttribute("own")
    List<StartStore.Kept> own() {
        return starts.all();
    }

    @GetMapping("/batches/new")
    String form(Wish asked, @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment, Model model) {
        preview(asked.filledIn(clock), model);
        return fragment ? "new :: screen" : "new";
    }

    @PostMapping("/batches")
    String create(Wish asked, Model model) {
        Wish wish = asked.filledIn(clock);
        Optional<BatchPlan> plan = preview(wish, model);
        if (plan.isEmpty()) {
            return "new";
        }
        Batch batch = plan.get().batch();
        long id = batches.create(batch, "new batch", clock.instant());
        return "redirect:/batches/" + id + "/table";
    }

    private Optional<BatchPlan> preview(Wish wish, Model model) {
        model.addAttribute("wish", wish);
        model.addAttribute("start", wish.start());
        Optional<Integer> eaters = Asked.eaters(wish.eaters());
        Optional<LocalDateTime> serving = Asked.serving(wish.date(), wish.time());
        if (eaters.isEmpty()) {
            model.addAttribute("eatersError", "A whole number from 1 to 200.");
        }
        if (serving.isEmpty()) {
            model.addAttribute("servingError", Asked.SERVING_RULE);
        }
        if (wish.oddPieces()) {
            model.addAttribute("piecesError", Wish.PIECES_RULE);
        }
        if (eaters.isEmpty() || serving.isEmpty() || wish.oddPieces()) {
            return Optional.empty();
        }
        Batch batch = wish.batch(serving.get(), eaters.get(), kit.load());
        model.addAttribute("understood", wish.understood(batch));
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
        LotPlan lot = plan.lots().get(0);
        model.addAttribute("lot", lot);
        model.addAttribute(
                "weighed",
                WeighedDough.of(
                        lot.dough(), plan.balance().dough(lot.dough().no()).made()));
        model.addAttribute("ribbonWide", RibbonPicture.wide(plan, lotNo));
        model.addAttribute("ribbonNarrow", RibbonPicture.narrow(plan, lotNo));
        return Optional.of(plan);
    }

    private Optional<LastTime> lastTime(BatchPlan plan) {
        LotPlan lot = plan.lots().get(0);
        return lastTimes.before(lot, 0);
    }
}
