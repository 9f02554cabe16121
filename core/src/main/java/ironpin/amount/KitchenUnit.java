package ironpin.amount;

import ironpin.pantry.CsvResource;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A unit cooks write, from {@code units.csv}, with what one of it is in grams, millilitres or centimetres.
 *
 * @param key its stable name
 * @param kind what it measures
 * @param size one of it in g, ml or cm; of a pint, quart or gill in pints
 * @param hand what one of it may be, in parts of that size: hands and glasses differ
 * @param written as a reading writes it
 * @param one as a reading writes one of it
 * @param open whether nobody means an amount by it: always ("a splash"), or where it is a single one ("a spoonful")
 * @param names as cooks write it
 */
record KitchenUnit(
        String key, Kind kind, double size, Spread hand, String written, String one, Open open, List<String> names) {
    /** What a unit measures. */
    enum Kind {
        MASS,
        VOLUME,
        /** A volume that depends on the country. */
        NATIONAL,
        /** A volume that depends on the hand. */
        ROUGH,
        LENGTH,
        /** A root of about three centimetres, or a lump of butter. */
        KNOB,
        PIECE;

        /** Whether something is filled to the brim: how it lies in there matters. */
        boolean filled() {
            return this == VOLUME || this == NATIONAL || this == ROUGH;
        }
    }

    /** When it says no amount. */
    enum Open {
        NEVER,
        ALONE,
        ALWAYS
    }

    private static final List<KitchenUnit> ALL = CsvResource.rows(KitchenUnit.class, "units.csv").stream()
            .map(KitchenUnit::row)
            .toList();
    private static final Map<String, KitchenUnit> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(KitchenUnit::key, Function.identity()));

    static final KitchenUnit GRAM = BY_KEY.get("GRAM");
    static final KitchenUnit KILOGRAM = BY_KEY.get("KILOGRAM");
    static final KitchenUnit MILLILITRE = BY_KEY.get("MILLILITRE");
    static final KitchenUnit LITRE = BY_KEY.get("LITRE");
    static final KitchenUnit FLUID_OUNCE = BY_KEY.get("FLUID_OUNCE");
    static final KitchenUnit TEASPOON = BY_KEY.get("TEASPOON");
    static final KitchenUnit TABLESPOON = BY_KEY.get("TABLESPOON");
    static final KitchenUnit CUP = BY_KEY.get("CUP");
    static final KitchenUnit HANDFUL = BY_KEY.get("HANDFUL");
    static final KitchenUnit PIECE = BY_KEY.get("PIECE");

    /** Letters that mean a unit in this case only. */
    private static final Map<String, KitchenUnit> BY_LETTER = Map.of(
            "T",
            TABLESPOON,
            "t",
            TEASPOON,
            "c",
            CUP,
            "C",
            CUP,
            "G",
            GRAM,
            "L",
            LITRE,
            "EL",
            TABLESPOON,
            "TL",
            TEASPOON);

    private record Named(String name, KitchenUnit unit) {}

    /** By the first letter of their names, the longest names first: every word of every text is asked for. */
    private static final Map<Character, List<Named>> BY_INITIAL = ALL.stream()
            .flatMap(unit -> unit.names.stream().map(name -> new Named(name, unit)))
            .sorted(Comparator.comparingInt(one -> -one.name.length()))
            .collect(Collectors.groupingBy(one -> one.name.charAt(0)));

    private static KitchenUnit row(Map<String, String> row) {
        return new KitchenUnit(
                row.get("key"),
                Kind.valueOf(row.get("kind")),
                Double.parseDouble(row.get("size")),
                new Spread(Double.parseDouble(row.get("low")), 1, Double.parseDouble(row.get("high"))),
                row.get("written"),
                row.get("one"),
                switch (row.get("open")) {
                    case "yes" -> Open.ALWAYS;
                    case "one" -> Open.ALONE;
                    default -> Open.NEVER;
                },
                List.of(row.get("names").split("\\|")));
    }

    /** One of a national unit in ml. */
    double millilitres(CupStandard standard) {
        return switch (key) {
            case "CUP" -> standard.millilitres();
            case "TABLESPOON" -> standard.tablespoon();
            case "FLUID_OUNCE" -> standard.fluidOunce();
            default -> kind == Kind.NATIONAL ? size * standard.pint() : size;
        };
    }

    /** A unit and how many characters its name took. */
    record Found(KitchenUnit unit, int length) {}

    /** The unit that the text begins with, the longest name that ends at a word's end. */
    static Optional<Found> at(String text, String lower) {
        Optional<Found> letter = letter(text);
        if (letter.isPresent() || lower.isEmpty()) {
            return letter;
        }
        for (Named one : BY_INITIAL.getOrDefault(lower.charAt(0), List.of())) {
            if (lower.startsWith(one.name) && !continues(lower, one.name.length())) {
                return Optional.of(new Found(one.unit, one.name.length()));
            }
        }
        return Optional.empty();
    }

    /** The unit of this name, whatever stands behind it. */
    static Optional<KitchenUnit> named(String name) {
        return at(name, name.toLowerCase(Locale.ROOT))
                .filter(found -> found.length() == name.length())
                .map(Found::unit);
    }

    private static Optional<Found> letter(String text) {
        int end = 0;
        while (end < text.length() && end < 3 && Character.isLetter(text.charAt(end))) {
            end++;
        }
        int length = end;
        return Optional.ofNullable(BY_LETTER.get(text.substring(0, end))).map(unit -> new Found(unit, length));
    }

    private static boolean continues(String text, int end) {
        return end < text.length() && Character.isLetter(text.charAt(end));
    }
}
