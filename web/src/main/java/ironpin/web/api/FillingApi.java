package ironpin.web.api;

import ironpin.allergen.AllergenAnswer;
import ironpin.allergen.AllergenLines;
import ironpin.filling.Aspic;
import ironpin.filling.Composition;
import ironpin.filling.FatBlend;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.filling.SaltShare;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calculators of the filling station. */
@RestController
@RequestMapping("/api/v1/calculate")
class FillingApi {
    private static final double MOST_GRAMS = 50_000;

    /** A filling, each line in grams as a cook names it. */
    record FillingAsk(Map<String, Double> linesG) {}

    /** What it is made of (est.). */
    record FillingAnswer(
            double totalG,
            Map<String, Double> partsG,
            SaltPart salt,
            Double fatOfMeatPercent,
            Double liquidOfMeatPercent,
            AllergenPart allergens,
            List<String> unknown,
            List<String> guessed) {}

    /** Salt that the known lines bring, in percent of the whole; known only if every line is. */
    record SaltPart(double lowPercent, double highPercent, boolean known) {}

    @PostMapping("/filling")
    FillingAnswer filling(@RequestBody FillingAsk ask) {
        Map<String, Double> lines =
                Given.there("linesG", ask.linesG(), "lines such as {\"lamb mince, 20 % fat\": 500}");
        if (lines.isEmpty() || lines.size() > FillingFormula.MOST_LINES) {
            throw new BadField("linesG", "1 to 40 lines", lines.size());
        }
        double total = 0;
        for (Map.Entry<String, Double> line : lines.entrySet()) {
            total += Given.number("linesG." + line.getKey(), line.getValue(), 0.1, MOST_GRAMS, "g");
        }
        List<FillingLine> shares = new ArrayList<>();
        for (Map.Entry<String, Double> line : lines.entrySet()) {
            if (line.getKey().isBlank()) {
                throw new BadField("linesG", "a name for every line", line.getKey());
            }
            shares.add(new FillingLine(line.getKey(), Percentage.of(100 * line.getValue() / total)));
        }
        FillingFormula formula = new FillingFormula(shares);
        Composition made = Composition.of(formula);
        Map<String, Double> parts = new TreeMap<>();
        for (Composition.Part part : Composition.Part.values()) {
            parts.put(part.name(), total * made.share(part));
        }
        return new FillingAnswer(
                total,
                parts,
                new SaltPart(100 * made.salt().low(), 100 * made.salt().high(), made.saltKnown()),
                made.fatOfMeat().map(Percentage::percent).orElse(null),
                made.liquidOfMeat().map(Percentage::percent).orElse(null),
                AllergenPart.of(AllergenAnswer.of(AllergenLines.of(formula))),
                made.unknown(),
                made.guessed());
    }

    /** Two or three sources of fat. */
    record BlendAsk(Double totalG, Double wantedPercent, List<Source> sources) {}

    /** One of them; as much as wanted if no grams are given. */
    record Source(String name, Double fatPercent, Double atHandG) {}

    /** Grams of each, in the order they were given, and what they come to. */
    record BlendAnswer(List<Double> grams, double fatPercent, boolean reached) {}

    @PostMapping("/fat-blend")
    BlendAnswer blend(@RequestBody BlendAsk ask) {
        double total = Given.number("totalG", ask.totalG(), 1, MOST_GRAMS, "g");
        double wanted = Given.number("wantedPercent", ask.wantedPercent(), 0, 100, "%");
        List<Source> given = Given.there("sources", ask.sources(), "two or three sources");
        if (given.size() < 2 || given.size() > 3) {
            throw new BadField("sources", "two or three sources", given.size());
        }
        List<FatBlend.Source> sources = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            Source one = given.get(i);
            String at = "sources[" + i + "]";
            double fat = Given.number(at + ".fatPercent", one.fatPercent(), 0, 100, "%");
            Optional<Mass> limit = one.atHandG() == null
                    ? Optional.empty()
                    : Optional.of(Mass.ofGrams(Given.number(at + ".atHandG", one.atHandG(), 0, MOST_GRAMS, "g")));
            sources.add(new FatBlend.Source(String.valueOf(one.name()), Percentage.of(fat), limit));
        }
        if (sources.stream().allMatch(one -> one.atHand().filter(Mass::isZero).isPresent())) {
            throw new BadField("sources", "something at hand", "0 g of each");
        }
        FatBlend blend = FatBlend.of(Mass.ofGrams(total), Percentage.of(wanted), sources);
        return new BlendAnswer(
                blend.parts().stream().map(Mass::grams).toList(), blend.fat().percent(), blend.reached());
    }

    /** Salt in a filling. */
    record SaltAsk(Double fillingG, Double saltG, Double wantedPercent) {}

    /** Salt to add, or filling without salt to add. */
    record SaltAnswer(double saltPercent, double addSaltG, double addFillingG) {}

    @PostMapping("/salt")
    SaltAnswer salt(@RequestBody SaltAsk ask) {
        double filling = Given.number("fillingG", ask.fillingG(), 1, MOST_GRAMS, "g");
        double salt = Given.number("saltG", ask.saltG(), 0, filling, "g");
        Percentage wanted = Percentage.of(Given.numberOr("wantedPercent", ask.wantedPercent(), 1.2, 0.1, 10, "%"));
        SaltShare share = new SaltShare(Mass.ofGrams(filling), Mass.ofGrams(salt));
        return new SaltAnswer(
                share.share().percent(),
                share.toReach(wanted).grams(),
                share.toDilute(wanted).grams());
    }

    /** A tray of stock to set. */
    record AspicAsk(
            Double stockG,
            Double gelatinPercent,
            Double depthMm,
            Integer sides,
            Double fromC,
            Double setC,
            Double fridgeC) {}

    /** How long it takes (est.), whether the tray cools fast enough, and the powder for it. */
    record AspicAnswer(double chillMinutes, boolean meetsCoolingRule, double gelatinG) {}

    @PostMapping("/aspic")
    AspicAnswer aspic(@RequestBody AspicAsk ask) {
        double stock = Given.numberOr("stockG", ask.stockG(), 500, 1, MOST_GRAMS, "g");
        double gelatin = Given.numberOr("gelatinPercent", ask.gelatinPercent(), 3, 0.5, 10, "%");
        double depth = Given.number("depthMm", ask.depthMm(), 1, 200, "mm");
        double sides =
                Given.numberOr("sides", ask.sides() == null ? null : ask.sides().doubleValue(), 1, 1, 2, "");
        double fridge = Given.numberOr("fridgeC", ask.fridgeC(), 4, -5, 10, "°C");
        double set = Given.numberOr("setC", ask.setC(), 12, fridge + 0.5, 25, "°C");
        double from = Given.numberOr("fromC", ask.fromC(), 75, set, 100, "°C");
        Aspic tray = new Aspic(Length.ofMillimetres(depth), (int) sides, Temperature.ofCelsius(fridge));
        Temperature hot = Temperature.ofCelsius(from);
        return new AspicAnswer(
                tray.cools(hot, Temperature.ofCelsius(set)).toSeconds() / 60.0,
                tray.meetsTheCoolingRule(hot),
                Aspic.gelatin(Mass.ofGrams(stock), Percentage.of(gelatin)).grams());
    }
}
