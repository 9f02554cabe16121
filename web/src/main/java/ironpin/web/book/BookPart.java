package ironpin.web.book;

import ironpin.batch.Station;
import ironpin.store.FireStore;
import ironpin.store.PhotoStore;
import ironpin.store.WorkStore;
import ironpin.web.cook.FireLog;
import ironpin.web.hands.AtWork;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the book station shows. */
@Component
class BookPart implements StationPart {
    private final WorkStore work;
    private final FireStore fire;
    private final Why why;
    private final PhotoStore photos;

    BookPart(WorkStore work, FireStore fire, Why why, PhotoStore photos) {
        this.photos = photos;
        this.why = why;
        this.work = work;
        this.fire = fire;
    }

    @Override
    public Station station() {
        return Station.BOOK;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute(
                "cooked",
                FireLog.of(fire, screen.id(), screen.lotNo(), screen.now().getZone()));
        why.show(screen, model);
        model.addAttribute("photos", photos.of(screen.id()));
        model.addAttribute("form", OutcomeForm.of(screen, AtWork.of(work, screen.id(), screen.lot(), screen.now())));
    }
}
