package ironpin.web.filling;

import ironpin.amount.UnreadableAmount;
import ironpin.filling.Aspic;
import ironpin.filling.FatBlend;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Dimension;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.web.page.FormNumber;
import ironpin.web.page.TypedValue;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Sums beside the filling, worked out from what is typed into them and kept nowhere.
 *
 * @param typed by name
 * @param errors by name, what is allowed
 * @param units that masses, lengths and temperatures are typed in
 */
public record FillingTools(Map<String, String> typed, Map<String, Sentence> errors, UnitSystem units) {
    private static final int SOURCES = 3;
    private static final double LEAN = 8;
    private static final double BACK_FAT = 85;

    static FillingTools of(Map<String, String> typed, UnitSystem units) {
        return new FillingTools(typed, new LinkedHashMap<>(), units);
    }

    /** What stands in a field: as typed, or a start. */
    private Sentence value(String name) {
        return typed.containsKey(name) ? Sentence.of(typed.get(name)) : start(name);
    }

    private Sentence error(String name) {
        return errors.getOrDefault(name, Sentence.EMPTY);
    }

    /** Meat, the fat wanted of it, and what it is blended of. */
    public List<FormNumber> fats() {
        List<FormNumber> all = new ArrayList<>(
                List.of(measured("total", "Meat in all", Dimension.MASS), percent("wanted", "Wanted fat")));
        List<String> which = List.of("the first", "the second", "a third");
        for (int i = 1; i <= SOURCES; i++) {
            all.add(percent("fat" + i, "Fat of " + which.get(i - 1)));
            all.add(measured("limit" + i, "of it at hand, if little", Dimension.MASS));
        }
        return all;
    }

    /** Stock that is set, and how much of it goes in. */
    public List<FormNumber> soup() {
        return List.of(
                measured("stock", "Stock", Dimension.MASS),
                percent("gelatin", "Gelatin of all of it"),
                measured("depth", "Depth on the tray", Dimension.LENGTH),
                measured("from", "Poured at", Dimension.TEMPERATURE),
                percent("share", "Of the filling"));
    }

    private FormNumber percent(String key, String label) {
        return FormNumber.plain("tool", key, label, "%", value(key), error(key));
    }

    private FormNumber measured(String key, String label, Dimension dimension) {
        return FormNumber.measured("tool", key, label, dimension, value(key), error(key));
    }

    private boolean blank(String name) {
        return value(name).render(units).isBlank();
    }

    private static Sentence start(String name) {
        return switch (name) {
            case "total" -> Quantity.number(Dimension.MASS, 700, 0);
            case "wanted" -> Sentence.of("25");
            case "fat1" -> Sentence.of("8");
            case "fat2" -> Sentence.of("85");
            case "stock" -> Quantity.number(Dimension.MASS, 400, 0);
            case "gelatin" -> Sentence.of("3");
            case "depth" -> Quantity.number(Dimension.LENGTH, 6, 0);
            case "from" -> Quantity.number(Dimension.TEMPERATURE, 75, 0);
            case "share" -> Sentence.of("25");
            default -> Sentence.EMPTY;
        };
    }

    /** What to take of each source, in a sentence each; empty if something is missing. */
    public List<Sentence> blend() {
        OptionalDouble total = number("total", Dimension.MASS, 700, 1, 50_000);
        OptionalDouble wanted = number("wanted", null, 25, 0, 100);
        List<FatBlend.Source> sources = new ArrayList<>();
        for (int i = 1; i <= SOURCES; i++) {
            source(i).ifPresent(sources::add);
        }
        if (sources.size() < 2) {
            errors.putIfAbsent("fat2", Sentence.of("Two or three sources."));
        }
        boolean none = sources.stream()
                .allMatch(one -> one.atHand().filter(Mass::isZero).isPresent());
        if (!errors.isEmpty() || total.isEmpty() || wanted.isEmpty() || none) {
            return List.of();
        }
        FatBlend blend = FatBlend.of(Mass.ofGrams(total.getAsDouble()), Percentage.of(wanted.getAsDouble()), sources);
        List<Sentence> said = new ArrayList<>();
        for (int i = 0; i < sources.size(); i++) {
            said.add(Sentence.of(
                    Quantity.fineGrams(blend.parts().get(i).grams()),
                    " of the one with ",
                    Decimal.trimmed(sources.get(i).fat().percent(), 1),
                    " % fat"));
        }
        said.add(
                blend.reached()
                        ? Sentence.of("comes to " + Decimal.trimmed(blend.fat().percent(), 1) + " % fat.")
                        : Sentence.of("is the nearest these reach: "
                                + Decimal.trimmed(blend.fat().percent(), 1) + " % fat, not "
                                + Decimal.trimmed(wanted.getAsDouble(), 1) + " %."));
        return said;
    }

