package ironpin.web.bench;

import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The bench of a batch. */
@Controller
class BenchController {
    private final Screens screens;
    private final Shown shown;

    BenchController(Screens screens, Shown shown) {
        this.screens = screens;
        this.shown = shown;
    }

    /**
     * @param who number of the person, from 1; 0 for everybody
     * @param at key of the step that is looked at; empty for the one to do now
     */
    @GetMapping("/batches/{id}/bench")
    String bench(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int lot,
            @RequestParam(defaultValue = "0") int who,
            @RequestParam(defaultValue = "") String at,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        shown.bench(screens.of(id, Optional.empty(), lot), who - 1, at, model);
        return fragment ? "bench :: screen" : "bench";
    }
}
