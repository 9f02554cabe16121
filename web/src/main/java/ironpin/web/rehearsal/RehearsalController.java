package ironpin.web.rehearsal;

import ironpin.refusal.Refused;
import ironpin.rehearsal.Decision;
import ironpin.rehearsal.Evening;
import ironpin.rehearsal.Hindsight;
import ironpin.rehearsal.Truth;
import ironpin.store.RehearsalStore;
import java.time.Clock;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** An evening's address says everything of it: its level, its seed and what was decided. */
@Controller
class RehearsalController {
    private static final int SEEDS = 1_000_000;
    private static final int KEPT = 24;
    private static final int NAMED = 2;

    private final RehearsalStore evenings;
    private final Clock clock;

    RehearsalController(RehearsalStore evenings, Clock clock) {
        this.evenings = evenings;
        this.clock = clock;
    }

    @GetMapping("/rehearsal")
    String levels(Model model) {
        List<RehearsalStore.Played> played = evenings.latest(KEPT);
        model.addAttribute("levels", Truth.LEVELS);
        model.addAttribute("played", played);
        model.addAttribute("progress", ProgressPicture.of(played));
        return "rehearsal";
    }

    /** A new one, or the one that somebody else had. */
    @PostMapping("/rehearsal")
    String begin(@RequestParam int level, @RequestParam(defaultValue = "") String seed) {
        if (!seed.isBlank() && !seed.strip().matches("\\d{1,9}")) {
            throw new Refused("an evening's number has 1 to 9 digits, as in 4711; not “" + seed.strip() + "”");
        }
        long which = seed.isBlank() ? ThreadLocalRandom.current().nextInt(SEEDS) : Long.parseLong(seed.strip());
        return to(new Evening(which, level, List.of()));
    }

    @GetMapping("/rehearsal/{level}/{seed}")
    String evening(
            @PathVariable int level,
            @PathVariable long seed,
            @RequestParam(defaultValue = "") String did,
            Model model) {
        Evening evening = new Evening(seed, level, ways(did));
        model.addAttribute("evening", evening);
        model.addAttribute("did", did);
        model.addAttribute("steps", Decision.values().length);
        if (evening.next().isPresent()) {
            model.addAttribute("question", evening.next().get().question());
            model.addAttribute("sign", evening.sign());
            model.addAttribute("picture", SignPicture.of(evening.sign()));
            model.addAttribute("options", evening.options());
            return "rehearsed";
        }
        List<Hindsight> hindsight = evening.hindsight();
        model.addAttribute("supper", evening.supper());
        model.addAttribute("hindsight", hindsight);
        model.addAttribute(
                "worst",
                hindsight.stream()
                        .filter(Hindsight::costly)
                        .sorted(Comparator.comparingDouble(Hindsight::cost).reversed())
                        .limit(NAMED)
                        .toList());
        model.addAttribute(
                "others",
                evenings.latest(KEPT).stream()
                        .filter(one ->
                                one.evening().seed() == seed && one.evening().level() == level)
                        .toList());
        return "rehearsed";
    }

    /** Decides the next thing; with the last one the evening is kept. */
    @PostMapping("/rehearsal/{level}/{seed}")
    String decide(
            @PathVariable int level,
            @PathVariable long seed,
            @RequestParam(defaultValue = "") String did,
            @RequestParam int way) {
        Evening evening = new Evening(seed, level, ways(did)).deciding(way);
        if (evening.next().isEmpty()) {
            evenings.keep(new RehearsalStore.Played(evening, evening.supper().cost(), clock.instant()));
        }
        return to(evening);
    }

    private static String to(Evening evening) {
        String did = evening.ways().stream().map(String::valueOf).collect(Collectors.joining("-"));
        return "redirect:/rehearsal/" + evening.level() + "/" + evening.seed() + (did.isEmpty() ? "" : "?did=" + did);
    }

    private static List<Integer> ways(String did) {
        if (did.isEmpty()) {
            return List.of();
        }
        if (!did.matches("\\d(?:-\\d)*")) {
            throw new Refused("an evening's decisions are written 0-2-1, not “" + did + "”");
        }
        return Arrays.stream(did.split("-")).map(Integer::valueOf).toList();
    }
}
