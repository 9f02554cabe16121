package ironpin.web.known;

import ironpin.book.Known;
import ironpin.refusal.NotThere;
import ironpin.store.KitStore;
import ironpin.store.KnownStore;
import java.time.Clock;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What this kitchen knows, and how it came to. */
@Controller
class KnownController {
    private final KnownStore known;
    private final KitStore kit;
    private final Clock clock;

    KnownController(KnownStore known, KitStore kit, Clock clock) {
        this.known = known;
        this.kit = kit;
        this.clock = clock;
    }

    @GetMapping("/known")
    String known(Model model) {
        Map<Known.Kind, List<KnownRow>> kinds = new EnumMap<>(Known.Kind.class);
        for (Known one : known.all()) {
            kinds.computeIfAbsent(one.kind(), kind -> new ArrayList<>()).add(new KnownRow(one));
        }
        model.addAttribute("kinds", kinds);
        return "known";
    }

    /** Leaves one lesson out of account, or minds it again. */
    @PostMapping("/known/lesson")
    String lesson(@RequestParam String key, @RequestParam boolean forgotten) {
        forget(Set.of(key), forgotten);
        return "redirect:/known";
    }

    /** Leaves everything that taught one number out of account, or minds all of it again. */
    @PostMapping("/known/all")
    String all(@RequestParam Known.Kind kind, @RequestParam String of, @RequestParam boolean forgotten) {
        Set<String> keys = known.all().stream()
                .filter(one -> one.kind() == kind && one.of().equals(of))
                .flatMap(one -> one.lessons().stream())
                .map(lesson -> lesson.of().key())
                .collect(Collectors.toSet());
        if (keys.isEmpty()) {
            throw NotThere.called("learned number", of);
        }
        forget(keys, forgotten);
        return "redirect:/known";
    }

    private void forget(Set<String> keys, boolean forgotten) {
        Set<String> there = known.all().stream()
                .flatMap(one -> one.lessons().stream())
                .map(lesson -> lesson.of().key())
                .collect(Collectors.toSet());
        for (String key : keys) {
            if (!there.contains(key)) {
                throw NotThere.called("lesson", key);
            }
        }
        kit.forget(keys, forgotten, clock.instant());
    }
}