    private Optional<FatBlend.Source> source(int i) {
        if (blank("fat" + i)) {
            return Optional.empty();
        }
        OptionalDouble fat = number("fat" + i, null, i == 1 ? LEAN : BACK_FAT, 0, 100);
        OptionalDouble limit =
                blank("limit" + i) ? OptionalDouble.empty() : number("limit" + i, Dimension.MASS, 0, 0, 50_000);
        if (fat.isEmpty()) {
            return Optional.empty();
        }
        Optional<Mass> atHand = limit.isPresent() ? Optional.of(Mass.ofGrams(limit.getAsDouble())) : Optional.empty();
        return Optional.of(new FatBlend.Source("source " + i, Percentage.of(fat.getAsDouble()), atHand));
    }

    /** How the stock sets, in a sentence each; empty if something is missing. */
    public List<Sentence> aspic(Mass fillingEach) {
        OptionalDouble stock = number("stock", Dimension.MASS, 400, 1, 50_000);
        OptionalDouble gelatin = number("gelatin", null, 3, 0.5, 10);
        OptionalDouble depth = number("depth", Dimension.LENGTH, 6, 1, 200);
        OptionalDouble from = number("from", Dimension.TEMPERATURE, 75, 13, 100);
        OptionalDouble share = number("share", null, 25, 0, 60);
        if (stock.isEmpty() || gelatin.isEmpty() || depth.isEmpty() || from.isEmpty() || share.isEmpty()) {
            return List.of();
        }
        Aspic tray = new Aspic(Length.ofMillimetres(depth.getAsDouble()), 1, Temperature.ofCelsius(4));
        Temperature hot = Temperature.ofCelsius(from.getAsDouble());
        Percentage part = Percentage.of(gelatin.getAsDouble());
        boolean soft = Aspic.GELATIN.contains(part);
        return List.of(
                Sentence.of(
                        Quantity.fineGrams(Aspic.gelatin(Mass.ofGrams(stock.getAsDouble()), part)
                                .grams()),
                        " of gelatin powder, bloomed in cold water",
                        soft ? "." : "; soft to firm cubes take 2 to 4 %."),
                Sentence.of(
                        Span.of(tray.cools(hot, Temperature.ofCelsius(12))),
                        " in the fridge until it sets at ",
                        Quantity.celsius(12),
                        " (est.)."),
                tray.meetsTheCoolingRule(hot)
                        ? Sentence.of(
                                "The tray cools fast enough: under ",
                                Quantity.celsius(21),
                                " in 2 h, under ",
                                Quantity.celsius(5),
                                " in 4 h more.")
                        : Sentence.of(
                                "Too deep: hot stock must be under ",
                                Quantity.celsius(21),
                                " in 2 h and under ",
                                Quantity.celsius(5),
                                " in 4 h more. Pour it shallower."),
                Sentence.of(
                        Quantity.fineGrams(Aspic.soupPerPiece(fillingEach, Percentage.of(share.getAsDouble()))
                                .grams()),
                        " of soup in a piece."));
    }

    private OptionalDouble number(String name, Dimension dimension, double start, double low, double high) {
        if (!typed.containsKey(name)) {
            return OptionalDouble.of(start);
        }
        Optional<Dimension> kind = Optional.ofNullable(dimension);
        Optional<TypedValue> value;
        try {
            value = TypedValue.read(typed.get(name), "%", kind, units, Optional.empty(), CupStandard.US);
        } catch (UnreadableAmount e) {
            value = Optional.empty();
        }
        if (value.isEmpty() || value.get().metric() < low || value.get().metric() > high) {
            Sentence range = kind.map(
                            one -> Sentence.of(Quantity.number(one, low, 0), " and ", Quantity.brief(one, high, 0)))
                    .orElseGet(() -> Sentence.of(Decimal.trimmed(low, 1) + " and " + Decimal.trimmed(high, 1) + " %"));
            errors.put(name, Sentence.of("Between ", range, "."));
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(value.get().metric());
    }
}
