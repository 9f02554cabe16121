package ironpin.web.run;

import ironpin.batch.Station;
import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.Cupboard;
import ironpin.store.RunStore;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.From;
import ironpin.web.page.Run;
import ironpin.web.page.RunStep;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
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
    private final Cupboard cupboard;
    private final BatchStore batches;
    private final RunStore runs;
    private final Screens screens;
    private final Shown shown;
    private final Moves moves;
    private final Bell bell;
    private final Taps taps;
    private final Clock clock;

    RunController(
            Cupboard cupboard,
            BatchStore batches,
            RunStore runs,
            Screens screens,
            Shown shown,
            Moves moves,
            Bell bell,
            Taps taps,
            Clock clock) {
        this.taps = taps;
        this.moves = moves;
        this.cupboard = cupboard;
        this.batches = batches;
        this.runs = runs;
        this.screens = screens;
        this.shown = shown;
        this.bell = bell;
        this.clock = clock;
    }

    @PostMapping("/start")
    String start(@PathVariable long id) {
        batches.start(id, clock.instant());
        bell.ring(id, "");
        return "redirect:/batches/" + id + "/run";
    }

    /** Work begins, and the page stays where it is. */
    @PostMapping("/begin")
    String begin(@PathVariable long id, From from, Model model) {
        batches.start(id, clock.instant());
        return answer(id, from, model);
    }

    /** @param next whether it was pressed where the next step then stands */
    @PostMapping("/steps")
    String tick(
            @PathVariable long id,
            @RequestParam String key,
            @RequestParam boolean done,
            @RequestParam(defaultValue = "false") boolean next,
            From from,
            Model model) {
        Run run = run(id);
        if (run.weighs(key)) {
            moves.weighed(id, key, done, clock.instant());
        } else if (!done) {
            moves.notOver(id, run, step(run, key));
        } else if (!(next && tappedTwice(id, from))) {
            moves.over(id, run, step(run, key), from.who(), clock.instant());
        }
        return answer(id, from, model);
    }

    /** A second tap of the same finger was meant for the step that stood there before. */
    private boolean tappedTwice(long id, From from) {
        return !from.page().isEmpty() && taps.again(id + " " + from.page());
    }

    /** The next move in a step, by one press. @param press what the button was for; it is not taken for anything else */
    @PostMapping("/moves")
    String move(@PathVariable long id, @RequestParam String key, @RequestParam String press, From from, Model model) {
        Run run = run(id);
        RunStep step = step(run, key);
        if (step.ready() && step.press().sent().equals(press) && !tappedTwice(id, from)) {
            moves.make(id, run, step, from.who(), clock.instant());
        }
        return answer(id, from, model);
    }

    /** Takes the last move back. */
    @PostMapping("/steps/back")
    String back(@PathVariable long id, From from, Model model) {
        moves.takeBack(id);
        return answer(id, from, model);
    }

    /** A minute more. */
    @PostMapping("/timers/{timer}/minute")
    String addMinute(@PathVariable long id, @PathVariable long timer, From from, Model model) {
        runs.addMinute(id, timer, clock.instant());
        return answer(id, from, model);
    }

    @PostMapping("/timers")
    String startTimer(
            @PathVariable long id, @RequestParam String key, @RequestParam String spell, From from, Model model) {
        RunStep step = step(run(id), key);
        RunStep.Offer chosen = step.offers().stream()
                .filter(offer -> offer.spell().equals(spell))
                .findFirst()
                .orElseThrow(() -> NotThere.called("timer", key + " " + spell));
        if (!step.ready()) {
            return answer(id, from, model);
        }
        cupboard.together(() -> {
            runs.startTimer(id, key, chosen.spell(), Duration.ofSeconds(chosen.seconds()), clock.instant());
            return batches.start(id, clock.instant());
        });
        return answer(id, from, model);
    }

    /** Stops a timer; a wait whose timer has rung is over. */
    @PostMapping("/timers/{timer}/stop")
    String stopTimer(@PathVariable long id, @PathVariable long timer, From from, Model model) {
        List<RunStep> over = run(id).steps().stream()
                .filter(step -> step.slot().task().waits() && step.done())
                .filter(step -> step.timers().stream().anyMatch(one -> one.id() == timer))
                .toList();
        cupboard.together(() -> {
            // One moment, so that it is taken back as one.
            Instant now = clock.instant();
            over.forEach(step -> runs.tick(id, step.key(), now));
            runs.stopTimer(id, timer, now);
            return over;
        });
        return answer(id, from, model);
    }

    private String answer(long id, From from, Model model) {
        bell.ring(id, from.page());
        Optional<Station> at = from.at();
        shown.show(screens.of(id, at, from.lot()), from.who(), model);
        return from.view();
    }

    private Run run(long id) {
        return moves.run(id, clock.instant());
    }

    private static RunStep step(Run run, String key) {
        return run.step(key).orElseThrow(() -> NotThere.called("step", key));
    }
}
