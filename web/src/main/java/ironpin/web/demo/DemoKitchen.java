package ironpin.web.demo;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.CountField;
import ironpin.book.FillingVerdict;
import ironpin.book.FlourLesson;
import ironpin.book.Outcome;
import ironpin.book.Remains;
import ironpin.book.SkinVerdict;
import ironpin.dough.BenchFeel;
import ironpin.pantry.Price;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.CorrectionStore;
import ironpin.store.FreezerStore;
import ironpin.store.KitStore;
import ironpin.store.LoggedCorrection;
import ironpin.store.RemainsStore;
import ironpin.store.RunStore;
import ironpin.store.Status;
import ironpin.style.Styles;
import ironpin.web.freezer.Bagged;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Fills an empty cupboard with five past batches, what is left of them in the freezer, and one planned for tonight. */
@Component
@ConditionalOnProperty(name = "ironpin.demo", havingValue = "true")
@Lazy(false)
class DemoKitchen implements SmartInitializingSingleton {
    private static final Duration LEAD = Duration.ofHours(7);

    private final BatchStore batches;
    private final RunStore runs;
    private final BookStore book;
    private final CorrectionStore corrections;
    private final KitStore kits;
    private final FreezerStore freezer;
    private final RemainsStore remains;
    private final HouseMoons moons;
    private final Clock clock;

    DemoKitchen(
            BatchStore batches,
            RunStore runs,
            BookStore book,
            CorrectionStore corrections,
            KitStore kits,
            FreezerStore freezer,
            RemainsStore remains,
            HouseMoons moons,
            Clock clock) {
        this.moons = moons;
        this.remains = remains;
        this.corrections = corrections;
        this.kits = kits;
        this.freezer = freezer;
        this.batches = batches;
        this.runs = runs;
        this.book = book;
        this.clock = clock;
    }

    /** Before the door opens, so that nobody finds it half stocked. */
    @Override
    public void afterSingletonsInstantiated() {
        boolean empty = batches.count(Status.PLANNED) + batches.count(Status.RUNNING) + batches.count(Status.DONE) == 0;
        if (empty) {
            stockTheKit();
            trialCrescents();
            firstLeaves();
            sundayBreads();
            lanternNight();
            moons.cook(daysAgo(40));
        }
    }

    /** Prices as they were on the bags, in the house's own money. */
    private void stockTheKit() {
        Map<String, Double> prices = Map.of("all-round", 1.15, "plain", 0.95, "wholemeal", 1.6, "strong", 1.4);
        kits.change(
                "prices",
                kit -> kit.withFlours(kit.flours().stream()
                        .map(flour -> flour.withPrice(
                                Optional.ofNullable(prices.get(flour.key())).map(Price::perKilogram)))
                        .toList()),
                clock.instant());
    }

    private void trialCrescents() {
        Batch batch = freezing(
                Styles.start(
                        Styles.get("boiled-crescent"), "Trial crescents", daysAgo(26), 5, Appetite.USUAL, kits.load()),
                24);
        Outcome outcome = new Outcome(
                84,
                4,
                1,
                0,
                Mass.ofGrams(18),
                Mass.ofGrams(35),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(78)),
                "The full ones went at the seam. The hob boils hard on ring two.");
        past(batch, outcome, BenchFeel.CRUMBLY);
    }

    private void firstLeaves() {
        Batch batch = freezing(
                Styles.start(Styles.get("steamed-leaf"), "First leaves", daysAgo(12), 4, Appetite.USUAL, kits.load()),
                12);
        Outcome outcome = new Outcome(
                48,
                0,
                0,
                1,
                Mass.ZERO,
                Mass.ofGrams(8),
                SkinVerdict.TOUGH,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(84)),
                "Good smoke from the tofu. Skins a little leathery when they cool.");
        past(batch, outcome, BenchFeel.DRY);
    }

    private void sundayBreads() {
        Batch batch =
                Styles.start(Styles.get("griddle-bread"), "Sunday breads", daysAgo(5), 4, Appetite.HUNGRY, kits.load());
        Outcome outcome = new Outcome(
                12,
                0,
                0,
                0,
                Mass.ZERO,
                Mass.ofGrams(52),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(81)),
                "Puffed nicely. Pumpkin over, eaten with a spoon.");
        // As its note says.
        remains.used(past(batch, outcome, BenchFeel.SHRINKS), 1, Remains.What.FILLING, clock.instant());
    }

    private void lanternNight() {
        batches.create(LanternNight.supper(tonight(), kits.load()), "new batch", clock.instant());
    }

    private static Batch freezing(Batch batch, int pieces) {
        return CountField.TO_FREEZER.write(batch, Address.lot(1), pieces);
    }

    /** @param felt what the dough felt like, and was given one step for */
    private long past(Batch batch, Outcome outcome, BenchFeel felt) {
        Instant served = batch.serving().atZone(clock.getZone()).toInstant();
        long id = batches.create(batch, "new batch", served.minus(LEAD));
        batches.start(id, served.minus(Duration.ofHours(4)));
        BenchCorrection step = BenchCorrection.of(batch, 1, felt);
        LoggedCorrection logged = new LoggedCorrection(
                1, step.correction(), step.before(), step.hydration(), served.minus(Duration.ofHours(3)));
        corrections.make(id, "felt " + felt.label(), before -> step.batch(), logged);
        BatchPlan.of(step.batch())
                .timetable()
                .slots()
                .forEach(slot -> runs.tick(id, slot.task().key(), slot.end().toInstant()));
        book.record(id, 1, batch.lot(1).style(), outcome, served.plus(Duration.ofHours(1)));
        LotPlan lot = BatchPlan.of(step.batch()).lot(1);
        if (lot.share().toFreezer() > 0) {
            LocalDate day = batch.serving().toLocalDate();
            freezer.put(Bagged.of(id, step.batch(), lot, lot.share().toFreezer(), day));
        }
        kits.learn(id, 1, FlourLesson.of(step.batch().dough(1), logged.points()), served.plus(Duration.ofHours(1)));
        return id;
    }

    private LocalDateTime daysAgo(int days) {
        return LocalDateTime.now(clock).toLocalDate().minusDays(days).atTime(19, 0);
    }

    /** Half past seven tonight, or later if there would not be time to make it. */
    private LocalDateTime tonight() {
        LocalDateTime now = LocalDateTime.now(clock);
        LocalDateTime halfPastSeven = now.toLocalDate().atTime(19, 30);
        return now.plus(LEAD).isBefore(halfPastSeven)
                ? halfPastSeven
                : now.plus(LEAD).truncatedTo(ChronoUnit.HOURS).plusMinutes(30);
    }
}
