package ironpin.web.book;

import ironpin.batch.Station;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the book station shows. */
@Component
class BookPart implements StationPart {
    @Override
    public Station station() {
        return Station.BOOK;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute("form", OutcomeForm.of(screen));
    }
}
