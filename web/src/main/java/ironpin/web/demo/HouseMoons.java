package ironpin.web.demo;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.ExperimentStore;
import ironpin.store.FireStore;
import ironpin.store.KitStore;
import ironpin.store.PhotoStore;
import ironpin.store.RunStore;
import ironpin.store.WorkStore;
import ironpin.style.Styles;
import ironpin.web.photo.Photograph;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Two batches of half-moons in bought skins, a week apart: the first was filled too full, the second a tenth less, weighed, probed and photographed, and
 * nothing of it burst. So there is a change in the Book of which it is known what came of it.
 */
@Component
class HouseMoons {
    private static final String STYLE = "pack-moon";
    private static final int MOONS = 60;
    private static final double TOO_FULL = 18;
    private static final double LESS = 16.2;

    /** Grams, as they came onto the scale. */
    private static final List<Double> SPOONFULS = List.of(15.9, 16.7, 16.2, 16.3, 15.5, 16.6, 16.1, 16.4, 16.0, 16.3);

    private final BatchStore batches;
    private final RunStore runs;
    private final BookStore book;
    private final WorkStore work;
    private final FireStore fire;
    private final PhotoStore photos;
    private final ExperimentStore experiments;
    private final KitStore kits;
    private final Clock clock;

    HouseMoons(
            BatchStore batches,
            RunStore runs,
            BookStore book,
            WorkStore work,
            FireStore fire,
            PhotoStore photos,
            ExperimentStore experiments,
            KitStore kits,
            Clock clock) {
        this.batches = batches;
        this.runs = runs;
        this.book = book;
        this.work = work;
        this.fire = fire;
        this.photos = photos;
        this.experiments = experiments;
        this.kits = kits;
        this.clock = clock;
    }

    /** @param first when the first was on the table */
    void cook(LocalDateTime first) {
        long full = cooked(
                "Moons from a pack",
                first,
                TOO_FULL,
                outcome(7, 3, "Heaped spoons. The pot was full of filling by the third round."));
        long less = cooked(
                "Moons again, less in each",
                first.plusDays(7),
                LESS,
                outcome(0, 0, "All whole. The rim closes in one press when the spoon is level."));
        Instant served = at(first.plusDays(7));
        Instant shaped = served.minus(Duration.ofMinutes(33));
        LotPlan lot = BatchPlan.of(batches.load(less).batch()).lot(1);
        WorkStore.Of of = new WorkStore.Of(less, 1);
        for (int i = 0; i < SPOONFULS.size(); i++) {
            Instant now = shaped.plusSeconds(30L * i);
            work.weigh(
                    of,
                    WorkStore.What.FILLING,
                    Mass.ofGrams(SPOONFULS.get(i)),
                    lot.share().fillingEach(),
                    MOONS,
                    now);
        }
        Instant in = served.minus(Duration.ofMinutes(20));
        FireStore.Cooked round = fire.in(of, 20, in);
        fire.probe(
                round.id(),
                "boiled",
                new FireStore.Probed(Duration.ofMinutes(6), Temperature.ofCelsius(82), Temperature.ofCelsius(81)),
                Optional.empty(),
                in.plus(Duration.ofMinutes(6)));
        fire.out(of, in.plus(Duration.ofMinutes(7)));
        photos.keep(less, Photograph.of(DrawnPlate.png()), served);
        experiments.begin(
                new ExperimentStore.Begun(
                        less, 1, full, 1, STYLE, "overfull", Sentence.of("Fill ", Quantity.fineGrams(LESS))),
                served.minus(Duration.ofDays(1)));
    }

    private long cooked(String title, LocalDateTime serving, double filling, Outcome outcome) {
        Batch batch = Styles.start(Styles.get(STYLE), title, serving, 5, Appetite.USUAL, kits.load());
        batch = CountField.PIECES.write(batch, Address.lot(1), MOONS);
        batch = CountField.FILLING_EACH.write(batch, Address.lot(1), filling);
        Instant served = at(serving);
        long id = batches.create(batch, "new batch", served.minus(Duration.ofHours(7)));
        batches.start(id, served.minus(Duration.ofHours(4)));
        BatchPlan.of(batch)
                .timetable()
                .slots()
                .forEach(slot -> runs.tick(id, slot.task().key(), slot.end().toInstant()));
        book.record(id, 1, STYLE, outcome, served.plus(Duration.ofHours(1)));
        return id;
    }

    private Instant at(LocalDateTime time) {
        return time.atZone(clock.getZone()).toInstant();
    }

    private static Outcome outcome(int burst, int leaked, String note) {
        return new Outcome(
                MOONS,
                burst,
                leaked,
                0,
                Mass.ZERO,
                Mass.ZERO,
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.empty(),
                note);
    }
}
