package ironpin.plan;

import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** Prints what is said of the situations in a file, as rows for {@code sentences.txt}, to be read by a person before they count. */
final class SituationTable {
    private SituationTable() {}

    public static void main(String[] files) throws IOException {
        String situation = "";
        for (String line : Files.readAllLines(Path.of(files[0]))) {
            if (!line.startsWith(" ")) {
                situation = line.strip();
                System.out.println(situation);
                continue;
            }
            List<String> wanted = Arrays.asList(line.strip().split("[ |]+"));
            for (Finding finding : Situation.said(situation)) {
                if (wanted.contains(finding.saying().name())) {
                    System.out.println("  " + row(finding));
                }
            }
        }
    }

    static String row(Finding finding) {
        return Sentence.of(
                        finding.saying().name(),
                        " ",
                        finding.level().label(),
                        " | ",
                        finding.figure(),
                        " ",
                        finding.text())
                .render(UnitSystem.METRIC);
    }
}
