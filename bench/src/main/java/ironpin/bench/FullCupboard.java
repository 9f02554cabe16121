package ironpin.bench;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.Cupboard;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/** Fills a cupboard with past batches, a thousand where no number is said, and one of three lots being planned, which gets the number 1. */
public final class FullCupboard {
    private static final int PAST = 1_000;

    private FullCupboard() {}

    public static void main(String[] args) {
        Clock clock = Clock.systemUTC();
        int past = args.length > 1 ? Integer.parseInt(args[1]) : PAST;
        try (Cupboard cupboard = Cupboard.open(Path.of(args[0]), clock)) {
            BatchStore batches = new BatchStore(cupboard);
            BookStore book = new BookStore(cupboard);
            List<Style> styles = Styles.all();
            LocalDateTime serving = LocalDateTime.now(clock).plusHours(8);
            List<Style> supper = List.of(styles.get(0), styles.get(2), styles.get(3));
            batches.create(Styles.start(supper, "Measured", serving, 8, Appetite.USUAL), "new", clock.instant());
            for (int i = 0; i < past; i++) {
                Style style = styles.get(i % styles.size());
                Instant served = clock.instant().minus(Duration.ofHours(6L * (past - i)));
                Batch batch = Styles.start(
                        style, "Past " + i, LocalDateTime.ofInstant(served, ZoneOffset.UTC), 2 + i % 9, Appetite.USUAL);
                long id = batches.create(batch, "new", served);
                book.record(id, 1, style.key(), outcome(i), served);
            }
        }
    }

    private static Outcome outcome(int i) {
        return new Outcome(
                40,
                i % 4,
                0,
                0,
                Mass.ofGrams(i % 30),
                Mass.ZERO,
                SkinVerdict.values()[i % SkinVerdict.values().length],
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(75)),
                "past " + i);
    }
}
