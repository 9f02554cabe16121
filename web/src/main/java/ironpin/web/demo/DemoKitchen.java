package ironpin.web.demo;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.PlanField;
import ironpin.batch.Styles;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.RunStore;
import ironpin.store.Status;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty cupboard with three past batches and one planned for tonight. */
@Component
@ConditionalOnProperty(name = "ironpin.demo", havingValue = "true")
class DemoKitchen implements ApplicationRunner {
    private static final Duration LEAD = Duration.ofHours(6);

    private final BatchStore batches;
    private final RunStore runs;
    private final BookStore book;
    private final Clock clock;

    DemoKitchen(BatchStore batches, RunStore runs, BookStore book, Clock clock) {
        this.batches = batches;
        this.runs = runs;
        this.book = book;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        boolean empty = batches.count(Status.PLANNED) + batches.count(Status.RUNNING) + batches.count(Status.DONE) == 0;
        if (empty) {
            trialCrescents();
            firstLeaves();
            sundayBreads();
            lanternNight();
        }
    }

    private void trialCrescents() {
        Batch batch = Styles.start(Styles.get("boiled-crescent"), "Trial crescents", daysAgo(26), 5, Appetite.USUAL);
        Outcome outcome = new Outcome(
                60,
                4,
                1,
                0,
                Mass.ofGrams(18),
                Mass.ofGrams(35),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(78)),
                "The full ones went at the seam. The hob boils hard on ring two.");
        past(batch, outcome);
    }

    private void firstLeaves() {
        Batch batch = Styles.start(Styles.get("steamed-leaf"), "First leaves", daysAgo(12), 4, Appetite.USUAL);
        Outcome outcome = new Outcome(
                36,
                0,
                0,
                1,
                Mass.ZERO,
                Mass.ofGrams(8),
                SkinVerdict.TOUGH,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(84)),
                "Good smoke from the tofu. Skins a little leathery when they cool.");
        past(batch, outcome);
    }

    private void sundayBreads() {
        Batch batch = Styles.start(Styles.get("griddle-bread"), "Sunday breads", daysAgo(5), 4, Appetite.HUNGRY);
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
        past(batch, outcome);
    }

    private void lanternNight() {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Lantern-night supper",
                tonight(),
                12,
                Appetite.USUAL);
        batch = PlanField.EACH.write(batch, 1, 4);
        batch = PlanField.EACH.write(batch, 2, 4);
        batch = PlanField.EACH.write(batch, 3, 1);
        batch = PlanField.TO_FREEZER.write(batch, 1, 20);
        batches.create(batch, "new batch", clock.instant());
    }

    private void past(Batch batch, Outcome outcome) {
        Instant served = batch.serving().atZone(clock.getZone()).toInstant();
        long id = batches.create(batch, "new batch", served.minus(LEAD));
        batches.start(id, served.minus(Duration.ofHours(4)));
        BatchPlan.of(batch)
                .timetable()
                .slots()
                .forEach(slot -> runs.tick(
                        id,
                        slot.task().key(),
                        slot.end().atZone(clock.getZone()).toInstant()));
        book.record(id, 1, batch.lot(1).style(), outcome, served.plus(Duration.ofHours(1)));
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
