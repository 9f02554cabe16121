package ironpin.web.page;

import ironpin.store.PaceStore;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Puts a screen before its template. */
@Component
public class Shown {
    private final List<StationPart> parts;

    private final PaceStore paces;

    Shown(List<StationPart> parts, PaceStore paces) {
        this.parts = parts;
        this.paces = paces;
    }

    /** @param at key of the step that is leafed to; empty for the one to do now */
    public void bench(Screen screen, int who, String at, Model model) {
        model.addAttribute("s", screen);
        model.addAttribute("bench", BenchView.of(screen, who, at));
    }

    /** @param who number of the person whose bench it is, from 0; -1 for everybody's */
    public void show(Screen screen, int who, Model model) {
        bench(screen, who, "", model);
        if (screen.station().isEmpty() && screen.running()) {
            Timed.of(screen, paces).ifPresent(timed -> model.addAttribute("timed", timed));
        }
        parts.stream()
                .filter(part -> screen.station().filter(part.station()::equals).isPresent())
                .forEach(part -> part.show(screen, model));
    }
}
