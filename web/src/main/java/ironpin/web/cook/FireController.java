package ironpin.web.cook;

import ironpin.cook.Course;
import ironpin.cook.ProbeLesson;
import ironpin.devices.probe.CoreProbe;
import ironpin.devices.probe.ProbeTraits;
import ironpin.quantity.Dimension;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.FireStore;
import ironpin.store.KitStore;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore.Of;
import ironpin.web.kitchen.FireDesk;
import ironpin.web.page.Changes;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.TypedValue;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Rounds go in and come out, and a probe is read. */
@Controller
@RequestMapping("/batches/{id}/fire")
class FireController {
    private static final String ALLOWED = "A temperature in the middle of a piece, −30 to 150 °C.";

    private final RoundsInAndOut rounds;
    private final BatchStore batches;
    private final FireStore fire;
    private final KitStore kit;
    private final FireDesk desk;
    private final Changes changes;
    private final Clock clock;

    FireController(
            RoundsInAndOut rounds,
            BatchStore batches,
            FireStore fire,
            KitStore kit,
            FireDesk desk,
            Changes changes,
            Clock clock) {
        this.rounds = rounds;
        this.batches = batches;
        this.fire = fire;
        this.kit = kit;
        this.desk = desk;
        this.changes = changes;
        this.clock = clock;
    }

    /** The next round is in: its spells are timed from now. */
    @PostMapping("/in")
    String in(@PathVariable long id, From from, Model model) {
        return changes.kept(
                id, from, model, () -> rounds.in(id, from.lotOf(batches.load(id).batch()), clock.instant()));
    }

    @PostMapping("/out")
    String out(@PathVariable long id, From from, Model model) {
        return changes.kept(
                id,
                from,
                model,
                () -> rounds.out(id, from.lotOf(batches.load(id).batch()), clock.instant()));
    }

    /** Takes the last round back. */
    @PostMapping("/back")
    String back(@PathVariable long id, From from, Model model) {
        out(id, from, model);
        return changes.kept(id, from, model, () -> {
            StoredBatch stored = batches.load(id);
            fire.unround(new Of(id, from.lotOf(stored.batch())));
            return stored;
        });
    }

    /** A reading is written down. @param value what another probe shows; empty for the one that is watched */
    @PostMapping("/read")
    String read(@PathVariable long id, @RequestParam(defaultValue = "") String value, From from, Model model) {
        Optional<Temperature> typed = value.isBlank() ? Optional.empty() : Optional.of(typed(id, value, from));
        return changes.kept(id, from, model, () -> {
            StoredBatch stored = batches.load(id);
            FireDesk.Taken taken = desk.take(new Of(id, from.lotOf(stored.batch())), typed)
                    .orElseThrow(() -> new Refused("no round of this lot is on the fire"));
            Course expected = taken.expected();
            Optional<Double> seen = ProbeLesson.seen(
                    expected.run(), taken.lot().lot().cooking().correction(), taken.at(), taken.read());
            fire.probe(
                    taken.round().id(),
                    taken.lot().lot().method().kind(),
                    new FireStore.Probed(taken.at(), taken.read(), taken.meant()),
                    seen,
                    clock.instant());
            return stored;
        });
    }

    private Temperature typed(long id, String value, From from) {
        double celsius = TypedValue.read(
                        value,
                        "°C",
                        Optional.of(Dimension.TEMPERATURE),
                        from.units(),
                        Optional.empty(),
                        kit.load().cups())
                .map(TypedValue::metric)
                .orElse(Double.NaN);
        if (!(celsius >= CoreProbe.COLDEST.celsius() && celsius <= CoreProbe.HOTTEST.celsius())) {
            throw new NotChanged(id, from, new FieldError("probe", 0, value, Sentence.of(ALLOWED)));
        }
        return Temperature.ofCelsius(celsius);
    }

    /** How the simulated probe behaves, from the next round on. */
    @PostMapping("/probe")
    String probe(
            @PathVariable long id,
            @RequestParam double lag,
            @RequestParam double noise,
            @RequestParam double off,
            From from,
            Model model) {
        return changes.kept(id, from, model, () -> {
            if (!(lag >= 0 && lag <= 120 && noise >= 0 && noise <= 10 && off >= 0 && off <= 100)) {
                throw new Refused("a probe lags 0 to 120 s, trembles 0 to 10 °C and sits 0 to 100 % off the middle");
            }
            desk.behave(new ProbeTraits(Duration.ofMillis(Math.round(1_000 * lag)), noise, off / 100, 0.1));
            return batches.load(id);
        });
    }
}
