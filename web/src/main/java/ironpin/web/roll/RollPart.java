package ironpin.web.roll;

import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.edit.RollField;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.web.page.OneOf;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import ironpin.wrapper.RollSchool;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Roll station shows besides: the ways of rolling, and whether its numbers hang together. */
@Component
class RollPart implements StationPart {
    /** Which of a wrapper's numbers a field stands for, where one of them follows from the others. */
    private static final Map<String, String> FOLLOWS = Map.of(
            RollField.DISC.key(), Lot.GivesWay.WIDTH.name(),
            RollField.RIM.key(), Lot.GivesWay.RIM.name(),
            RollField.CENTRE_TO_RIM.key(), Lot.GivesWay.RATIO.name());

    @Override
    public Station station() {
        return Station.ROLL;
    }

    private static Sentence title(LotPlan lot) {
        String how = lot.packs().isPresent()
                ? "Out of the pack, "
                : lot.bread().isPresent() ? "Press to " : lot.lot().fromSheet() ? "Cut to " : "Roll to ";
        return Sentence.of(how, Quantity.mm(lot.lot().wide().millimetres()));
    }

    @Override
    public void show(Screen screen, Model model) {
        model.addAttribute(
                "rollings",
                new OneOf(
                        "roll-school",
                        screen.address("plan/rolling"),
                        "school",
                        "Way of rolling",
                        OneOf.options(
                                List.of(RollSchool.values()),
                                RollSchool::name,
                                RollSchool::label,
                                screen.lot().lot().shape().rolling())));
        model.addAttribute("rollTitle", title(screen.lot()));
        model.addAttribute("follows", FOLLOWS);
        model.addAttribute("tapers", RollField.RIM.applies(screen.batch(), screen.lotNo()));
    }
}
