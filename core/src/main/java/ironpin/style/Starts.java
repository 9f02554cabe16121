package ironpin.style;

import ironpin.batch.Lot;
import ironpin.cook.CookMethod;
import ironpin.dip.Dips;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.pantry.CsvResource;
import ironpin.quantity.Band;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads the starts that ship with Ironpin from {@code starts.csv}, and what may fill them from {@code fillings.csv}. */
final class Starts {
    private Starts() {}

    static List<Style> read() {
        Map<String, Style.FillingStart> fillings = fillings();
        return CsvResource.rows(Starts.class, "starts.csv", ";").stream()
                .map(row -> style(row, fillings))
                .toList();
    }

    private static Map<String, Style.FillingStart> fillings() {
        Map<String, Style.FillingStart> fillings = new LinkedHashMap<>();
        for (Map<String, String> row : CsvResource.rows(Starts.class, "fillings.csv", ";")) {
            List<FillingLine> lines = parts(row.get("lines"))
                    .map(line -> FillingLine.of(
                            line.substring(line.indexOf(' ') + 1),
                            Double.parseDouble(line.substring(0, line.indexOf(' ')))))
                    .toList();
            fillings.put(
                    row.get("key"),
                    new Style.FillingStart(
                            row.get("key"),
                            row.get("name"),
                            FillingKind.valueOf(row.get("kind")),
                            new FillingFormula(lines)));
        }
        return fillings;
    }

    private static Style style(Map<String, String> row, Map<String, Style.FillingStart> fillings) {
        String[] each = row.get("each").split("\\+");
        return StyleBuilder.stagedBuilder()
                .key(row.get("key"))
                .name(row.get("name"))
                .about(row.get("about"))
                .dough(new DoughStart(
                        DoughFamily.valueOf(row.get("family")),
                        row.get("flour"),
                        formula(row.get("formula")),
                        Temperature.ofCelsius(Double.parseDouble(row.get("waterC"))),
                        Duration.ofMinutes(Long.parseLong(row.get("rest")))))
                .fillings(parts(row.get("fillings")).map(fillings::get).toList())
                .doughBand(band(row.get("doughBand")))
                .fillingBand(band(row.get("fillingBand")))
                .doughEach(Mass.ofGrams(Double.parseDouble(each[0])))
                .fillingEach(Mass.ofGrams(Double.parseDouble(each[1])))
                .shape(Lot.Shape.of(
                        Length.ofMillimetres(Double.parseDouble(row.get("rope"))),
                        Length.ofMillimetres(Double.parseDouble(row.get("disc"))),
                        Double.parseDouble(row.get("ratio"))))
                .fold(Fold.valueOf(row.get("fold")))
                .method(CookMethod.ofKey(row.get("method")))
                .dip(Dips.named(row.get("dip")).orElseThrow())
                .usualPerEater(Integer.parseInt(row.get("perEater")))
                .bought(bought(row.get("bought")))
                .longest(
                        row.get("longest").isEmpty()
                                ? Optional.empty()
                                : Optional.of(Duration.ofMinutes(Long.parseLong(row.get("longest")))))
                .build();
    }

    private static DoughFormula formula(String cell) {
        DoughFormula formula = DoughFormula.of(0, 0, 0);
        for (String part : parts(cell).toList()) {
            String[] words = part.split(" ");
            formula = formula.with(DoughAddition.valueOf(words[0]), Percentage.of(Double.parseDouble(words[1])));
        }
        return formula;
    }

    private static Band<Mass> band(String cell) {
        String[] ends = cell.split("-");
        return Band.grams(Double.parseDouble(ends[0]), Double.parseDouble(ends[1]));
    }

    private static Optional<BoughtWrapper> bought(String cell) {
        if (cell.isEmpty()) {
            return Optional.empty();
        }
        String[] words = cell.split(" ");
        return Optional.of(
                BoughtWrapper.usual(BoughtWrapper.Shape.valueOf(words[0]), BoughtWrapper.Thickness.valueOf(words[1])));
    }

    private static Stream<String> parts(String cell) {
        return Stream.of(cell.split("\\|"));
    }
}
