package ironpin.web.clock;

import ironpin.amount.AmountReader;
import ironpin.batch.Batch;
import ironpin.clock.OwnTime;
import ironpin.clock.Task;
import ironpin.crew.OwnMinutes;
import ironpin.kit.Hand;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.KitStore;
import ironpin.store.MinuteStore;
import ironpin.store.PaceStore;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A cook says how long a kind of work takes them, here and in every plan. */
@Controller
class MinutesController {
    private static final double MOST_MINUTES = 600;
    private static final Sentence ALLOWED = Sentence.of("From 1 to 600 minutes, as a number.");

    private final Cupboard cupboard;
    private final BatchStore batches;
    private final KitStore kit;
    private final MinuteStore minutes;
    private final PaceStore paces;
    private final Screens screens;
    private final Shown shown;
    private final Bell bell;
    private final Clock clock;

    MinutesController(
            Cupboard cupboard,
            BatchStore batches,
            KitStore kit,
            MinuteStore minutes,
            PaceStore paces,
            Screens screens,
            Shown shown,
            Bell bell,
            Clock clock) {
        this.cupboard = cupboard;
        this.batches = batches;
        this.kit = kit;
        this.minutes = minutes;
        this.paces = paces;
        this.screens = screens;
        this.shown = shown;
        this.bell = bell;
        this.clock = clock;
    }

    /**
     * @param key of the task
     * @param took minutes, as they were typed
     * @param timed whether that is what was measured, and not what the cook says
     */
    @PostMapping("/batches/{id}/minutes")
    String took(
            @PathVariable long id,
            @RequestParam String key,
            @RequestParam String took,
            @RequestParam(defaultValue = "false") boolean timed,
            From from,
            Model model) {
        Task usual = usual(batches.load(id).batch(), key);
        String kind = OwnTime.kind(usual).orElseThrow(() -> NotThere.called("task with minutes of one's own", key));
        double typed = typed(took);
        if (!(typed >= 1 && typed <= MOST_MINUTES)) {
            throw new NotChanged(id, from, new FieldError("minutes", key, took, ALLOWED, null, List.of()));
        }
        cupboard.together(() -> {
            Duration takes = Duration.ofSeconds(Math.round(60 * typed));
            if (timed) {
                minutes.took(kind, usual.time(), takes, clock.instant());
            } else {
                minutes.said(kind, usual.time(), takes, clock.instant());
            }
            // What it took this once was about the kind of work, not about the person.
            paces.forget(id, key);
            return kind;
        });
        bell.ring(id, from.page());
        shown.show(screens.of(id, from.at(), from.lot()), from.who(), model);
        return from.view();
    }

    private static double typed(String text) {
        String number = text.strip().replaceFirst("(?i)\\s*(?:min(?:ute)?s?\\.?)$", "");
        OptionalDouble read = AmountReader.number(number);
        return read.orElse(Double.NaN);
    }

    /** The task as it is planned for anybody. */
    private Task usual(Batch batch, String key) {
        Hand anybody = kit.load().hand().with(OwnMinutes.NONE);
        return BatchPlan.of(batch, anybody, clock.getZone()).day().tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow(() -> NotThere.called("task", key));
    }
}
