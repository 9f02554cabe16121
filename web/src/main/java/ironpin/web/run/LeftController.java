package ironpin.web.run;

import ironpin.amount.UnreadableAmount;
import ironpin.pantry.Foods;
import ironpin.plan.LeftNow;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.KitStore;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import ironpin.web.page.TypedValue;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What now, with dough or filling that is left on the board. */
@Controller
class LeftController {
    private static final double LEAST = 1;
    private static final double MOST = 20_000;

    private final KitStore kit;
    private final Screens screens;
    private final Shown shown;

    LeftController(KitStore kit, Screens screens, Shown shown) {
        this.kit = kit;
        this.screens = screens;
        this.shown = shown;
    }

    /** @param of which lot it was made for @param left as it was typed */
    @PostMapping("/batches/{id}/left")
    String left(
            @PathVariable long id,
            @RequestParam LeftNow.What what,
            @RequestParam int of,
            @RequestParam String left,
            From from,
            Model model) {
        double grams = grams(left, what, from);
        if (!(grams >= LEAST && grams <= MOST)) {
            Sentence allowed = Sentence.of("From ", Quantity.grams(LEAST), " to ", Quantity.grams(MOST), ".");
            throw new NotChanged(id, from, new FieldError("left", 0, left, allowed));
        }
        Screen screen = screens.of(id, from.at(), from.lot());
        model.addAttribute("leftTyped", left);
        model.addAttribute("leftWhat", what);
        model.addAttribute("leftOf", of);
        model.addAttribute("leftWays", LeftNow.of(screen.plan(), screen.plan().lot(of), what, Mass.ofGrams(grams)));
        shown.show(screen, from.who(), model);
        return from.view();
    }

    private double grams(String typed, LeftNow.What what, From from) {
        try {
            return TypedValue.read(
                            typed,
                            "g",
                            Optional.of(Dimension.MASS),
                            from.units(),
                            Optional.of(Foods.get(what.label())),
                            kit.load().amounts())
                    .map(TypedValue::metric)
                    .orElse(Double.NaN);
        } catch (UnreadableAmount refused) {
            return Double.NaN;
        }
    }
}
