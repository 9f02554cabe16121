package ironpin.amount;

import ironpin.pantry.CsvResource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What ships with Ironpin, read once from {@code ingredients.csv}. */
public final class Ingredients {
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}-]+");

    private static final List<Ingredient> ALL = CsvResource.rows(Ingredients.class, "ingredients.csv").stream()
            .map(Ingredients::read)
            .toList();

    /** A name with what it means, the longest first, so that "soured cream" is not read as "cream". */
    private record Name(String padded, Ingredient ingredient) {}

    private static final List<Name> NAMES = names();

    private Ingredients() {}

    /** All of them. */
    public static List<Ingredient> all() {
        return ALL;
    }

    /** The ingredient with this key. @throws IllegalArgumentException if there is none */
    public static Ingredient get(String key) {
        return ALL.stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no ingredient is called '" + key + "'"));
    }

    /** The ingredient whose name stands in the text as whole words, the longest name first. */
    public static Optional<Ingredient> named(String text) {
        String padded = " " + NO_LETTERS.matcher(text.toLowerCase(Locale.ROOT)).replaceAll(" ") + " ";
        return NAMES.stream()
                .filter(name -> padded.contains(name.padded()))
                .findFirst()
                .map(Name::ingredient);
    }

    private static List<Name> names() {
        List<Name> names = new ArrayList<>();
        ALL.forEach(one -> one.names().forEach(name -> names.add(new Name(" " + name + " ", one))));
        names.sort(
                Comparator.comparingInt((Name name) -> name.padded().length()).reversed());
        return List.copyOf(names);
    }

    private static Ingredient read(Map<String, String> row) {
        return new Ingredient(
                row.get("key"),
                row.get("label"),
                List.of(row.get("names").split("\\|")),
                spread(row, "low", "usual", "high"),
                number(row, "scooped"),
                number(row, "piece").map(usual -> spread(row, "pieceLow", "piece", "pieceHigh")),
                row.get("pieceWord"),
                number(row, "gramsPerCm"));
    }

    private static Spread spread(Map<String, String> row, String low, String usual, String high) {
        return new Spread(
                number(row, low).orElseThrow(),
                number(row, usual).orElseThrow(),
                number(row, high).orElseThrow());
    }

    private static Optional<Double> number(Map<String, String> row, String column) {
        String cell = row.get(column);
        return cell.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(cell));
    }
}
