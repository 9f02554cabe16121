package ironpin.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A folder of its own for one test, below the build's. */
final class TestFolder {
    private TestFolder() {}

    static Path fresh(String name) throws IOException {
        Path folder = Path.of("target", "cupboards", name);
        if (Files.exists(folder)) {
            try (Stream<Path> files = Files.walk(folder)) {
                List<Path> deepestFirst =
                        files.sorted(Comparator.reverseOrder()).toList();
                for (Path file : deepestFirst) {
                    Files.delete(file);
                }
            }
        }
        return folder;
    }
}
