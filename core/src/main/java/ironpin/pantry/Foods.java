package ironpin.pantry;

import ironpin.quantity.Spread;
import ironpin.refusal.NotThere;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What doughs, fillings and dips are made of, read once from {@code foods.csv}: usual values of food tables, rounded. */
public final class Foods {
    private static final List<Food> ALL =
            CsvResource.rows(Foods.class, "foods.csv").stream().map(Foods::read).toList();
    private static final Map<String, Food> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Food::key, Function.identity()));

    private Foods() {}

    /** All of them, in the order of the table. */
    public static List<Food> all() {
        return ALL;
    }

    /** The food with this key, if there is one. */
    public static Optional<Food> find(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** The food with this key. @throws IllegalArgumentException if there is none */
    public static Food get(String key) {
        return find(key).orElseThrow(() -> new NotThere("no food is called '" + key + "'"));
    }

    private static Food read(Map<String, String> row) {
        Food.Role role = Food.Role.valueOf(row.get("role"));
        return new Food(
                row.get("key"),
                List.of(row.get("names").split("\\|")),
                role,
                row.get("raw").isEmpty() ? Optional.empty() : Optional.of(RawKind.valueOf(row.get("raw"))),
                part(row, "water"),
                part(row, "fat"),
                part(row, "protein"),
                part(row, "starch"),
                spread(row.get("salt")).times(0.01),
                Allergens.read(row.get("allergens")),
                measure(row, role),
                row.get("dough"));
    }

    private static Measure measure(Map<String, String> row, Food.Role role) {
        String density = row.get("density");
        String scooped = row.get("scooped");
        Map<String, Spread> pieces = new LinkedHashMap<>();
        Arrays.stream(row.get("piece").split("\\|"))
                .filter(one -> !one.isEmpty())
                .map(one -> one.split(":"))
                .forEach(one -> pieces.put(one[0], spread(one[1])));
        return new Measure(
                density.isEmpty() ? role.density() : spread(density),
                density.isEmpty() && role.varies(),
                scooped.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(scooped)),
                pieces);
    }

    /** "1", "1-4" or "1-2-4". */
    private static Spread spread(String cell) {
        double[] ends =
                Arrays.stream(cell.split("-")).mapToDouble(Double::parseDouble).toArray();
        double low = ends[0];
        double high = ends[ends.length - 1];
        return new Spread(low, ends.length == 3 ? ends[1] : (low + high) / 2, high);
    }

    private static double part(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column)) / 100;
    }
}
