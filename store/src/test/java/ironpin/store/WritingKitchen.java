package ironpin.store;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.book.FillingVerdict;
import ironpin.book.FlourLesson;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** A process of its own that does one kind of work for ever, and prints a number for each that is acknowledged. */
final class WritingKitchen {
    /** What it does. */
    enum Work {
        /** Changes a plan and ticks a step. */
        EDITS,
        /** Brings batches from elsewhere, each with what came of it. */
        IMPORTS,
        /** Judges a batch, which puts it into the Book and teaches the kit. */
        JUDGING,
        /** Opens the cupboard, keeps a copy, makes a batch and closes it. */
        OPENING,
        /** Makes a batch, keeps a backup, makes one too many and goes back to the backup. */
        GOING_BACK,
        /** Makes a batch in another kitchen, takes that out as one file and brings it in here. */
        MERGING,
        /** Changes a plan and tidies the cupboard after each change. */
        TIDYING
    }

    /** Title of what is not there any more once it went back. */
    static final String TOO_MANY = "Too many";

    private static final Clock CLOCK = Clock.systemUTC();

    private WritingKitchen() {}

    static Outcome outcome() {
        return new Outcome(
                72,
                1,
                2,
                0,
                Mass.ofGrams(40),
                Mass.ofGrams(10),
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.empty(),
                "kept");
    }

    static Batch batch() {
        return Styles.start(
                Styles.get("boiled-crescent"), "Kill", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    public static void main(String[] args) {
        Path folder = Path.of(args[0]);
        switch (Work.valueOf(args[1])) {
            case EDITS -> edits(folder, false);
            case TIDYING -> edits(folder, true);
            case IMPORTS -> imports(folder);
            case JUDGING -> judging(folder);
            case OPENING -> opening(folder);
            case GOING_BACK -> goingBack(folder);
            case MERGING -> merging(folder);
        }
    }

    private static void acknowledged(int n) {
        System.out.println(n);
        System.out.flush();
    }

    private static void edits(Path folder, boolean tidied) {
        Cupboard cupboard = Cupboard.open(folder, CLOCK);
        BatchStore batches = new BatchStore(cupboard);
        RunStore runs = new RunStore(cupboard);
        Tidying tidying = new Tidying(cupboard, CLOCK);
        long id = batches.create(batch(), "new", CLOCK.instant());
        for (int n = 1; ; n++) {
            int pieces = n;
            batches.change(
                    id, "change " + n, one -> CountField.PIECES.write(one, Address.lot(1), pieces), CLOCK.instant());
            runs.tick(id, "step-" + n, CLOCK.instant());
            acknowledged(n);
            if (tidied) {
                tidying.inAQuietMoment(Duration.ZERO);
            }
        }
    }

    private static void imports(Path folder) {
        BookStore book = new BookStore(Cupboard.open(folder, CLOCK));
        for (int n = 1; ; n++) {
            BookStore.Came came = new BookStore.Came(1, "boiled-crescent", outcome(), CLOCK.instant());
            book.bring(batch(), Optional.of("source"), List.of(came), List.of(), CLOCK.instant());
            acknowledged(n);
        }
    }

    private static void judging(Path folder) {
        Cupboard cupboard = Cupboard.open(folder, CLOCK);
        BatchStore batches = new BatchStore(cupboard);
        BookStore book = new BookStore(cupboard);
        KitStore kit = new KitStore(cupboard, batches);
        for (int n = 1; ; n++) {
            long id = batches.create(batch(), "new", CLOCK.instant());
            cupboard.together(() -> {
                StoredBatch begun = batches.start(id, CLOCK.instant());
                book.record(id, 1, "boiled-crescent", outcome(), CLOCK.instant());
                kit.learn(id, 1, FlourLesson.of(begun.batch().dough(1), 1.5), CLOCK.instant());
                return begun;
            });
            acknowledged(n);
        }
    }

    private static void goingBack(Path folder) {
        Cupboard cupboard = Cupboard.open(folder, CLOCK);
        BatchStore batches = new BatchStore(cupboard);
        BackupShelf shelf = new BackupShelf(cupboard, CLOCK);
        for (int n = 1; ; n++) {
            batches.create(batch(), "new", CLOCK.instant());
            shelf.keepNow();
            batches.create(batch().withTitle(TOO_MANY), "new", CLOCK.instant());
            shelf.goBackTo(shelf.all().get(0).name());
            acknowledged(n);
        }
    }

    private static void merging(Path folder) {
        try (Cupboard there = Cupboard.open(folder.resolve("there"), CLOCK)) {
            Cupboard here = Cupboard.open(folder, CLOCK);
            BatchStore batches = new BatchStore(there);
            Path file = folder.resolve("there.zip");
            for (int n = 1; ; n++) {
                batches.create(batch(), "new", CLOCK.instant());
                try (OutputStream out = Files.newOutputStream(file)) {
                    new KitchenArchive(there, batches).write(out, CLOCK.instant());
                }
                new KitchenArchive(here, new BatchStore(here)).bring(file, picture -> picture, CLOCK.instant());
                acknowledged(n);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void opening(Path folder) {
        for (int n = 1; ; n++) {
            try (Cupboard cupboard = Cupboard.open(folder, CLOCK)) {
                new BatchStore(cupboard).create(batch(), "new", CLOCK.instant());
                acknowledged(n);
            }
        }
    }
}
