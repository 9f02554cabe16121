package ironpin.web.api;

import ironpin.devices.probe.CoreProbe;
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
        double celsius =
                Given.number("celsius", ask.celsius(), CoreProbe.COLDEST.celsius(), CoreProbe.HOTTEST.celsius(), "°C");
        desk.post(Temperature.ofCelsius(celsius));
        return new ProbeAnswer(celsius);
    }
}
