package ironpin.web.api;

import ironpin.quantity.Temperature;
import ironpin.web.kitchen.FireDesk;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A real probe, by whatever reads it. */
@RestController
@RequestMapping("/api/v1/probe")
class ProbeApi {
    private static final double COLDEST = -40;
    private static final double HOTTEST = 260;

    private final FireDesk desk;

    ProbeApi(FireDesk desk) {
        this.desk = desk;
    }

    /** What it shows. */
    record ProbeAsk(Double celsius) {}

    /** What was taken. */
    record ProbeAnswer(double celsius) {}

    @PostMapping("/readings")
    ProbeAnswer post(@RequestBody ProbeAsk ask) {
        double celsius = Given.number("celsius", ask.celsius(), COLDEST, HOTTEST, "°C");
        desk.post(Temperature.ofCelsius(celsius));
        return new ProbeAnswer(celsius);
    }
}
