package ironpin.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class FloorsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("ironpin");

    @Test
    public void aFloorImportsOnlyFloorsBelow() {
        noClasses()
                .that()
                .resideInAPackage("ironpin.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.web..", "org.springframework..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("ironpin.format..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.store..", "ironpin.web..", "org.springframework..", "org.jooq..")
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackages("ironpin.format..", "ironpin.store..", "ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.format..", "ironpin.store..", "ironpin.web..")
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackages("ironpin.store..", "ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.store..", "ironpin.web..")
                .check(ALL);
    }

    @Test
    public void onlyTheStoreSpeaksSql() {
        noClasses()
                .that()
                .resideInAPackage("ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "java.sql..", "org.h2..", "ironpin.store.db..")
                .check(ALL);
    }

    @Test
    public void webPackagesDependOneWay() {
        slices().matching("ironpin.web.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    public void aTemplateCanBeReadWithoutScrollingSideways() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                int longest = Files.readAllLines(file).stream()
                        .mapToInt(String::length)
                        .max()
                        .orElse(0);
                assertTrue(longest <= 140, file + " has a line of " + longest);
            }
        }
    }

    /** The map of rooms in the architecture names every room there is. */
    @Test
    public void everyRoomIsOnTheMap() throws IOException {
        String text = Files.readString(Path.of("../docs/architecture.md"));
        String map = text.substring(text.indexOf("## Rooms"), text.indexOf("Arrows of `core`"));
        for (String module : List.of("core", "devices", "web")) {
            String base = module.equals("core") ? "" : "/" + module;
            Path rooms = Path.of("..", module, "src/main/java/ironpin" + base);
            try (Stream<Path> all = Files.list(rooms)) {
                for (Path room : all.filter(Files::isDirectory).toList()) {
                    String name = room.getFileName().toString();
                    assertTrue(map.matches("(?s).*\\b" + name + "\\b.*"), module + " has a room " + name);
                }
            }
        }
    }

    /** Whoever reads a class's name anywhere knows which one it is. */
    @Test
    public void everyNameStandsOnce() throws IOException {
        Map<String, Path> seen = new HashMap<>();
        for (String module : List.of("core", "format", "devices", "solver", "store", "web")) {
            try (Stream<Path> all = Files.walk(Path.of("..", module, "src/main/java"))) {
                for (Path file : all.filter(one -> one.toString().endsWith(".java"))
                        .filter(one -> !one.endsWith("package-info.java"))
                        .toList()) {
                    Path other = seen.put(file.getFileName().toString(), file);
                    assertTrue(other == null, file + " is called like " + other);
                }
            }
        }
        assertTrue(seen.size() > 400, seen.size() + " classes");
    }
}
