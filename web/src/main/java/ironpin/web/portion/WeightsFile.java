package ironpin.web.portion;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Weights as comma-separated values: {@code place,grams,meant_g}, of which only the grams are read. */
final class WeightsFile {
    private static final String GRAMS = "grams";
    private static final double LEAST_GRAMS = 0.1;
    private static final double MOST_GRAMS = 500;

    private WeightsFile() {}

    static String write(List<Mass> weights, Mass meant) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(out)) {
            csv.writeRecord("place", GRAMS, "meant_g");
            for (int i = 0; i < weights.size(); i++) {
                csv.writeRecord(String.valueOf(i + 1), said(weights.get(i)), said(meant));
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toString();
    }

    private static String said(Mass mass) {
        return String.format(Locale.ROOT, "%.2f", mass.grams());
    }

    /** @throws Refused if a line has no mass, with its number */
    static List<Mass> read(String text) {
        List<Mass> masses = new ArrayList<>();
        try {
            for (NamedCsvRecord line : CsvReader.builder().ofNamedCsvRecord(text)) {
                masses.add(mass(line));
            }
        } catch (CsvParseException odd) {
            throw new Refused("the file is no table of comma-separated values");
        }
        return masses;
    }

    private static Mass mass(NamedCsvRecord line) {
        String said = line.findField(GRAMS)
                .orElseThrow(() -> new Refused("the file's first line names its columns, and one of them is “grams”"))
                .strip();
        try {
            Mass mass = Mass.ofGrams(Double.parseDouble(said));
            demand(mass);
            return mass;
        } catch (IllegalArgumentException odd) {
            throw new Refused("line " + line.getStartingLineNumber() + " says “" + said + "”; 0.1 to 500 g");
        }
    }

    static void demand(Mass mass) {
        if (mass.grams() < LEAST_GRAMS || mass.grams() > MOST_GRAMS) {
            throw new Refused("a piece weighs 0.1 to 500 g, not " + said(mass) + " g");
        }
    }
}
