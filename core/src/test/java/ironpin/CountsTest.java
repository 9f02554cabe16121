package ironpin;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Station;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the docs count is as many as they say. */
public class CountsTest {
    private static final Path TEXTS = Path.of("src/test/resources/ironpin");
    private static final Path RULES = Path.of("src/main/resources/ironpin");

    private static final List<String> WORDS = List.of("nine", "twenty-one");
    private static final List<Integer> IN_WORDS = List.of(9, 21);

    @DataProvider
    public Object[][] counted() throws IOException {
        return new Object[][] {
            {"../README.md", "pick one of ([\\w-]+) starts", Styles.all().size()},
            {"../docs/numbers.md", "\\| (\\d+) starts:", Styles.all().size()},
            {"../docs/numbers.md", "\\| (\\d+) fillings, in shares", rows(RULES.resolve("style/fillings.csv")) - 1},
            {"../docs/numbers.md", "`FoodNameTest`: (\\d+) names", rows(TEXTS.resolve("pantry/names.csv")) - 1},
            {"../docs/numbers.md", "holds (\\d+) written amounts", rows(TEXTS.resolve("amount/amounts.csv")) - 1},
            {"../docs/glossary.md", "one of the (\\w+) places along the ribbon", Station.values().length},
            {"../docs/testing.md", "(\\d+) recipes \\(`recipe/\\*.txt`\\)", files(TEXTS.resolve("recipe"), ".txt")},
            {"../docs/testing.md", "`names.csv` holds (\\d+) names", rows(TEXTS.resolve("pantry/names.csv")) - 1},
            {"../docs/testing.md", "`sentences.txt` holds (\\d+) situations", situations()},
        };
    }

    @Test(dataProvider = "counted")
    public void asManyAsTheDocsSay(String file, String saying, int count) throws IOException {
        Matcher said = Pattern.compile(saying).matcher(Files.readString(Path.of(file)));
        assertTrue(said.find(), file + " does not say " + saying);
        int word = WORDS.indexOf(said.group(1));
        assertEquals(word < 0 ? Integer.parseInt(said.group(1)) : IN_WORDS.get(word), count, said.group());
    }

    private static int rows(Path file) throws IOException {
        try (Stream<String> lines = Files.lines(file)) {
            return (int) lines.filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .count();
        }
    }

    private static int files(Path folder, String ending) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return (int) all.filter(one -> one.toString().endsWith(ending)).count();
        }
    }

    private static int situations() throws IOException {
        try (Stream<String> lines = Files.lines(TEXTS.resolve("plan/sentences.txt"))) {
            return (int) lines.filter(line -> !line.isBlank() && !line.startsWith(" ") && !line.startsWith("#"))
                    .count();
        }
    }
}
