package ironpin.store;

import ironpin.batch.Appetite;
import ironpin.batch.PlanField;
import ironpin.batch.Styles;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;

/** A process of its own that changes a plan and ticks steps for ever, and prints each change once it is acknowledged. */
final class WritingKitchen {
    private WritingKitchen() {}

    public static void main(String[] args) {
        Clock clock = Clock.systemUTC();
        Cupboard cupboard = Cupboard.open(Path.of(args[0]), clock);
        BatchStore batches = new BatchStore(cupboard);
        RunStore runs = new RunStore(cupboard);
        LocalDateTime serving = LocalDateTime.of(2026, 11, 28, 19, 0);
        long id = batches.create(
                Styles.start(Styles.get("boiled-crescent"), "Kill", serving, 6, Appetite.USUAL),
                "new",
                clock.instant());
        for (int n = 1; ; n++) {
            int pieces = n;
            batches.change(id, "change " + n, one -> PlanField.PIECES.write(one, 1, pieces), clock.instant());
            runs.tick(id, "step-" + n, clock.instant());
            System.out.println(n);
            System.out.flush();
        }
    }
}
