package ironpin.web.away;

import ironpin.refusal.Refused;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.From;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.picture.Drawings;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The page of a day that goes on without the network, and the door for what was pressed on it. */
@Controller
class AwayController {
    private static final Pattern PRESS = Pattern.compile("[0-9a-zA-Z-]{8,40}");

    private final Drawings draw = new Drawings();
    private final Screens screens;
    private final Meanwhile meanwhile;
    private final Bell bell;

    AwayController(Screens screens, Meanwhile meanwhile, Bell bell) {
        this.screens = screens;
        this.meanwhile = meanwhile;
        this.bell = bell;
    }

    /** Fetched by the pages of a day at work, long before it is needed. */
    @GetMapping("/batches/{id}/away")
    String away(@PathVariable long id, Model model) {
        Screen screen = screens.of(id, Optional.empty(), 0);
        model.addAttribute("s", screen);
        model.addAttribute("day", AwayDay.of(screen, draw));
        return "away";
    }

    /**
     * One press, in its turn.
     *
     * @param press its own name, made by the device: letters, digits and hyphens
     * @param at when, in milliseconds since 1970 by the kitchen's clock
     */
    @PostMapping("/batches/{id}/meanwhile")
    @ResponseBody
    Map<String, String> made(
            @PathVariable long id,
            @RequestParam String press,
            @RequestParam Made.Kind kind,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String value,
            @RequestParam long at,
            @RequestParam(defaultValue = "0") int lot,
            @RequestParam(defaultValue = "-1") int by,
            From from) {
        if (!PRESS.matcher(press).matches()) {
            throw new Refused("a press has a name of 8 to 40 letters, digits and hyphens");
        }
        Made one = new Made(press, kind, key, value, lot, by, Instant.ofEpochMilli(at), from.units());
        String said = meanwhile.take(id, one);
        bell.ring(id, from.page());
        return Map.of("said", said);
    }
}
