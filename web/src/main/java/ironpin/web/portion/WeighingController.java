package ironpin.web.portion;

import ironpin.devices.scale.ScaleReading;
import ironpin.devices.scale.ScaleTraits;
import ironpin.devices.scale.SimulatedHand;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.portion.Tally;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.store.WorkStore;
import ironpin.store.WorkStore.What;
import ironpin.web.kitchen.ScaleDesk;
import ironpin.web.page.Changes;
import ironpin.web.page.FieldError;
import ironpin.web.page.From;
import ironpin.web.page.NotChanged;
import ironpin.web.page.TypedValue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MultipartFile;

/** Weighing pieces and spoonfuls, off the scale or typed, and the panel of the simulated scale. */
@Controller
class WeighingController {
    private final BatchStore batches;
    private final WorkStore work;
    private final ScaleDesk desk;
    private final Changes changes;
    private final Clock clock;

    WeighingController(BatchStore batches, WorkStore work, ScaleDesk desk, Changes changes, Clock clock) {
        this.batches = batches;
        this.work = work;
        this.desk = desk;
        this.changes = changes;
        this.clock = clock;
    }

    /** A lot with what its pieces are to weigh. */
    private record Lane(WorkStore.Of of, LotPlan plan) {}

    @GetMapping("/scale")
    @ResponseBody
    ScaleDesk.Shown shown() {
        return desk.shown();
    }

    @PostMapping("/scale/tare")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tare() {
        desk.tare();
    }

    /** Takes what the scale shows, if it has settled. */
    @PostMapping("/batches/{id}/weigh")
    String weigh(@PathVariable long id, @RequestParam What what, From from, Model model) {
        return kept(id, from, model, lane -> {
            ScaleReading reading = desk.settled();
            if (!reading.taken()) {
                throw new Refused(
                        reading.state() == ScaleReading.State.READY
                                ? "the scale has not settled yet"
                                : "the scale is " + reading.state().label());
            }
            keep(lane, what, reading.shown());
        });
    }

    /** A mass as it was typed. */
    @PostMapping("/batches/{id}/weigh/typed")
    String typed(@PathVariable long id, @RequestParam What what, @RequestParam String grams, From from, Model model) {
        Mass mass;
        try {
            mass = TypedValue.read(
                            grams, "g", Optional.of(Dimension.MASS), from.units(), Optional.empty(), CupStandard.US)
                    .map(value -> Mass.ofGrams(value.metric()))
                    .orElseThrow(() -> new Refused("no mass"));
            WeightsFile.demand(mass);
        } catch (Refused odd) {
            throw new NotChanged(
                    id, from, new FieldError("weigh", 0, grams, Sentence.of("A piece weighs 0.1 to 500 g.")));
        }
        return kept(id, from, model, lane -> keep(lane, what, mass));
    }

    private void keep(Lane lane, What what, Mass mass) {
        Weighing.keep(work, lane.of(), lane.plan(), what, mass, clock.instant());
    }

    @PostMapping("/batches/{id}/weigh/back")
    String back(@PathVariable long id, @RequestParam What what, From from, Model model) {
        return kept(id, from, model, lane -> work.unweigh(lane.of(), what));
    }

    /** The proposed trade was made by hand. */
    @PostMapping("/batches/{id}/weigh/traded")
    String traded(@PathVariable long id, @RequestParam What what, From from, Model model) {
        return kept(id, from, model, lane -> {
            Mass meant = Weighing.meant(lane.plan(), what);
            Tally tally = Weighing.of(lane.plan(), what, work.weights(lane.of(), what), Optional.empty())
                    .orElseThrow(() -> new Refused("there is nothing to weigh"))
                    .tally();
            Tally.Trade trade = tally.trade().orElseThrow(() -> new Refused("no trade helps now"));
            work.reweigh(lane.of(), what, tally.traded(trade).weighed(), meant, clock.instant());
        });
    }

