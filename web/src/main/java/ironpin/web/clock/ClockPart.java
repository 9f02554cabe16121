package ironpin.web.clock;

import ironpin.batch.Station;
import ironpin.store.PaceStore;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Clock station shows. */
@Component
class ClockPart implements StationPart {
    private final PaceStore paces;

    ClockPart(PaceStore paces) {
        this.paces = paces;
    }

    @Override
    public Station station() {
        return Station.CLOCK;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("clock", ClockView.of(screen, paces::pace));
    }
}
