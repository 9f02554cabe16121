package ironpin.recipe;

import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Writes how each line of some recipe texts is read, as {@code lines.csv} has it. Run it for a new text, check every row by eye,
 * and add the rows that are right: {@code java … ironpin.recipe.ReadingTable src/test/resources/ironpin/recipe/*.txt}.
 */
final class ReadingTable {
    private ReadingTable() {}

    public static void main(String[] files) throws IOException {
        for (String file : files) {
            Path path = Path.of(file);
            ReadRecipe read = new RecipeReader(CupStandard.US).read(RecipeText.read(Files.readString(path), ""));
            String name = path.getFileName().toString().replace(".txt", "");
            rows(name, read).forEach(System.out::println);
            if (System.getProperty("hints") != null) {
                System.out.println("  title " + read.written().title() + " | yield " + read.yield() + " | pieces "
                        + read.pieces());
                System.out.println("  " + read.hints());
                RecipeCheck check = RecipeCheck.of(read, Corrections.NONE);
                check.contradictions().forEach(one -> System.out.println("  !! " + said(one)));
                check.findings().forEach(one -> System.out.println("  -- " + said(one)));
            }
        }
    }

    private static String said(Finding one) {
        return Sentence.of(one.saying(), ": ", one.figure(), " ", one.text(), " ", one.why())
                .render(UnitSystem.METRIC);
    }

    /** One row for each line: file, line, where it belongs, what it stands for, grams, how well it was read. */
    static List<String> rows(String file, ReadRecipe read) {
        return read.lines().stream()
                .map(line -> String.join(
                        ";",
                        file,
                        line.text().replace(';', ','),
                        line.place().key(),
                        line.meaning().map(Meaning::key).orElse(""),
                        line.reading()
                                .map(one -> Decimal.trimmed(one.mass().grams() * line.share(), 1))
                                .orElse(""),
                        line.status().name()))
                .toList();
    }
}
