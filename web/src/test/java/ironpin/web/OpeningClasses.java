package ironpin.web;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * The class path as jars, and an archive of the classes that an opening kitchen needs, as the launcher has one: with it a kitchen opens for
 * half the processor time. Made once by each process of tests that opens one.
 */
final class OpeningClasses {
    private static List<String> options;

    private OpeningClasses() {}

    /** What Java is told before the name of the class to run. */
    static synchronized List<String> options() throws IOException, InterruptedException {
        if (options == null) {
            Path home = Path.of("target", "opening-" + ProcessHandle.current().pid())
                    .toAbsolutePath();
            OpenKitchen.empty(home);
            Files.createDirectories(home);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> forget(home)));
            String jars = jars(home);
            Path archive = home.resolve("classes.jsa");
            KitchenProcess trial = KitchenProcess.start(
                    home.resolve("data"),
                    List.of("-XX:TieredStopAtLevel=1", "-XX:ArchiveClassesAtExit=" + archive, "-cp", jars),
                    KitchenProcess.freePort());
            trial.status("/batches/4/dough");
            trial.leave();
            options = List.of("-XX:SharedArchiveFile=" + archive, "-Xshare:auto", "-cp", jars);
        }
        return options;
    }

    /** Java archives nothing of a folder. */
    private static String jars(Path home) throws IOException {
        List<String> jars = new ArrayList<>();
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        for (String entry : path.split(System.getProperty("path.separator"))) {
            Path folder = Path.of(entry);
            if (Files.isDirectory(folder)) {
                Path jar = home.resolve(jars.size() + ".jar");
                pack(folder, jar);
                jars.add(jar.toString());
            } else {
                jars.add(entry);
            }
        }
        return String.join(System.getProperty("path.separator"), jars);
    }

    private static void pack(Path folder, Path jar) throws IOException {
        try (OutputStream out = Files.newOutputStream(jar);
                ZipOutputStream zip = new ZipOutputStream(out);
                Stream<Path> all = Files.walk(folder)) {
            zip.setLevel(0);
            for (Path one : all.sorted().toList()) {
                String name = folder.relativize(one).toString().replace('\\', '/');
                if (Files.isDirectory(one)) {
                    if (!name.isEmpty()) {
                        // Where migrations and templates lie is asked of the folder.
                        zip.putNextEntry(new ZipEntry(name + "/"));
                    }
                } else {
                    zip.putNextEntry(new ZipEntry(name));
                    Files.copy(one, zip);
                }
            }
        }
    }

    private static void forget(Path home) {
        try {
            OpenKitchen.empty(home);
        } catch (IOException left) {
            // The next clean build takes it away.
        }
    }
}
