package ironpin.web.fold;

import ironpin.batch.Station;
import ironpin.store.WorkStore;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import ironpin.web.portion.PortionPart;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Fold station shows besides: how the fold moves, and the others there are. */
@Component
class FoldPart implements StationPart {
    private final PortionPart portion;

    FoldPart(PortionPart portion) {
        this.portion = portion;
    }

    @Override
    public Station station() {
        return Station.FOLD;
    }

    @Override
    public void show(Screen screen, Model model) {
        portion.scale(screen, WorkStore.What.FILLING, model);
        model.addAttribute("closing", ClosingView.of(screen.lot()));
    }
}
