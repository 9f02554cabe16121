package ironpin.web.page;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Puts a screen before its template. */
@Component
public class Shown {
    private final List<StationPart> parts;

    Shown(List<StationPart> parts) {
        this.parts = parts;
    }

    /** @param at key of the step that is leafed to; empty for the one to do now */
    public void bench(Screen screen, int who, String at, Model model) {
        model.addAttribute("s", screen);
        model.addAttribute("bench", BenchView.of(screen, who, at));
    }

    /** @param who number of the person whose bench it is, from 0; -1 for everybody's */
    public void show(Screen screen, int who, Model model) {
        bench(screen, who, "", model);
        parts.stream()
                .filter(part -> screen.station().filter(part.station()::equals).isPresent())
                .forEach(part -> part.show(screen, model));
    }
}
