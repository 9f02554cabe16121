package ironpin.web.stove;

import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.kit.Burner;
import ironpin.kit.OwnVessel;
import ironpin.kit.Stove;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import ironpin.store.StoveStore;
import ironpin.wording.Name;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What stands on the stove. */
@Controller
@RequestMapping("/stove")
class StoveController {
    private static final int SECONDS = 60;

    private final StoveStore stoves;

    StoveController(StoveStore stoves) {
        this.stoves = stoves;
    }

    @GetMapping
    String stove(Model model) {
        return show(model, "", Map.of());
    }

    private String show(Model model, String refused, Map<String, String> typed) {
        model.addAttribute("stove", stoves.load());
        model.addAttribute("vesselKinds", VesselKind.values());
        model.addAttribute("refused", refused);
        model.addAttribute("typed", typed);
        return "stove";
    }

    private String change(
            HttpServletResponse response, Model model, Map<String, String> typed, UnaryOperator<Stove> change) {
        return answered(response, model, typed, () -> stoves.change(change));
    }

    private String answered(
            HttpServletResponse response, Model model, Map<String, String> typed, Supplier<Stove> change) {
        try {
            change.get();
            return "redirect:/stove";
        } catch (Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, Name.first(refused.getMessage()) + ". Nothing was changed.", typed);
        }
    }

    /** What is no number is refused as one that is out of range would be. */
    private static double number(String text) {
        try {
            return Double.parseDouble(text.strip().replace(',', '.'));
        } catch (NumberFormatException notOne) {
            throw new Refused("“" + text + "” is no number");
        }
    }

    @PostMapping("/burners")
    String burner(@RequestParam String name, @RequestParam String watts, HttpServletResponse response, Model model) {
        return change(
                response,
                model,
                Map.of("burner-name", name, "burner-watts", watts),
                stove -> new Stove(with(stove.burners(), new Burner(name, number(watts), 0)), stove.vessels()));
    }

    @PostMapping("/burners/drop")
    String dropBurner(@RequestParam int index, HttpServletResponse response, Model model) {
        return change(response, model, Map.of(), stove -> {
            Numbered.of(stove.burners(), index, "burner");
            return new Stove(without(stove.burners(), index), stove.vessels());
        });
    }

    /** So much water was gone after so long. */
    @PostMapping("/burners/test")
    String test(
            @RequestParam int index,
            @RequestParam String water,
            @RequestParam String minutes,
            @RequestParam(defaultValue = "0") String seconds,
            @RequestParam(defaultValue = "15") String poured,
            HttpServletResponse response,
            Model model) {
        Map<String, String> typed = Map.of("water", water, "minutes", minutes, "seconds", seconds, "poured", poured);
        return change(response, model, typed, stove -> {
            Burner before = Numbered.of(stove.burners(), index, "burner");
            double grams = number(water);
            double time = number(minutes) * SECONDS + number(seconds.isBlank() ? "0" : seconds);
            if (!(grams >= 10 && grams <= 2_000) || !(time >= 20 && time <= 7_200)) {
                throw new Refused("a test has 10 to 2,000 g of water and takes 20 s to 2 h");
            }
            Burner after = before.tested(
                    Mass.ofGrams(grams), Duration.ofSeconds(Math.round(time)), Temperature.ofCelsius(number(poured)));
            List<Burner> burners = new ArrayList<>(stove.burners());
            burners.set(index, after);
            return new Stove(burners, stove.vessels());
        });
    }

    @PostMapping("/vessels")
    String vessel(
            @RequestParam String name,
            @RequestParam VesselKind kind,
            @RequestParam String width,
            @RequestParam(defaultValue = "1") String tiers,
            @RequestParam(defaultValue = "") String water,
            HttpServletResponse response,
            Model model) {
        Map<String, String> typed =
                Map.of("vessel-name", name, "kind", kind.name(), "width", width, "tiers", tiers, "vessel-water", water);
        return change(response, model, typed, stove -> {
            Vessel vessel = Vessel.usual(kind)
                    .withDiameter(Length.ofMillimetres(number(width)))
                    .withTiers((int) number(tiers));
            Vessel filled = water.isBlank() ? vessel : vessel.withWater(Mass.ofGrams(number(water)));
            return new Stove(stove.burners(), with(stove.vessels(), new OwnVessel(name, filled)));
        });
    }

    @PostMapping("/vessels/drop")
    String dropVessel(@RequestParam int index, HttpServletResponse response, Model model) {
        return change(response, model, Map.of(), stove -> {
            Numbered.of(stove.vessels(), index, "vessel");
            return new Stove(stove.burners(), without(stove.vessels(), index));
        });
    }

    private static <T> List<T> with(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    private static <T> List<T> without(List<T> all, int index) {
        List<T> fewer = new ArrayList<>(all);
        fewer.remove(index);
        return fewer;
    }
}
