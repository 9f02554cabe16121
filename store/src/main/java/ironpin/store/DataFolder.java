package ironpin.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Locale;

/**
 * Where the data lives. Only its owner may look into it: it holds what a household eats and must not.
 *
 * @param folder absolute, made if it was not there
 */
record DataFolder(Path folder) {
    private static final String DATABASE = "ironpin";
    private static final String ASIDE = "ironpin-being-made";
    private static final String ENDING = ".mv.db";

    /** @throws UnusableFolder if it cannot be made or written */
    static DataFolder at(Path wanted) {
        Path folder = wanted.toAbsolutePath().normalize();
        if (folder.toString().contains(";")) {
            throw new UnusableFolder("The data folder " + folder + " has a ; in its name; choose one without.", null);
        }
        try {
            makePrivate(folder);
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

    String urlAside() {
        return url(ASIDE);
    }

    private String url(String name) {
        return "jdbc:h2:file:" + folder.resolve(name) + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0";
    }
}
