package ironpin.amount;

import ironpin.quantity.Band;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Reads amounts as cooks write them: {@code new AmountReader(CupStandard.US).read("2 1/4 cups flour")}.
 *
 * <p>A mass is exact; a volume becomes a mass through the density of what it is of, a piece through what one usually
 * weighs. The range is the product of every range on the way.
 */
public final class AmountReader {
    private static final double MOST_GRAMS = 100_000;
    private static final int MOST_TEXT = 200;
    private static final Spread GLASS = new Spread(0.75, 1, 1.25);
    private static final Spread FINGERS = new Spread(0.6, 1, 1.6);
    private static final Spread ROOT = new Spread(0.6, 1, 1.5);
    private static final Spread KNOB = new Spread(0.5, 1, 1.8);

    private final CupStandard cups;

    /** @param cups whose cup is meant where the text does not say */
    public AmountReader(CupStandard cups) {
        this.cups = cups;
    }

    /** Reads an amount whose text says what it is of. @throws UnreadableAmount if it cannot be understood */
    public Reading read(String text) {
        return read(text, Optional.empty());
    }

    /**
     * Reads an amount.
     *
     * @param of what it is of, where the text does not say
     * @throws UnreadableAmount if it cannot be understood, with the place
     */
    public Reading read(String text, Optional<Ingredient> of) {
        if (text.length() > MOST_TEXT) {
            throw new UnreadableAmount(text, MOST_TEXT, text.length(), "an amount has up to 200 characters");
        }
        AmountScan scan = new AmountScan(text);
        List<Part> parts = scan.measure();
        Optional<List<Part>> again = scan.again();
        int restAt = scan.position();
        String rest = scan.rest();
        if (again.isEmpty() && rest.contains("(")) {
            again = new AmountScan(rest.substring(rest.indexOf('('))).again();
        }
        String name = rest.replaceAll("\\(.*", "").strip();
        Optional<Ingredient> known =
                Ingredients.named(name).or(() -> name.isEmpty() || unitless(parts) ? of : Optional.empty());
        Sum sum = new Sum(text, restAt, name, known.or(() -> plainUnits(parts) ? Optional.empty() : of), way(rest));
        return sum.reading(parts, again);
    }

    /** A number as cooks write it: "3 1/2", "3½", "0,5", "two"; nothing if the text does not begin with one. */
    public static OptionalDouble number(String text) {
        return Numbers.at(text.strip())
                .map(found -> OptionalDouble.of(found.value()))
                .orElse(OptionalDouble.empty());
    }

    /** What stands behind the amount, as it was written. @throws UnreadableAmount if the text starts with no amount */
    public static String whatOf(String text) {
        AmountScan scan = new AmountScan(text);
        scan.measure();
        scan.again();
        return scan.rest();
    }

    private static boolean unitless(List<Part> parts) {
        return parts.get(0).unit() == KitchenUnit.PIECE;
    }

    private static boolean plainUnits(List<Part> parts) {
        return parts.stream().allMatch(part -> part.unit().kind() == KitchenUnit.Kind.MASS);
    }

    private static Way way(String rest) {
        String lower = rest.toLowerCase(Locale.ROOT);
        if (lower.contains("scooped") || lower.contains("dipped")) {
            return Way.SCOOPED;
        }
        if (lower.contains("sifted")) {
            return Way.SIFTED;
        }
        return lower.contains("spooned") ? Way.SPOONED : Way.UNSAID;
    }

    /** The parts of one text, worked out for one ingredient. */
    private final class Sum {
        private final String text;
        private final int restAt;
        private final String name;
        private final Optional<Ingredient> of;
        private final Way way;

        Sum(String text, int restAt, String name, Optional<Ingredient> of, Way way) {
            this.text = text;
            this.restAt = restAt;
            this.name = name;
            this.of = of;
            this.way = way;
        }

        Reading reading(List<Part> parts, Optional<List<Part>> again) {
            Spread grams = grams(parts);
            if (grams.usual() > MOST_GRAMS) {
                throw new UnreadableAmount(text, 0, restAt, "more than 100 kg is no amount for a kitchen");
            }
            Optional<Reading.Second> second = again.map(other -> second(grams, other));
            String said = said(parts, way)
                    + second.map(one -> " (" + one.said() + ")").orElse("");
            return new Reading(
                    said + named(parts),
                    Mass.ofGrams(grams.usual()),
                    band(grams),
                    assumption(parts),
                    of.map(Ingredient::key),
                    alternatives(parts),
                    second);
        }

        private Reading.Second second(Spread first, List<Part> parts) {
            Spread grams = grams(parts);
            boolean agrees = grams.high() * 1.02 >= first.low() && grams.low() * 0.98 <= first.high();
            return new Reading.Second(said(parts, Way.UNSAID), Mass.ofGrams(grams.usual()), band(grams), agrees);
        }

        private Band<Mass> band(Spread grams) {
            return Band.grams(grams.low(), grams.high());
        }

        private Spread grams(List<Part> parts) {
            return parts.stream().map(this::grams).reduce(Spread::plus).orElseThrow();
        }

        private Spread grams(Part part) {
            Spread number = part.number();
            double size = part.unit().size();
            return switch (part.unit().kind()) {
                case MASS -> number.times(size);
                case VOLUME -> filled(part, number.times(size));
                case CUP -> filled(part, number.times(standard(part).millilitres()));
                case ROUGH ->
                    filled(part, number.times(size).times(part.unit() == KitchenUnit.GLASS ? GLASS : FINGERS));
                case LENGTH -> number.times(size).times(perCm(part)).times(ROOT);
                case KNOB -> number.times(size).times(perCm(part)).times(KNOB);
                case PIECE -> number.times(piece(part));
            };
        }

