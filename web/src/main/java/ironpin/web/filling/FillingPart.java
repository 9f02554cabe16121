package ironpin.web.filling;

import ironpin.batch.Station;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the filling station shows. */
@Component
class FillingPart implements StationPart {
    @Override
    public Station station() {
        return Station.FILLING;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("f", new FillingScreen(screen));
    }
}
