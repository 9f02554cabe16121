package ironpin.web.table;

import ironpin.batch.Station;
import ironpin.store.DipStore;
import ironpin.web.book.Why;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the table shows besides: what can be chosen there. */
@Component
class TablePart implements StationPart {
    private final DipStore dips;
    private final Why why;

    TablePart(DipStore dips, Why why) {
        this.dips = dips;
        this.why = why;
    }

    @Override
    public Station station() {
        return Station.TABLE;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("lanes", new TableChoices(screen, dips.all()));
        model.addAttribute("tried", why.tried(screen.id(), screen.lotNo()));
    }
}
