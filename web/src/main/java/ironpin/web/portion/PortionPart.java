package ironpin.web.portion;

import ironpin.batch.Station;
import ironpin.pantry.Foods;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Mass;
import ironpin.store.WorkStore;
import ironpin.store.WorkStore.What;
import ironpin.web.kitchen.ScaleDesk;
import ironpin.web.page.OneOf;
import ironpin.web.page.Option;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import java.util.Arrays;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Portion station shows besides: the schools, and the pieces on the scale. */
@Component
public class PortionPart implements StationPart {
    private final WorkStore work;
    private final ScaleDesk desk;

    PortionPart(WorkStore work, ScaleDesk desk) {
        this.work = work;
        this.desk = desk;
    }

    @Override
    public Station station() {
        return Station.PORTION;
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute(
                "cutFrom",
                new OneOf(
                        "portion-school",
                        screen.address("plan/portioning"),
                        "school",
                        "Cut from",
                        Arrays.stream(PortionSchool.values())
                                .map(one -> new Option(
                                        one.name(),
                                        one.label(),
                                        one.tradeOff(),
                                        one == screen.lot().lot().cutting().school()))
                                .toList()));
        scale(screen, What.DOUGH, model);
    }

    /** What lies on the scale, for the station of what is weighed. */
    public void scale(Screen screen, What what, Model model) {
        WorkStore.Of lot = new WorkStore.Of(screen.id(), screen.lotNo());
        Weighing.of(
                        screen.lot(),
                        what,
                        work.weights(lot, what),
                        screen.kit().hand().evenness())
                .ifPresent(weighing -> model.addAttribute("weighing", weighing));
        model.addAttribute("desk", desk);
        Mass each = what == What.DOUGH
                ? screen.lot().share().doughEach()
                : screen.lot().share().fillingEach();
        screen.kit()
                .like(each, Foods.get(what == What.DOUGH ? "dough" : "filling"))
                .ifPresent(like -> model.addAttribute("sight", like));
    }
}
