package ironpin.web.table;

import ironpin.batch.Station;
import ironpin.web.book.Why;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the table shows besides: what can be chosen there. */
@Component
class TablePart implements StationPart {
    private final Why why;

    TablePart(Why why) {
        this.why = why;
    }

    @Override
    public Station station() {
        return Station.TABLE;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("lanes", new TableChoices(screen));
        model.addAttribute("tried", why.tried(screen.id(), screen.lotNo()));
    }
}
