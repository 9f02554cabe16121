package ironpin.store;

import ironpin.wording.TimeOfDay;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * Where the data lives. Only its owner may look into it: it holds what a household eats and must not. A folder that was there
 * before keeps its rights, since others may have business in it; what is ours in it is closed to them all the same.
 *
 * @param folder absolute, made if it was not there
 */
record DataFolder(Path folder) {
    private static final String DATABASE = "ironpin";
    private static final String ASIDE = "ironpin-being-made";
    private static final String ENDING = ".mv.db";

    /** What would end the database's address, or mean something in it. */
    private static final List<String> NOT_IN_A_NAME = List.of(";", "\n", "${");

    /** @throws UnusableFolder if it cannot be made or written */
    static DataFolder at(Path wanted) {
        Path folder = wanted.toAbsolutePath().normalize();
        for (String odd : NOT_IN_A_NAME) {
            if (folder.toString().contains(odd)) {
                throw new UnusableFolder(
                        "The data folder " + folder.toString().strip() + " has "
                                + (odd.equals("\n") ? "a line break" : "a " + odd)
                                + " in its name; choose one without.",
                        null);
            }
        }
        try {
            if (!Files.isDirectory(folder)) {
                makePrivate(folder);
            }
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be made: " + reason(e) + ".", e);
        }
        if (!Files.isWritable(folder)) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to.", null);
        }
        return new DataFolder(folder);
    }

    /** Makes a folder that only its owner may enter. */
    static void makePrivate(Path folder) throws IOException {
        Files.createDirectories(folder);
        PosixFileAttributeView rights = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
        if (rights != null && Files.getOwner(folder).getName().equals(System.getProperty("user.name"))) {
            rights.setPermissions(PosixFilePermissions.fromString("rwx------"));
        }
    }

    /** Makes the database's file its owner's alone; where rights are of another kind they stay as they are. */
    void closeToOthers() {
        try {
            PosixFileAttributeView rights = Files.getFileAttributeView(database(), PosixFileAttributeView.class);
            if (rights != null && used()) {
                rights.setPermissions(PosixFilePermissions.fromString("rw-------"));
            }
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    private static String reason(IOException problem) {
        String said = problem.getMessage();
        return said == null || said.isBlank()
                ? "the disk refuses"
                : problem.getClass()
                        .getSimpleName()
                        .replaceAll("([a-z])([A-Z])", "$1 $2")
                        .replace(" Exception", "")
                        .toLowerCase(Locale.ROOT);
    }

    /** Whether there is a database in it. */
    boolean used() {
        return Files.exists(database());
    }

    private Path database() {
        return folder.resolve(DATABASE + ENDING);
    }

    private Path aside() {
        return folder.resolve(ASIDE + ENDING);
    }

    Path backups() {
        return folder.resolve("backups");
    }

    /**
     * Looks whether the file says that it was never more than begun, which no kitchen of ours does: a disk was full, or a copy
     * was broken off.
     *
     * @throws UnusableFolder if it is empty while backups lie beside it
     */
    void demandNotEmptied() {
        try {
            if (used() && Files.size(database()) == 0) {
                Optional<Path> newest = Backups.in(backups()).newest();
                if (newest.isPresent()) {
                    throw UnusableFolder.damaged("The database in this data folder is empty.", this, null);
                }
            }
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be read: " + reason(e) + ".", e);
        }
    }

    /** What a cook may do about a database that does not open: the newest backup, if there is one. */
    String offered() {
        try {
            Optional<Path> newest = Backups.in(backups()).newest();
            if (newest.isEmpty()) {
                return " There is no backup in " + backups() + ".";
            }
            String of = Backups.made(newest.get())
                    .map(at -> at.atZone(ZoneId.systemDefault()))
                    .map(at -> ", made on " + TimeOfDay.shortDay(at) + " at " + TimeOfDay.of(at))
                    .orElse("");
            return " There is a backup (" + newest.get().getFileName() + of
                    + "): start once more with --from-backup to go back to"
                    + " the newest one that opens; what is here now is kept beside it.";
        } catch (IOException e) {
            return " The backups cannot be read: " + reason(e) + ".";
        }
    }

    /** Puts the newest backup that opens beside the database. @return whether there is one */
    boolean takeNewestAside(Predicate<String> opens) {
        try {
            List<Path> oldestFirst = Backups.in(backups()).oldestFirst();
            for (int i = oldestFirst.size() - 1; i >= 0; i--) {
                if (takeAside(oldestFirst.get(i), opens)) {
                    return true;
                }
            }
            return false;
        } catch (IOException e) {
            throw new UnusableFolder("The backups in " + backups() + " cannot be read: " + reason(e) + ".", e);
        }
    }

    /** Puts what is in a backup beside the database, if it opens there. @return whether it does */
    boolean takeAside(Path backup, Predicate<String> opens) {
        try {
            if (unzipAside(backup) && opens.test(urlAside())) {
                return true;
            }
            Files.deleteIfExists(aside());
            return false;
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    private boolean unzipAside(Path backup) throws IOException {
        Files.deleteIfExists(aside());
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            ZipEntry database = zip.getEntry(DATABASE + ENDING);
            if (database == null) {
                return false;
            }
            try (InputStream in = zip.getInputStream(database)) {
                Files.copy(in, aside());
            }
            return true;
        } catch (ZipException | EOFException broken) {
            return false;
        }
    }

    /**
     * Puts a copy that shows them beside a database some of whose writes its header does not lead to.
     *
     * @return whether there were any
     */
    boolean bringBackAside() {
        try {
            return LostChunks.bringBack(database(), aside());
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    /** Keeps the database as it was found, under a name of its own beside the backups. */
    void keepAsFound(String stamp) {
        try {
            makePrivate(backups());
            Files.copy(database(), backups().resolve("as-found-" + stamp + ENDING));
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    /** Puts a copy of the database beside it, or nothing if there is none. */
    void copyAside() {
        try {
            Files.deleteIfExists(aside());
            if (used()) {
                Files.copy(database(), aside());
            }
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    /** What was made beside the database takes its place, at once. */
    void takeFromAside() {
        try {
            Files.move(aside(), database(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UnusableFolder("The data folder " + folder + " cannot be written to: " + reason(e) + ".", e);
        }
    }

    /** Every write is on disk before it is acknowledged. */
    String url() {
        return url(DATABASE);
    }

    /** To look at what was kept where nothing can be written: a full disk has no room even for what an opening writes. */
    String urlToRead() {
        return url() + ";ACCESS_MODE_DATA=r";
    }

    String urlAside() {
        return url(ASIDE);
    }

    private String url(String name) {
        return "jdbc:h2:file:" + folder.resolve(name) + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0"
                // Statements as they were understood; a page asks some thirty different ones, and eight are kept
                // otherwise.
                + ";QUERY_CACHE_SIZE=64";
    }
}
