package ironpin.store;

import static java.nio.file.StandardCopyOption.ATOMIC_MOVE;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The last copies of the database, counted in the order in which they were made: a clock that once ran ahead must not make each
 * new one look like the oldest.
 *
 * @param folder where they lie
 */
record Backups(Path folder) {
    static final int KEPT = 5;

    static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    /** Those of before they were counted have no number; they come first. */
    private static final Pattern NAME =
            Pattern.compile("ironpin-(?:n(\\d{1,9})-)?(\\d{8}-\\d{6}(?:-\\d{3})?)?(?:-of-(\\d{1,9}))?.*\\.zip");

    static Backups in(Path folder) {
        return new Backups(folder);
    }

    /** Writes one into the file it is given. */
    interface Writer {
        void into(Path file) throws IOException;
    }

    /**
     * Keeps a new one under its own name only once it is whole, and lets the oldest go.
     *
     * @param batches how many are in it; its name says so, since to count them it would have to be opened
     */
    void keep(Writer writer, OptionalInt batches, Instant now) throws IOException {
        DataFolder.makePrivate(folder);
        Path part = folder.resolve("being-written.zip");
        Files.deleteIfExists(part);
        writer.into(part);
        List<Path> before = oldestFirst();
        int number = before.isEmpty() ? 1 : number(before.get(before.size() - 1)) + 1;
        String of = batches.isPresent() ? "-of-" + batches.getAsInt() : "";
        Files.move(
                part,
                folder.resolve(String.format("ironpin-n%06d-%s%s.zip", number, STAMP.format(now), of)),
                ATOMIC_MOVE);
        for (Path old : before.subList(0, Math.max(0, before.size() + 1 - KEPT))) {
            Files.delete(old);
        }
    }

    /** The one that was made last. */
    Optional<Path> newest() throws IOException {
        List<Path> all = oldestFirst();
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    List<Path> oldestFirst() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(
                            one -> NAME.matcher(one.getFileName().toString()).matches())
                    .sorted(Comparator.comparingInt(Backups::number).thenComparing(Comparator.naturalOrder()))
                    .toList();
        }
    }

    /** When it was made; nothing for one whose name does not say it. */
    static Optional<Instant> made(Path backup) {
        Matcher name = NAME.matcher(backup.getFileName().toString());
        try {
            return name.matches() && name.group(2) != null
                    ? Optional.of(Instant.from(STAMP.parse(name.group(2))))
                    : Optional.empty();
        } catch (DateTimeException odd) {
            return Optional.empty();
        }
    }

    /** How many batches are in it; nothing for one of before they were counted. */
    static OptionalInt batches(Path backup) {
        Matcher name = NAME.matcher(backup.getFileName().toString());
        return name.matches() && name.group(3) != null
                ? OptionalInt.of(Integer.parseInt(name.group(3)))
                : OptionalInt.empty();
    }

    private static int number(Path backup) {
        Matcher name = NAME.matcher(backup.getFileName().toString());
        return name.matches() && name.group(1) != null ? Integer.parseInt(name.group(1)) : 0;
    }
}
