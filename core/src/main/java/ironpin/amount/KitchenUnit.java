package ironpin.amount;

import ironpin.quantity.CupStandard;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The units cooks write, with what one of them is in grams, millilitres or centimetres. */
enum KitchenUnit {
    GRAM(Kind.MASS, 1, "g", "g", "gram", "grams", "gr", "gm", "gms", "gramme", "grammes"),
    KILOGRAM(Kind.MASS, 1_000, "kg", "kg", "kilogram", "kilograms", "kilo", "kilos", "kgs"),
    OUNCE(Kind.MASS, 28.349523125, "oz", "oz", "ounce", "ounces", "ozs"),
    POUND(Kind.MASS, 453.59237, "lb", "lb", "lbs", "pound", "pounds"),
    MILLILITRE(Kind.VOLUME, 1, "ml", "ml", "millilitre", "millilitres", "milliliter", "milliliters", "cc", "mls"),
    CENTILITRE(Kind.VOLUME, 10, "cl", "cl", "centilitre", "centilitres"),
    DECILITRE(Kind.VOLUME, 100, "dl", "dl", "decilitre", "decilitres", "deciliter", "deciliters"),
    LITRE(Kind.VOLUME, 1_000, "l", "l", "litre", "litres", "liter", "liters", "ltr"),
    FLUID_OUNCE(Kind.NATIONAL, 1, "fl oz", "fl oz", "fl. oz", "floz", "fluid ounce", "fluid ounces"),
    PINT(Kind.NATIONAL, 1, "pints", "pint", "pints", "pt", "pts"),
    GILL(Kind.NATIONAL, 0.25, "gills", "gill", "gills"),
    QUART(Kind.NATIONAL, 2, "quarts", "quart", "quarts", "qt", "qts"),
    TEASPOON(Kind.VOLUME, 5, "tsp", "tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful", "teaspoonfuls", "tspn"),
    DESSERTSPOON(Kind.VOLUME, 10, "dessertspoons", "dessertspoon", "dessertspoons", "dsp", "dstspn", "dessertspoonful"),
    TABLESPOON(
            Kind.NATIONAL,
            1,
            "tbsp",
            "tbsp",
            "tbsps",
            "tablespoon",
            "tablespoons",
            "tbs",
            "tblsp",
            "tbl",
            "tbspn",
            "tablespoonful",
            "tablespoonfuls"),
    SPOON(Kind.ROUGH, 12, "spoons", "spoon", "spoons", "spoonful", "spoonfuls"),
    CUP(Kind.NATIONAL, 1, "cups", "cup", "cups", "cupful", "cupfuls"),
    GLASS(Kind.ROUGH, 200, "glasses", "glass", "glasses"),
    HANDFUL(Kind.ROUGH, 120, "handfuls", "handful", "handfuls"),
    PINCH(Kind.ROUGH, 0.3, "pinches", "pinch", "pinches"),
    DASH(Kind.ROUGH, 0.6, "dashes", "dash", "dashes"),
    SPLASH(Kind.ROUGH, 8, "splashes", "splash", "splashes", "glug", "glugs"),
    DROP(Kind.ROUGH, 0.05, "drops", "drop", "drops"),
    CENTIMETRE(Kind.LENGTH, 1, "cm", "cm", "centimetre", "centimetres", "centimeter", "centimeters"),
    INCH(Kind.LENGTH, 2.54, "inch", "inch", "inches", "in"),
    KNOB(Kind.KNOB, 3, "knobs", "knob", "knobs", "thumb", "thumbs"),
    PIECE(Kind.PIECE, 1, "", "whole");

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
        PIECE
    }

    private final Kind kind;
    private final double size;
    private final String written;
    private final List<String> names;

    KitchenUnit(Kind kind, double size, String written, String... names) {
        this.kind = kind;
        this.size = size;
        this.written = written;
        this.names = List.of(names);
    }

    Kind kind() {
        return kind;
    }

    /** One of it in g, ml or cm. */
    double size() {
        return size;
    }

    /** One of a national unit in ml. */
    double millilitres(CupStandard standard) {
        return switch (this) {
            case CUP -> standard.millilitres();
            case TABLESPOON -> standard.tablespoon();
            case FLUID_OUNCE -> standard.fluidOunce();
            case PINT, QUART, GILL -> size * standard.pint();
            default -> size;
        };
    }

    /** As a reading writes it. */
    String written() {
        return written;
    }

    /** As a reading writes one of it. */
    String singular() {
        return switch (this) {
            case CUP, GLASS, PINCH, DASH, SPLASH, DROP, KNOB, HANDFUL, SPOON, PINT, QUART, GILL, DESSERTSPOON ->
                names.get(0);
            default -> written;
        };
    }

    /** The unit and the characters it was found by. */
    record Found(KitchenUnit unit, int length) {}

    /** The unit that the text begins with, the longest name first. @param text as written: T is not t */
    static Optional<Found> at(String text, String lower) {
        Optional<Found> letter = letter(text);
        return letter.isPresent()
                ? letter
                : Arrays.stream(values())
                        .flatMap(unit -> unit.names.stream()
                                .filter(name -> lower.startsWith(name) && !continues(lower, name.length()))
                                .map(name -> new Found(unit, name.length())))
                        .max(Comparator.comparingInt(Found::length));
    }

    /** "T" is a tablespoon, "t" a teaspoon, "c" and "C" a cup. */
    private static Optional<Found> letter(String text) {
        if (text.isEmpty() || continues(text, 1)) {
            return Optional.empty();
        }
        return switch (text.charAt(0)) {
            case 'T' -> Optional.of(new Found(TABLESPOON, 1));
            case 't' -> Optional.of(new Found(TEASPOON, 1));
            case 'c', 'C' -> Optional.of(new Found(CUP, 1));
            case 'G' -> Optional.of(new Found(GRAM, 1));
            case 'L' -> Optional.of(new Found(LITRE, 1));
            default -> Optional.empty();
        };
    }

    private static boolean continues(String text, int end) {
        return end < text.length() && Character.isLetter(text.charAt(end));
    }
}
