package ironpin.amount;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The units cooks write, with what one of them is in grams, millilitres or centimetres. */
enum KitchenUnit {
    GRAM(Kind.MASS, 1, "g", "g", "gram", "grams", "gr", "gm"),
    KILOGRAM(Kind.MASS, 1_000, "kg", "kg", "kilogram", "kilograms", "kilo", "kilos"),
    OUNCE(Kind.MASS, 28.349523125, "oz", "oz", "ounce", "ounces"),
    POUND(Kind.MASS, 453.59237, "lb", "lb", "lbs", "pound", "pounds"),
    MILLILITRE(Kind.VOLUME, 1, "ml", "ml", "millilitre", "millilitres", "milliliter", "milliliters", "cc"),
    CENTILITRE(Kind.VOLUME, 10, "cl", "cl"),
    DECILITRE(Kind.VOLUME, 100, "dl", "dl"),
    LITRE(Kind.VOLUME, 1_000, "l", "l", "litre", "litres", "liter", "liters"),
    FLUID_OUNCE(Kind.VOLUME, 29.5735295625, "fl oz", "fl oz", "fluid ounce", "fluid ounces"),
    TEASPOON(Kind.VOLUME, 5, "tsp", "tsp", "tsps", "teaspoon", "teaspoons"),
    TABLESPOON(Kind.VOLUME, 15, "tbsp", "tbsp", "tbsps", "tablespoon", "tablespoons"),
    CUP(Kind.CUP, 1, "cups", "cup", "cups"),
    GLASS(Kind.ROUGH, 200, "glasses", "glass", "glasses"),
    PINCH(Kind.ROUGH, 0.3, "pinches", "pinch", "pinches"),
    DASH(Kind.ROUGH, 0.6, "dashes", "dash", "dashes"),
    CENTIMETRE(Kind.LENGTH, 1, "cm", "cm", "centimetre", "centimetres", "centimeter", "centimeters"),
    INCH(Kind.LENGTH, 2.54, "inch", "inch", "inches", "in"),
    KNOB(Kind.KNOB, 3, "knobs", "knob", "knobs", "thumb", "thumbs"),
    PIECE(Kind.PIECE, 1, "", "piece", "pieces", "clove", "cloves", "whole");

    /** What a unit measures. */
    enum Kind {
        MASS,
        VOLUME,
        /** A volume that depends on the country. */
        CUP,
        /** A volume that depends on the hand. */
        ROUGH,
        LENGTH,
        /** A root of about three centimetres. */
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

    /** As a reading writes it. */
    String written() {
        return written;
    }

    /** As a reading writes one of it. */
    String singular() {
        return switch (this) {
            case CUP -> "cup";
            case GLASS -> "glass";
            case PINCH -> "pinch";
            case DASH -> "dash";
            case KNOB -> "knob";
            default -> written;
        };
    }

    /** The unit and the name it was found by. */
    record Found(KitchenUnit unit, String name) {}

    /** The unit that the text begins with, the longest name first. */
    static Optional<Found> at(String text) {
        return Arrays.stream(values())
                .flatMap(unit -> unit.names.stream().map(name -> new Found(unit, name)))
                .filter(found -> text.startsWith(found.name())
                        && !continues(text, found.name().length()))
                .max(Comparator.comparingInt(found -> found.name().length()));
    }

    private static boolean continues(String text, int end) {
        return end < text.length() && Character.isLetter(text.charAt(end));
    }
}
