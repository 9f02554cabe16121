package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.store.BatchStore;
import ironpin.store.RunStore;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.Bell;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Starting, ticking and timing. */
@Controller
@RequestMapping("/batches/{id}")
class RunController {
    private final BatchStore batches;
    private final RunStore runs;
    private final Screens screens;
    private final Bell bell;
    private final Clock clock;

    RunController(BatchStore batches, RunStore runs, Screens screens, Bell bell, Clock clock) {
        this.batches = batches;
        this.runs = runs;
        this.screens = screens;
        this.bell = bell;
        this.clock = clock;
    }

    @PostMapping("/start")
    String start(@PathVariable long id) {
        batches.start(id, clock.instant());
        bell.ring(id, "");
        return "redirect:/batches/" + id + "/run";
    }

    @PostMapping("/steps")
    String tick(@PathVariable long id, @RequestParam String key, @RequestParam boolean done, From from, Model model) {
        StoredBatch stored = batches.load(id);
        Timetable.Slot slot = slot(stored, key);
        if (done) {
            batches.start(id, clock.instant());
            runs.tick(id, slot.task().key(), clock.instant());
            // A step that is done needs no timer any more.
            runs.timers(id).stream()
                    .filter(timer -> timer.taskKey().equals(key))
                    .forEach(timer -> runs.stopTimer(id, timer.id(), clock.instant()));
        } else {
            runs.untick(id, key);
        }
        return answer(id, from, model);
    }

    @PostMapping("/timers")
    String startTimer(
            @PathVariable long id, @RequestParam String key, @RequestParam int offer, From from, Model model) {
        StoredBatch stored = batches.load(id);
        List<RunStep.Offer> offers = new RunStep(slot(stored, key), false, List.of(), clock.instant()).offers();
        if (offer < 0 || offer >= offers.size()) {
            throw new NoSuchThing("timer", key);
        }
        batches.start(id, clock.instant());
        RunStep.Offer chosen = offers.get(offer);
        runs.startTimer(id, key, chosen.label(), Duration.ofSeconds(chosen.seconds()), clock.instant());
        return answer(id, from, model);
    }

    @PostMapping("/timers/{timer}/stop")
    String stopTimer(@PathVariable long id, @PathVariable long timer, From from, Model model) {
        runs.stopTimer(id, timer, clock.instant());
        return answer(id, from, model);
    }

    private String answer(long id, From from, Model model) {
        bell.ring(id, from.page());
        Optional<Station> at = from.at();
        Screen screen = screens.of(id, at, from.lot());
        model.addAttribute("s", screen);
        model.addAttribute("form", OutcomeForm.of(screen));
        model.addAttribute("bench", from.bench());
        return from.view();
    }

    private static Timetable.Slot slot(StoredBatch stored, String key) {
        return BatchPlan.of(stored.batch()).timetable().slots().stream()
                .filter(slot -> slot.task().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NoSuchThing("step", key));
    }
}
