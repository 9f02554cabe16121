package ironpin.web.roll;

import ironpin.batch.Station;
import ironpin.batch.edit.RollField;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import ironpin.wrapper.RollSchool;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Roll station shows besides: the ways of rolling, and whether its numbers hang together. */
@Component
class RollPart implements StationPart {
    @Override
    public Station station() {
        return Station.ROLL;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("rollings", RollSchool.values());
        model.addAttribute("tapers", RollField.RIM.applies(screen.batch(), screen.lotNo()));
    }
}
