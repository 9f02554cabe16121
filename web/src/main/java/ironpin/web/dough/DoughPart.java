package ironpin.web.dough;

import ironpin.batch.Station;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the dough station shows. */
@Component
class DoughPart implements StationPart {
    @Override
    public Station station() {
        return Station.DOUGH;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("d", new DoughScreen(screen));
    }
}