        private CupStandard standard(Part part) {
            return part.cups().orElse(cups);
        }

        private Spread filled(Part part, Spread millilitres) {
            Spread fill = part.fill().map(Part.Fill::factor).orElse(Spread.of(1));
            return millilitres.times(fill).times(way.density(demand("a spoon or cup of water and of flour differ")));
        }

        private double perCm(Part part) {
            return demand("a length of what?")
                    .gramsPerCm()
                    .orElseThrow(() -> unreadable("only a root is measured by its length"));
        }

        private Spread piece(Part part) {
            Ingredient one = demand("a number of what?");
            Spread piece = one.piece().orElseThrow(() -> unreadable("say how much " + one.label() + ": g, ml, cups…"));
            return part.size().map(size -> size.of(piece)).orElse(piece);
        }

        private Ingredient demand(String why) {
            return of.orElseThrow(() -> unreadable(
                    name.isEmpty()
                            ? "of what? " + why
                            : "'" + name + "' is not known by volume or number: say it in grams"));
        }

        private UnreadableAmount unreadable(String message) {
            return new UnreadableAmount(text, restAt, text.length(), message);
        }

        private String said(List<Part> parts, Way told) {
            return String.join(" + ", parts.stream().map(this::said).toList());
        }

        private String said(Part part) {
            StringBuilder out = new StringBuilder(part.about() ? "about " : "");
            out.append(Numbers.written(part.low()));
            if (part.high() > part.low()) {
                out.append('–').append(Numbers.written(part.high()));
            }
            part.size().ifPresent(size -> out.append(' ').append(size.word()));
            part.fill().ifPresent(fill -> out.append(' ').append(fill.word()));
            if (part.unit() == KitchenUnit.CUP) {
                out.append(' ').append(standard(part).label());
            }
            boolean one = part.high() <= 1 && part.low() == part.high();
            String unit = one ? part.unit().singular() : part.unit().written();
            if (part.unit() == KitchenUnit.PIECE) {
                unit = of.map(ingredient -> one ? ingredient.pieceWord() : plural(ingredient.pieceWord()))
                        .orElse("");
            }
            return out.append(unit.isEmpty() ? "" : " " + unit).toString();
        }

        private String plural(String word) {
            return word + "s";
        }

        /** What it is of, unless the counted word says it already. */
        private String named(List<Part> parts) {
            boolean counted = unitless(parts)
                    && of.filter(one -> !one.pieceWord().equals("clove")).isPresent();
            String label = of.map(Ingredient::label).orElse(name);
            String how = way == Way.UNSAID ? "" : ", " + way.word();
            return counted || label.isEmpty() ? how : " " + label + how;
        }

        private String assumption(List<Part> parts) {
            List<String> assumed = new ArrayList<>();
            for (Part part : parts) {
                switch (part.unit().kind()) {
                    case CUP ->
                        assumed.add(standard(part).label() + " cups of "
                                + Decimal.trimmed(standard(part).millilitres(), 1) + " ml");
                    case ROUGH ->
                        assumed.add("a " + part.unit().singular() + " of about "
                                + Decimal.trimmed(part.unit().size(), 1) + " ml");
                    case KNOB -> assumed.add("a knob of about 3 cm");
                    case PIECE ->
                        assumed.add(
                                part.size().map(size -> size.word() + " ones").orElse("middling ones"));
                    case LENGTH -> assumed.add("a root of usual thickness");
                    case MASS, VOLUME -> {}
                }
                if (part.high() > part.low()) {
                    assumed.add("the middle of the range");
                }
            }
            boolean poured =
                    parts.stream().anyMatch(part -> measured(part.unit().kind()));
            if (poured && of.isPresent()) {
                assumed.add(
                        of.get().label() + (of.get().scooped().isPresent() && way == Way.UNSAID ? " spooned in" : "")
                                + " at " + Decimal.trimmed(way.density(of.get()).usual(), 2) + " g/ml");
            }
            return assumed.isEmpty()
                    ? ""
                    : "Taken as "
                            + String.join(", ", assumed.stream().distinct().toList()) + " (est.).";
        }

        private boolean measured(KitchenUnit.Kind kind) {
            return kind == KitchenUnit.Kind.VOLUME || kind == KitchenUnit.Kind.CUP || kind == KitchenUnit.Kind.ROUGH;
        }

        /** What else it may have meant: another country's cup, another way into the cup, another size. */
        private List<String> alternatives(List<Part> parts) {
            Part part = parts.get(0);
            if (parts.size() > 1 || of.isEmpty()) {
                return List.of();
            }
            List<String> others = new ArrayList<>();
            if (of.get().scooped().isPresent() && measured(part.unit().kind())) {
                Way other = way == Way.SCOOPED ? Way.SPOONED : Way.SCOOPED;
                others.add(said(part) + " " + of.get().label() + ", " + other.word());
            }
            if (part.unit() == KitchenUnit.CUP) {
                Arrays.stream(CupStandard.values())
                        .filter(one -> one != standard(part))
                        .forEach(one -> others.add(said(part.withCups(one)) + named(parts)));
            }
            if (part.unit() == KitchenUnit.PIECE) {
                Arrays.stream(Part.PieceSize.values())
                        .filter(size -> size != part.size().orElse(Part.PieceSize.MEDIUM))
                        .forEach(size -> others.add(said(part.withSize(size)) + named(parts)));
            }
            return others;
        }
    }
}
