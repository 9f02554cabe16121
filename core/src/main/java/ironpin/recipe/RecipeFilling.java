package ironpin.recipe;

import ironpin.amount.Spread;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.Food;
import ironpin.filling.Treatment;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A filling of a recipe, weighed up.
 *
 * @param group which of several, 1 or more
 * @param name its heading, or "Filling"
 * @param lines that make it
 * @param parts those with a mass, as they go in: vegetables after they are squeezed
 */
public record RecipeFilling(int group, String name, List<RecipeLine> lines, List<Part> parts) {
    private static final int MOST_NAME = 80;
    private static final int MOST_LINES = 40;

    /**
     * One thing in it.
     *
     * @param ingredient what it is
     * @param food what it is made of, if that is known
     * @param grams as it goes in, with its range
     */
    public record Part(String ingredient, Optional<Food> food, Spread grams) {}

    public RecipeFilling {
        lines = List.copyOf(lines);
        parts = List.copyOf(parts);
    }

    /** The filling these lines make; none if nothing of it has a mass. */
    static Optional<RecipeFilling> of(int group, List<RecipeLine> lines) {
        List<Part> parts = new ArrayList<>();
        for (RecipeLine line : lines) {
            line.grams().filter(grams -> grams.usual() > 0).ifPresent(grams -> parts.add(part(line, grams)));
        }
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new RecipeFilling(
                group,
                RecipeLine.named(lines.get(0).heading(), "Filling"),
                lines,
                parts.subList(0, Math.min(MOST_LINES, parts.size()))));
    }

    private static Part part(RecipeLine line, Spread grams) {
        Optional<Food> food = line.meaning().map(meaning -> meaning instanceof Meaning.OfFood of ? of.food() : null);
        Optional<Treatment> treatment = food.filter(Food::weeps).flatMap(one -> Treatment.spokenOf(line.text()));
        String name = line.name();
        if (treatment.isPresent()) {
            Band<Percentage> left = treatment.get().left();
            Spread squeezed = new Spread(
                    grams.low() * left.low().fraction(),
                    grams.usual() * treatment.get().usuallyLeft(),
                    grams.high() * left.high().fraction());
            return new Part(cut(plain(name, food) + ", " + treatment.get().label()), food, squeezed);
        }
        return new Part(cut(plain(name, food)), food, grams);
    }

    /** Its own words, unless only the correction says what it is. */
    private static String plain(String name, Optional<Food> food) {
        String bare = name.replaceAll("\\(.*?\\)", "").replaceAll("\\s+", " ").strip();
        String first = bare.replaceAll(",.*", "").strip();
        boolean known =
                food.isEmpty() || food.get().names().stream().anyMatch(first.toLowerCase(Locale.ROOT)::contains);
        return known && !first.isEmpty()
                ? first
                : food.map(one -> one.names().get(0)).orElse(bare);
    }

    private static String cut(String text) {
        String said = text.isBlank() ? "something" : text;
        return said.length() <= MOST_NAME ? said : said.substring(0, MOST_NAME);
    }

    /** All of it in grams. */
    public Spread mass() {
        return parts.stream().map(Part::grams).reduce(Spread::plus).orElseThrow();
    }

    /** The same filling in shares. */
    FillingFormula formula() {
        double whole = mass().usual();
        List<FillingLine> shares = new ArrayList<>();
        parts.forEach(part -> shares.add(new FillingLine(
                part.ingredient(), Percentage.ofFraction(part.grams().usual() / whole))));
        return new FillingFormula(shares);
    }

    /** What it is mostly about: the raw meat in it decides, then the heaviest of the rest. */
    public FillingKind kind() {
        Optional<FillingKind> raw = parts.stream()
                .map(Part::food)
                .flatMap(Optional::stream)
                .map(RecipeFilling::raw)
                .flatMap(Optional::stream)
                // Of several meats the one that wants the hottest core.
                .max((a, b) -> a.safeCore().compareTo(b.safeCore()));
        if (raw.isPresent()) {
            return raw.get();
        }
        Food heaviest = parts.stream()
                .filter(part -> part.food().isPresent())
                .max((a, b) -> Double.compare(a.grams().usual(), b.grams().usual()))
                .flatMap(Part::food)
                .orElse(null);
        if (heaviest == null) {
            return FillingKind.VEGETABLE;
        }
        return switch (heaviest.role()) {
            case CHEESE -> FillingKind.CHEESE;
            case STARCHY -> FillingKind.PULSE;
            case SWEET -> FillingKind.SWEET;
            case EGG -> FillingKind.EGG;
            default -> FillingKind.VEGETABLE;
        };
    }

    private static Optional<FillingKind> raw(Food food) {
        if (food.role() != Food.Role.MEAT) {
            return Optional.empty();
        }
        return Optional.of(
                switch (food.key()) {
                    case "poultry" -> FillingKind.POULTRY;
                    case "prawn", "fish" -> FillingKind.SEAFOOD;
                    default -> FillingKind.RED_MEAT;
                });
    }
}
