package ironpin.web.page;

import ironpin.batch.Station;
import ironpin.clock.Progress;
import ironpin.refusal.NotThere;
import ironpin.web.kitchen.Bell;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Every station of a batch: the same screen with another workbench. */
@Controller
class StationController {
    private final Screens screens;
    private final Shown shown;
    private final Bell bell;

    StationController(Screens screens, Shown shown, Bell bell) {
        this.screens = screens;
        this.shown = shown;
        this.bell = bell;
    }

    @GetMapping("/batches/{id}")
    String batch(@PathVariable long id) {
        return "redirect:/batches/" + id + "/table";
    }

    /** @throws NotThere if there is no such station */
    @GetMapping("/batches/{id}/{station:[a-z]+}")
    String station(
            @PathVariable long id,
            @PathVariable String station,
            @RequestParam(defaultValue = "0") int lot,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        Station here = Station.ofKey(station).orElseThrow(() -> new NotThere("there is no station " + station));
        shown.show(screens.of(id, Optional.of(here), lot), Progress.ALL, model);
        return fragment ? "batch :: screen" : "batch";
    }

    @GetMapping("/batches/{id}/run")
    String run(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int lot,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        shown.show(screens.of(id, Optional.empty(), lot), Progress.ALL, model);
        return fragment ? "run :: screen" : "run";
    }

    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream() {
        return bell.listen();
    }
}
