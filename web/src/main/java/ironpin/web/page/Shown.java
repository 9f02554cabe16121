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

    /** @param bench whether the run page is in its large form */
    public void show(Screen screen, boolean bench, Model model) {
        model.addAttribute("s", screen);
        model.addAttribute("bench", bench);
        parts.stream()
                .filter(part -> screen.station().filter(part.station()::equals).isPresent())
                .forEach(part -> part.show(screen, model));
    }
}