    @GetMapping("/batches/{id}/weights.csv")
    ResponseEntity<byte[]> file(@PathVariable long id, @RequestParam int lot, @RequestParam What what) {
        Lane lane = lane(id, lot);
        String text = WeightsFile.write(work.weights(lane.of(), what), Weighing.meant(lane.plan(), what));
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(new MediaType("text", "csv", StandardCharsets.UTF_8));
        headers.setContentDisposition(ContentDisposition.attachment()
                .filename("weights-" + id + "-" + lot + ".csv")
                .build());
        return ResponseEntity.ok().headers(headers).body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Weights out of a file, in place of those there were. */
    @PostMapping("/batches/{id}/weights.csv")
    String load(
            @PathVariable long id, @RequestParam What what, @RequestParam MultipartFile file, From from, Model model) {
        return kept(id, from, model, lane -> {
            List<Mass> masses = WeightsFile.read(text(file));
            if (masses.size() > lane.plan().share().pieces()) {
                throw new Refused("the file has " + masses.size() + " weights, and "
                        + lane.plan().share().pieces() + " pieces are planned");
            }
            work.reweigh(lane.of(), what, masses, Weighing.meant(lane.plan(), what), clock.instant());
        });
    }

    private static String text(MultipartFile file) {
        try {
            return new String(file.getBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new Refused("the file could not be read");
        }
    }

    /** The simulated hand puts its next piece on. */
    @PostMapping("/batches/{id}/scale/put")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@PathVariable long id, @RequestParam int lot, @RequestParam What what) {
        Lane lane = lane(id, lot);
        List<Mass> weighed = work.weights(lane.of(), what);
        Mass meant = Weighing.of(lane.plan(), what, weighed, Optional.empty())
                .flatMap(one -> one.tally().target())
                .orElse(Weighing.meant(lane.plan(), what));
        desk.putNext(weighed.size() + 1, meant);
    }

    /** What else can be done to the simulated scale. */
    enum Prank {
        OFF_THE_SCALE,
        OVERLOAD,
        LOSE,
        FIND,
        SWITCH_ON
    }

    @PostMapping("/scale/simulated")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void prank(@RequestParam Prank prank) {
        switch (prank) {
            case OFF_THE_SCALE -> desk.put(Mass.ZERO);
            case OVERLOAD -> desk.put(desk.traits().most().multipliedBy(1.5));
            case LOSE -> desk.lose(true);
            case FIND -> desk.lose(false);
            case SWITCH_ON -> desk.wake();
        }
    }

    /** The simulated hand, in percent, and the simulated scale, in grams. */
    @PostMapping("/batches/{id}/scale/simulated")
    String simulate(
            @PathVariable long id,
            @RequestParam double mean,
            @RequestParam double spread,
            @RequestParam double drift,
            @RequestParam long seed,
            @RequestParam double resolution,
            @RequestParam double noise,
            From from,
            Model model) {
        return kept(id, from, model, lane -> {
            ScaleTraits old = desk.traits();
            desk.simulate(
                    new SimulatedHand(mean / 100, spread / 100, drift / 100, seed),
                    new ScaleTraits(
                            Mass.ofGrams(resolution),
                            old.most(),
                            old.settling(),
                            noise,
                            old.driftPerMinute(),
                            old.off()));
        });
    }

    private String kept(long id, From from, Model model, Consumer<Lane> change) {
        return changes.kept(id, from, model, () -> {
            StoredBatch stored = batches.load(id);
            change.accept(lane(stored, from.lotOf(stored.batch())));
            return stored;
        });
    }

    private Lane lane(long id, int lot) {
        return lane(batches.load(id), lot);
    }

    private static Lane lane(StoredBatch stored, int lot) {
        return new Lane(
                new WorkStore.Of(stored.id(), lot), BatchPlan.of(stored.batch()).lot(lot));
    }
}
