package ironpin.web.api;

import ironpin.quantity.Mass;
import ironpin.web.kitchen.ScaleDesk;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The scale in the kitchen: any script may post what a real one shows. */
@RestController
@RequestMapping("/api/v1/scale")
class ScaleApi {
    private static final double MOST_GRAMS = 50_000;

    private final ScaleDesk desk;

    ScaleApi(ScaleDesk desk) {
        this.desk = desk;
    }

    /** What it shows: gross, as the scale says it. Settled is what the scale calls stable; a mass that stands still settles too. */
    record ReadingAsk(Double grams, Boolean settled) {}

    /** What pages are shown of it: the mass since the last tare. */
    record ReadingAnswer(String state, double grams, boolean settled, boolean simulated) {
        static ReadingAnswer of(ScaleDesk.Shown shown) {
            return new ReadingAnswer(shown.state(), shown.grams(), shown.settled(), shown.simulated());
        }
    }

    @PostMapping("/readings")
    ReadingAnswer post(@RequestBody ReadingAsk ask) {
        double grams = Given.number("grams", ask.grams(), -MOST_GRAMS, MOST_GRAMS, "g");
        desk.post(Mass.ofGrams(grams), Boolean.TRUE.equals(ask.settled()));
        return ReadingAnswer.of(desk.shown());
    }

    @GetMapping
    ReadingAnswer read() {
        return ReadingAnswer.of(desk.shown());
    }
}
