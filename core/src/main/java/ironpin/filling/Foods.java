package ironpin.filling;

import ironpin.pantry.CsvResource;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What fillings are made of, read once from {@code foods.csv}: usual values of food tables, rounded. */
public final class Foods {
    private static final Pattern FAT = Pattern.compile("(\\d{1,2}(?:[.,]\\d)?) ?% fat");

    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}-]+");

    /** Salt that stays in a vegetable which was salted and squeezed. */
    private static final double STAYS_AFTER_SQUEEZING = 0.003;

    private static final List<Food> ALL =
            CsvResource.rows(Foods.class, "foods.csv").stream().map(Foods::read).toList();

    /** The same few lines are asked for many times in every plan, and always mean the same. */
    private static final Map<String, Optional<Food>> HEARD = new ConcurrentHashMap<>();

    private static final int MOST_HEARD = 2_000;

    /** A name with what it means. */
    private record Name(String padded, Food food) {}

    private static final List<Name> NAMES = ALL.stream()
            .flatMap(food -> food.names().stream().map(name -> new Name(" " + name + " ", food)))
            .sorted(Comparator.comparingInt((Name name) -> name.padded().length())
                    .reversed())
            .toList();

    private Foods() {}

    /** All of them. */
    public static List<Food> all() {
        return ALL;
    }

    /** What a line means: the longest name in it; "20 % fat" and "salted" are heard. */
    public static Optional<Food> named(String line) {
        Optional<Food> known = HEARD.get(line);
        if (known == null) {
            known = heard(line);
            if (HEARD.size() >= MOST_HEARD) {
                HEARD.clear();
            }
            HEARD.put(line, known);
        }
        return known;
    }

    private static Optional<Food> heard(String line) {
        String lower = line.toLowerCase(Locale.ROOT);
        String padded = " " + NO_LETTERS.matcher(lower).replaceAll(" ") + " ";
        return NAMES.stream()
                .filter(name -> padded.contains(name.padded()))
                .findFirst()
                .map(name -> heard(name.food(), lower));
    }

    private static Food heard(Food food, String line) {
        Matcher fat = FAT.matcher(line);
        if (fat.find() && (food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT)) {
            return food.withFat(Double.parseDouble(fat.group(1).replace(',', '.')) / 100);
        }
        boolean salted = line.contains("salted") && !line.contains("unsalted");
        return salted && food.role() == Food.Role.VEGETABLE ? food.salted(STAYS_AFTER_SQUEEZING) : food;
    }

    private static Food read(Map<String, String> row) {
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        Arrays.stream(row.get("allergens").split("\\|"))
                .filter(name -> !name.isEmpty())
                .map(Allergen::valueOf)
                .forEach(allergens::add);
        return new Food(
                row.get("key"),
                List.of(row.get("names").split("\\|")),
                Food.Role.valueOf(row.get("role")),
                part(row, "water"),
                part(row, "fat"),
                part(row, "protein"),
                part(row, "starch"),
                part(row, "salt"),
                allergens);
    }

    private static double part(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column)) / 100;
    }
}
