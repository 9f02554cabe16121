package ironpin.store;

import ironpin.refusal.NotThere;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** The backups of this kitchen, as a cook sees them. */
public final class BackupShelf {
    /** An open kitchen keeps one this often. */
    public static final Duration EVERY = Duration.ofDays(1);

    /** In a folder of the cook's. */
    public static final int COPIES = 30;

    private final Cupboard cupboard;
    private final Clock clock;

    public BackupShelf(Cupboard cupboard, Clock clock) {
        this.cupboard = cupboard;
        this.clock = clock;
    }

    /**
     * One of them.
     *
     * @param name of its file
     * @param made nothing if its name does not say
     * @param bytes of its file
     * @param batches that are in it; nothing for one of before they were counted
     */
    public record Kept(String name, Optional<Instant> made, long bytes, OptionalInt batches) {}

    /** All of them, the newest first. */
    public List<Kept> all() {
        try {
            List<Kept> all = new ArrayList<>();
            for (Path one : shelf().oldestFirst()) {
                all.add(new Kept(
                        one.getFileName().toString(), Backups.made(one), Files.size(one), Backups.batches(one)));
            }
            Collections.reverse(all);
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Where they lie. */
    public Path folder() {
        return cupboard.home().backups();
    }

    private Backups shelf() {
        return Backups.in(folder());
    }

    /** Keeps one as everything is now. */
    public void keepNow() {
        cupboard.keepBackup(clock);
    }

    /** Keeps one if the newest is older than {@link #EVERY}; the first once there is a batch to keep. */
    public void keepDaily() {
        Optional<Instant> newest = all().stream().findFirst().flatMap(Kept::made);
        boolean due = newest.map(at -> Duration.between(at, clock.instant()).compareTo(EVERY) >= 0)
                .orElseGet(() -> cupboard.batches().orElse(0) > 0);
        if (due) {
            keepNow();
        }
    }

    /**
     * Goes back to one; what stands here now is kept as a backup first.
     *
     * @throws NotThere if there is none of this name
     */
    public void goBackTo(String name) {
        try {
            Path found = shelf().oldestFirst().stream()
                    .filter(one -> one.getFileName().toString().equals(name))
                    .findFirst()
                    .orElseThrow(() -> NotThere.called("backup", name));
            cupboard.goBackTo(found, clock);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Puts the newest into another folder too, whole or not at all, and lets all but the last {@value #COPIES} of ours there go. */
    public void copyTo(Path elsewhere) throws IOException {
        Optional<Path> newest = shelf().newest();
        if (newest.isEmpty()) {
            return;
        }
        Files.createDirectories(elsewhere);
        Path copy = elsewhere.resolve(newest.get().getFileName());
        if (!Files.exists(copy)) {
            Path part = elsewhere.resolve("being-copied.zip");
            Files.copy(newest.get(), part, StandardCopyOption.REPLACE_EXISTING);
            Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
        }
        List<Path> all = Backups.in(elsewhere).oldestFirst();
        for (Path old : all.subList(0, Math.max(0, all.size() - COPIES))) {
            Files.delete(old);
        }
    }

    /** When the newest copy in another folder was made. */
    public Optional<Instant> copied(Path elsewhere) {
        try {
            return Backups.in(elsewhere).newest().flatMap(Backups::made);
        } catch (IOException gone) {
            return Optional.empty();
        }
    }
}
